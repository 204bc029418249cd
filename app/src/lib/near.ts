import { flushSync } from 'svelte';
import type { Attachment } from 'svelte/attachments';

const waiting = new Map<Element, () => void>();

// A screen above and below what is seen.
const observer = new IntersectionObserver(
  (entries) => entries.filter((e) => e.isIntersecting).forEach((e) => come(e.target)),
  { rootMargin: '100% 0px' },
);

function come(element: Element) {
  observer.unobserve(element);
  waiting.get(element)?.();
  waiting.delete(element);
}

// On paper everything is seen.
addEventListener('beforeprint', () => flushSync(() => [...waiting.keys()].forEach(come)));

/** Has something done once, when an element is about to be seen. */
export const whenNear =
  (does: () => void): Attachment =>
  (element) => {
    waiting.set(element, does);
    observer.observe(element);
    return () => {
      observer.unobserve(element);
      waiting.delete(element);
    };
  };

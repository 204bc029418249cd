// How far outside the view a line still counts as near it.
const margin = '300px';
// As many lines as are brought up to date at a time while the page has nothing else to do.
const atATime = 12;

/**
 * Which lines show the newest score at once. A dose moves the times of all lines after it; those out of sight follow when the page
 * has time, so that the answer to a key does not wait for lines nobody sees.
 */
export class Following {
  private near = new Set<string>();
  private late = new Map<string, () => void>();
  private waiting: number | undefined;
  private ids = new WeakMap<Element, string>();
  private observer = new IntersectionObserver(
    (entries) => {
      for (const { target, isIntersecting } of entries) {
        const id = this.ids.get(target);
        if (id === undefined) continue;
        if (isIntersecting) {
          this.near.add(id);
          this.catchUp(id);
        } else this.near.delete(id);
      }
    },
    // Lines scroll inside a region, which a margin of the window does not reach.
    { rootMargin: `${margin} 0px`, scrollMargin: `${margin} 0px` } as IntersectionObserverInit,
  );

  /** Watches whether a line is near the view. */
  line = (id: string) => (element: HTMLElement) => {
    this.ids.set(element, id);
    this.observer.observe(element);
    return () => {
      this.observer.unobserve(element);
      this.near.delete(id);
      this.late.delete(id);
    };
  };

  /** Brings a line up to date: at once near the view, elsewhere when there is time. */
  update(id: string, does: () => void) {
    if (this.near.has(id)) {
      this.late.delete(id);
      does();
    } else {
      this.late.set(id, does);
      this.waiting ??= whenIdle(this.catchUpSome);
    }
  }

  stop = () => {
    if (this.waiting !== undefined) cancelIdle(this.waiting);
    this.observer.disconnect();
  };

  private catchUp(id: string) {
    const does = this.late.get(id);
    this.late.delete(id);
    does?.();
  }

  private catchUpSome = () => {
    for (const id of [...this.late.keys()].slice(0, atATime)) this.catchUp(id);
    this.waiting = this.late.size > 0 ? whenIdle(this.catchUpSome) : undefined;
  };
}

// Not every browser tells when it is idle; a moment later is late enough there.
const [whenIdle, cancelIdle] =
  typeof requestIdleCallback === 'function'
    ? [(does: () => void) => requestIdleCallback(does, { timeout: 1000 }), cancelIdleCallback]
    : [(does: () => void) => window.setTimeout(does, 200), (id: number) => clearTimeout(id)];

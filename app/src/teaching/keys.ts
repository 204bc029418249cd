import type { Teaching } from './teaching.svelte';

/** What each key does, for the list of keys: a clicker has PageUp, PageDown and B. */
export const keyWords: readonly (readonly [keys: string, does: string])[] = [
  ['Space, B', 'pause and go on'],
  ['→, PageDown', 'next step'],
  ['←, PageUp', 'one step back'],
  ['↑ ↓', 'one breath more, one fewer'],
  ['s', 'skip'],
  ['f', 'finish on time'],
  ['z', 'take the last tap back'],
  ['c', 'chimes on or off'],
];

/** Does what a key says; tells whether it meant anything. */
export function pressed(teaching: Teaching, event: KeyboardEvent): boolean {
  if (event.altKey || event.ctrlKey || event.metaKey) return false;
  const does = acts[event.key.length === 1 ? event.key.toLowerCase() : event.key];
  if (!does) return false;
  // A button that has the focus is pressed by Space itself.
  if (event.key === ' ' && event.target instanceof HTMLButtonElement) return false;
  does(teaching);
  return true;
}

const acts: Record<string, (teaching: Teaching) => void> = {
  ' ': pause,
  b: pause,
  ArrowRight: (t) => t.tap('next'),
  PageDown: (t) => t.tap('next'),
  ArrowLeft: (t) => t.tap('back'),
  PageUp: (t) => t.tap('back'),
  ArrowUp: (t) => t.tap('more'),
  ArrowDown: (t) => t.tap('fewer'),
  s: (t) => t.tap('skip'),
  f: (t) => t.tap('finish'),
  z: (t) => t.takeBack(),
  c: (t) => t.toggleChimes(),
};

function pause(teaching: Teaching) {
  teaching.tap(teaching.paused ? 'go-on' : 'pause');
}

import type { ShelfEntry } from '../../lib/api/client';

/** Ways to put the shelf in order. */
export const orders = [
  ['saved', 'Last saved first'],
  ['title', 'By name'],
  ['minutes', 'Shortest first'],
] as const;
export type Order = (typeof orders)[number][0];

export interface Wanted {
  text: string;
  tag: string;
  archived: boolean;
  order: Order;
}

/** What of the shelf is shown, and in which order. */
export function pick(entries: readonly ShelfEntry[], { text, tag, archived, order }: Wanted): ShelfEntry[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const has = (e: ShelfEntry) =>
    `${e.title} ${e.areas.join(' ')} ${e.about} ${e.tags.join(' ')}`.toLowerCase();
  return entries
    .filter((e) => e.archived === archived && (!tag || e.tags.includes(tag)))
    .filter((e) => words.every((word) => has(e).includes(word)))
    .sort((a, b) =>
      order === 'title'
        ? a.title.localeCompare(b.title)
        : order === 'minutes'
          ? a.minutes - b.minutes || a.title.localeCompare(b.title)
          : b.savedAt.localeCompare(a.savedAt),
    );
}

/** All tags there are, most used first. */
export function tagsOf(entries: readonly ShelfEntry[]): string[] {
  const counts = new Map<string, number>();
  for (const tag of entries.flatMap((e) => e.tags)) counts.set(tag, (counts.get(tag) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0])).map(([tag]) => tag);
}

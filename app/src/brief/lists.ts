export const has = (list: readonly string[] | undefined, word: string) => list?.includes(word) ?? false;

/** The list with a word in it or without it. */
export function toggled<T extends string>(list: readonly T[] | undefined, word: T): T[] {
  const now = list ?? [];
  return now.includes(word) ? now.filter((w) => w !== word) : [...now, word];
}

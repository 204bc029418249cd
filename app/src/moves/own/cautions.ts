/** A caution as a move's text has it: for everybody, or with whom it is for and what is advised. */
export type Caution = string | { say: string; [field: string]: unknown };

export const cautionsOf = (value: unknown): Caution[] => (Array.isArray(value) ? (value as Caution[]) : []);

/** What is said. */
export const said = (caution: Caution) => (typeof caution === 'string' ? caution : caution.say);

/** The cautions after their lines were edited: whom one is for stays with its words, or with its place where one word of it changed. */
export function rewritten(before: readonly Caution[], text: string): Caution[] {
  const lines = text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);
  const known = new Set(before.map(said));
  return lines.map((line, at) => {
    const same = before.find((caution) => said(caution) === line);
    if (same !== undefined) return same;
    const here = lines.length === before.length ? before[at] : undefined;
    const reworded =
      here !== undefined && typeof here !== 'string' && !lines.includes(said(here)) && known.has(said(here));
    return reworded ? { ...here, say: line } : line;
  });
}

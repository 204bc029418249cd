import type { ClassFile, Item, Line, ReadText } from '../lib/api/client';
import { isLine, isSet } from '../document/edits';

/** The class with what was chosen line by line: another move, a move for what was not known, or words in place of a move. */
export function withChoices(read: ReadText, chosen: Readonly<Record<number, string | null>>): ClassFile {
  const document = structuredClone(read.class) as unknown as ClassFile;
  const byId = new Map(
    read.lines.flatMap((line, i) =>
      line.id && chosen[i] !== undefined ? [[line.id, { line, move: chosen[i] }]] : [],
    ),
  );
  const change = (items: Item[]): Item[] =>
    items.map((item) => {
      if (isSet(item)) return { ...item, set: { ...item.set, items: change(item.set.items) } };
      const choice = byId.get(item.id ?? '');
      if (!choice) return item;
      const { line, move } = choice;
      if (move === null) return { id: item.id, talk: line.text } as Item;
      // What was read of dose and sides stands, if it was a line; the sides of another move have other words.
      const was: Partial<Line> = isLine(item) ? { ...item } : {};
      delete was.sides;
      delete was.position;
      return { ...was, id: item.id, move } as Item;
    });
  for (const section of document.sections) section.items = change(section.items ?? []);
  return document;
}

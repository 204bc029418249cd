import type { ClassFile, Item, Section } from '../lib/api/client';
import { isSet, placeOf } from '../score/edits';
import { differing, moved, outline, same, type Entry } from './outline';

export interface Merged {
  document: ClassFile;
  /** Where both changed the same thing differently; mine stands there. */
  clashes: string[];
}

/**
 * Two classes that came from one, as one: theirs with what was changed here done to it. Where both changed the same field, mine stands;
 * what one of them changed is not removed because the other took it out.
 */
export function both(base: ClassFile, mine: ClassFile, theirs: ClassFile): Merged {
  const document = JSON.parse(JSON.stringify(theirs)) as ClassFile;
  mine = withOwnIds(base, mine, theirs);
  const [was, here, there] = [outline(base), outline(mine), outline(theirs)];
  const clashes: string[] = [];

  mergeFields(
    without(base),
    without(mine),
    without(theirs),
    document as unknown as Record<string, unknown>,
    () => clashes.push('the class'),
  );
  for (const [id, entry] of was)
    if (!here.has(id) && there.has(id) && same(there.get(id)!.fields, entry.fields)) remove(document, id);

  const elsewhere = moved(was, here);
  for (const [id, entry] of here) {
    const old = was.get(id);
    const isThere = place(document, id) !== null;
    if (!old || elsewhere.has(id) || (!isThere && !same(old.fields, entry.fields)))
      put(document, entry, [...here.values()], isThere ? take(document, id) : fresh(entry));
    const target = place(document, id);
    if (old && target)
      mergeFields(old.fields, entry.fields, there.get(id)?.fields ?? old.fields, fieldsOf(target), () =>
        clashes.push(id),
      );
  }
  return { document, clashes };
}

/** Mine, where what was put in here and what was put in there have got the same id by chance. */
function withOwnIds(base: ClassFile, mine: ClassFile, theirs: ClassFile): ClassFile {
  const [was, there] = [outline(base), outline(theirs)];
  const twice = [...outline(mine).values()].filter(
    (e) => !was.has(e.id) && there.has(e.id) && !same(e.fields, there.get(e.id)!.fields),
  );
  const copy = JSON.parse(JSON.stringify(mine)) as ClassFile;
  for (const { id } of twice) {
    const { list, at } = place(copy, id)!;
    let own = `${id}b`;
    while (there.has(own) || place(copy, own)) own += 'b';
    list[at]!.id = own;
  }
  return copy;
}

function without(document: ClassFile): Record<string, unknown> {
  return Object.fromEntries(Object.entries(document).filter(([name]) => name !== 'sections'));
}

function mergeFields(
  base: Record<string, unknown>,
  mine: Record<string, unknown>,
  theirs: Record<string, unknown>,
  into: Record<string, unknown>,
  clash: () => void,
) {
  const changed = differing(base, mine);
  for (const field of changed) {
    if (!same(base[field], theirs[field]) && !same(mine[field], theirs[field])) clash();
    if (mine[field] === undefined) delete into[field];
    else into[field] = mine[field];
  }
}

type Place = { list: (Item | Section)[]; at: number };

function place(document: ClassFile, id: string): Place | null {
  const at = document.sections.findIndex((s) => s.id === id);
  return at >= 0 ? { list: document.sections as (Item | Section)[], at } : placeOf(document, id);
}

function fieldsOf({ list, at }: Place): Record<string, unknown> {
  const item = list[at]!;
  return (isSet(item as Item) ? (item as { set: object }).set : item) as Record<string, unknown>;
}

function remove(document: ClassFile, id: string) {
  const found = place(document, id);
  found?.list.splice(found.at, 1);
}

function take(document: ClassFile, id: string): Item | Section {
  const { list, at } = place(document, id)!;
  return list.splice(at, 1)[0]!;
}

function fresh(entry: Entry): Item | Section {
  const fields = JSON.parse(JSON.stringify(entry.fields)) as object;
  if (entry.kind === 'set') return { id: entry.id, set: { ...fields, items: [] } } as unknown as Item;
  if (entry.kind === 'section') return { id: entry.id, ...fields, items: [] } as Section;
  return { id: entry.id, ...fields } as Item;
}

/** Puts a thing where it stands in my order: after the nearest before it that is still there, or first in what it lies in. */
function put(document: ClassFile, entry: Entry, order: readonly Entry[], what: Item | Section) {
  const siblings = order.filter((e) => e.parent === entry.parent);
  const before = siblings
    .slice(
      0,
      siblings.findIndex((e) => e.id === entry.id),
    )
    .reverse();
  const list = listOf(document, entry.parent);
  const neighbour = before.map((e) => list.findIndex((i) => i.id === e.id)).find((at) => at >= 0);
  list.splice(neighbour === undefined ? 0 : neighbour + 1, 0, what);
}

/** What lies in a section or set; where that is gone, the last section. */
function listOf(document: ClassFile, parent: string): (Item | Section)[] {
  if (parent === '') return document.sections;
  const found = place(document, parent);
  const holder = found ? found.list[found.at]! : document.sections.at(-1)!;
  return isSet(holder as Item)
    ? (holder as { set: { items: Item[] } }).set.items
    : ((holder as Section).items ??= []);
}

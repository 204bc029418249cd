import type { ClassFile, Item, LineSet, Section } from '../lib/api/client';
import { units } from './doses';
import { placeOf } from './edits';
import { moved, outline, same, type Entry } from './outline';

export interface Merged {
  document: ClassFile;
  /** What both changed differently, by id; null is the class as a whole. Mine stands there. */
  clashes: (string | null)[];
  /** What one side took out and the other had worked on: it stays. */
  kept: string[];
}

/**
 * Two classes that came from one, as one. What either side added, changed or moved is in it; what one took out goes, unless the other has
 * worked on it or in it. Where both changed the same, mine stands, and it is told.
 */
export function both(base: ClassFile, mine: ClassFile, theirs: ClassFile): Merged {
  mine = withOwnIds(base, mine, theirs);
  const [was, here, there] = [outline(base), outline(mine), outline(theirs)];
  const [movedHere, movedThere] = [moved(was, here), moved(was, there)];
  const clashes: (string | null)[] = [];

  const present = new Map<string, Entry>();
  const kept: string[] = [];
  const add = (id: string) => {
    const [b, m, t] = [was.get(id), here.get(id), there.get(id)];
    const fields = mergeFields(b?.fields ?? {}, (m ?? b ?? t)!.fields, (t ?? b ?? m)!.fields, () =>
      clashes.push(id),
    );
    const parent = movedHere.has(id) || !t ? (m ?? t)!.parent : t.parent;
    present.set(id, { ...(m ?? t)!, parent, fields });
  };
  for (const id of new Set([...here.keys(), ...there.keys()])) {
    const [b, m, t] = [was.get(id), here.get(id), there.get(id)];
    if (!b || (m && t)) add(id);
    else {
      // One side took it out.
      const other = (m ?? t)!;
      const worked = !same(b.fields, other.fields) || (m ? movedHere : movedThere).has(id);
      if (!worked) continue;
      add(id);
      kept.push(id);
    }
  }
  // What is in the class lies in something that is, too; and nothing lies in itself.
  for (const entry of [...present.values()]) {
    for (let parent = entry.parent; parent !== '' && !present.has(parent);) {
      add(parent);
      kept.push(parent);
      parent = present.get(parent)!.parent;
    }
  }
  for (const entry of present.values())
    if (liesInItself(entry, present)) entry.parent = there.get(entry.id)?.parent ?? was.get(entry.id)!.parent;

  const head = mergeFields(headOf(base), headOf(mine), headOf(theirs), () => clashes.push(null));
  const childrenOf = (parent: string): Entry[] => {
    const placed = [...there.values()].filter((e) => present.get(e.id)?.parent === parent && stays(e.id));
    const order = [...here.values()].filter((e) => present.get(e.id)?.parent === parent);
    order.forEach((entry, i) => {
      if (placed.some((p) => p.id === entry.id)) return;
      const before = order.slice(0, i).findLast((o) => placed.some((p) => p.id === o.id));
      placed.splice(before ? placed.findIndex((p) => p.id === before.id) + 1 : 0, 0, entry);
    });
    return placed.map((e) => present.get(e.id)!);
  };
  // Where it stands there counts, unless it was moved here.
  const stays = (id: string) => !movedHere.has(id);

  const build = (parent: string): Item[] =>
    childrenOf(parent).flatMap((entry): Item[] => {
      if (entry.kind !== 'set') return [{ id: entry.id, ...entry.fields } as Item];
      const items = build(entry.id);
      // A set that both have emptied together is none.
      return items.length > 0 ? [{ id: entry.id, set: { ...entry.fields, items } } as LineSet] : [];
    });
  const sections = childrenOf('').map(
    (entry) => ({ id: entry.id, ...entry.fields, items: build(entry.id) }) as Section,
  );
  return { document: { ...(head as unknown as ClassFile), sections }, clashes, kept };
}

function liesInItself(entry: Entry, all: ReadonlyMap<string, Entry>): boolean {
  const seen = new Set<string>();
  for (let at: Entry | undefined = entry; at; at = all.get(at.parent)) {
    if (seen.has(at.id)) return true;
    seen.add(at.id);
  }
  return false;
}

/** Mine, where what was put in here and what was put in there have got the same id by chance. */
function withOwnIds(base: ClassFile, mine: ClassFile, theirs: ClassFile): ClassFile {
  const [was, there] = [outline(base), outline(theirs)];
  const twice = [...outline(mine).values()].filter(
    (e) => !was.has(e.id) && there.has(e.id) && !same(e.fields, there.get(e.id)!.fields),
  );
  const copy = JSON.parse(JSON.stringify(mine)) as ClassFile;
  for (const { id } of twice) {
    const thing = thingOf(copy, id);
    let own = `${id}b`;
    while (there.has(own) || thingOf(copy, own)) own += 'b';
    if (thing) thing.id = own;
  }
  return copy;
}

function thingOf(document: ClassFile, id: string): Item | Section | undefined {
  const place = placeOf(document, id);
  return place ? place.list[place.at] : document.sections.find((s) => s.id === id);
}

type Fields = Record<string, unknown>;

function headOf(document: ClassFile): Fields {
  return Object.fromEntries(Object.entries(document).filter(([name]) => name !== 'sections'));
}

/** A line has one dose, whatever its unit. */
const doses: readonly string[] = units;
/** Lists in which each entry stands for itself, and by what two of them are the same. */
const sets: Record<string, (entry: unknown) => string> = {
  tags: String,
  areas: String,
  families: String,
  limits: String,
  off: (entry) => JSON.stringify(entry),
  moves: (entry) => String((entry as { id?: string }).id ?? JSON.stringify(entry)),
  props: (entry) => String((entry as { id?: string }).id ?? JSON.stringify(entry)),
};

/** Field by field, and within fields that hold others; `clash` is told where both changed one differently. */
function mergeFields(base: Fields, mine: Fields, theirs: Fields, clash: () => void): Fields {
  const merged: Fields = {};
  const names = new Set([...Object.keys(theirs), ...Object.keys(mine)]);
  for (const name of names) {
    if (doses.includes(name)) continue;
    const value = mergeValue(name, base[name], mine[name], theirs[name], clash);
    if (value !== undefined) merged[name] = value;
  }
  const [b, m, t] = [doseOf(base), doseOf(mine), doseOf(theirs)];
  return { ...merged, ...(mergeWhole(b, m, t, clash) as Fields) };
}

function mergeValue(name: string, base: unknown, mine: unknown, theirs: unknown, clash: () => void): unknown {
  if (isFields(mine) && isFields(theirs)) return mergeFields(isFields(base) ? base : {}, mine, theirs, clash);
  const key = sets[name];
  if (key && Array.isArray(mine) && Array.isArray(theirs))
    return mergeSet(Array.isArray(base) ? base : [], mine, theirs, key, clash);
  return mergeWhole(base, mine, theirs, clash);
}

function mergeWhole(base: unknown, mine: unknown, theirs: unknown, clash: () => void): unknown {
  if (same(mine, base)) return theirs;
  if (!same(theirs, base) && !same(mine, theirs)) clash();
  return mine;
}

function mergeSet(
  base: unknown[],
  mine: unknown[],
  theirs: unknown[],
  key: (entry: unknown) => string,
  clash: () => void,
): unknown[] {
  const of = (list: unknown[]) => new Map(list.map((entry) => [key(entry), entry]));
  const [was, here, there] = [of(base), of(mine), of(theirs)];
  const all = [...there.keys(), ...[...here.keys()].filter((k) => !there.has(k))];
  return all.flatMap((k) => {
    const [b, m, t] = [was.get(k), here.get(k), there.get(k)];
    if (m === undefined || t === undefined) {
      // Added by one, or taken out by one and not touched by the other.
      const left = m ?? t;
      return b === undefined || !same(b, left) ? [left] : [];
    }
    return [mergeWhole(b, m, t, clash)];
  });
}

function doseOf(fields: Fields): Fields {
  return Object.fromEntries(
    Object.entries(fields).filter(([name, value]) => doses.includes(name) && value != null),
  );
}

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

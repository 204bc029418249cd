import type { ClassFile, Item, Line, LineSet, Section, Talk, Wait } from '../lib/api/client';
import { nextName } from '../lib/names';

/** Edits of the document. They know nothing of yoga, so they work offline too. */

export function isSet(item: Item): item is LineSet & { set: NonNullable<LineSet['set']> } {
  return 'set' in item && typeof item.set === 'object' && item.set !== null;
}

export const isLine = (item: Item): item is Line => 'move' in item;

export const isWait = (item: Item): item is Wait => 'wait' in item;

/** Talk without a move. */
export const isTalk = (item: Item): item is Talk => !isSet(item) && !isLine(item) && !isWait(item);

/** Where an item is: the list it stands in, its place there, and its section. */
export interface Place {
  list: Item[];
  at: number;
  section: Section;
  /** The set it is in, if it is in one. */
  within: (Item & { set: { items: Item[] } }) | null;
}

export function placeOf(document: ClassFile, id: string): Place | null {
  const within = (list: Item[], section: Section, set: Place['within']): Place | null => {
    for (const [at, item] of list.entries()) {
      if (item.id === id) return { list, at, section, within: set };
      if (isSet(item)) {
        const inner = within(item.set.items, section, item as Place['within']);
        if (inner) return inner;
      }
    }
    return null;
  };
  for (const section of document.sections) {
    const found = within((section.items ??= []), section, null);
    if (found) return found;
  }
  return null;
}

export function itemOf(document: ClassFile, id: string): Item | undefined {
  const place = placeOf(document, id);
  return place?.list[place.at];
}

export function lineOf(document: ClassFile, id: string): Line | undefined {
  const item = itemOf(document, id);
  return item && isLine(item) ? item : undefined;
}

/** Talk or waiting. */
export function betweenOf(document: ClassFile, id: string): Talk | Wait | undefined {
  const item = itemOf(document, id);
  return item && !isSet(item) && !isLine(item) ? item : undefined;
}

/** The line a new one would follow: the one of that id, else the last one in or before the section of that id, else the last of all. */
export function lineToFollow(document: ClassFile, id: string | null): string | undefined {
  if (id && lineOf(document, id)) return id;
  const linesIn = (items: Item[]): string[] =>
    items.flatMap((item) => (isSet(item) ? linesIn(item.set.items) : isLine(item) ? (item.id ?? []) : []));
  const section = document.sections.findIndex((s) => s.id === id);
  const upTo = section < 0 ? document.sections : document.sections.slice(0, section + 1);
  return upTo.flatMap((s) => linesIn(s.items ?? [])).at(-1);
}

function idsOf(document: ClassFile): Set<string> {
  const ids = new Set<string>();
  const walk = (items: Item[]) => {
    for (const item of items) {
      if (item.id) ids.add(item.id);
      if (isSet(item)) walk(item.set.items);
    }
  };
  for (const section of document.sections) {
    if (section.id) ids.add(section.id);
    walk(section.items ?? []);
  }
  return ids;
}

/** An id nothing in the class has yet. */
export const freshId = (document: ClassFile, letter: string) => fresh(idsOf(document), letter);

function fresh(taken: Set<string>, letter: string): string {
  let n = taken.size + 1;
  while (taken.has(`${letter}${n}`)) n++;
  const id = `${letter}${n}`;
  taken.add(id);
  return id;
}

/** Puts a line beside an item, at the end of a section, or of the class; returns its id. */
export function insertLine(
  document: ClassFile,
  line: Omit<Line, 'id'>,
  beside: string | null,
  where: 'after' | 'before' = 'after',
): string {
  return insertItems(document, [line as Item], beside, where)[0]!;
}

/** Takes an item out; a set left empty goes with it. Returns the id of what is next to it. */
export function removeItem(document: ClassFile, id: string): string | null {
  const place = placeOf(document, id);
  if (!place) return null;
  const next = place.list[place.at + 1] ?? place.list[place.at - 1] ?? null;
  place.list.splice(place.at, 1);
  if (place.list.length === 0 && place.within?.id) return removeItem(document, place.within.id);
  return next?.id ?? null;
}

/** A copy of an item in which everything has an id that nothing else has. */
function withFreshIds(document: ClassFile, item: Item, taken = idsOf(document)): Item {
  const copy = JSON.parse(JSON.stringify(item)) as Item;
  copy.id = fresh(taken, isSet(copy) ? 't' : 'l');
  if (isSet(copy)) copy.set.items = copy.set.items.map((inner) => withFreshIds(document, inner, taken));
  return copy;
}

/** Puts copies of items beside an item, at the end of a section, or of the class; returns their ids. */
export function insertItems(
  document: ClassFile,
  items: readonly Item[],
  beside: string | null,
  where: 'after' | 'before' = 'after',
): string[] {
  const taken = idsOf(document);
  const copies = items.map((item) => withFreshIds(document, item, taken));
  const place = beside ? placeOf(document, beside) : null;
  const section = document.sections.find((s) => s.id === beside) ?? document.sections.at(-1);
  if (place) place.list.splice(place.at + (where === 'after' ? 1 : 0), 0, ...copies);
  else if (section) (section.items ??= []).push(...copies);
  else document.sections.push({ id: fresh(taken, 's'), name: 'Section', part: 'build', items: copies });
  return copies.map((c) => c.id!);
}

/** Puts a copy after the item; returns its id. */
export function duplicate(document: ClassFile, id: string): string | null {
  const place = placeOf(document, id);
  return place ? insertItems(document, [place.list[place.at]!], id)[0]! : null;
}

/** The items themselves, in the order of the class, without those that lie in a set that is among them. */
export function itemsOf(document: ClassFile, ids: readonly string[]): Item[] {
  const wanted = new Set(ids);
  const among = (items: Item[]): Item[] =>
    items.flatMap((item) => (wanted.has(item.id ?? '') ? [item] : isSet(item) ? among(item.set.items) : []));
  return document.sections.flatMap((s) => among(s.items ?? []));
}

/**
 * Moves items beside an item or to the end of a section, in their order. A set cannot be moved into itself. Returns whether anything moved.
 */
export function moveTo(
  document: ClassFile,
  ids: readonly string[],
  beside: string,
  where: 'after' | 'before' | 'into',
): boolean {
  const items = itemsOf(document, ids);
  if (items.length === 0 || items.some((i) => i.id === beside || (isSet(i) && holds(i, beside))))
    return false;
  for (const item of items) takeOut(document, item.id!);
  const place = placeOf(document, beside);
  const target = place?.list[place.at];
  if (target && where !== 'into') place.list.splice(place.at + (where === 'after' ? 1 : 0), 0, ...items);
  else if (target && isSet(target)) target.set.items.push(...items);
  else (document.sections.find((s) => s.id === beside)!.items ??= []).push(...items);
  for (const section of document.sections) section.items = withoutEmptySets(section.items ?? []);
  return true;
}

function holds(item: Item, id: string): boolean {
  return isSet(item) && item.set.items.some((i) => i.id === id || holds(i, id));
}

function takeOut(document: ClassFile, id: string) {
  const place = placeOf(document, id);
  place?.list.splice(place.at, 1);
}

function withoutEmptySets(items: Item[]): Item[] {
  return items.filter((item) => {
    if (!isSet(item)) return true;
    item.set.items = withoutEmptySets(item.set.items);
    return item.set.items.length > 0;
  });
}

/** Moves an item one place: past its neighbour, into and out of sets, across sections. Returns whether it moved. */
export function moveBy(document: ClassFile, id: string, by: 1 | -1): boolean {
  const place = placeOf(document, id);
  if (!place) return false;
  const item = place.list[place.at]!;
  const neighbour = place.list[place.at + by];
  if (neighbour) {
    place.list.splice(place.at, 1);
    if (isSet(neighbour) && !isSet(item)) {
      if (by > 0) neighbour.set.items.unshift(item);
      else neighbour.set.items.push(item);
    } else place.list.splice(place.at + by, 0, item);
    return true;
  }
  if (place.within) {
    const outer = placeOf(document, place.within.id!)!;
    place.list.splice(place.at, 1);
    outer.list.splice(outer.at + (by > 0 ? 1 : 0), 0, item);
    if (place.list.length === 0) outer.list.splice(outer.list.indexOf(place.within), 1);
    return true;
  }
  const section = document.sections[document.sections.indexOf(place.section) + by];
  if (!section) return false;
  place.list.splice(place.at, 1);
  if (by > 0) (section.items ??= []).unshift(item);
  else (section.items ??= []).push(item);
  return true;
}

/** Moves items one place, together; where the first of them cannot go on, none does. */
export function moveAllBy(document: ClassFile, ids: readonly string[], by: 1 | -1): boolean {
  const order = itemsOf(document, ids).map((i) => i.id!);
  if (by > 0) order.reverse();
  return order.every((id) => moveBy(document, id, by));
}

/** Wraps neighbouring items of one list in a set taken in rounds; returns its id, or null where they are not neighbours. */
export function wrap(
  document: ClassFile,
  ids: readonly string[],
  rounds: number | ('right' | 'left')[],
): string | null {
  const places = ids.map((id) => placeOf(document, id));
  const first = places[0];
  if (!first || places.some((p) => p?.list !== first.list)) return null;
  const ats = places.map((p) => p!.at).sort((a, b) => a - b);
  if (ats.at(-1)! - ats[0]! !== ats.length - 1) return null;
  const id = freshId(document, 't');
  const items = first.list.splice(ats[0]!, ats.length);
  // Within rounds of a side the line follows the round.
  if (Array.isArray(rounds)) for (const item of items) if (isLine(item)) delete item.sides;
  first.list.splice(ats[0]!, 0, { id, set: { name: '', rounds, items } } as Item);
  return id;
}

/** Takes a set apart; its lines stay where it was. */
export function unwrap(document: ClassFile, id: string): boolean {
  const place = placeOf(document, id);
  const item = place?.list[place.at];
  if (!place || !item || !isSet(item)) return false;
  place.list.splice(place.at, 1, ...item.set.items);
  return true;
}

/** A section of its own from an item on; items within a set cannot be split off. */
export function splitSection(document: ClassFile, id: string): string | null {
  const place = placeOf(document, id);
  if (!place || place.within) return null;
  const rest = place.list.splice(place.at);
  const section: Section = {
    id: freshId(document, 's'),
    name: nextName(place.section.name || 'Section'),
    part: place.section.part ?? 'build',
    items: rest,
  };
  document.sections.splice(document.sections.indexOf(place.section) + 1, 0, section);
  return section.id!;
}

/** Joins a section to the one before it. */
export function mergeSection(document: ClassFile, id: string): boolean {
  const at = document.sections.findIndex((s) => s.id === id);
  if (at <= 0) return false;
  const [section] = document.sections.splice(at, 1);
  (document.sections[at - 1]!.items ??= []).push(...(section!.items ?? []));
  return true;
}

/** A new section after another, or at the end; returns its id. */
export function addSection(document: ClassFile, after: string | null = null): string {
  const at = after ? document.sections.findIndex((s) => s.id === after) : -1;
  const id = freshId(document, 's');
  const section: Section = { id, name: 'Section', part: 'build', items: [] };
  document.sections.splice(at < 0 ? document.sections.length : at + 1, 0, section);
  return id;
}

/** Moves a section one place. Returns whether it moved. */
export function moveSection(document: ClassFile, id: string, by: 1 | -1): boolean {
  const at = document.sections.findIndex((s) => s.id === id);
  if (at < 0 || !document.sections[at + by]) return false;
  document.sections.splice(at + by, 0, ...document.sections.splice(at, 1));
  return true;
}

/** Takes a section out with all that is in it. */
export function removeSection(document: ClassFile, id: string): boolean {
  const at = document.sections.findIndex((s) => s.id === id);
  if (at < 0) return false;
  document.sections.splice(at, 1);
  return true;
}

/** The set of an id. */
export function setOf(document: ClassFile, id: string): LineSet['set'] | undefined {
  const item = itemOf(document, id);
  return item && isSet(item) ? item.set : undefined;
}

/** The line that is gone on from and those that go on from it, around one of them; what stands between them belongs to it. */
export function chainOf(document: ClassFile, id: string): string[] {
  const place = placeOf(document, id);
  if (!place) return [];
  const { list } = place;
  const goesOn = (item: Item) => (isLine(item) ? item.goesOn === true : !isSet(item));
  let [from, to] = [place.at, place.at];
  while (from > 0 && goesOn(list[from]!)) from--;
  while (to + 1 < list.length && goesOn(list[to + 1]!)) to++;
  while (to > place.at && !isLine(list[to]!)) to--;
  return list.slice(from, to + 1).map((item) => item.id ?? '');
}

/** Whether the side of a line is that of a round of a set around it. */
export function inSidedRounds(document: ClassFile, id: string): boolean {
  const set = placeOf(document, id)?.within;
  return set != null && (Array.isArray((set as LineSet).set.rounds) || inSidedRounds(document, set.id ?? ''));
}

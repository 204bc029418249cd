import { diffArrays } from 'diff';
import type { ClassFile, Item, Section } from '../lib/api/client';
import { isLine, isSet, isWait } from './edits';

/** One thing of a class: a section, a set, a line, talk or waiting, without what lies in it. */
export interface Entry {
  kind: 'section' | 'set' | 'line' | 'talk' | 'wait';
  id: string;
  /** The section or set it lies in; empty for a section. */
  parent: string;
  fields: Record<string, unknown>;
}

/** A class as a list of things in their order, so that two can be laid beside each other. */
export function outline(document: ClassFile): Map<string, Entry> {
  const entries = new Map<string, Entry>();
  const walk = (items: Item[], parent: string) => {
    for (const item of items) {
      const id = item.id ?? '';
      if (isSet(item)) {
        const { items: inner, ...fields } = item.set;
        entries.set(id, { kind: 'set', id, parent, fields });
        walk(inner, id);
        continue;
      }
      const kind = isLine(item) ? 'line' : isWait(item) ? 'wait' : 'talk';
      entries.set(id, { kind, id, parent, fields: without(item, 'id') });
    }
  };
  for (const section of document.sections) {
    const id = section.id ?? '';
    entries.set(id, { kind: 'section', id, parent: '', fields: without(section, 'id', 'items') });
    walk(section.items ?? [], id);
  }
  return entries;
}

function without(of: Item | Section, ...names: string[]): Record<string, unknown> {
  return Object.fromEntries(Object.entries(of).filter(([name]) => !names.includes(name)));
}

/** What is written the same, whatever the order of its fields; nothing, null and empty are alike. */
export function same(a: unknown, b: unknown): boolean {
  return canonical(a) === canonical(b);
}

function canonical(value: unknown): string {
  const empty = (v: unknown) =>
    v == null || v === '' || v === false || (typeof v === 'object' && Object.keys(v).length === 0);
  if (empty(value)) return '';
  return JSON.stringify(value, (_, v: unknown) =>
    v && typeof v === 'object' && !Array.isArray(v)
      ? Object.fromEntries(
          Object.entries(v)
            .filter(([, inner]) => !empty(inner))
            .sort(([x], [y]) => (x < y ? -1 : 1)),
        )
      : v,
  );
}

/** The fields in which two things differ. */
export function differing(a: Record<string, unknown>, b: Record<string, unknown>): string[] {
  return [...new Set([...Object.keys(a), ...Object.keys(b)])].filter((name) => !same(a[name], b[name]));
}

/** What stands in both but somewhere else: in another section or set, or in another order among those that stayed beside it. */
export function moved(from: ReadonlyMap<string, Entry>, to: ReadonlyMap<string, Entry>): Set<string> {
  const stayed = (id: string) => from.has(id) && to.has(id) && from.get(id)!.parent === to.get(id)!.parent;
  const ids = new Set([...from.keys()].filter((id) => to.has(id) && !stayed(id)));
  const [before, after] = [childrenOf(from, stayed), childrenOf(to, stayed)];
  for (const [parent, children] of before)
    for (const part of diffArrays(children, after.get(parent) ?? []))
      if (part.removed) for (const id of part.value) ids.add(id);
  return ids;
}

/** By what they lie in, in their order. */
function childrenOf(all: ReadonlyMap<string, Entry>, which: (id: string) => boolean): Map<string, string[]> {
  const children = new Map<string, string[]>();
  for (const { id, parent } of all.values())
    if (which(id)) children.set(parent, [...(children.get(parent) ?? []), id]);
  return children;
}

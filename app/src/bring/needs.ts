import { plain } from '../lib/words';
import type { Prop, Score } from '../lib/api/client';

/** What a room needs of one prop: when, how many, and whether there are enough. */
export interface Need {
  prop: Prop;
  spans: { fromMs: number; toMs: number; line: string }[];
  needed: number;
  /** How many are there; null where nobody has counted. */
  stock: number | null;
  standIns: { id: string; name: string; stock: number }[];
}

/** Props that have to be fetched, those that fall short first. */
export function needsOf(
  score: Score,
  props: readonly Prop[],
  stock: Readonly<Record<string, number>>,
  people: number,
): Need[] {
  const counted = Object.keys(stock).length > 0;
  const byId = new Map(props.map((p) => [p.id, p]));
  const needs = new Map<string, Need>();
  for (const use of score.props) {
    const prop = byId.get(use.prop);
    if (!prop || prop.alwaysThere) continue;
    const need = needs.get(prop.id) ?? {
      prop,
      spans: [],
      needed: Math.max(1, people),
      stock: counted ? (stock[prop.id] ?? 0) : null,
      standIns: prop.standIns.map((id) => ({
        id,
        name: byId.get(id)?.name ?? plain(id),
        stock: stock[id] ?? 0,
      })),
    };
    need.spans.push({ fromMs: use.fromMs, toMs: use.toMs, line: use.line });
    needs.set(prop.id, need);
  }
  return [...needs.values()].sort(
    (a, b) => shortBy(b) - shortBy(a) || a.spans[0]!.fromMs - b.spans[0]!.fromMs,
  );
}

export const shortBy = (need: Need) => (need.stock === null ? 0 : Math.max(0, need.needed - need.stock));

import type { Move } from '../lib/api/client';
import { catalogue } from '../lib/catalogue.svelte';
import { choices, chosen } from '../lib/sides';
import {
  duplicate,
  insertLine,
  lineOf,
  moveBy,
  placeOf,
  removeItem,
  splitSection,
  unwrap,
  wrap,
} from './edits';
import type { PlanState } from './plan.svelte';

/** What can be done to the selected line, by button and by key. */
export interface Act {
  id: string;
  name: string;
  key: string;
  does: (plan: PlanState, id: string) => void;
}

const nameOf = (plan: PlanState, id: string) =>
  catalogue.moves.get(plan.line(id)?.move ?? '')?.name ?? 'line';

/** Does something to the document that may move the selection. */
function doing(
  verb: string,
  edit: (document: NonNullable<PlanState['document']>, id: string) => string | null | boolean,
) {
  return (plan: PlanState, id: string) =>
    plan.change(`${verb} ${nameOf(plan, id)}`, (document) => {
      const next = edit(document, id);
      if (typeof next === 'string') plan.selected = next;
    });
}

function mirror(plan: PlanState, id: string) {
  const move = catalogue.moves.get(plan.line(id)?.move ?? '');
  if (!move || move.sides === 'none') return;
  plan.change(`mirror ${move.name}`, (document) => {
    const line = lineOf(document, id);
    if (line)
      line.sides = swapped(move, line.sides, document.conventions?.firstSide === 'left') as typeof line.sides;
  });
}

/** The order with the other side first, or the other side alone. */
export function swapped(move: Move, word: string | null | undefined, leftFirst: boolean): string {
  const all = choices(move);
  const at = all.findIndex((c) => c.word === chosen(move, word, leftFirst)?.word);
  return (all[at ^ 1] ?? all[at])!.word;
}

export const acts: Act[] = [
  { id: 'up', name: 'Move up', key: 'Alt+ArrowUp', does: doing('move', (d, id) => moveBy(d, id, -1)) },
  { id: 'down', name: 'Move down', key: 'Alt+ArrowDown', does: doing('move', (d, id) => moveBy(d, id, 1)) },
  { id: 'duplicate', name: 'Duplicate', key: 'd', does: doing('duplicate', duplicate) },
  { id: 'mirror', name: 'Mirror', key: 'm', does: mirror },
  {
    id: 'lock',
    name: 'Lock or unlock',
    key: 'x',
    does: doing('lock', (document, id) => {
      const line = lineOf(document, id);
      if (line) line.locked = !line.locked;
      return false;
    }),
  },
  {
    id: 'wrap',
    name: 'Wrap as a mirrored set, or unwrap',
    key: 'w',
    does: doing('wrap', (document, id) => {
      const within = placeOf(document, id)?.within;
      if (within?.id) unwrap(document, within.id);
      else wrap(document, [id], ['right', 'left']);
      return false;
    }),
  },
  {
    id: 'split',
    name: 'Begin a section here',
    key: 'b',
    does: doing('begin a section at', (d, id) => (splitSection(d, id), false)),
  },
  { id: 'remove', name: 'Remove', key: 'Delete', does: doing('remove', (d, id) => removeItem(d, id)) },
];

/** Puts a move into the class beside the selected line, and selects it. */
export function add(plan: PlanState, move: Move, where: 'after' | 'before' | 'replace', position?: string) {
  const beside = plan.selected;
  plan.change(`add ${move.name}`, (document) => {
    const line = { move: move.id, ...(position ? { position } : {}) };
    if (where === 'replace' && beside && lineOf(document, beside)) {
      plan.selected = insertLine(document, line, beside, 'after');
      removeItem(document, beside);
    } else plan.selected = insertLine(document, line, beside, where === 'before' ? 'before' : 'after');
  });
}

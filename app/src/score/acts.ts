import {
  api,
  type ClassFile,
  type Item,
  type Move,
  type Sides,
  type Talk,
  type Wait,
} from '../lib/api/client';
import { catalogue } from '../lib/catalogue.svelte';
import { choices, chosen } from '../lib/sides';
import { MoveFinder } from '../moves/find';
import { itemsFrom, keep, kept, textOf, type Understood } from './clipboard';
import {
  duplicate,
  inSidedRounds,
  insertItems,
  isLine,
  isSet,
  isWait,
  insertLine,
  itemsOf,
  lineOf,
  moveAllBy,
  placeOf,
  removeItem,
  splitSection,
  unwrap,
  wrap,
} from '../document/edits';
import type { PlanState } from '../plan/plan.svelte';

/** What can be done to the selected lines, by button and by key. */
export interface Act {
  id: string;
  name: string;
  key: string;
  /** Whether it needs nothing that is selected; then it stands with the moves that can be added. */
  anywhere?: boolean;
  does: (plan: PlanState) => void;
}

/** What the selected lines are called in the name of a step. */
function named(plan: PlanState, ids: readonly string[]): string {
  if (ids.length > 1) return `${ids.length} lines`;
  const item = plan.item(ids[0] ?? '');
  if (!item || isSet(item)) return 'set';
  if (isLine(item)) return catalogue.moves.get(item.move)?.name ?? 'line';
  return isWait(item) ? 'waiting' : 'talk';
}

/** Does something to all that is selected; what it returns is selected then. */
function doing(
  verb: string,
  edit: (document: ClassFile, ids: string[]) => readonly string[] | void,
): (plan: PlanState) => void {
  return (plan) => {
    const ids = plan.chosen;
    if (ids.length === 0) return;
    plan.change(`${verb} ${named(plan, ids)}`, (document) => {
      const next = edit(document, ids);
      if (next) plan.selection.these(next);
    });
  };
}

const remove = doing('remove', (document, ids) => {
  let next: string | null = null;
  for (const id of ids) next = removeItem(document, id);
  return next ? [next] : [];
});

function mirror(plan: PlanState) {
  const leftFirst = plan.document?.conventions?.firstSide === 'left';
  const sided = plan.chosen.filter((id) => hasOwnSides(plan, id));
  if (sided.length === 0) return;
  plan.change(`mirror ${named(plan, sided)}`, (document) => {
    for (const id of sided) {
      const line = lineOf(document, id)!;
      line.sides = swapped(catalogue.moves.get(line.move)!, line.sides, leftFirst);
    }
  });
}

// What follows the rounds of a set is mirrored with them.
function hasOwnSides(plan: PlanState, id: string): boolean {
  const line = plan.line(id);
  const sides = catalogue.moves.get(line?.move ?? '')?.sides ?? 'none';
  if (sides === 'none' || !line || !plan.document) return false;
  return line.sides != null || sides === 'circling' || !inSidedRounds(plan.document, id);
}

/** The order with the other side first, or the other side alone. */
export function swapped(move: Move, word: string | null | undefined, leftFirst: boolean): Sides {
  const all = choices(move);
  const at = all.findIndex((c) => c.word === chosen(move, word, leftFirst)?.word);
  return (all[at ^ 1] ?? all[at])!.word;
}

/** Wraps what is selected, or takes the set apart that it is in. */
function wrapping(verb: string, rounds: number | ('right' | 'left')[]): (plan: PlanState) => void {
  return doing(verb, (document, ids) => {
    const within = placeOf(document, ids[0]!)?.within;
    if (within?.id) unwrap(document, within.id);
    else wrap(document, ids, rounds);
  });
}

export const acts: Act[] = [
  {
    id: 'up',
    name: 'Move up',
    key: 'Alt+ArrowUp',
    does: doing('move', (d, ids) => void moveAllBy(d, ids, -1)),
  },
  {
    id: 'down',
    name: 'Move down',
    key: 'Alt+ArrowDown',
    does: doing('move', (d, ids) => void moveAllBy(d, ids, 1)),
  },
  {
    id: 'duplicate',
    name: 'Duplicate',
    key: 'd',
    does: doing('duplicate', (document, ids) =>
      ids.length === 1
        ? [duplicate(document, ids[0]!)!]
        : insertItems(document, itemsOf(document, ids), ids.at(-1)!),
    ),
  },
  { id: 'mirror', name: 'Mirror', key: 'm', does: mirror },
  {
    id: 'lock',
    name: 'Lock or unlock',
    key: 'x',
    does: doing('lock', (document, ids) => {
      const lines = ids.map((id) => lineOf(document, id)).filter((line) => line !== undefined);
      const locked = !lines.every((line) => line.locked);
      for (const line of lines) line.locked = locked;
    }),
  },
  {
    id: 'wrap',
    name: 'Wrap as a mirrored set, or unwrap',
    key: 'w',
    does: wrapping('wrap', ['right', 'left']),
  },
  { id: 'repeat', name: 'Wrap as a repeated set, or unwrap', key: 'W', does: wrapping('repeat', 2) },
  {
    id: 'split',
    name: 'Begin a section here',
    key: 'b',
    does: doing('begin a section at', (document, ids) => void splitSection(document, ids[0]!)),
  },
  { id: 'remove', name: 'Remove', key: 'Delete', does: remove },
  {
    id: 'talk',
    name: 'Add talk without a move',
    key: 't',
    anywhere: true,
    does: (plan) => put(plan, 'talk', { talk: '' }),
  },
  {
    id: 'wait',
    name: 'Add waiting',
    key: 'q',
    anywhere: true,
    does: (plan) => put(plan, 'waiting', { wait: usualWait, what: 'silence' }),
  },
];

// A pause that is noticed as one; common practice, no source.
const usualWait = 20;

function put(plan: PlanState, what: string, item: Talk | Wait) {
  plan.change(`add ${what}`, (document) =>
    plan.selection.these(insertItems(document, [item], plan.chosen.at(-1) ?? plan.selected)),
  );
}

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

/** What is selected as text; kept whole in this browser beside it. */
export function copied(plan: PlanState): string | null {
  if (!plan.document || plan.chosen.length === 0) return null;
  const items = itemsOf(plan.document, plan.chosen);
  const text = textOf(items, catalogue);
  keep(text, items);
  return text;
}

/** Copies what is selected, and takes it out. */
export function cut(plan: PlanState): string | null {
  const text = copied(plan);
  if (text !== null) remove(plan);
  return text;
}

/** Puts what was copied, or what a text says, after the selected line. */
export async function paste(plan: PlanState, text: string) {
  const own = kept(text);
  const { items, unclear } = own ? { items: own, unclear: [] } : await understood(text);
  plan.say(
    [
      items.length > 0 ? `Pasted ${countOf(items)}.` : 'Nothing in it was recognised as a move.',
      unclear.length > 0 ? `Not recognised: ${unclear.join('; ')}` : '',
    ].join(' '),
  );
  if (items.length === 0) return;
  const beside = plan.chosen.at(-1) ?? null;
  plan.change(`paste ${countOf(items)}`, (document) =>
    plan.selection.these(insertItems(document, items, beside)),
  );
}

/** What a text says: as the server reads it, or without it as far as is known here. */
async function understood(text: string): Promise<Understood> {
  try {
    const { data } = await api.POST('/api/read-text', { body: { text } });
    if (data) {
      const unknown = new Set(data.lines.filter((l) => l.kind === 'unknown').map((l) => l.id));
      const read = data.class as unknown as ClassFile;
      return {
        items: read.sections.flatMap((s) => s.items ?? []).filter((i) => !unknown.has(i.id ?? '')),
        unclear: data.lines.filter((l) => l.kind === 'unknown').map((l) => l.text),
      };
    }
  } catch {
    // Not there: what is written here is understood here.
  }
  return itemsFrom(text, catalogue, new MoveFinder([...catalogue.moves.values()], catalogue.positions));
}

const countOf = (items: readonly Item[]) => (items.length === 1 ? 'a line' : `${items.length} lines`);

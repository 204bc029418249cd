import { plain, unitFor } from '../lib/words';
import type { ClassFile, Move, Pause } from '../lib/api/client';
import { choices } from '../lib/sides';
import { units } from '../document/doses';
import { pauseText } from '../document/pauses';
import { roundsText } from '../document/rounds';
import { differing, moved, outline, same, type Entry } from '../document/outline';

/** One difference between two versions of a class, as a teacher would tell it. */
export interface Change {
  kind: 'new' | 'gone' | 'moved' | 'changed';
  /** What it is about: a line, a set, a section; null for the class as a whole. */
  id: string | null;
  text: string;
}

const doses: readonly string[] = units;
/** Fields of the head that go without saying. */
const unsaid = new Set(['sections', 'madeWith', 'format', 'version', 'id', 'moves']);

/** What one has to do to the first class to get the second. */
export function changes(from: ClassFile, to: ClassFile, moves: ReadonlyMap<string, Move>): Change[] {
  const [before, after] = [outline(from), outline(to)];
  const elsewhere = moved(before, after);
  const name = (entry: Entry) => nameOf(entry, moves);
  const found: Change[] = headChanges(from, to);
  for (const [id, entry] of before)
    if (!after.has(id)) found.push({ kind: 'gone', id, text: `${name(entry)} is gone` });
  for (const [id, entry] of after) {
    const old = before.get(id);
    if (!old) {
      found.push({ kind: 'new', id, text: `${name(entry)} is new${inside(entry, after, name)}` });
      continue;
    }
    if (elsewhere.has(id))
      found.push({
        kind: 'moved',
        id,
        text: `${name(entry)} has moved${old.parent === entry.parent ? '' : inside(entry, after, name)}`,
      });
    const what = fieldChanges(old, entry, moves);
    if (what.length > 0) found.push({ kind: 'changed', id, text: `${name(entry)}: ${what.join('; ')}` });
  }
  return found;
}

function inside(entry: Entry, all: ReadonlyMap<string, Entry>, name: (entry: Entry) => string): string {
  const parent = all.get(entry.parent);
  return parent ? `, in ${name(parent)}` : '';
}

function nameOf(entry: Entry, moves: ReadonlyMap<string, Move>): string {
  if (entry.kind === 'line') return moves.get(String(entry.fields.move))?.name ?? String(entry.fields.move);
  if (entry.kind === 'talk')
    return entry.fields.talk ? `Talk “${shortened(String(entry.fields.talk))}”` : 'Talk';
  if (entry.kind === 'wait') return `Waiting ${String(entry.fields.wait)} s`;
  if (entry.kind === 'set')
    return String(entry.fields.name || `the set ${roundsText((entry.fields.rounds ?? 1) as number)}`);
  return String(entry.fields.name || 'a section');
}

const shortened = (text: string) => (text.length > 30 ? `${text.slice(0, 29)}…` : text);

function headChanges(from: ClassFile, to: ClassFile): Change[] {
  const [a, b] = [from as unknown as Record<string, unknown>, to as unknown as Record<string, unknown>];
  return differing(a, b)
    .filter((field) => !unsaid.has(field))
    .map((field) => ({ kind: 'changed', id: null, text: became(plain(field), a[field], b[field]) }));
}

function fieldChanges(old: Entry, now: Entry, moves: ReadonlyMap<string, Move>): string[] {
  const different = differing(old.fields, now.fields);
  const told: string[] = [];
  if (different.some((f) => doses.includes(f))) told.push(`${doseOf(old)} ${arrow} ${doseOf(now)}`);
  for (const field of different) {
    if (doses.includes(field)) continue;
    const [a, b] = [old.fields[field], now.fields[field]];
    if (field === 'move') told.push(`was ${nameOf(old, moves)}`);
    else if (field === 'sides') told.push(`${sidesOf(old, moves)} ${arrow} ${sidesOf(now, moves)}`);
    else if (field === 'rounds') told.push(`${roundsText(a as number)} ${arrow} ${roundsText(b as number)}`);
    else if (field === 'locked') told.push(b ? 'locked' : 'unlocked');
    else if (field === 'goesOn') told.push(b ? 'goes on from the line before' : 'begins anew');
    else if (field.startsWith('pause'))
      told.push(`${words[field]} ${pauseText(a as Pause)} ${arrow} ${pauseText(b as Pause)}`);
    else told.push(became(words[field] ?? plain(field), a, b));
  }
  return told;
}

const arrow = '→';
const words: Record<string, string> = {
  talk: 'talk-in',
  say: 'own words',
  pauseAfter: 'pause after',
  pauseBetween: 'pause between',
  perEnd: 'breaths at each end',
  wait: 'seconds',
};

const doseOf = ({ fields }: Entry) => {
  const unit = doses.find((d) => fields[d] != null);
  return unit ? `${String(fields[unit])} ${unitFor(Number(fields[unit]), unit)}` : 'the usual dose';
};

function sidesOf({ fields }: Entry, moves: ReadonlyMap<string, Move>): string {
  const move = moves.get(String(fields.move));
  const choice = move && choices(move).find((c) => c.word === fields.sides);
  return choice ? choice.said.map((s) => s.text).join(' then ') : String(fields.sides ?? 'the usual sides');
}

/** Short values are told, long ones only named. */
function became(field: string, a: unknown, b: unknown): string {
  const short = (v: unknown) =>
    v == null || v === ''
      ? 'none'
      : typeof v === 'object'
        ? Array.isArray(v) && v.length <= 4 && v.every((x) => typeof x !== 'object')
          ? v.join(', ')
          : null
        : String(v).length <= 40
          ? plain(String(v))
          : null;
  const [was, is] = [short(a), short(b)];
  return was !== null && is !== null && !same(a, b) ? `${field} ${was} ${arrow} ${is}` : `${field} changed`;
}

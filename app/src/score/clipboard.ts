import type { Item, Line, LineSet, Move, Position, Talk, Wait } from '../lib/api/client';
import { choices } from '../lib/sides';
import { anything, type MoveFinder } from '../moves/find';
import { mostOf, unitOf } from '../document/doses';
import { isLine, isSet, isWait } from '../document/edits';
import { roundsText } from '../document/rounds';
import { unitFor } from '../lib/words';

/**
 * Lines as text that a teacher can read, write in any editor and paste back: a line each, "Thread the needle, 3 breaths, right then left";
 * a usual dose stands in brackets; a set says how it is taken, its lines stand indented below it; talk and waiting are lines of their own.
 * The server reads it back as it reads any plan in plain words; without it, what is written here is understood here. What only the class
 * file knows (notes, cues, breath) is kept beside the text in this browser, and used when the text comes back unchanged.
 */

const indent = '  ';
const keptAt = 'ample-tide.clipboard';

/** What names are looked up in. */
export interface Names {
  moves: ReadonlyMap<string, Move>;
  positions: ReadonlyMap<string, Pick<Position, 'name'>>;
}

export function textOf(items: readonly Item[], names: Names, depth = 0): string {
  const before = indent.repeat(depth);
  return items
    .map((item) => {
      if (isLine(item)) {
        const said = item.talk ? `\n${before}${indent}Say: ${folded(item.talk)}` : '';
        return before + lineText(item, names) + said;
      }
      if (!isSet(item)) return before + betweenText(item);
      const named = item.set.name ? `: ${folded(item.set.name)}` : '';
      return `${before}Set: ${roundsText(item.set.rounds ?? 1)}${named}\n${textOf(item.set.items, names, depth + 1)}`;
    })
    .join('\n');
}

/** Words in one line: breaks and colons stand for themselves by other signs. */
const folded = (words: string) => words.trim().replace(/\r?\n/g, ' ⏎ ').replaceAll(':', '∶');
const unfolded = (words: string) => words.trim().replaceAll(' ⏎ ', '\n').replaceAll('∶', ':');

function betweenText(item: Talk | Wait): string {
  if (isWait(item))
    return ['Wait: ' + seconds(item.wait), item.what ?? 'silence', folded(item.note ?? '')]
      .filter(Boolean)
      .join(', ');
  return ['Talk:', folded(item.talk ?? ''), item.seconds ? `(${seconds(item.seconds)})` : '']
    .filter(Boolean)
    .join(' ');
}

const seconds = (amount: number) => `${amount} s`;

const doseText = (unit: string, amount: number) => `${amount} ${unitFor(amount, unit)}`;

function lineText(line: Line, { moves, positions }: Names): string {
  const move = moves.get(line.move);
  const own = unitOf(line);
  const usual = !own && move ? ` (${doseText(move.dose.unit, move.dose.usual)})` : '';
  const sides = move && line.sides ? choices(move).find((c) => c.word === line.sides) : undefined;
  return [
    (move?.name ?? line.move) + usual,
    own ? doseText(own, line[own]!) : '',
    sides ? sides.said.map((s) => s.text).join(' then ') : '',
    line.position ? `[${positions.get(line.position)?.name ?? line.position}]` : '',
    line.option && line.option !== 'base' ? line.option : '',
    line.perEnd ? `${line.perEnd} ${unitFor(line.perEnd, 'breaths')} at each end` : '',
    line.eyes ? `eyes ${line.eyes}` : '',
    line.goesOn ? 'goes on' : '',
  ]
    .filter(Boolean)
    .join(', ');
}

export interface Understood {
  items: Item[];
  /** Lines in which no move was recognised. */
  unclear: string[];
}

/** Reads lines of text back; slips of the pen in a name are forgiven. */
export function itemsFrom(text: string, names: Names, finder: MoveFinder): Understood {
  const { moves } = names;
  const byName = new Map([...moves.values()].map((m) => [m.name.toLowerCase(), m]));
  const items: Item[] = [];
  const unclear: string[] = [];
  // Where lines go: the class, or the set whose head came last.
  let into = items;
  for (const written of text.split(/\r?\n/)) {
    if (!written.trim()) continue;
    const said = written.replace(/^\s*(?:[-*•]|\d+[.):]|\d+:\d\d)\s+/, '').trim();
    const head = /^set\s*:\s*([^:]*)(?::\s*(.*))?$/i.exec(said);
    if (head) {
      into = [];
      const name = unfolded(head[2] ?? '');
      items.push({ id: '', set: { name, rounds: roundsFrom(head[1]!), items: into } });
      continue;
    }
    const say = /^say\s*:\s*(.*)$/i.exec(said);
    const last = into.at(-1);
    if (say && last && isLine(last)) {
      last.talk = unfolded(say[1]!);
      continue;
    }
    if (!/^\s/.test(written)) into = items;
    const between = betweenFrom(said);
    if (between) {
      into.push(between);
      continue;
    }
    const line = lineFrom(said, byName, names, finder);
    if (line) into.push(line as Item);
    else unclear.push(said);
  }
  return { items: items.filter((i) => !isSet(i) || i.set.items.length > 0), unclear };
}

function betweenFrom(said: string): Talk | Wait | null {
  const talk = /^talk\s*:\s*(.*?)\s*(?:\((\d+)\s*s\w*\))?$/i.exec(said);
  if (talk) return { talk: unfolded(talk[1]!), ...(talk[2] ? { seconds: within(Number(talk[2])) } : {}) };
  const wait = /^wait(?:ing)?\s*:\s*(\d+)\s*(m?)[a-z]*\s*,?\s*(silence|handling)?\s*,?\s*(.*)$/i.exec(said);
  if (!wait) return null;
  const what = wait[3]?.toLowerCase() === 'handling' ? 'handling' : 'silence';
  const wanted = Number(wait[1]) * (wait[2] ? 60 : 1);
  return { wait: within(wanted), what, ...(wait[4] ? { note: unfolded(wait[4]) } : {}) };
}

const within = (amount: number) => Math.min(mostOf.seconds, Math.max(1, amount));

function roundsFrom(said: string): NonNullable<LineSet['set']['rounds']> {
  const sides = said.toLowerCase().match(/right|left/g) as ('right' | 'left')[] | null;
  return sides ?? Math.min(20, Math.max(1, Number(/\d+/.exec(said)?.[0] ?? 2)));
}

function lineFrom(
  said: string,
  byName: ReadonlyMap<string, Move>,
  { positions }: Names,
  finder: MoveFinder,
): Omit<Line, 'id'> | null {
  const usual = / \((\d+ [a-z]+)\)/.exec(said);
  if (usual) said = said.replace(usual[0], '');
  const pieces = said.split(/\s*[,;]\s*|\s+[-–]\s+/);
  const names = pieces.map((_, i) => pieces.slice(0, i + 1).join(', '));
  // A name may have a comma in it: the longest that is a name is taken.
  const name = names.reverse().find((n) => byName.has(n.toLowerCase())) ?? pieces[0]!;
  const move = byName.get(name.toLowerCase()) ?? finder.find({ ...anything, text: name })[0];
  if (!move) return null;
  const whole = said.slice(name.length).toLowerCase();
  const perEnd = /(\d+)\s*breaths? at each end/.exec(whole);
  const eyes = /eyes (open|shut)/.exec(whole);
  const rest = perEnd ? whole.replace(perEnd[0], '') : whole;
  const dose = /(\d+)\s*(breath|round|beat|second|minute)/.exec(rest);
  const place = /\[([^\]]+)\]/.exec(rest)?.[1];
  const position = place && [...positions].find(([, p]) => p.name.toLowerCase() === place)?.[0];
  const option = /, (easier|deeper)\b/.exec(rest)?.[1];
  const sides = choices(move).find((c) => rest.includes(c.said.map((s) => s.text).join(' then ')));
  return {
    move: move.id,
    ...doseFrom(dose),
    ...(sides ? { sides: sides.word } : {}),
    ...(position ? { position } : {}),
    ...(option ? { option: option as 'easier' } : {}),
    ...(perEnd ? { perEnd: Number(perEnd[1]) } : {}),
    ...(eyes ? { eyes: eyes[1] as 'open' } : {}),
    ...(/\bgoes on\b/.test(rest) ? { goesOn: true } : {}),
  };
}

function doseFrom(found: RegExpExecArray | null): Partial<Line> {
  if (!found) return {};
  const amount = Number(found[1]);
  return found[2] === 'minute' ? { seconds: amount * 60 } : { [`${found[2]}s`]: amount };
}

/** Keeps the items of a text that was copied, for other classes and tabs too. */
export function keep(text: string, items: readonly Item[]) {
  try {
    localStorage.setItem(keptAt, JSON.stringify({ text, items }));
  } catch {
    // Without storage the text alone is pasted.
  }
}

/** The items of a text, exactly as they were copied, or null when it comes from elsewhere. */
export function kept(text: string): Item[] | null {
  try {
    const found = JSON.parse(localStorage.getItem(keptAt) ?? 'null') as {
      text: string;
      items: Item[];
    } | null;
    return found && found.text.trim() === text.replaceAll('\r', '').trim() ? found.items : null;
  } catch {
    return null;
  }
}

import type { Score } from '../lib/api/client';
import type { Side } from '../lib/sides';

/** What is said at once, and where its words come from. */
export interface Said {
  kind: 'way' | 'prop' | 'talk' | 'cue' | 'stay' | 'last' | 'pause';
  breath: string;
  text: string;
  atMs: number;
  /** Which words of the line it is: its talk, or the cue of a phase from 1; null where it is none of the line's. */
  field: 'talk' | `${number}` | null;
}

/** One side or one round of a line as it is spoken. */
export interface SpokenPass {
  line: string;
  side: Side;
  round: number;
  startMs: number;
  said: Said[];
  /** How many units are counted, and of what. */
  count: number;
}

type Event = NonNullable<Score['events']>[number];

/** The class as it is spoken: everything that is said, pass by pass, in order. */
export function scriptOf(score: Score): SpokenPass[] {
  const passes: SpokenPass[] = [];
  let current: SpokenPass | null = null;
  for (const event of score.events ?? []) {
    const side = event.side as Side;
    if (!current || begins(current, event)) {
      current = { line: event.line, side, round: 1, startMs: event.atMs, said: [], count: 0 };
      passes.push(current);
    }
    if (current.side === 'none' && side !== 'none') current.side = side;
    current.count = Math.max(current.count, event.of);
    const said = saidIn(event, current) ?? notice(event, current);
    if (said) current.said.push(said);
  }
  for (const talk of score.talks ?? []) {
    const pass = passes.filter((p) => p.line === talk.line && p.startMs <= talk.fromMs).at(-1);
    // Talk that has a time of its own is among the events, too: there it is only time.
    if (pass && talk.text)
      pass.said.unshift({ kind: 'talk', breath: '', text: talk.text, atMs: talk.fromMs, field: 'talk' });
  }
  for (const pass of passes) pass.said.sort((a, b) => a.atMs - b.atMs);
  return passes;
}

// Another line, or the other side of the same one.
function begins(pass: SpokenPass, event: Event): boolean {
  if (event.line !== pass.line) return true;
  const sided = event.kind === 'breath' || event.kind === 'beat' || event.kind === 'lead';
  if (!sided || event.side === 'none') return false;
  // Where sides take turns a pass has both.
  return pass.side !== 'none' && event.side !== pass.side && event.round <= 1;
}

/** The last round is told once, where no words of its own tell it. */
function notice(event: Event, pass: SpokenPass): Said | null {
  const counts = event.kind === 'breath' || event.kind === 'beat';
  if (!counts || event.of < 2 || event.round !== event.of || pass.said.some((s) => s.kind === 'last'))
    return null;
  return { kind: 'last', breath: event.phase, text: 'Last one', atMs: event.atMs, field: null };
}

function saidIn(event: Event, pass: SpokenPass): Said | null {
  const base = { breath: event.phase, atMs: event.atMs, text: event.cue ?? '' };
  switch (event.kind) {
    case 'way':
      return { ...base, kind: 'way', field: null };
    case 'prop':
      return { ...base, kind: 'prop', field: null };
    case 'pause':
      return { ...base, kind: 'pause', text: `Pause, ${Math.round(event.ms / 1000)} s`, field: null };
    case 'lead':
      return null;
    default: {
      const isLast = event.round > 1 && event.round === event.of;
      if (!event.cue) return null;
      const kind = event.phase === 'stay' ? 'stay' : isLast ? 'last' : 'cue';
      // What is said first in a phase is the line's own to change; what follows is its short form, or said while staying.
      const field: Said['field'] = `${event.step + 1}`;
      const isFirst = !pass.said.some((s) => s.field === field) && (event.round <= 1 || kind === 'stay');
      return { ...base, kind, field: isFirst ? field : null };
    }
  }
}

import MiniSearch from 'minisearch';
import type { Move, Position } from '../lib/api/client';

/** What the teacher has asked for; nothing chosen lets everything through. */
export interface Wanted {
  text: string;
  family: string;
  position: string;
  area: string;
  sides: string;
  kind: string;
  /** Somebody with this condition can do it as it is, or smaller. */
  condition: string;
  /** Needs nothing but what is under people already. */
  noProps: boolean;
  gentle: boolean;
}

export const anything: Wanted = {
  text: '',
  family: '',
  position: '',
  area: '',
  sides: '',
  kind: '',
  condition: '',
  noProps: false,
  gentle: false,
};

// METs up to which a move counts as gentle, as the catalogue places sitting stretches; common practice, no source.
const gentleEffort = 2.5;

// A slip in a word of three letters, two in one of seven.
const slipsPerLetter = 0.25;
const weights = { name: 4, traditional: 3, areas: 2, where: 1 };

/** Finds moves by slips and beginnings of words too: English and traditional names, areas, positions. */
export class MoveFinder {
  private index = new MiniSearch<{ at: number } & Record<keyof typeof weights, string>>({
    idField: 'at',
    fields: Object.keys(weights),
    processTerm: (word) =>
      word
        .normalize('NFD')
        .replace(/\p{Diacritic}/gu, '')
        .toLowerCase(),
    searchOptions: { boost: weights, prefix: true, fuzzy: slipsPerLetter, combineWith: 'AND' },
  });

  constructor(
    private moves: Move[],
    private positions: Map<string, Position>,
  ) {
    this.index.addAll(
      moves.map((move, at) => ({
        at,
        name: move.name,
        traditional: move.traditional ?? '',
        areas: move.areas.join(' '),
        where: move.positions.map((p) => positions.get(p)?.name ?? p).join(' '),
      })),
    );
  }

  find(wanted: Wanted): Move[] {
    const text = wanted.text.trim();
    const found = text ? this.index.search(text).map((hit) => this.moves[hit.id as number]!) : this.moves;
    return found.filter((move) => this.passes(move, wanted));
  }

  private passes(move: Move, wanted: Wanted): boolean {
    return (
      (!wanted.family || move.positions.some((p) => this.positions.get(p)?.family === wanted.family)) &&
      (!wanted.position || move.positions.includes(wanted.position)) &&
      (!wanted.area || move.areas.includes(wanted.area)) &&
      (!wanted.sides || move.sides === wanted.sides) &&
      (!wanted.kind || move.kind === wanted.kind) &&
      (!wanted.condition || !move.notFor.includes(wanted.condition)) &&
      (!wanted.noProps || move.props.length === 0) &&
      (!wanted.gentle || move.effort <= gentleEffort)
    );
  }
}

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
  /** A prop it can be done with, or `none`: it can be done without any. */
  props: string;
  effort: string;
}

export const anything: Wanted = {
  text: '',
  family: '',
  position: '',
  area: '',
  sides: '',
  kind: '',
  condition: '',
  props: '',
  effort: '',
};

/** Effort in METs from and below, as the American College of Sports Medicine bands it; from memory. */
export const efforts: Record<string, [number, number]> = {
  'very light': [0, 2],
  light: [2, 3],
  moderate: [3, 6],
};

// A slip in a word of three letters, two in one of seven.
const slipsPerLetter = 0.25;
const weights = { name: 4, names: 3, traditional: 3, areas: 2, uses: 2, where: 1 };

/** Finds moves without the server, slips and beginnings of words forgiven: by names, areas, uses and positions. */
export class MoveFinder {
  private built: MiniSearch | undefined;

  constructor(
    private moves: Move[],
    private positions: Map<string, Position>,
  ) {}

  find(wanted: Wanted): Move[] {
    const text = wanted.text.trim();
    const found = text ? this.search(text) : this.moves;
    return found.filter((move) => this.passes(move, wanted));
  }

  // Not before somebody writes a word: it takes as long as drawing the first cards.
  private get index(): MiniSearch {
    if (this.built) return this.built;
    this.built = new MiniSearch({
      idField: 'at',
      fields: Object.keys(weights),
      processTerm: (word) =>
        word
          .normalize('NFD')
          .replace(/\p{Diacritic}/gu, '')
          .toLowerCase(),
      searchOptions: { boost: weights, prefix: true, fuzzy: slipsPerLetter, combineWith: 'AND' },
    });
    this.built.addAll(
      this.moves.map((move, at) => ({
        at,
        name: move.name,
        names: move.names.join(' '),
        traditional: move.traditional ?? '',
        areas: move.areas.join(' '),
        uses: move.uses.join(' '),
        where: move.positions.map((p) => this.positions.get(p)?.name ?? p).join(' '),
      })),
    );
    return this.built;
  }

  // A name that is written out comes before longer names with it in them.
  private search(text: string): Move[] {
    const found = this.index.search(text).map((hit) => this.moves[hit.id as number]!);
    const isIt = (move: Move) => move.name.toLowerCase() === text.toLowerCase();
    return [...found.filter(isIt), ...found.filter((move) => !isIt(move))];
  }

  /** Those of a list, in its order, that are let through besides. */
  among(moves: readonly Move[], wanted: Wanted): Move[] {
    return moves.filter((move) => this.passes(move, wanted));
  }

  private passes(move: Move, wanted: Wanted): boolean {
    return (
      (!wanted.family || move.positions.some((p) => this.positions.get(p)?.family === wanted.family)) &&
      (!wanted.position || move.positions.includes(wanted.position)) &&
      (!wanted.area || move.areas.includes(wanted.area)) &&
      (!wanted.sides || move.sides === wanted.sides) &&
      (!wanted.kind || move.kind === wanted.kind) &&
      (!wanted.condition || !move.notFor.includes(wanted.condition)) &&
      (!wanted.props || this.suits(move, wanted)) &&
      (!wanted.effort || within(move.effort, efforts[wanted.effort]))
    );
  }

  // In one of the positions that are asked for: those of a chair need the chair.
  private suits(move: Move, wanted: Wanted): boolean {
    return move.positions
      .filter((p) => !wanted.position || p === wanted.position)
      .filter((p) => !wanted.family || this.positions.get(p)?.family === wanted.family)
      .some((p) => {
        const needed = [...move.props, ...(this.positions.get(p)?.props ?? [])];
        return wanted.props === 'none'
          ? needed.length === 0
          : [...needed, ...move.helpful].includes(wanted.props);
      });
  }
}

const within = (mets: number, band: [number, number] | undefined) =>
  !band || (mets >= band[0] && mets < band[1]);

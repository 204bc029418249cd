import Fuse from 'fuse.js';
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

/** Finds moves by slips and halves of words too: English and traditional names, areas, positions. */
export class MoveFinder {
  private fuse: Fuse<Move & { where: string[] }>;

  constructor(
    private moves: Move[],
    private positions: Map<string, Position>,
  ) {
    const searched = moves.map((move) => ({
      ...move,
      where: move.positions.map((p) => positions.get(p)?.name ?? p),
    }));
    this.fuse = new Fuse(searched, {
      keys: [
        { name: 'name', weight: 4 },
        { name: 'traditional', weight: 3 },
        { name: 'areas', weight: 2 },
        { name: 'where', weight: 1 },
      ],
      threshold: 0.34,
      ignoreLocation: true,
      ignoreDiacritics: true,
    });
  }

  find(wanted: Wanted): Move[] {
    const text = wanted.text.trim();
    const found = text ? this.fuse.search(text).map((hit) => hit.item as Move) : this.moves;
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

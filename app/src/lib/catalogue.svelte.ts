import { api, sentence, type Move, type Position } from './api/client';

/** The moves and positions, asked for once. */
class Catalogue {
  moves = $state.raw(new Map<string, Move>());
  positions = $state.raw(new Map<string, Position>());
  trouble = $state<string | null>(null);
  private asked: Promise<void> | null = null;

  load(): Promise<void> {
    return (this.asked ??= this.ask());
  }

  private async ask() {
    try {
      const [moves, positions] = await Promise.all([api.GET('/api/moves'), api.GET('/api/positions')]);
      this.moves = new Map(moves.data?.map((m) => [m.id, m]));
      this.positions = new Map(positions.data?.map((p) => [p.id, p]));
      this.trouble = null;
    } catch (problem) {
      this.trouble = sentence(problem);
      this.asked = null;
    }
  }
}

export const catalogue = new Catalogue();

import { plain } from './words';
import { api, sentence, type Condition, type Move, type Position, type Prop } from './api/client';

/** The moves, positions and conditions, asked for once. */
class Catalogue {
  moves = $state.raw(new Map<string, Move>());
  positions = $state.raw(new Map<string, Position>());
  conditions = $state.raw<Condition[]>([]);
  props = $state.raw<Prop[]>([]);
  trouble = $state<string | null>(null);
  private asked: Promise<void> | null = null;
  private followers: (() => void)[] = [];

  /** Has something done whenever moves were changed: what was drawn of them is old then. */
  whenChanged(does: () => void) {
    this.followers.push(does);
  }

  /** What so many of a prop are called within a sentence. */
  propName(id: string, count = 1): string {
    const prop = this.props.find((p) => p.id === id);
    return prop ? (count === 1 ? prop.name : prop.plural).toLowerCase() : plain(id);
  }

  load(): Promise<void> {
    return (this.asked ??= this.ask());
  }

  /** Asks anew, after a move of one's own was kept or deleted. */
  again(): Promise<void> {
    for (const does of this.followers) does();
    return (this.asked = this.ask());
  }

  private async ask() {
    try {
      const [moves, positions, conditions, props] = await Promise.all([
        api.GET('/api/moves'),
        api.GET('/api/positions'),
        api.GET('/api/conditions'),
        api.GET('/api/props'),
      ]);
      this.moves = new Map(moves.data?.map((m) => [m.id, m]));
      this.positions = new Map(positions.data?.map((p) => [p.id, p]));
      this.conditions = conditions.data ?? [];
      this.props = props.data ?? [];
      this.trouble = null;
    } catch (problem) {
      this.trouble = sentence(problem);
      this.asked = null;
    }
  }
}

export const catalogue = new Catalogue();

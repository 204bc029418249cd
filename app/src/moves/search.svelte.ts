import { api, type Move } from '../lib/api/client';
import { catalogue } from '../lib/catalogue.svelte';
import { MoveFinder, type Wanted } from './find';

// Whoever types is asked about once they pause.
const pauseMs = 120;

/** Finds moves as one types: by name and by use as the server knows them, by the index here while it is away. */
export class MoveSearch {
  private finder = $derived(new MoveFinder([...catalogue.moves.values()], catalogue.positions));
  /** What the server found, and for which text; null while it was not asked, or cannot be. */
  private answer = $state.raw<{ text: string; moves: Move[] } | null>(null);

  constructor(wanted: () => Wanted) {
    this.wanted = wanted;
    $effect(() => {
      const q = wanted().text.trim();
      if (!q) return;
      const timer = setTimeout(() => void this.ask(q), pauseMs);
      return () => clearTimeout(timer);
    });
  }
  private wanted: () => Wanted;

  /** The moves that are wanted, the likest first. */
  readonly found = $derived.by(() => {
    const wanted = this.wanted();
    const here = this.finder.find(wanted);
    if (this.answer?.text !== wanted.text.trim()) return here;
    const first = this.finder.among(this.answer.moves, wanted);
    return [...first, ...here.filter((move) => !first.some((f) => f.id === move.id))];
  });

  private async ask(q: string) {
    try {
      const { data } = await api.GET('/api/moves', { params: { query: { q } } });
      if (data && q === this.wanted().text.trim()) this.answer = { text: q, moves: data };
    } catch {
      this.answer = null;
    }
  }
}

/** Why a move is among those that were found, where its name does not say it. */
export const foundBy = (move: Move) =>
  move.foundFor ?? (move.foundBy !== move.name ? move.foundBy : '') ?? '';

import { SvelteMap } from 'svelte/reactivity';
import { catalogue } from '../lib/catalogue.svelte';
import { api, type Figure } from '../lib/api/client';

const perRequest = 60;

/** Pictures of lines, by move, position and option. What a screen lacks is asked for together. */
class Figures {
  private known = new SvelteMap<string, Figure>();
  private asked = new Set<string>();
  private wanted: string[] = [];

  static key(move: string, position: string, option: string): string {
    return `${move}@${position}@${option}`;
  }

  /** The picture, or undefined until it has come. */
  of(key: string): Figure | undefined {
    const figure = this.known.get(key);
    if (!figure) this.want(key);
    return figure;
  }

  /** Asks at once for what will be looked at, before it is drawn. */
  ahead(keys: string[]) {
    this.wanted.push(...keys.filter((key) => !this.asked.has(key)));
    for (const key of this.wanted) this.asked.add(key);
    if (this.wanted.length > 0) void this.fetch();
  }

  /** Asks for everything anew, after a move was changed. */
  forget() {
    this.known.clear();
    this.asked.clear();
  }

  private want(key: string) {
    if (this.asked.has(key)) return;
    this.asked.add(key);
    // Everything wanted in the same turn goes together.
    if (this.wanted.length === 0) queueMicrotask(() => void this.fetch());
    this.wanted.push(key);
  }

  private async fetch() {
    const keys = this.wanted.splice(0);
    // Short enough for an address; the first ones on the page come first, and the next are on their way while these are drawn.
    let before: Promise<void> | undefined;
    for (let i = 0; i < keys.length; i += perRequest) {
      const coming = this.bring(keys.slice(i, i + perRequest));
      await before;
      before = coming;
    }
    await before;
  }

  private async bring(keys: string[]): Promise<void> {
    try {
      const { data, error } = await api.GET('/api/figures', {
        params: { query: { of: [...keys].sort().join(',') } },
      });
      for (const [key, figure] of Object.entries(data?.figures ?? {})) this.known.set(key, figure);
      // One that is not to be had does not keep the others away.
      if (error && keys.length > 1) {
        const half = Math.ceil(keys.length / 2);
        await Promise.all([this.bring(keys.slice(0, half)), this.bring(keys.slice(half))]);
      }
    } catch {
      // A picture that does not come leaves its frame empty; the next change of the class asks again.
      for (const key of keys) this.asked.delete(key);
    }
  }
}

export const figures = new Figures();
catalogue.whenChanged(() => figures.forget());
export const figureKey = Figures.key;

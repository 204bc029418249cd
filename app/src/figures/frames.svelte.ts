import { SvelteMap } from 'svelte/reactivity';
import { catalogue } from '../lib/catalogue.svelte';
import { api, type Frames } from '../lib/api/client';

/** Moving pictures of moves, asked for when one is looked at. */
class FrameStore {
  private known = new SvelteMap<string, Frames>();
  private asked = new Set<string>();

  of(move: string, position: string, option: string, side: 'right' | 'left'): Frames | undefined {
    const key = `${move}@${position}@${option}@${side}`;
    const frames = this.known.get(key);
    if (!frames && !this.asked.has(key)) {
      this.asked.add(key);
      void this.bring(key, move, { position, option, side });
    }
    return frames;
  }

  /** Fetches a moving picture, where it is not there yet. */
  async load(move: string, position: string, option: string, side: 'right' | 'left'): Promise<void> {
    const key = `${move}@${position}@${option}@${side}`;
    if (this.known.has(key)) return;
    this.asked.add(key);
    await this.bring(key, move, { position, option, side });
  }

  /** Asks for everything anew, after a move was changed. */
  forget() {
    this.known.clear();
    this.asked.clear();
  }

  private async bring(key: string, move: string, query: { position: string; option: string; side: string }) {
    try {
      const { data } = await api.GET('/api/moves/{id}/frames', {
        params: { path: { id: move }, query },
      });
      if (data) this.known.set(key, data);
    } catch {
      // Asked again the next time.
      this.asked.delete(key);
    }
  }
}

export const frames = new FrameStore();
catalogue.whenChanged(() => frames.forget());

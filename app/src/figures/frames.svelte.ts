import { SvelteMap } from 'svelte/reactivity';
import { catalogue } from '../lib/catalogue.svelte';
import { api, type Frames } from '../lib/api/client';

type Side = 'right' | 'left';

/** A move in motion; mirrored where the left side is the right one's picture flipped. */
export type Motion = Frames & { mirrored: boolean };

/** Moving pictures of moves, asked for when one is looked at. */
class FrameStore {
  private known = new SvelteMap<string, Motion>();
  private asked = new Map<string, Promise<void>>();

  of(move: string, position: string, option: string, side: Side): Motion | undefined {
    const frames = this.known.get(keyOf(move, position, option, side));
    if (!frames) void this.load(move, position, option, side);
    return frames;
  }

  /** Fetches a moving picture, where it is not there yet. */
  load(move: string, position: string, option: string, side: Side): Promise<void> {
    const key = keyOf(move, position, option, side);
    let asked = this.asked.get(key);
    if (!asked) {
      asked = this.bring(key, move, { position, option, side });
      this.asked.set(key, asked);
    }
    return asked;
  }

  /** Asks for everything anew, after a move was changed. */
  forget() {
    this.known.clear();
    this.asked.clear();
  }

  private async bring(key: string, move: string, query: { position: string; option: string; side: Side }) {
    const right = keyOf(move, query.position, query.option, 'right');
    if (query.side === 'left') {
      await this.load(move, query.position, query.option, 'right');
      const known = this.known.get(right);
      if (known?.mirrors) {
        this.known.set(key, { ...known, mirrored: true });
        return;
      }
    }
    try {
      const { data } = await api.GET('/api/moves/{id}/frames', {
        params: { path: { id: move }, query },
      });
      if (data) this.known.set(key, { ...data, mirrored: false });
    } catch {
      // Asked again the next time.
      this.asked.delete(key);
    }
  }
}

const keyOf = (move: string, position: string, option: string, side: Side) =>
  `${move}@${position}@${option}@${side}`;

export const frames = new FrameStore();
catalogue.whenChanged(() => frames.forget());

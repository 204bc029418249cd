import type { Motion } from './frames.svelte';

/** How long a phase takes on a card, at most: a glance, not a breath. */
const longest = 1600;
const passing = 250;

/** The card that moves: one at a time, the one that is pointed at or focused. */
class Playing {
  card = $state<string | null>(null);
  at = $state({ phase: 0, frame: 0 });
  private timer = 0;

  /** Begins to play on a card, once its frames are there. */
  async start(card: string, load: () => Promise<Motion | undefined>) {
    if (matchMedia('(prefers-reduced-motion: reduce)').matches) return;
    this.stop();
    this.wanted = card;
    // Nothing flickers under a pointer that only passes.
    await new Promise((resolve) => setTimeout(resolve, passing));
    if (this.wanted !== card) return;
    const motion = await load();
    if (!motion || this.wanted !== card) return;
    const began = performance.now();
    const step = (now: number) => {
      this.at = momentOf(motion, now - began);
      this.card = card;
      this.timer = requestAnimationFrame(step);
    };
    this.timer = requestAnimationFrame(step);
  }

  stop() {
    cancelAnimationFrame(this.timer);
    this.wanted = this.card = null;
  }

  private wanted: string | null = null;
}

/** Which frame is seen so long after the beginning; all phases in turn, over and over. */
export function momentOf(motion: Pick<Motion, 'ms' | 'phases' | 'order'>, ms: number) {
  const lengths = motion.ms.map((m) => Math.min(m, longest));
  let left = ms % lengths.reduce((a, b) => a + b, 0);
  let turn = 0;
  while (turn < lengths.length - 1 && left >= lengths[turn]!) left -= lengths[turn++]!;
  const phase = motion.order[turn] ?? turn;
  const frames = motion.phases[phase]!.length;
  return { phase, frame: Math.min(frames - 1, Math.floor((left / lengths[turn]!) * frames)) };
}

export const playing = new Playing();

import type { Moment } from './moment';

const key = 'ample-tide.chimes';

// Pitches of a soft bowl: a fifth apart, so that each is told from the others without being looked for.
const pitches = { side: 392, last: 523.25, line: 293.66 } as const;
const fadeSeconds = 1.6;
const loudness = 0.16;

/** Soft tones where the line or the side changes and at the last round, made in the browser. Off until somebody turns them on. */
export class Chimes {
  private audio: AudioContext | null = null;
  private before: { line: string; side: string; last: boolean } | null = null;
  on = localStorage.getItem(key) === 'on';

  toggle() {
    this.on = !this.on;
    localStorage.setItem(key, this.on ? 'on' : 'off');
    if (this.on) this.ring('line');
  }

  /** Rings for what has changed since the moment before. */
  follow(moment: Moment) {
    const now = { line: moment.pass.line, side: moment.pass.side, last: moment.isLast };
    const { before } = this;
    this.before = now;
    if (!before || !this.on) return;
    if (now.line !== before.line) this.ring('line');
    else if (now.side !== before.side) this.ring('side');
    else if (now.last && !before.last) this.ring('last');
  }

  close() {
    void this.audio?.close().catch(() => undefined);
    this.audio = null;
  }

  private ring(what: keyof typeof pitches) {
    const audio = (this.audio ??= new AudioContext());
    const [tone, gain] = [audio.createOscillator(), audio.createGain()];
    tone.frequency.value = pitches[what];
    gain.gain.setValueAtTime(0, audio.currentTime);
    gain.gain.linearRampToValueAtTime(loudness, audio.currentTime + 0.02);
    gain.gain.exponentialRampToValueAtTime(0.0001, audio.currentTime + fadeSeconds);
    tone.connect(gain).connect(audio.destination);
    tone.start();
    tone.stop(audio.currentTime + fadeSeconds);
  }
}

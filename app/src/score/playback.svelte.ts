import type { PlanState } from '../plan/plan.svelte';
import { eventAt, type ScoreEvent } from '../tide/events';

/** Lets the class run, by its own clock: the playhead moves, the line that is on is selected, and the figure breathes with it. */
export class Playback {
  playing = $state(false);
  /** Where the playhead is while it runs or rests between lines; null: at the selected line. */
  ms = $state<number | null>(null);
  private frame = 0;
  private last = 0;

  /** The line the playhead is in; another one being selected means that the teacher went there. */
  private line: string | null = null;

  constructor(
    private plan: PlanState,
    private startOf: (line: string | null) => number | undefined,
  ) {}

  get event(): ScoreEvent | undefined {
    const events = this.plan.score?.events;
    return events && this.ms !== null ? eventAt(events, this.ms) : undefined;
  }

  /** How far the event has gone, from 0 to 1. */
  get share(): number {
    const event = this.event;
    return event && this.ms !== null ? Math.min(1, (this.ms - event.atMs) / Math.max(1, event.ms)) : 0;
  }

  /** Runs from the selected line on, or from where it was stopped in it. */
  toggle() {
    if (this.playing) return this.pause();
    const fromMs = this.startOf(this.plan.selected);
    if (fromMs === undefined) return;
    this.plan.detailed = true;
    if (this.event?.line !== this.plan.selected) this.ms = fromMs;
    this.playing = true;
    this.line = null;
    this.last = performance.now();
    this.frame = requestAnimationFrame(this.step);
  }

  pause() {
    this.playing = false;
    cancelAnimationFrame(this.frame);
  }

  /** The playhead is set somewhere; where nothing plays it rests at the selected line again. */
  seek(ms: number) {
    this.ms = this.playing ? ms : null;
  }

  private follow() {
    if (this.line !== null && this.plan.selected !== this.line)
      this.ms = this.startOf(this.plan.selected) ?? this.ms;
    const line = this.event?.line;
    if (!line) return;
    if (line !== this.plan.selected) this.plan.selected = line;
    this.line = line;
  }

  private step = (now: number) => {
    // Another tab may have been in front for an hour.
    const passed = Math.min(250, now - this.last);
    this.last = now;
    const total = this.plan.score?.totalMs ?? 0;
    this.ms = Math.min(total, (this.ms ?? 0) + passed);
    this.follow();
    if (this.ms >= total) {
      this.pause();
      this.ms = null;
    } else if (this.playing) this.frame = requestAnimationFrame(this.step);
  };
}

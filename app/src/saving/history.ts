import { get, set } from 'idb-keyval';
import { same } from '../document/outline';

/** A step that can be undone: what it was called, and the document before it. */
export interface Step {
  name: string;
  before: string;
}

interface Kept {
  past: Step[];
  future: Step[];
  now: string;
}

const keyOf = (id: string) => `ample-tide.history.${id}`;

// All steps are written at once, so not at every key.
const keepAfterMs = 400;
const oneStepMs = 3000;

/**
 * What was done to a class, step by step, without limit; it lies in the browser's database and survives a reload. Edits of one thing in a
 * row (a dose tapped five times) are one step.
 */
export class History {
  past: Step[] = [];
  future: Step[] = [];
  private lastKind = '';
  private lastAt = 0;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private write: (() => void) | null = null;

  constructor(private id: string) {
    addEventListener('pagehide', () => this.write?.());
  }

  /** What was kept. Where the class went on without it (the tab was killed, another one saved) that is one step more. */
  async load(now: string): Promise<void> {
    const kept = await get<Kept>(keyOf(this.id)).catch(() => undefined);
    if (!kept) return;
    [this.past, this.future] = [kept.past, kept.future];
    if (same(JSON.parse(kept.now), JSON.parse(now))) return;
    this.past.push({ name: 'changes since last time', before: kept.now });
    this.future = [];
  }

  /** Remembers the document as it was before a step. */
  did(name: string, before: string, kind: string, atMs: number): void {
    const goesOn = kind !== '' && kind === this.lastKind && atMs - this.lastAt < oneStepMs;
    if (!goesOn) this.past.push({ name, before });
    this.future = [];
    [this.lastKind, this.lastAt] = [kind, atMs];
  }

  undo(now: string): Step | undefined {
    const step = this.past.pop();
    if (step) this.future.push({ name: step.name, before: now });
    this.lastKind = '';
    return step;
  }

  redo(now: string): Step | undefined {
    const step = this.future.pop();
    if (step) this.past.push({ name: step.name, before: now });
    this.lastKind = '';
    return step;
  }

  /** Writes it down shortly, with the class as it is then. */
  keep(now: () => string): void {
    clearTimeout(this.timer);
    this.write = () => {
      this.write = null;
      void set(keyOf(this.id), { past: this.past, future: this.future, now: now() } satisfies Kept).catch(
        () => undefined,
      );
    };
    this.timer = setTimeout(() => this.write?.(), keepAfterMs);
  }
}

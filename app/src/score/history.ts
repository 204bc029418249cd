import { del, get, set } from 'idb-keyval';

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

/**
 * What was done to a class, step by step, without limit; it lies in the browser's database and survives a reload. Edits of one thing in a
 * row (a dose tapped five times) are one step.
 */
export class History {
  past: Step[] = [];
  future: Step[] = [];
  private lastKind = '';
  private lastAt = 0;

  constructor(private id: string) {}

  /** What was kept, if the class is still as it was then. */
  async load(now: string): Promise<void> {
    const kept = await get<Kept>(keyOf(this.id)).catch(() => undefined);
    if (kept?.now === now) [this.past, this.future] = [kept.past, kept.future];
    else void del(keyOf(this.id)).catch(() => undefined);
  }

  /** Remembers the document as it was before a step. */
  did(name: string, before: string, kind: string, atMs: number): void {
    const goesOn = kind !== '' && kind === this.lastKind && atMs - this.lastAt < 3000;
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

  keep(now: string): void {
    void set(keyOf(this.id), { past: this.past, future: this.future, now } satisfies Kept).catch(
      () => undefined,
    );
  }
}

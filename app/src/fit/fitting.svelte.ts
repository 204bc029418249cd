import { api, sentence, type Fitted } from '../lib/api/client';
import type { PlanState } from '../plan/plan.svelte';

/** What a class is to be fitted to. */
export interface Wish {
  /** The whole class, or nothing where only sections matter. */
  targetMs?: number;
  /** Sections by id. */
  sections?: Record<string, number>;
  /** All alike: the doses that are not set, or all of them. */
  scale?: 'unset' | 'all';
}

/** Fits of one class: what was asked last, and what came of it. It is looked at as a preview and done as one step. */
export class Fitting {
  open = $state(false);
  asking = $state(false);
  trouble = $state('');
  answer = $state.raw<Fitted | null>(null);
  wish = $state.raw<Wish>({});
  private asked: AbortController | null = null;

  constructor(private plan: PlanState) {}

  async ask(wish: Wish) {
    const document = $state.snapshot(this.plan.document);
    if (!document) return;
    this.asked?.abort();
    const asked = (this.asked = new AbortController());
    [this.open, this.asking, this.trouble, this.wish] = [true, true, '', wish];
    try {
      const { data, error } = await api.POST('/api/fit', {
        body: { class: document, ...wish },
        signal: asked.signal,
      });
      if (asked.signal.aborted) return;
      this.asking = false;
      if (error) [this.answer, this.trouble] = [null, sentence(error)];
      else {
        this.answer = data;
        this.plan.tryOut('fit', 'fit', data.fits && data.changes.length > 0 ? data : null);
      }
    } catch (problem) {
      if (asked.signal.aborted) return;
      [this.asking, this.answer, this.trouble] = [false, null, sentence(problem)];
    }
  }

  /** Forgets what was found; the search on the server ends with it. */
  leave() {
    this.asked?.abort();
    [this.asking, this.answer, this.trouble] = [false, null, ''];
    this.plan.tryOut('fit', 'fit', null);
  }

  close() {
    this.leave();
    this.open = false;
  }

  /** Whether what is looked at is this fit, and the class is still the one that was fitted. */
  get shown(): boolean {
    return this.plan.preview?.finding === 'fit';
  }
}

import { Unsent } from '../lib/unsent';

/** A plan in plain words, and what was chosen where it was not sure. */
export interface Jotted {
  title: string;
  text: string;
  /** By the line's place among what was read: the move that is meant, or null for something that is said. */
  chosen?: Record<number, string | null>;
}

export const unsent = new Unsent<Jotted>('jotted');

/** Leaves a plan for the page that shows what was understood. */
export const jot = (plan: Jotted) => unsent.keep(plan);

import { insertLine } from '../document/edits';
import { catalogue } from '../lib/catalogue.svelte';
import type { PlanState } from './plan.svelte';

const key = 'ample-tide.take-along';

/** A move that was chosen on its own page, for the class that is opened next. */
export interface Along {
  move: string;
  position: string;
  option: string;
}

export function takeNext(along: Along) {
  sessionStorage.setItem(key, JSON.stringify(along));
}

/** Puts what was taken along at the end of the class, as a step that can be undone. */
export function takeAlong(plan: PlanState) {
  const found = sessionStorage.getItem(key);
  sessionStorage.removeItem(key);
  if (!found) return;
  const { move, position, option } = JSON.parse(found) as Along;
  const name = catalogue.moves.get(move)?.name;
  if (!name) return;
  plan.change(`add ${name}`, (document) => {
    const line = { move, position, ...(option === 'base' ? {} : { option }) };
    plan.selected = insertLine(document, line, document.sections.at(-1)?.id ?? null);
  });
  plan.say(`${name} stands at the end of the class.`);
}

import { SvelteSet } from 'svelte/reactivity';

/** Which items of the class are selected: the one the keys act from, and others beside it. */
export class Selection {
  /** Where the keys are. */
  at = $state<string | null>(null);
  /** Whether a tap adds to the selection, for hands without a Ctrl key. */
  several = $state(false);
  private others = new SvelteSet<string>();
  private anchor: string | null = null;

  get all(): string[] {
    return this.at === null ? [] : [...this.others, this.at];
  }

  has(id: string): boolean {
    return id === this.at || this.others.has(id);
  }

  /** One item and nothing else; nothing for null. */
  one(id: string | null) {
    if (id === this.at && this.others.size === 0) return;
    this.others.clear();
    this.at = this.anchor = id;
  }

  /** Adds an item, or takes it out again. */
  toggle(id: string) {
    if (!this.has(id)) {
      if (this.at !== null) this.others.add(this.at);
      this.at = this.anchor = id;
    } else if (this.others.size > 0) {
      this.others.delete(id);
      if (id === this.at) {
        this.at = [...this.others].at(-1)!;
        this.others.delete(this.at);
      }
    }
  }

  /** Everything from where the selection began to an item. */
  extendTo(id: string, order: readonly string[]) {
    const from = order.indexOf(this.anchor ?? id);
    const to = order.indexOf(id);
    if (from < 0 || to < 0) return this.one(id);
    this.others.clear();
    for (const between of order.slice(Math.min(from, to), Math.max(from, to) + 1)) this.others.add(between);
    this.others.delete(id);
    this.at = id;
  }

  /** These and nothing else. */
  these(ids: readonly string[]) {
    this.one(ids.at(-1) ?? null);
    for (const id of ids.slice(0, -1)) this.others.add(id);
    this.anchor = ids[0] ?? null;
  }
}

import {
  api,
  sentence,
  type Applied,
  type ClassFile,
  type Item,
  type Line,
  type Score,
  type Sides,
} from '../lib/api/client';
import { both } from '../document/merge';
import { units, type Unit } from '../document/doses';
import { betweenOf, isWait, itemOf, itemsOf, lineOf } from '../document/edits';
import { catalogue } from '../lib/catalogue.svelte';
import { elsewhereOf } from '../people/swaps';
import { History } from '../saving/history';
import { Saver } from '../saving/saver.svelte';
import { Selection } from './selection.svelte';

const retryAfterMs = 4000;

/** What the teacher is doing with one class: the document being edited, its score, and whether it is saved. */
export class PlanState {
  document = $state<ClassFile | null>(null);
  score = $state.raw<Score | null>(null);
  /** What could not be worked out, and why. */
  private unscored = $state<string | null>(null);
  /** Whether every breath is asked for too, to draw it or to let the class run; most of the time nobody looks that closely. */
  private closely = $state(false);
  /** Whether the last question reached nobody: time and findings are then those of the last answer. */
  offline = $state(false);
  /** The lines that are selected, and the one the keys act from. */
  readonly selection = new Selection();
  /** The lines a finding concerns while it is looked at. */
  concerned = $state.raw<readonly string[]>([]);
  preview = $state.raw<{
    finding: string;
    fix: string;
    label: string;
    answer: Pick<Applied, 'class' | 'before' | 'after'>;
  } | null>(null);
  /** A fix that does not work here, and why; until the class changes. */
  refused = $state.raw<{ finding: string; fix: string; why: string } | null>(null);

  /** What was last done, for everyone who does not see it happen. */
  told = $state('');

  readonly saver: Saver;
  private scoring: AbortController | null = null;
  private revision = 0;
  private taken: { revision: number; document: ClassFile | null } | null = null;
  private history: History;
  /** Counts steps, so that what is shown of the history follows it. */
  private steps = $state(0);
  private retrying: ReturnType<typeof setTimeout> | undefined;
  private scored: Promise<void> = Promise.resolve();

  get selected(): string | null {
    return this.selection.at;
  }

  set selected(id: string | null) {
    this.selection.one(id);
  }

  /** What is selected and still there, in the order of the class. */
  readonly chosen: string[] = $derived(
    this.document ? itemsOf(this.document, this.selection.all).map((item) => item.id ?? '') : [],
  );

  constructor(readonly id: string) {
    this.history = new History(id);
    this.saver = new Saver(id, () => this.plain, {
      reached: () => {
        if (this.offline) void this.rescore();
      },
      overtaken: () => void this.takeTheirs(),
    });
  }

  /** The lines from which on somebody is in another position than the others; it is said there and not in each line. */
  readonly elsewhereFrom: readonly string[] = $derived(
    elsewhereOf(this.score?.lines ?? []).map((e) => e.from.id),
  );

  set detailed(wanted: boolean) {
    if (wanted === this.closely) return;
    this.closely = wanted;
    if (wanted && !this.score?.events) void this.rescore();
  }

  get trouble(): string | null {
    return this.saver.trouble ?? this.unscored;
  }

  async load() {
    this.document = await this.saver.open();
    this.revision++;
    if (!this.document) return;
    await this.history.load(this.text());
    this.steps++;
    await this.rescore();
  }

  /**
   * Every change of the document goes through here: it can be undone by its name, is scored at once and saved soon. Changes of one kind
   * in a row are one step.
   */
  change(name: string, edit: (document: ClassFile) => void, kind = '') {
    if (!this.document) return;
    this.remember(name, kind);
    edit(this.document);
    this.touched();
  }

  /** Works the class out anew, after words or moves that it uses were changed. */
  async again() {
    await catalogue.again();
    await this.rescore();
  }

  say(text: string) {
    this.told = text;
  }

  undo() {
    this.goTo(this.history.undo(this.text()));
  }

  redo() {
    this.goTo(this.history.redo(this.text()));
  }

  /** The class as plain data; taken once for all that want it after a change. */
  private get plain(): ClassFile | null {
    if (this.taken?.revision !== this.revision)
      this.taken = { revision: this.revision, document: $state.snapshot(this.document) as ClassFile | null };
    return this.taken.document;
  }

  private text(): string {
    return JSON.stringify(this.plain);
  }

  private remember(name: string, kind = '') {
    this.history.did(name, this.text(), kind, performance.now());
    this.steps++;
  }

  private goTo(step: { before: string } | undefined) {
    if (!step) return;
    this.document = JSON.parse(step.before) as ClassFile;
    this.steps++;
    this.touched();
  }

  /** The names of what can be undone and redone, or null. */
  get undoName(): string | null {
    return this.steps >= 0 ? (this.history.past.at(-1)?.name ?? null) : null;
  }

  get redoName(): string | null {
    return this.steps >= 0 ? (this.history.future.at(-1)?.name ?? null) : null;
  }

  item(id: string): Item | undefined {
    return this.document ? itemOf(this.document, id) : undefined;
  }

  line(id: string): Line | undefined {
    return this.document ? lineOf(this.document, id) : undefined;
  }

  setDose(id: string, unit: Unit, amount: number) {
    this.change(
      'dose',
      (document) => {
        const line = lineOf(document, id);
        if (!line) return;
        for (const other of units) if (other !== unit) delete line[other];
        line[unit] = amount;
      },
      `dose ${id}`,
    );
  }

  /** How long talk or waiting takes. */
  setSeconds(id: string, seconds: number) {
    this.change(
      'seconds',
      (document) => {
        const item = betweenOf(document, id);
        if (!item) return;
        if (isWait(item)) item.wait = seconds;
        else item.seconds = seconds;
      },
      `seconds ${id}`,
    );
  }

  /** Without a word the line follows its set, or its move. */
  setSides(id: string, word: Sides | undefined) {
    this.change('sides', (document) => {
      const line = lineOf(document, id);
      if (!line) return;
      if (word) line.sides = word;
      else delete line.sides;
    });
  }

  /** Shows what a fix would do, without doing it. */
  async look(finding: string, fix: string, label: string) {
    const { plain: document, revision } = this;
    if (!document) return;
    try {
      const { data, error } = await api.POST('/api/apply', {
        body: { class: document, finding, fix },
      });
      if (error) this.refused = { finding, fix, why: sentence(error) };
      else if (revision === this.revision) this.preview = { finding, fix, label, answer: data };
    } catch {
      this.offline = true;
    }
  }

  /** Shows what something else than a fix would do; nothing is looked at any more without an answer. */
  tryOut(what: string, label: string, answer: Pick<Applied, 'class' | 'before' | 'after'> | null) {
    if (answer) this.preview = { finding: what, fix: what, label, answer };
    else if (this.preview?.finding === what) this.preview = null;
  }

  /** Does what was looked at. */
  apply() {
    if (!this.preview) return;
    const { answer, label } = this.preview;
    this.remember(label);
    this.document = answer.class;
    this.score = answer.after;
    this.concerned = [];
    this.touched(false);
  }

  /** Puts another document in the place of this one, as a step that can be undone. */
  replace(name: string, document: ClassFile) {
    this.remember(name);
    this.document = document;
    this.touched();
  }

  /** Another tab was first: what it saved stands, and what was here can be had back with undo. */
  async takeTheirs() {
    if (!this.saver.theirs) return;
    this.replace('take what was saved elsewhere', this.saver.theirs);
    await this.saver.settle();
  }

  /** Another tab was first, and this one is to stand. */
  keepMine = () => this.saver.settle();

  /** Another tab was first: the changes of both, in one class. */
  async takeBoth() {
    const { base, theirs } = this.saver;
    if (!base || !theirs || !this.document) return;
    const { document, clashes, kept } = both(base, this.plain!, theirs);
    this.replace('take both', document);
    const times = (n: number) => (n === 1 ? 'once' : `${n} times`);
    this.say(
      [
        'Both are in the class now.',
        clashes.length > 0 ? `Where both changed the same, yours stands: ${times(clashes.length)}.` : '',
        kept.length > 0
          ? `What one took out and the other had worked on was kept: ${times(kept.length)}.`
          : '',
      ]
        .filter(Boolean)
        .join(' '),
    );
    await this.saver.settle();
  }

  /** Sends what is not saved yet at once: the page goes on to something else. */
  close() {
    clearTimeout(this.retrying);
    if (this.saver.state === 'waiting') void this.saver.save();
  }

  /** When the last change has been scored. */
  settled(): Promise<void> {
    return this.scored;
  }

  /** Leaves a finding as it is, for a reason. */
  leave(rule: string, lines: readonly string[], reason: string) {
    this.change('left as it is', (document) => {
      document.off = [...(document.off ?? []), { rule, lines: [...lines], reason }];
    });
  }

  private touched(score = true) {
    this.revision++;
    [this.preview, this.refused] = [null, null];
    // The question goes out first; what is kept is written while the answer is on its way.
    if (score) this.scored = this.rescore();
    this.history.keep(() => this.text());
    this.saver.touched();
  }

  private async rescore() {
    const { plain: document } = this;
    if (!document) return;
    this.scoring?.abort();
    const asked = (this.scoring = new AbortController());
    try {
      const { data, error } = await api.POST('/api/score', {
        params: { query: { events: this.closely } },
        body: document,
        signal: asked.signal,
      });
      if (asked.signal.aborted) return;
      this.offline = false;
      clearTimeout(this.retrying);
      if (error) this.unscored = sentence(error);
      else [this.score, this.unscored] = [data, null];
    } catch {
      if (asked.signal.aborted) return;
      this.offline = true;
      clearTimeout(this.retrying);
      this.retrying = setTimeout(() => void this.rescore(), retryAfterMs);
    }
  }
}

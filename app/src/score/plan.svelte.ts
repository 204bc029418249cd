import { api, sentence, type Applied, type ClassFile, type Line, type Score } from '../lib/api/client';
import { itemsOf, lineOf } from './edits';
import { History } from './history';
import { Selection } from './selection.svelte';

export type Saving = 'saved' | 'waiting' | 'saving' | 'conflict' | 'refused' | 'offline';

const units = ['breaths', 'rounds', 'beats', 'seconds'] as const;
export type Unit = (typeof units)[number];

// Long enough that a run of taps on + is one save, short enough that nobody waits for it.
const saveAfterMs = 500;
const retryAfterMs = 4000;

/** What the teacher is doing with one class: the document being edited, its score, and whether it is saved. */
export class PlanState {
  document = $state<ClassFile | null>(null);
  score = $state.raw<Score | null>(null);
  saving = $state<Saving>('saved');
  trouble = $state<string | null>(null);
  /** The lines that are selected, and the one the keys act from. */
  readonly selection = new Selection();
  /** The lines a finding concerns while it is looked at. */
  concerned = $state.raw<readonly string[]>([]);
  preview = $state.raw<{ finding: string; fix: string; label: string; answer: Applied } | null>(null);

  /** What was last done, for everyone who does not see it happen. */
  told = $state('');

  private etag = '';
  private timer: ReturnType<typeof setTimeout> | undefined;
  private scoring: AbortController | null = null;
  private revision = 0;
  private history: History;
  /** Counts steps, so that what is shown of the history follows it. */
  private steps = $state(0);
  private scored: Promise<void> = Promise.resolve();

  get selected(): string | null {
    return this.selection.at;
  }

  set selected(id: string | null) {
    this.selection.only(id);
  }

  /** What is selected and still there, in the order of the class. */
  get chosen(): string[] {
    return this.document ? itemsOf(this.document, this.selection.all).map((item) => item.id ?? '') : [];
  }

  constructor(readonly id: string) {
    this.history = new History(id);
  }

  async load() {
    this.trouble = null;
    try {
      const { data, response, error } = await api.GET('/api/classes/{id}', {
        params: { path: { id: this.id } },
        cache: 'no-store',
      });
      if (error) {
        this.trouble = sentence(error);
        return;
      }
      this.etag = response.headers.get('etag') ?? '';
      this.document = data as unknown as ClassFile;
      this.saving = 'saved';
      await this.history.load(this.text());
      this.steps++;
      await this.rescore();
    } catch (problem) {
      this.trouble = sentence(problem);
    }
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

  say(text: string) {
    this.told = text;
  }

  undo() {
    this.goTo(this.history.undo(this.text()));
  }

  redo() {
    this.goTo(this.history.redo(this.text()));
  }

  private text(): string {
    return JSON.stringify(this.document);
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

  setSides(id: string, word: string) {
    this.change('sides', (document) => {
      const line = lineOf(document, id);
      if (line) line.sides = word as Line['sides'];
    });
  }

  /** Shows what a fix would do, without doing it. */
  async look(finding: string, fix: string, label: string) {
    if (!this.document) return;
    const revision = this.revision;
    try {
      const { data, error } = await api.POST('/api/apply', {
        body: { class: $state.snapshot(this.document), finding, fix } as never,
      });
      if (error) this.trouble = sentence(error);
      else if (revision === this.revision)
        this.preview = { finding, fix, label, answer: data as unknown as Applied };
    } catch (problem) {
      this.trouble = sentence(problem);
    }
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

  async takeTheirs() {
    clearTimeout(this.timer);
    await this.load();
  }

  /** The teacher saw that another tab was first, and wants this one to stand. */
  async keepMine() {
    const { response } = await api.GET('/api/classes/{id}', {
      params: { path: { id: this.id } },
      cache: 'no-store',
    });
    this.etag = response.headers.get('etag') ?? this.etag;
    await this.save();
  }

  async save() {
    clearTimeout(this.timer);
    if (!this.document) return;
    const revision = this.revision;
    this.saving = 'saving';
    try {
      const { error, response } = await api.PUT('/api/classes/{id}', {
        params: { path: { id: this.id } },
        headers: { 'If-Match': this.etag },
        body: $state.snapshot(this.document) as never,
      });
      if (response.status === 412) {
        this.saving = 'conflict';
      } else if (error) {
        this.saving = 'refused';
        this.trouble = sentence(error);
      } else {
        this.etag = response.headers.get('etag') ?? '';
        this.saving = revision === this.revision ? 'saved' : 'waiting';
        if (this.saving === 'waiting') this.saveSoon(saveAfterMs);
      }
    } catch {
      this.saving = 'offline';
      this.saveSoon(retryAfterMs);
    }
  }

  /** Whether leaving now would lose something. */
  get unsaved(): boolean {
    return this.saving !== 'saved';
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
    this.preview = null;
    this.history.keep(this.text());
    if (score) this.scored = this.rescore();
    if (this.saving === 'conflict') return;
    if (this.saving !== 'saving') this.saving = 'waiting';
    this.saveSoon(saveAfterMs);
  }

  private saveSoon(ms: number) {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.save(), ms);
  }

  private async rescore() {
    if (!this.document) return;
    this.scoring?.abort();
    const asked = (this.scoring = new AbortController());
    try {
      const { data, error } = await api.POST('/api/score', {
        params: { query: { events: false } },
        body: $state.snapshot(this.document) as never,
        signal: asked.signal,
      });
      if (asked.signal.aborted) return;
      if (error) this.trouble = sentence(error);
      else {
        this.score = data;
        this.trouble = null;
      }
    } catch (problem) {
      if (!asked.signal.aborted) this.trouble = sentence(problem);
    }
  }
}

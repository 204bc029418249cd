import {
  api,
  sentence,
  type Applied,
  type ClassFile,
  type Item,
  type Line,
  type Score,
} from '../lib/api/client';

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
  selected = $state<string | null>(null);
  /** The lines a finding concerns while it is looked at. */
  concerned = $state.raw<readonly string[]>([]);
  preview = $state.raw<{ finding: string; fix: string; answer: Applied } | null>(null);

  private etag = '';
  private timer: ReturnType<typeof setTimeout> | undefined;
  private scoring: AbortController | null = null;
  private revision = 0;

  constructor(readonly id: string) {}

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
      await this.rescore();
    } catch (problem) {
      this.trouble = sentence(problem);
    }
  }

  /** Every change of the document goes through here: it is scored at once and saved soon. */
  change(edit: (document: ClassFile) => void) {
    if (!this.document) return;
    edit(this.document);
    this.touched();
  }

  line(id: string): Line | undefined {
    return this.document ? find(this.document, id) : undefined;
  }

  setDose(id: string, unit: Unit, amount: number) {
    this.change((document) => {
      const line = find(document, id);
      if (!line) return;
      for (const other of units) if (other !== unit) delete line[other];
      line[unit] = amount;
    });
  }

  setSides(id: string, word: string) {
    this.change((document) => {
      const line = find(document, id);
      if (line) line.sides = word as Line['sides'];
    });
  }

  /** Shows what a fix would do, without doing it. */
  async look(finding: string, fix: string) {
    if (!this.document) return;
    const revision = this.revision;
    try {
      const { data, error } = await api.POST('/api/apply', {
        body: { class: $state.snapshot(this.document), finding, fix } as never,
      });
      if (error) this.trouble = sentence(error);
      else if (revision === this.revision)
        this.preview = { finding, fix, answer: data as unknown as Applied };
    } catch (problem) {
      this.trouble = sentence(problem);
    }
  }

  /** Does what was looked at. */
  apply() {
    if (!this.preview) return;
    const { answer } = this.preview;
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

  private touched(score = true) {
    this.revision++;
    this.preview = null;
    if (score) void this.rescore();
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

function find(document: ClassFile, id: string): Line | undefined {
  const within = (items: Item[]): Line | undefined => {
    for (const item of items) {
      if (isSet(item)) {
        const line = within(item.set.items);
        if (line) return line;
      } else if (item.id === id) return item as Line;
    }
    return undefined;
  };
  for (const section of document.sections) {
    const line = within(section.items ?? []);
    if (line) return line;
  }
  return undefined;
}

export function isSet(item: Item): item is Extract<Item, { set: unknown }> {
  return 'set' in item && typeof item.set === 'object';
}

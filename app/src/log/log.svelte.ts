import { api, sentence, type Taught } from '../lib/api/client';
import { localIso } from '../lib/time';

const pageSize = 200;

/** The entries of the log: of one class, or of all. */
export class LogState {
  entries = $state.raw<Taught[] | null>(null);
  total = $state(0);
  trouble = $state<string | null>(null);

  constructor(private readonly classId: string | null) {}

  async load() {
    try {
      const query = { size: pageSize, ...(this.classId ? { class: this.classId } : {}) };
      const { data, error } = await api.GET('/api/log', { params: { query } });
      this.trouble = error ? sentence(error) : null;
      if (!data) return;
      this.entries = data.items as unknown as Taught[];
      this.total = data.total;
    } catch (problem) {
      this.trouble = sentence(problem);
    }
  }

  /** An entry by hand, beginning now: minutes and a few words are enough. */
  blank(title: string, minutes: number): Taught {
    return {
      id: crypto.randomUUID(),
      class: this.classId,
      title,
      at: localIso(Date.now()),
      realMs: Math.round(minutes * 60_000),
      note: '',
      next: '',
      left: null,
      short: [],
      incidents: [],
    };
  }

  /** Keeps an entry; says what was wrong with it. */
  async save(entry: Taught): Promise<string | null> {
    try {
      const { error } = await api.PUT('/api/log/{id}', { params: { path: { id: entry.id! } }, body: entry });
      if (error) return sentence(error);
    } catch (problem) {
      return sentence(problem);
    }
    await this.load();
    return null;
  }

  async remove(id: string) {
    try {
      const { error } = await api.DELETE('/api/log/{id}', { params: { path: { id } } });
      this.trouble = error ? sentence(error) : null;
    } catch (problem) {
      this.trouble = sentence(problem);
    }
    await this.load();
  }
}

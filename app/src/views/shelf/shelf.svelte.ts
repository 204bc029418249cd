import { copyName } from '../../lib/names';
import { api, sentence, type ClassFile, type ShelfEntry } from '../../lib/api/client';

const onAPage = 200;

/** The teacher's classes, and what can be done with one as a whole. */
export class ShelfState {
  entries = $state.raw<ShelfEntry[] | null>(null);
  trouble = $state<string | null>(null);
  /** What was last done, and how to take it back. */
  done = $state.raw<{ text: string; undo: (() => Promise<void>) | null } | null>(null);

  async load() {
    this.trouble = null;
    await this.attempt(async () => {
      const all: ShelfEntry[] = [];
      for (let page = 1; ; page++) {
        const { data, error } = await api.GET('/api/classes', { params: { query: { page, size: onAPage } } });
        if (error) throw error;
        all.push(...(data?.items ?? []));
        if (all.length >= (data?.total ?? 0) || !data?.items.length) break;
      }
      this.entries = all;
    });
  }

  archive(entry: ShelfEntry, archived: boolean) {
    return this.attempt(async () => {
      await this.putArchived(entry.id, archived);
      this.done = {
        text: archived ? `${entry.title} lies behind the shelf.` : `${entry.title} is back on the shelf.`,
        undo: () => this.putArchived(entry.id, !archived),
      };
    });
  }

  remove(entry: ShelfEntry) {
    return this.attempt(async () => {
      const path = { params: { path: { id: entry.id } } };
      const { error } = await api.DELETE('/api/classes/{id}', path);
      if (error) throw error;
      await this.load();
      this.done = {
        text: `${entry.title} is deleted; for thirty days it can be had back.`,
        undo: async () => {
          const answer = await api.POST('/api/classes/{id}/restore', path);
          if (answer.error) throw answer.error;
          await this.load();
        },
      };
    });
  }

  duplicate(entry: ShelfEntry) {
    return this.attempt(async () => {
      const { data, error } = await api.GET('/api/classes/{id}', { params: { path: { id: entry.id } } });
      if (error) throw error;
      const copy = { ...(data as unknown as ClassFile), title: copyName(entry.title) };
      delete copy.id;
      await this.create(copy);
      this.done = { text: `${copy.title}, is on the shelf.`, undo: null };
      await this.load();
    });
  }

  /** Brings files in; returns the id of the last one that could be. What cannot be read is told by its name and field. */
  async bringIn(files: Iterable<File>): Promise<string | null> {
    let last: string | null = null;
    const refused: string[] = [];
    for (const file of files) {
      try {
        last = await this.create(await file.text());
      } catch (problem) {
        refused.push(`${file.name}: ${sentence(problem)}`);
      }
    }
    await this.load();
    if (refused.length > 0) this.trouble = refused.join(' ');
    return refused.length > 0 ? null : last;
  }

  async undo() {
    const undo = this.done?.undo;
    this.done = null;
    if (undo) await this.attempt(undo);
  }

  private async create(document: unknown): Promise<string> {
    const { response, error } = await api.POST('/api/classes', {
      body: document as never,
      bodySerializer: (body) => (typeof body === 'string' ? body : JSON.stringify(body)),
      headers: { 'content-type': 'application/json' },
    });
    if (error) throw error;
    return (response.headers.get('location') ?? '').split('/').pop() ?? '';
  }

  private async putArchived(id: string, archived: boolean) {
    const { error } = await api.PUT('/api/classes/{id}/archived', {
      params: { path: { id } },
      body: { archived },
    });
    if (error) throw error;
    await this.load();
  }

  private async attempt(does: () => Promise<void>) {
    try {
      await does();
    } catch (problem) {
      this.trouble = sentence(problem);
    }
  }
}

import { save } from '../../lib/download';
import { copyName } from '../../lib/names';
import {
  api,
  sentence,
  type BinEntry,
  type ClassFile,
  type Format,
  type ShelfEntry,
  type UnreadableClass,
} from '../../lib/api/client';

const onAPage = 200;

/** The teacher's classes, and what can be done with one as a whole. */
export class ShelfState {
  entries = $state.raw<ShelfEntry[] | null>(null);
  /** Classes whose row in the store cannot be read. */
  unreadable = $state.raw<UnreadableClass[]>([]);
  /** What was deleted and can still be had back. */
  bin = $state.raw<BinEntry[]>([]);
  trouble = $state<string | null>(null);
  /** What was last done, and how to take it back. */
  done = $state.raw<{ text: string; undo: (() => Promise<void>) | null } | null>(null);

  /** A class that is about to leave the house, and of how many people it says what they have. */
  leaving = $state.raw<{ entry: ShelfEntry; people: number } | null>(null);
  formats = $state.raw<Format[]>([]);
  /** A plan in plain words that was opened and is to be looked at. */
  jotted: { title: string; text: string } | null = null;

  async load() {
    this.trouble = null;
    await this.attempt(async () => {
      const all: ShelfEntry[] = [];
      const bad: UnreadableClass[] = [];
      for (let page = 1; ; page++) {
        const { data, error } = await api.GET('/api/classes', { params: { query: { page, size: onAPage } } });
        if (error) throw error;
        all.push(...(data?.items ?? []));
        bad.push(...(data?.unreadable ?? []));
        if (page * onAPage >= (data?.total ?? 0)) break;
      }
      [this.entries, this.unreadable] = [all, bad];
      this.bin = (await api.GET('/api/bin')).data ?? [];
    });
  }

  archive(entry: ShelfEntry, archived: boolean) {
    return this.attempt(async () => {
      await this.putArchived(entry.id, archived);
      this.done = {
        text: archived ? `${entry.title} is archived.` : `${entry.title} is back on the shelf.`,
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
        text: `${entry.title} is in the bin, for thirty days.`,
        undo: async () => {
          await this.putBack(entry.id);
        },
      };
    });
  }

  /** Takes a class out of the bin. */
  restore(entry: BinEntry) {
    return this.attempt(async () => {
      await this.putBack(entry.id);
      this.done = { text: `${entry.title} is back on the shelf.`, undo: null };
    });
  }

  private async putBack(id: string) {
    const { error } = await api.POST('/api/classes/{id}/restore', { params: { path: { id } } });
    if (error) throw error;
    await this.load();
  }

  duplicate(entry: ShelfEntry) {
    return this.attempt(async () => {
      const { data, error } = await api.GET('/api/classes/{id}', { params: { path: { id: entry.id } } });
      if (error) throw error;
      const copy = { ...data, title: copyName(entry.title) };
      delete copy.id;
      await this.create(JSON.stringify(copy));
      this.done = { text: `${copy.title}, is on the shelf.`, undo: null };
      await this.load();
    });
  }

  /** Asks in which format a class is to leave the house. */
  export(entry: ShelfEntry) {
    return this.attempt(async () => {
      const path = { params: { path: { id: entry.id } } };
      const [{ data, error }, formats] = await Promise.all([
        api.GET('/api/classes/{id}', path),
        api.GET('/api/formats'),
      ]);
      if (error) throw error;
      this.formats = formats.data ?? [];
      const people = (data?.group?.people ?? []).reduce((sum, person) => sum + (person.count ?? 1), 0);
      this.leaving = { entry, people };
    });
  }

  download(entry: ShelfEntry, format: string, people: boolean) {
    this.leaving = null;
    return this.attempt(() =>
      save(`/api/classes/${encodeURIComponent(entry.id)}/export?as=${format}&people=${people}`),
    );
  }

  /**
   * Imports files; returns the id of the last one that could be. A class file is kept as it is; a plan in plain words is left for the
   * teacher to look at first. What cannot be read is told by its name and field.
   */
  async importAll(files: Iterable<File>): Promise<string | null> {
    let last: string | null = null;
    const refused: string[] = [];
    for (const file of files) {
      try {
        if (/\.txt$/i.test(file.name))
          this.jotted = { title: file.name.replace(/\.txt$/i, ''), text: await file.text() };
        else if (/\.(md|csv)$/i.test(file.name)) last = await this.open(file);
        else last = await this.create(await file.text());
      } catch (problem) {
        refused.push(`${file.name}: ${sentence(problem)}`);
      }
    }
    await this.load();
    if (refused.length > 0) this.trouble = refused.join(' ');
    return refused.length > 0 ? null : last;
  }

  /** Opens a file of another format and keeps what is in it. */
  private async open(file: File): Promise<string> {
    const response = await fetch(`/api/open?name=${encodeURIComponent(file.name)}`, {
      method: 'POST',
      body: file,
      headers: { 'content-type': 'application/octet-stream' },
    });
    const answer = (await response.json()) as { class: ClassFile };
    if (!response.ok) throw answer;
    const title = answer.class.title.startsWith('Opened ')
      ? file.name.replace(/\.[a-z]+$/i, '')
      : answer.class.title;
    return this.create(JSON.stringify({ ...answer.class, title, id: undefined }));
  }

  async undo() {
    const undo = this.done?.undo;
    this.done = null;
    if (undo) await this.attempt(undo);
  }

  /** Sends a class file as it is, so that the server can say what is wrong with it. */
  private async create(file: string): Promise<string> {
    const response = await fetch('/api/classes', {
      method: 'POST',
      body: file,
      headers: { 'content-type': 'application/json' },
    });
    if (!response.ok) throw (await response.json()) as unknown;
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

import { api, sentence, type ClassFile } from '../lib/api/client';
import { withSuffix } from '../lib/names';
import { same } from '../document/outline';
import { TabDraft, type Draft } from './draft';

export type Saving = 'saved' | 'waiting' | 'saving' | 'conflict' | 'refused' | 'offline' | 'deleted';

// Long enough that a run of taps on + is one save, short enough that nobody waits for it.
const saveAfterMs = 500;
const retryAfterMs = 4000;

/**
 * Brings a class to the server and keeps it in this browser until it is there. Nobody's work is overwritten unseen: where another tab was
 * first, `theirs` holds what it saved until the teacher has chosen.
 */
export class Saver {
  state = $state<Saving>('saved');
  trouble = $state<string | null>(null);
  theirs = $state.raw<ClassFile | null>(null);
  /** What became of work that another tab had left unsaved. */
  rescued = $state<string | null>(null);
  /** How long the class was before its length was worked out anew, in milliseconds; told once. */
  wasMs = $state<number | null>(null);
  /** The class as the server last had it. */
  base: ClassFile | null = null;

  private draft: TabDraft;
  private etag = '';
  private theirTag = '';
  private revision = 0;
  private timer: ReturnType<typeof setTimeout> | undefined;
  /** Whether this browser keeps what is not saved yet. */
  private kept = true;
  /** The save under way: a second one beside it would meet the first as a stranger. */
  private sending: Promise<void> | null = null;

  constructor(
    private id: string,
    /** The class as it is on the page, as plain data. */
    private current: () => ClassFile | null,
    private tell: {
      /** The server has answered a save. */
      reached: () => void;
      /** Somebody else saved, and nothing was changed here: what they saved is to be shown. */
      overtaken: () => void;
    },
  ) {
    this.draft = new TabDraft(id);
  }

  /** The class to work on: what this browser kept where the server does not have it yet, else what the server has; null with `trouble`. */
  async open(): Promise<ClassFile | null> {
    this.trouble = null;
    const draft = await this.draft.open();
    try {
      const { data: theirs, response, error } = await this.ask();
      if (error) {
        // Deleted elsewhere: what was being worked on is not lost with it.
        if (response.status === 404 && draft?.unsaved) {
          [this.base, this.etag, this.state] = [draft.base, '', 'deleted'];
          return draft.now;
        }
        this.trouble = sentence(error);
        return null;
      }
      const tag = response.headers.get('etag') ?? '';
      this.was(response.headers.get('ample-tide-was'));
      void this.draft.rescue((left) => this.shelve(left, theirs));
      if (!draft?.unsaved || same(draft.now, theirs)) {
        [this.base, this.etag, this.state] = [theirs, tag, 'saved'];
        return theirs;
      }
      if (draft.etag === tag) {
        [this.base, this.etag, this.state] = [theirs, tag, 'waiting'];
        this.soon(saveAfterMs);
      } else {
        [this.base, this.etag] = [draft.base, draft.etag];
        [this.theirs, this.theirTag, this.state] = [theirs, tag, 'conflict'];
      }
      return draft.now;
    } catch (problem) {
      if (!draft) {
        this.trouble = sentence(problem);
        return null;
      }
      [this.base, this.etag, this.state] = [draft.base, draft.etag, 'offline'];
      this.soon(retryAfterMs);
      return draft.now;
    }
  }

  /** Shown here, it need not be told again; where that does not arrive it is, the next time. */
  private was(header: string | null) {
    if (header === null) return;
    this.wasMs = Number(header);
    void api.POST('/api/classes/{id}/told', { params: { path: { id: this.id } } }).catch(() => undefined);
  }

  /** The class was changed: it is kept here at once, and goes to the server soon. */
  touched() {
    this.revision++;
    void this.keep(true);
    if (this.state === 'conflict' || this.state === 'deleted') return;
    if (this.state !== 'saving') this.state = 'waiting';
    this.soon(saveAfterMs);
  }

  /** The teacher has seen what the other tab saved, and what is on the page now is to stand. */
  async settle() {
    if (!this.theirs) return;
    [this.base, this.etag, this.theirs] = [this.theirs, this.theirTag, null];
    this.state = 'waiting';
    await this.save();
  }

  /** The class was deleted elsewhere: what is on the page goes back on the shelf, with all that it was before. */
  async putBack() {
    const document = this.current();
    if (this.state !== 'deleted' || !document) return;
    const revision = this.revision;
    try {
      const { error, response } = await api.POST('/api/classes', { body: { ...document, id: this.id } });
      if (error) this.trouble = sentence(error);
      else await this.arrived(document, response.headers.get('etag') ?? '', revision === this.revision);
    } catch (problem) {
      this.trouble = sentence(problem);
    }
  }

  /** Whether leaving now would lose something. */
  get loses(): boolean {
    return this.state !== 'saved' && !this.kept;
  }

  /** Sends the class, unless a save is under way: what was changed since goes with the next. */
  async save() {
    clearTimeout(this.timer);
    this.sending ??= this.send().finally(() => (this.sending = null));
    await this.sending;
  }

  private async send() {
    const document = this.current();
    if (!document) return;
    const revision = this.revision;
    this.state = 'saving';
    try {
      const { error, response } = await api.PUT('/api/classes/{id}', {
        params: { path: { id: this.id } },
        headers: { 'If-Match': this.etag },
        body: document,
      });
      const { status } = response;
      if (status === 412) await this.meet();
      else if (status === 404) this.state = 'deleted';
      else if (error) this.refuse(sentence(error), status, revision === this.revision);
      else await this.arrived(document, response.headers.get('etag') ?? '', revision === this.revision);
    } catch {
      this.state = 'offline';
      this.soon(retryAfterMs);
    }
  }

  private ask() {
    return api.GET('/api/classes/{id}', { params: { path: { id: this.id } }, cache: 'no-store' });
  }

  private async arrived(document: ClassFile, etag: string, last: boolean) {
    [this.base, this.etag, this.trouble] = [document, etag, null];
    this.state = last ? 'saved' : 'waiting';
    if (!last) this.soon(saveAfterMs);
    await this.keep(!last);
    this.tell.reached();
  }

  // Another tab was first.
  private async meet() {
    const { data: theirs, response, error } = await this.ask();
    if (error) return this.refuse(sentence(error), response.status, true);
    const tag = response.headers.get('etag') ?? '';
    const mine = this.current();
    // The answer to a save of one's own was lost on the way.
    if (same(theirs, mine)) return this.arrived(theirs, tag, true);
    [this.theirs, this.theirTag, this.state] = [theirs, tag, 'conflict'];
    if (same(mine, this.base)) this.tell.overtaken();
  }

  private refuse(trouble: string, status: number, last: boolean) {
    [this.trouble, this.state] = [trouble, 'refused'];
    // What is wrong with the server may pass; what is wrong with the class will not by itself, but it may have been changed since.
    if (status >= 500) this.soon(retryAfterMs);
    else if (!last) this.soon(saveAfterMs);
  }

  private async keep(unsaved: boolean) {
    const now = this.current();
    if (!now || !this.base) return;
    if (unsaved) this.kept = await this.draft.keep({ now, base: this.base, etag: this.etag, unsaved });
    else await this.draft.keep({ now, base: now, etag: this.etag, unsaved });
  }

  // Only one draft can go on here; what a second tab left becomes a class of its own. Returns whether it is safe.
  private async shelve(left: Draft, saved: ClassFile): Promise<boolean> {
    if (same(left.now, saved) || same(left.now, this.current())) return true;
    const title = withSuffix(left.now.title, ' (kept from another tab)');
    try {
      const { error } = await api.POST('/api/classes', {
        body: { ...left.now, id: undefined, title },
      });
      if (!error)
        this.rescued = `Another tab was closed before it had saved. What it had is on the shelf as “${title}”.`;
      return !error;
    } catch {
      return false;
    }
  }

  private soon(ms: number) {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.save(), ms);
  }
}

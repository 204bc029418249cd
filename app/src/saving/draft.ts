import { del, entries, get, set } from 'idb-keyval';
import type { ClassFile } from '../lib/api/client';

/** What this browser keeps of a class that is being worked on: it outlives the tab, the server and the network. */
export interface Draft {
  /** The class as it is on the page. */
  now: ClassFile;
  /** The class as the server last had it, to tell one's own changes from those of others. */
  base: ClassFile;
  /** The server's tag of the base. */
  etag: string;
  /** Whether there is something in it that the server does not have. */
  unsaved: boolean;
  /** When it was kept, in milliseconds since 1970. */
  keptAt: number;
}

// A class is claimed once by a page, however often it is opened there.
const claims = new Map<string, Promise<string>>();

const keyOf = (id: string, tab: string) => `ample-tide.draft.${id}.${tab}`;

/**
 * A tab's own draft of a class, so that two tabs do not write over each other's work. A lock that lives as long as the tab tells which
 * drafts were left behind. Where a browser has no locks, all tabs share one draft.
 */
export class TabDraft {
  private key: Promise<string>;
  // What the browser has not written yet: a reload does not wait for that, so the last of it goes into the tab's session.
  private writing: Draft | null = null;

  constructor(private id: string) {
    this.key = claims.get(id) ?? this.claim();
    claims.set(id, this.key);
    globalThis.addEventListener?.('pagehide', () => this.leave());
  }

  /** The draft to go on with: this tab's own from before a reload, else the newest one left behind that the server does not have. */
  async open(): Promise<Draft | undefined> {
    const own = await this.key;
    const written = await get<Draft>(own).catch(() => undefined);
    const before = newer(this.taken(), written);
    if (before && before !== written) await set(own, before).catch(() => undefined);
    if (before?.unsaved) return before;
    const [left] = await this.leftBehind();
    if (!left?.draft.unsaved) return before ?? left?.draft;
    // What is kept twice for a moment is lost never.
    await set(own, left.draft);
    await del(left.key);
    return left.draft;
  }

  /** Hands over what other tabs left unsaved, one after the other; what was taken in is forgotten here. */
  async rescue(take: (draft: Draft) => Promise<boolean>) {
    for (const { key, draft } of await this.leftBehind())
      if (!draft.unsaved || (await take(draft))) await del(key).catch(() => undefined);
  }

  /** Whether it was kept; a browser without storage keeps nothing. */
  async keep(draft: Omit<Draft, 'keptAt'>): Promise<boolean> {
    const kept: Draft = { ...draft, keptAt: Date.now() };
    this.writing = kept;
    return set(await this.key, kept).then(
      () => {
        if (this.writing === kept) this.writing = null;
        return true;
      },
      () => false,
    );
  }

  private leave() {
    if (!this.writing) return;
    try {
      sessionStorage.setItem(keyOf(this.id, 'leaving'), JSON.stringify(this.writing));
    } catch {
      // The session is full: what was written before is still there.
    }
  }

  private taken(): Draft | undefined {
    const key = keyOf(this.id, 'leaving');
    const left = sessionStorage.getItem(key);
    sessionStorage.removeItem(key);
    return left ? (JSON.parse(left) as Draft) : undefined;
  }

  // A tab keeps its name over a reload; a tab that was duplicated has the name of one that is still there, and takes another.
  private async claim(): Promise<string> {
    if (!navigator.locks) return keyOf(this.id, 'shared');
    const known = sessionStorage.getItem(keyOf(this.id, 'tab'));
    const tab = known && (await hold(keyOf(this.id, known))) ? known : crypto.randomUUID();
    if (tab !== known) await hold(keyOf(this.id, tab));
    sessionStorage.setItem(keyOf(this.id, 'tab'), tab);
    return keyOf(this.id, tab);
  }

  // What tabs that are gone left behind: unsaved first, the newest first.
  private async leftBehind(): Promise<{ key: string; draft: Draft }[]> {
    if (!navigator.locks) return [];
    const held = new Set((await navigator.locks.query()).held?.map((lock) => lock.name));
    const all = await entries<string, Draft>().catch(() => []);
    return all
      .filter(([key]) => key.startsWith(keyOf(this.id, '')) && !held.has(key))
      .map(([key, draft]) => ({ key, draft }))
      .sort((a, b) => Number(b.draft.unsaved) - Number(a.draft.unsaved) || b.draft.keptAt - a.draft.keptAt);
  }
}

const newer = (a: Draft | undefined, b: Draft | undefined) => (a && (!b || a.keptAt >= b.keptAt) ? a : b);

/** Takes a lock until the tab is gone; says whether it was free. */
function hold(name: string): Promise<boolean> {
  return new Promise((told) => {
    void navigator.locks.request(name, { ifAvailable: true }, (lock) => {
      told(lock !== null);
      return lock ? new Promise(() => undefined) : undefined;
    });
  });
}

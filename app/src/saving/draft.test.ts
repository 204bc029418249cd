import { beforeEach, describe, expect, test, vi } from 'vitest';

const store = vi.hoisted(() => ({ kept: new Map<string, unknown>(), broken: false }));
vi.mock('idb-keyval', () => {
  const attempt = <T>(does: () => T) =>
    store.broken ? Promise.reject(new Error('no storage')) : Promise.resolve(does());
  return {
    get: (key: string) => attempt(() => structuredClone(store.kept.get(key))),
    set: (key: string, value: unknown) => attempt(() => void store.kept.set(key, structuredClone(value))),
    del: (key: string) => attempt(() => void store.kept.delete(key)),
    entries: () => attempt(() => structuredClone([...store.kept.entries()])),
  };
});

const plan = (title: string) => ({ title, minutes: 10, sections: [] });
const draft = { now: plan('Now'), base: plan('Base'), etag: '"1"', unsaved: true };

/** What a browser gives its tabs: locks for all, a session for each. A tab that is killed gives its locks back. */
const held = new Map<string, Tab>();

class Tab {
  private session = new Map<string, string>();
  private leaving: (() => void)[] = [];
  private module: Promise<typeof import('./draft')> | null = null;

  async open(id: string) {
    this.enter();
    this.module ??= (vi.resetModules(), import('./draft'));
    const made = new (await this.module).TabDraft(id);
    return { made, draft: await made.open() };
  }

  /** The page goes, and is asked before. */
  reloaded() {
    this.enter();
    this.leaving.forEach((leave) => leave());
    this.leaving = [];
    this.killed();
  }

  killed() {
    for (const [name, tab] of held) if (tab === this) held.delete(name);
    this.module = null;
  }

  private enter() {
    vi.stubGlobal('sessionStorage', {
      getItem: (key: string) => this.session.get(key) ?? null,
      setItem: (key: string, value: string) => this.session.set(key, value),
      removeItem: (key: string) => this.session.delete(key),
    });
    vi.stubGlobal('addEventListener', (_: string, leave: () => void) => this.leaving.push(leave));
    vi.stubGlobal('navigator', {
      locks: {
        request: (name: string, _: unknown, granted: (lock: unknown) => unknown) => {
          const free = !held.has(name);
          if (free) held.set(name, this);
          return Promise.resolve(granted(free ? {} : null));
        },
        query: () => Promise.resolve({ held: [...held.keys()].map((name) => ({ name })) }),
      },
    });
  }
}

beforeEach(() => {
  store.kept.clear();
  store.broken = false;
  held.clear();
});

describe('a draft', () => {
  test('is there again after a reload, with what it grew from', async () => {
    const tab = new Tab();
    const { made } = await tab.open('a');
    expect(await made.keep(draft)).toBe(true);
    tab.killed();
    expect((await tab.open('a')).draft).toMatchObject(draft);
  });

  test('that the browser had not written yet outlives a reload, and older work does not stand over newer', async () => {
    const tab = new Tab();
    const { made } = await tab.open('a');
    await made.keep(draft);
    store.broken = true;
    await made.keep({ ...draft, now: plan('The last word') });
    tab.reloaded();
    store.broken = false;
    const again = await tab.open('a');
    expect(again.draft!.now.title).toBe('The last word');
    await again.made.keep({ ...draft, now: plan('Newer') });
    tab.reloaded();
    expect((await tab.open('a')).draft!.now.title).toBe('Newer');
  });

  test('is claimed once by a page, however often the class is opened there', async () => {
    const tab = new Tab();
    await (await tab.open('a')).made.keep(draft);
    expect((await tab.open('a')).draft).toMatchObject(draft);
  });

  test('belongs to one class', async () => {
    const tab = new Tab();
    await (await tab.open('a')).made.keep(draft);
    expect((await tab.open('b')).draft).toBeUndefined();
  });

  test('of a tab that is still there is left alone', async () => {
    await (await new Tab().open('a')).made.keep(draft);
    const { made, draft: seen } = await new Tab().open('a');
    expect(seen).toBeUndefined();
    await made.keep({ ...draft, now: plan('Other') });
    expect(store.kept.size).toBe(2);
  });

  test('of a tab that is gone is gone on with, and stands once', async () => {
    const first = new Tab();
    await (await first.open('a')).made.keep(draft);
    first.killed();
    expect((await new Tab().open('a')).draft).toMatchObject(draft);
    expect(store.kept.size).toBe(1);
  });

  test('of a second tab that is gone is handed over, and forgotten once it is safe', async () => {
    const tabs = [new Tab(), new Tab()];
    for (const [i, title] of ['First', 'Second'].entries())
      await (await tabs[i]!.open('a')).made.keep({ ...draft, now: plan(title) });
    tabs.forEach((tab) => tab.killed());
    const { made, draft: mine } = await new Tab().open('a');
    const handed: string[] = [];
    await made.rescue((left) => (handed.push(left.now.title), Promise.resolve(false)));
    await made.rescue((left) => (handed.push(left.now.title), Promise.resolve(true)));
    await made.rescue((left) => (handed.push(left.now.title), Promise.resolve(true)));
    const other = mine!.now.title === 'First' ? 'Second' : 'First';
    expect(handed).toEqual([other, other]);
    expect(store.kept.size).toBe(1);
  });

  test('that was saved is not handed over, only cleared away', async () => {
    const first = new Tab();
    await (await first.open('a')).made.keep({ ...draft, unsaved: false });
    first.killed();
    const second = await new Tab().open('a');
    await second.made.rescue(() => Promise.reject(new Error('nothing to hand over')));
    expect(store.kept.size).toBe(0);
  });

  test('says so where the browser keeps nothing, and breaks nothing', async () => {
    store.broken = true;
    const { made, draft: seen } = await new Tab().open('a');
    expect(await made.keep(draft)).toBe(false);
    expect(seen).toBeUndefined();
  });
});

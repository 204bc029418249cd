import { beforeEach, describe, expect, test, vi } from 'vitest';

const store = vi.hoisted(() => ({ kept: new Map<string, unknown>(), broken: false }));
vi.mock('idb-keyval', () => ({
  get: (key: string) =>
    store.broken
      ? Promise.reject(new Error('no storage'))
      : Promise.resolve(structuredClone(store.kept.get(key))),
  set: (key: string, value: unknown) =>
    store.broken
      ? Promise.reject(new Error('no storage'))
      : Promise.resolve(void store.kept.set(key, structuredClone(value))),
}));

const { keepDraft, readDraft } = await import('./draft');

const plan = (title: string) => ({ title, minutes: 10, sections: [] });
const draft = { now: plan('Now'), base: plan('Base'), etag: '"1"', unsaved: true };

beforeEach(() => {
  store.kept.clear();
  store.broken = false;
});

describe('a draft', () => {
  test('is there again as it was, with what it grew from', async () => {
    expect(await keepDraft('a', draft)).toBe(true);
    expect(await readDraft('a')).toEqual(draft);
  });

  test('belongs to one class', async () => {
    await keepDraft('a', draft);
    expect(await readDraft('b')).toBeUndefined();
  });

  test('is the last one that was kept', async () => {
    await keepDraft('a', draft);
    await keepDraft('a', { ...draft, now: plan('Later'), unsaved: false });
    expect((await readDraft('a'))?.now.title).toBe('Later');
  });

  test('says so where the browser keeps nothing, and breaks nothing', async () => {
    store.broken = true;
    expect(await keepDraft('a', draft)).toBe(false);
    expect(await readDraft('a')).toBeUndefined();
  });
});

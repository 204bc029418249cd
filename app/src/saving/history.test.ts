import { beforeEach, describe, expect, test, vi } from 'vitest';

const kept = vi.hoisted(() => new Map<string, unknown>());
vi.mock('idb-keyval', () => ({
  get: (key: string) => Promise.resolve(structuredClone(kept.get(key))),
  set: (key: string, value: unknown) => Promise.resolve(void kept.set(key, structuredClone(value))),
}));
vi.stubGlobal('addEventListener', () => undefined);

const { History } = await import('./history');

beforeEach(() => {
  kept.clear();
  vi.useFakeTimers();
});

/** A class whose document is a word, so that steps can be read off it. */
function edited(...words: string[]) {
  const history = new History('a');
  let now = 'start';
  for (const word of words) {
    history.did(`write ${word}`, JSON.stringify(now), '', 0);
    now = word;
  }
  return { history, now: () => JSON.stringify(now) };
}

describe('undo and redo', () => {
  test('go back and forth through every step, under its name', () => {
    const { history, now } = edited('one', 'two', 'three');
    const back = [history.undo(now()), history.undo('"two"'), history.undo('"one"')];
    expect(back.map((s) => [s?.name, s?.before])).toEqual([
      ['write three', '"two"'],
      ['write two', '"one"'],
      ['write one', '"start"'],
    ]);
    expect(history.undo('"start"')).toBeUndefined();
    expect(history.redo('"start"')).toEqual({ name: 'write one', before: '"one"' });
    expect(history.redo('"one"')?.before).toBe('"two"');
    expect(history.redo('"two"')?.before).toBe('"three"');
    expect(history.redo('"three"')).toBeUndefined();
  });

  test('have no limit', () => {
    const { history } = edited(...Array.from({ length: 5000 }, (_, i) => String(i)));
    expect(history.past).toHaveLength(5000);
  });

  test('something new after going back leaves nothing to go forth to', () => {
    const { history, now } = edited('one', 'two');
    history.undo(now());
    history.did('write other', '"one"', '', 0);
    expect(history.future).toEqual([]);
    expect(history.past.map((s) => s.name)).toEqual(['write one', 'write other']);
  });
});

describe('one step', () => {
  test('is a thing changed several times in a row', () => {
    const history = new History('a');
    history.did('dose', '"3"', 'dose:l1', 0);
    history.did('dose', '"4"', 'dose:l1', 800);
    history.did('dose', '"5"', 'dose:l1', 1600);
    expect(history.past).toEqual([{ name: 'dose', before: '"3"' }]);
  });

  test.each([
    ['another thing', 'dose:l2', 800],
    ['a pause', 'dose:l1', 5000],
    ['what has no kind', '', 10],
  ])('ends with %s', (_, kind, atMs) => {
    const history = new History('a');
    history.did('dose', '"3"', 'dose:l1', 0);
    history.did('dose', '"4"', kind, atMs);
    expect(history.past).toHaveLength(2);
  });

  test('ends with an undo, even of the same thing', () => {
    const history = new History('a');
    history.did('dose', '"3"', 'dose:l1', 0);
    history.undo('"4"');
    history.did('dose', '"3"', 'dose:l1', 100);
    expect(history.past).toHaveLength(1);
    expect(history.future).toEqual([]);
  });
});

describe('what is kept', () => {
  async function reloaded(now: string) {
    const history = new History('a');
    await history.load(now);
    return history;
  }

  test('survives a reload, forth as well as back', async () => {
    const { history, now } = edited('one', 'two');
    history.undo(now());
    history.keep(() => '"one"');
    await vi.runAllTimersAsync();
    const again = await reloaded('"one"');
    expect(again.past.map((s) => s.name)).toEqual(['write one']);
    expect(again.future.map((s) => s.name)).toEqual(['write two']);
  });

  test('is written once for keys in quick succession, as the class is by then', async () => {
    const { history } = edited('one');
    history.keep(() => '"early"');
    history.keep(() => '"late"');
    expect(kept.size).toBe(0);
    await vi.runAllTimersAsync();
    expect(kept.get('ample-tide.history.a')).toMatchObject({ now: '"late"' });
  });

  test('is one step short where the class went on without it', async () => {
    const { history, now } = edited('one');
    history.keep(now);
    await vi.runAllTimersAsync();
    const again = await reloaded('"elsewhere"');
    expect(again.past.at(-1)).toEqual({ name: 'changes since last time', before: '"one"' });
  });

  test('belongs to one class', async () => {
    const { history, now } = edited('one');
    history.keep(now);
    await vi.runAllTimersAsync();
    const other = new History('b');
    await other.load(now());
    expect(other.past).toEqual([]);
  });
});

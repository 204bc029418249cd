import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import type { ClassFile } from '../lib/api/client';
import type { Draft } from './draft';
import { Saver } from './saver.svelte';

/** A server and a browser's storage in a few lines: enough to lose answers, tabs and networks one by one. */
const world = vi.hoisted(() => ({
  stored: null as unknown,
  tag: 1,
  reachable: true,
  answers: true,
  status: 0,
  draft: undefined as unknown,
  left: null as unknown,
  shelved: [] as { id?: string; title: string }[],
  storage: true,
  /** How long a save takes, one after the other; the last one stands for all that follow. */
  delays: [] as number[],
  saves: 0,
}));

vi.mock('./draft', () => ({
  TabDraft: class {
    open = () => Promise.resolve(world.draft);
    keep = (draft: unknown) => {
      if (world.storage) world.draft = structuredClone(draft);
      return Promise.resolve(world.storage);
    };
    rescue = async (take: (draft: unknown) => Promise<boolean>) => {
      if (world.left && (await take(world.left))) world.left = null;
    };
  },
}));

vi.mock('../lib/api/client', () => {
  const response = (status: number) => ({ status, headers: new Headers({ etag: `"${world.tag}"` }) });
  const problem = (status: number) => ({ error: { title: 'No.', status }, response: response(status) });
  const reach = () => {
    if (!world.reachable) throw new TypeError('no network');
  };
  return {
    sentence: (p: { title?: string }) => p.title ?? 'The server cannot be reached.',
    api: {
      GET: () => {
        reach();
        return Promise.resolve(
          world.stored ? { data: structuredClone(world.stored), response: response(200) } : problem(404),
        );
      },
      POST: (_: string, { body }: { body: { id?: string; title: string } }) => {
        reach();
        if (world.status) return Promise.resolve(problem(world.status));
        world.shelved.push(body);
        return Promise.resolve({ data: body, response: response(201) });
      },
      PUT: async (_: string, { headers, body }: { headers: { 'If-Match': string }; body: unknown }) => {
        reach();
        world.saves++;
        const delay = world.delays.length > 1 ? world.delays.shift()! : (world.delays[0] ?? 0);
        // Half of the time on the way there, half on the way back.
        if (delay) await new Promise((done) => setTimeout(done, delay / 2));
        if (world.status) return problem(world.status);
        if (!world.stored) return problem(404);
        if (headers['If-Match'] !== `"${world.tag}"`) return problem(412);
        [world.stored, world.tag] = [structuredClone(body), world.tag + 1];
        const answer = { data: body, response: response(200) };
        if (delay) await new Promise((done) => setTimeout(done, delay / 2));
        if (!world.answers) throw new TypeError('the answer was lost');
        return answer;
      },
    },
  };
});

const file = (minutes: number, title = 'Quay') => ({ title, minutes, sections: [] }) as unknown as ClassFile;
let now: ClassFile | null;
let reached: number;
let overtaken: number;

function saver() {
  return new Saver('quay', () => now, { reached: () => reached++, overtaken: () => overtaken++ });
}

async function opened(): Promise<Saver> {
  const made = saver();
  now = await made.open();
  return made;
}

function edit(by: Saver, minutes: number) {
  now = file(minutes);
  by.touched();
}

/** Somebody else saves. */
function elsewhere(minutes: number) {
  [world.stored, world.tag] = [file(minutes), world.tag + 1];
}

beforeEach(() => {
  vi.useFakeTimers();
  Object.assign(world, {
    stored: file(20),
    tag: 1,
    reachable: true,
    answers: true,
    status: 0,
    left: null,
    shelved: [],
    draft: undefined,
    storage: true,
    delays: [],
    saves: 0,
  });
  reached = overtaken = 0;
});
afterEach(() => vi.useRealTimers());

describe('a class is brought to the server', () => {
  test('soon after a change, once for a run of them', async () => {
    const own = await opened();
    edit(own, 21);
    edit(own, 22);
    expect(own.state).toBe('waiting');
    await vi.advanceTimersByTimeAsync(600);
    expect([own.state, world.tag, (world.stored as ClassFile).minutes, reached]).toEqual(['saved', 2, 22, 1]);
    expect((world.draft as Draft).unsaved).toBe(false);
  });

  test('again and again while nobody answers', async () => {
    const own = await opened();
    world.reachable = false;
    edit(own, 25);
    await vi.advanceTimersByTimeAsync(600);
    expect([own.state, (world.draft as Draft).unsaved]).toEqual(['offline', true]);
    await vi.advanceTimersByTimeAsync(4100);
    expect(own.state).toBe('offline');
    world.reachable = true;
    await vi.advanceTimersByTimeAsync(4100);
    expect([own.state, (world.stored as ClassFile).minutes]).toEqual(['saved', 25]);
  });

  test('again after a full disk, and the trouble goes', async () => {
    const own = await opened();
    world.status = 507;
    edit(own, 25);
    await vi.advanceTimersByTimeAsync(600);
    expect([own.state, own.trouble]).toEqual(['refused', 'No.']);
    world.status = 0;
    await vi.advanceTimersByTimeAsync(4100);
    expect([own.state, own.trouble]).toEqual(['saved', null]);
  });

  test('not again by itself where the class is wrong', async () => {
    const own = await opened();
    world.status = 422;
    edit(own, 25);
    await vi.advanceTimersByTimeAsync(600);
    world.status = 0;
    await vi.advanceTimersByTimeAsync(20_000);
    expect([own.state, world.tag]).toEqual(['refused', 1]);
    edit(own, 26);
    await vi.advanceTimersByTimeAsync(600);
    expect([own.state, own.trouble]).toEqual(['saved', null]);
  });

  test('an answer that was lost on the way is no conflict', async () => {
    const own = await opened();
    world.answers = false;
    edit(own, 25);
    await vi.advanceTimersByTimeAsync(600);
    expect(own.state).toBe('offline');
    world.answers = true;
    await vi.advanceTimersByTimeAsync(4100);
    expect([own.state, own.theirs]).toEqual(['saved', null]);
  });

  test('leaving loses something only where the browser keeps nothing', async () => {
    const own = await opened();
    world.reachable = false;
    edit(own, 25);
    await vi.advanceTimersByTimeAsync(600);
    expect(own.loses).toBe(false);
    world.storage = false;
    edit(own, 26);
    await vi.advanceTimersByTimeAsync(600);
    expect(own.loses).toBe(true);
  });
});

describe('a server that is slow', () => {
  // Slow, slower than the edits, and answers that would overtake each other if two saves were under way.
  test.each([[[600]], [[1500]], [[3000, 100, 2000, 50, 700]], [[40, 900]]])(
    'is asked once at a time, and has the newest in the end (%j)',
    async (delays) => {
      const own = await opened();
      world.delays = [...delays];
      const seen = new Set<string>();
      for (let minutes = 21; minutes <= 60; minutes++) {
        edit(own, minutes);
        await vi.advanceTimersByTimeAsync(150);
        seen.add(own.state);
      }
      await vi.advanceTimersByTimeAsync(20_000);
      expect(seen).not.toContain('conflict');
      expect([own.state, own.theirs, (world.stored as ClassFile).minutes]).toEqual(['saved', null, 60]);
      expect(world.saves).toBe(world.tag - 1);
    },
  );

  test('and that another tab overtakes meanwhile is a conflict of the two, not of one with itself', async () => {
    const own = await opened();
    world.delays = [600];
    edit(own, 25);
    await vi.advanceTimersByTimeAsync(550);
    elsewhere(30);
    await vi.advanceTimersByTimeAsync(5000);
    expect([own.state, own.theirs?.minutes]).toEqual(['conflict', 30]);
  });
});

describe('a class that was deleted elsewhere', () => {
  test('is told at the next save, kept here, and can be put back', async () => {
    const own = await opened();
    world.stored = null;
    edit(own, 25);
    await vi.advanceTimersByTimeAsync(600);
    expect([own.state, (world.draft as Draft).unsaved]).toEqual(['deleted', true]);
    edit(own, 26);
    await vi.advanceTimersByTimeAsync(10_000);
    expect(own.state).toBe('deleted');
    await own.putBack();
    expect(world.shelved).toMatchObject([{ id: 'quay', minutes: 26 }]);
    expect(own.state).toBe('saved');
  });

  test('opens with what this browser had not saved', async () => {
    world.draft = { now: file(25), base: file(20), etag: '"1"', unsaved: true };
    world.stored = null;
    const own = await opened();
    expect([now?.minutes, own.state, own.trouble]).toEqual([25, 'deleted', null]);
  });
});

describe('where another tab was first', () => {
  test('both are held until the teacher has chosen, and mine can stand', async () => {
    const own = await opened();
    elsewhere(30);
    edit(own, 25);
    await vi.advanceTimersByTimeAsync(600);
    expect([own.state, own.theirs?.minutes, own.base?.minutes]).toEqual(['conflict', 30, 20]);
    edit(own, 26);
    await vi.advanceTimersByTimeAsync(10_000);
    expect([own.state, (world.stored as ClassFile).minutes]).toEqual(['conflict', 30]);
    await own.settle();
    expect([own.state, (world.stored as ClassFile).minutes, own.theirs]).toEqual(['saved', 26, null]);
  });

  test('and another one after that is met again', async () => {
    const own = await opened();
    elsewhere(30);
    edit(own, 25);
    await vi.advanceTimersByTimeAsync(600);
    elsewhere(40);
    await own.settle();
    expect([own.state, own.theirs?.minutes]).toEqual(['conflict', 40]);
  });
});

describe('a tab that comes back', () => {
  const draft = (etag: string): Omit<Draft, 'keptAt'> => ({
    now: file(25),
    base: file(20),
    etag,
    unsaved: true,
  });

  test('goes on with what the server does not have, and sends it', async () => {
    world.draft = draft('"1"');
    const own = await opened();
    expect([now?.minutes, own.state]).toEqual([25, 'waiting']);
    await vi.advanceTimersByTimeAsync(600);
    expect((world.stored as ClassFile).minutes).toBe(25);
  });

  test('finds both where the class went on without it', async () => {
    world.draft = draft('"1"');
    elsewhere(30);
    const own = await opened();
    expect([now?.minutes, own.state, own.theirs?.minutes, own.base?.minutes]).toEqual([
      25,
      'conflict',
      30,
      20,
    ]);
  });

  test('takes what the server has where its own has arrived', async () => {
    world.draft = draft('"1"');
    elsewhere(25);
    const own = await opened();
    expect([own.state, own.theirs]).toEqual(['saved', null]);
  });

  test('opens what it kept while the server is away', async () => {
    world.draft = { ...draft('"1"'), unsaved: false };
    world.reachable = false;
    const own = await opened();
    expect([now?.minutes, own.state]).toEqual([25, 'offline']);
  });

  test('shows what others saved meanwhile, where it had changed nothing itself', async () => {
    world.draft = { now: file(20), base: file(20), etag: '"1"', unsaved: false } satisfies Omit<
      Draft,
      'keptAt'
    >;
    world.reachable = false;
    const own = await opened();
    elsewhere(30);
    world.reachable = true;
    await vi.advanceTimersByTimeAsync(4100);
    expect([overtaken, own.theirs?.minutes]).toEqual([1, 30]);
    now = own.theirs;
    await own.settle();
    expect([own.state, (world.stored as ClassFile).minutes]).toEqual(['saved', 30]);
  });

  describe('and finds what a second tab had not saved', () => {
    const left = { ...draft('"1"'), now: { ...file(50), id: 'quay' } };

    test('puts it on the shelf as a class of its own, and says so', async () => {
      world.left = left;
      const own = await opened();
      await vi.advanceTimersByTimeAsync(0);
      expect(world.shelved).toMatchObject([
        { id: undefined, title: 'Quay (kept from another tab)', minutes: 50 },
      ]);
      expect([now?.minutes, world.left]).toEqual([20, null]);
      expect(own.rescued).toContain('Quay (kept from another tab)');
    });

    test('keeps it while the server does not take it', async () => {
      Object.assign(world, { left, status: 507 });
      const own = await opened();
      await vi.advanceTimersByTimeAsync(0);
      expect([world.left, own.rescued]).toEqual([left, null]);
    });

    test('forgets it where the class has it already', async () => {
      world.left = { ...left, now: file(20) };
      const own = await opened();
      await vi.advanceTimersByTimeAsync(0);
      expect([world.left, world.shelved, own.rescued]).toEqual([null, [], null]);
    });
  });

  test('and says so where it kept nothing, or the class is gone', async () => {
    world.reachable = false;
    const own = await opened();
    expect([now, own.trouble]).toEqual([null, 'The server cannot be reached.']);
    Object.assign(world, { reachable: true, stored: null });
    now = await own.open();
    expect([now, own.trouble]).toEqual([null, 'No.']);
  });
});

import { api, sentence, type ClassFile, type Lesson, type Rung } from '../lib/api/client';
import { catalogue } from '../lib/catalogue.svelte';
import { figureKey, figures } from '../figures/figures.svelte';
import { frames } from '../figures/frames.svelte';
import type { Plan } from './course';

const atOnce = 2;

/** Fetches all that a class is taught from, so that nothing needs the network once it has begun. */
export async function prepare(
  document: ClassFile,
  told: (share: number) => void,
  signal: AbortSignal,
): Promise<Plan> {
  await catalogue.load();
  const { data, error } = await api.POST('/api/lesson', { body: { class: document as never }, signal });
  if (!data) throw new Error(sentence(error));
  const lesson = data as unknown as Lesson;
  const rungs: Rung[] = [];
  const pictures = picturesOf(lesson);
  const works = [
    ...pictures.map(
      ([move, position, option, side]) =>
        () =>
          frames.load(move, position, option, side),
    ),
    ...lesson.ladder.map((byMs) => async () => {
      const made = await api.POST('/api/ladder', { body: { class: document as never, byMs }, signal });
      if (!made.data) throw new Error(sentence(made.error));
      rungs.push(...made.data);
    }),
  ];
  for (const [move, position, option] of pictures) figures.of(figureKey(move, position, option));
  await inTurn(works, (done) => told(done / works.length), signal);
  return { lesson, rungs, targetMs: Math.round(document.minutes * 60_000) };
}

/** Every form on every side it is taken. */
export function picturesOf(lesson: Lesson): [string, string, string, 'right' | 'left'][] {
  const all = new Map<string, [string, string, string, 'right' | 'left']>();
  for (const { line, doses } of lesson.passes) {
    const form = lesson.lines[line];
    if (!form) continue;
    for (const event of doses[0]!.events) {
      const side = event.side === 'left' ? 'left' : 'right';
      all.set(`${form.move} ${form.position} ${form.option} ${side}`, [
        form.move,
        form.position,
        form.option,
        side,
      ]);
    }
  }
  return [...all.values()];
}

async function inTurn(works: (() => Promise<void>)[], told: (done: number) => void, signal: AbortSignal) {
  const waiting = [...works];
  let done = 0;
  const one = async () => {
    for (let work = waiting.shift(); work; work = waiting.shift()) {
      signal.throwIfAborted();
      await work();
      told(++done);
    }
  };
  await Promise.all(Array.from({ length: atOnce }, one));
}

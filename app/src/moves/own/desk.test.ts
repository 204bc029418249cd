import { expect, test, vi } from 'vitest';
import type { Preview } from '../../lib/api/client';
import { OwnMoveDesk } from './desk.svelte';

const asked = vi.hoisted(() => [] as ((answer: unknown) => void)[]);
vi.mock('../../lib/api/client', () => ({
  api: { POST: () => new Promise((resolve) => asked.push(resolve)) },
  sentence: String,
}));
vi.mock('../../lib/catalogue.svelte', () => ({ catalogue: {} }));

const preview = (name: string) => ({ data: { name } as Preview });

test('an answer about a text that has gone on meanwhile is dropped, asked anew or not', async () => {
  const desk = new OwnMoveDesk();
  desk.move.begin('- name: First');
  const first = desk.look();
  desk.move.type('- name: Second');
  asked.shift()!(preview('First'));
  await first;
  expect(desk.preview).toBeNull();

  const second = desk.look();
  asked.shift()!(preview('Second'));
  await second;
  expect(desk.preview?.name).toBe('Second');
});

test('what is wrong is told with its line, and the last picture stays', async () => {
  const desk = new OwnMoveDesk();
  desk.move.begin('- name: Right');
  const right = desk.look();
  asked.shift()!(preview('Right'));
  await right;
  desk.move.type('- nam: Wrong');
  const wrong = desk.look();
  asked.shift()!({ error: { errors: [{ pointer: '/yaml/7', detail: "'nam' is not a field here" }] } });
  await wrong;
  expect(desk.wrong).toEqual([{ line: 7, detail: "'nam' is not a field here" }]);
  expect(desk.preview?.name).toBe('Right');
});

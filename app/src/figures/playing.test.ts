import { expect, test } from 'vitest';
import { momentOf } from './playing.svelte';

const frame = { box: [0, 0, 1, 1], paths: [] };
const phase = Array.from({ length: 10 }, () => frame);
const motion = { ms: [1000, 6000], phases: [phase, phase], order: [1, 0] };

test('a card plays its phases in the order they are taken, long ones faster than they are breathed', () => {
  expect(momentOf(motion, 0)).toEqual({ phase: 1, frame: 0 });
  expect(momentOf(motion, 550)).toEqual({ phase: 1, frame: 5 });
  expect(momentOf(motion, 1000)).toEqual({ phase: 0, frame: 0 });
  expect(momentOf(motion, 2599)).toEqual({ phase: 0, frame: 9 });
});

test('and begins again', () => expect(momentOf(motion, 2600)).toEqual({ phase: 1, frame: 0 }));

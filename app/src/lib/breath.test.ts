import { describe, expect, test } from 'vitest';
import { breathLabel, cueOn } from './breath';

describe('what stands over a cue', () => {
  test.each([
    ['in', undefined, 'in'],
    ['out', undefined, 'out'],
    ['out', { exhaleThrough: 'nose' }, 'out'],
    ['out', { exhaleThrough: 'mouth' }, 'out, by the mouth'],
    ['in', { exhaleThrough: 'mouth' }, 'in'],
    ['stay', { exhaleThrough: 'mouth' }, ''],
  ] as const)('%s with %o: %s', (breath, conventions, label) => {
    expect(breathLabel(breath, conventions)).toBe(label);
  });
});

describe('what is said on a breath', () => {
  const phases = ['in Roll', 'in up', 'out over', 'out and down', 'in Later'].map((p) => {
    const [breath, ...cue] = p.split(' ');
    return { breath: breath!, cue: cue.join(' ') };
  });
  test.each([
    ['in', 'Roll, up'],
    ['out', 'over, and down'],
    ['stay', undefined],
  ])('%s: %s', (breath, said) => {
    expect(cueOn(phases, breath)).toBe(said);
  });
});

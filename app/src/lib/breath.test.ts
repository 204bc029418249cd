import { describe, expect, test } from 'vitest';
import { breathLabel } from './breath';

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

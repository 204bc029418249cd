import { describe, expect, test } from 'vitest';
import type { Move } from './api/client';
import { choices, chosen, spoken } from './sides';

const move = (sides: Move['sides'], circle: Move['circle'] = 'clockwise') => ({ sides, circle }) as Move;

describe('the sides a line can be done on', () => {
  test.each([
    ['none', 'clockwise', []],
    ['one-sided', 'clockwise', ['right-left', 'left-right', 'right', 'left']],
    ['crossing', 'clockwise', ['over-under', 'under-over', 'over', 'under']],
    ['circling', 'clockwise', ['cw-ccw', 'ccw-cw', 'cw', 'ccw']],
    ['circling', 'backwards', ['back-forward', 'forward-back', 'back', 'forward']],
    ['circling', 'inwards', ['in-out', 'out-in', 'in', 'out']],
    ['alternating', 'clockwise', ['alternate', 'alternate-left']],
  ] as const)('%s %s', (sides, circle, words) => {
    expect(choices(move(sides, circle)).map((c) => c.word)).toEqual(words);
  });

  test('the first side comes from the convention where the line says nothing', () => {
    expect(chosen(move('one-sided'), undefined, false)?.word).toBe('right-left');
    expect(chosen(move('one-sided'), null, true)?.word).toBe('left-right');
    expect(chosen(move('one-sided'), 'left', false)?.said.map((s) => s.text)).toEqual(['left']);
    expect(chosen(move('none'), undefined, false)).toBeNull();
  });
});

describe('a cue said for a side', () => {
  const text = (cue: string, side: 'right' | 'left') =>
    spoken(cue, side)
      .map((p) => p.text)
      .join('');

  test.each([
    ['{right} ear sinks', 'right', 'Right ear sinks'],
    ['{right} ear sinks', 'left', 'Left ear sinks'],
    ['Bend to the {right}, {left} arm up', 'left', 'Bend to the left, right arm up'],
    ['Circle {clockwise}', 'left', 'Circle the other way round'],
    ['Stay', 'left', 'Stay'],
  ] as const)('%s on the %s', (cue, side, said) => expect(text(cue, side)).toBe(said));

  test('its side words are told apart', () => {
    expect(
      spoken('{right} over {left}', 'left')
        .filter((p) => p.side !== 'none')
        .map((p) => p.side),
    ).toEqual(['left', 'right']);
  });
});

import { describe, expect, test } from 'vitest';
import type { Figure } from '../lib/api/client';
import { markup } from './markup';

const figure: Figure = {
  box: [0, 0, 10, 10],
  paths: [
    { tone: 'right-arm', shaded: true, x: -3, y: 4, steps: 'l1 2z' },
    { tone: 'trunk', shaded: false, x: 0, y: 0, steps: 'c1 2 3 4 5 6' },
  ],
};

describe('the text of a figure', () => {
  test('has a path a tone, each where it begins', () => {
    expect(markup(figure, false)).toBe(
      '<path class="right-arm shaded" d="m-3 4l1 2z"/><path class="trunk" d="m0 0c1 2 3 4 5 6"/>',
    );
  });

  test('has right and left exchanged when it is mirrored, and nothing else', () => {
    expect(markup(figure, true)).toContain('class="left-arm shaded"');
    expect(markup(figure, true)).toContain('class="trunk"');
  });
});

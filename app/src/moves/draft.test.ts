import { expect, test } from 'vitest';
import { blankMove, copyOf, idOf } from './draft';

test('a copy has an id and a name of its own, and nothing else is changed', () => {
  const copy = copyOf('- id: tree\n  name: Tree\n  talk:\n    first: "name: it"\n', () => false);
  expect(copy).toBe('- id: my-tree\n  name: "Tree, my way"\n  talk:\n    first: "name: it"\n');
  expect(idOf(copy)).toBe('my-tree');
});

test('the id is read from the text, whatever it looks like', () => {
  expect(idOf(blankMove(() => false))).toBe('my-move');
  expect(idOf(blankMove((id) => ['my-move', 'my-move-2'].includes(id)))).toBe('my-move-3');
  expect(idOf('nothing')).toBe('move');
});

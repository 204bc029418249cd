import { beforeEach, expect, test } from 'vitest';
import { axesOf } from './axes';
import { OwnMoveText } from './ownMove.svelte';

const text = `- id: reach
  name: Reach # as on the quay
  phases:
    - { breath: in, shape: { knee: 20, left.elbow: 4 }, cue: { long: "Up", short: "Up" } }
`;

let move: OwnMoveText;
beforeEach(() => {
  move = new OwnMoveText();
  move.begin(text);
});

test('a field is changed and everything else stays as it was written', () => {
  move.set(['name'], 'Long reach');
  expect(move.text).toContain('name: Long reach # as on the quay');
  expect(move.word(['name'])).toBe('Long reach');
  expect(move.word(['phases', 0, 'breath'])).toBe('in');
});

test('a name of both sides takes the place of the two, one of a side stands beside it', () => {
  move.shape(0, { elbow: 31.6 });
  expect(move.get(['phases', 0, 'shape'])).toEqual({ knee: 20, elbow: 32 });
  move.shape(0, { 'right.knee': 44 });
  expect(move.get(['phases', 0, 'shape'])).toEqual({ knee: 20, elbow: 32, 'right.knee': 44 });
});

test('phases are added, moved and removed', () => {
  move.addPhase(0);
  expect((move.get(['phases']) as unknown[]).length).toBe(2);
  move.movePhase(1, -1);
  expect(move.word(['phases', 0, 'breath'])).toBe('stay');
  move.removePhase(0);
  expect(move.word(['phases', 0, 'breath'])).toBe('in');
});

test('what counts phases follows them when they are added, moved and removed', () => {
  move.begin(`- id: reach
  phases:
    - { breath: in }
    - { breath: stay }
    - { breath: out }
  options:
    easier: { cue: "Less", phases: [2] }
    deeper: { cue: "More" }
  picture: [1, 3]
`);
  const counted = () => [move.get(['picture']), move.get(['options', 'easier', 'phases'])];
  move.addPhase(0);
  expect(counted()).toEqual([[1, 4], [3]]);
  move.movePhase(2, 1);
  expect(counted()).toEqual([[1, 3], [4]]);
  move.removePhase(3);
  expect(counted()).toEqual([[1, 3], undefined]);
  move.removePhase(0);
  expect(move.get(['picture'])).toEqual([2]);
  move.undo();
  expect(move.get(['picture'])).toEqual([1, 3]);
});

test('edits of one field in a row are one step back', () => {
  move.set(['name'], 'A');
  move.set(['name'], 'Ab');
  move.set(['id'], 'other');
  move.undo();
  expect(move.word(['id'])).toBe('reach');
  expect(move.word(['name'])).toBe('Ab');
  move.undo();
  expect(move.text).toBe(text);
  expect(move.canUndo).toBe(false);
  move.redo();
  expect(move.word(['name'])).toBe('Ab');
});

test('a text that is no move is left alone', () => {
  move.type('- [');
  expect(move.readable).toBe(false);
  move.set(['name'], 'Lost');
  expect(move.text).toBe('- [');
});

test('names stand for the axes of both sides and of both parts of the spine', () => {
  expect(axesOf('spine.side')).toEqual(['lower.side', 'upper.side']);
  expect(axesOf('elbow')).toEqual(['right.elbow', 'left.elbow']);
  expect(axesOf('left.elbow')).toEqual(['left.elbow']);
});

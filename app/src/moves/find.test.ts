import { describe, expect, test } from 'vitest';
import type { Move, Position } from '../lib/api/client';
import { anything, MoveFinder } from './find';

const move = (id: string, name: string, more: Partial<Move> = {}) =>
  ({
    id,
    name,
    traditional: null,
    names: [],
    kind: 'hold',
    positions: ['standing'],
    sides: 'none',
    areas: [],
    uses: [],
    props: [],
    helpful: [],
    notFor: [],
    effort: 2.3,
    ...more,
  }) as unknown as Move;

const finder = new MoveFinder(
  [
    move('thread', 'Thread the needle', {
      positions: ['all-fours'],
      areas: ['upper-back'],
      sides: 'one-sided',
      notFor: ['knee'],
      helpful: ['block'],
    }),
    move('rest', 'Rest folded over the knees', { traditional: 'Bālāsana', positions: ['folded-rest'] }),
    move('tilt', 'Ear to shoulder', {
      areas: ['neck'],
      sides: 'one-sided',
      positions: ['chair-edge', 'standing'],
    }),
    move('plank', 'Plank', { effort: 4, props: ['mat'] }),
  ],
  new Map([
    ['all-fours', { family: 'floor', name: 'Hands and knees', props: [] }],
    ['folded-rest', { family: 'floor', name: 'Folded over the knees' }],
    ['chair-edge', { family: 'seated', name: 'Front of the chair', props: ['chair'] }],
    ['standing', { family: 'standing', name: 'Standing' }],
  ] as unknown as [string, Position][]),
);
const ids = (wanted: Partial<typeof anything>) => finder.find({ ...anything, ...wanted }).map((m) => m.id);

describe('finding moves', () => {
  test('nothing asked for shows all, in their order', () =>
    expect(ids({})).toEqual(['thread', 'rest', 'tilt', 'plank']));

  test.each([
    ['nedle', 'thread'],
    ['balasana', 'rest'],
    ['chair', 'tilt'],
    ['neck', 'tilt'],
    ['nek', 'tilt'],
    ['needle thread', 'thread'],
    ['upper back', 'thread'],
    ['fold', 'rest'],
  ])('“%s” finds %s first', (text, id) => expect(ids({ text })[0]).toBe(id));

  test('a slip does not match the middle of some other word', () => {
    expect(ids({ text: 'nek' })).not.toContain('thread');
    expect(ids({ text: 'lank' })).toEqual(['plank']);
    expect(ids({ text: 'pla' })).toEqual(['plank']);
  });

  test.each([
    [{ family: 'floor' }, ['thread', 'rest']],
    [{ position: 'chair-edge' }, ['tilt']],
    [{ area: 'neck' }, ['tilt']],
    [{ sides: 'one-sided' }, ['thread', 'tilt']],
    [{ condition: 'knee' }, ['rest', 'tilt', 'plank']],
    [{ effort: 'light', props: 'none' }, ['thread', 'rest', 'tilt']],
    [{ effort: 'moderate' }, ['plank']],
    [{ props: 'chair' }, ['tilt']],
    [{ props: 'chair', position: 'standing' }, []],
    [{ props: 'none', position: 'chair-edge' }, []],
    [{ props: 'block' }, ['thread']],
    [{ text: 'xyzzy' }, []],
  ])('%o', (wanted, expected) => expect(ids(wanted)).toEqual(expected));
});

test('a name that is written out comes before a longer one with it in it', () => {
  const two = new MoveFinder(
    [move('long', 'Warrior two, turning the arms', { names: ['warrior two'] }), move('plain', 'Warrior two')],
    new Map([['standing', { family: 'standing', name: 'Standing' }]] as unknown as [string, Position][]),
  );
  expect(two.find({ ...anything, text: 'warrior two' }).map((m) => m.id)).toEqual(['plain', 'long']);
});

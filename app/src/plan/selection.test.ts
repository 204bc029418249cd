import { beforeEach, describe, expect, test } from 'vitest';
import { Selection } from './selection.svelte';

const order = ['a', 'b', 'c', 'd', 'e'];
let selection: Selection;
const all = () => [...selection.all].sort().join('');

beforeEach(() => {
  selection = new Selection();
  selection.one('b');
});

describe('what is selected', () => {
  test('nothing at first, then one thing at a time', () => {
    expect(new Selection().all).toEqual([]);
    selection.one('c');
    expect([selection.at, all()]).toEqual(['c', 'c']);
    selection.one(null);
    expect([selection.at, all()]).toEqual([null, '']);
  });

  test('from where it began to an item, both ways, and back again', () => {
    selection.extendTo('d', order);
    expect([selection.at, all()]).toEqual(['d', 'bcd']);
    selection.extendTo('c', order);
    expect(all()).toBe('bc');
    selection.extendTo('a', order);
    expect([selection.at, all()]).toEqual(['a', 'ab']);
  });

  test('to what is not in the class it goes alone', () => {
    selection.extendTo('z', order);
    expect(all()).toBe('z');
  });

  test('one more, and one less; the last one stays', () => {
    selection.toggle('d');
    expect([selection.at, all()]).toEqual(['d', 'bd']);
    selection.toggle('d');
    expect([selection.at, all()]).toEqual(['b', 'b']);
    selection.toggle('b');
    expect(all()).toBe('b');
  });

  test('extending begins anew from the one that was added last', () => {
    selection.toggle('d');
    selection.extendTo('e', order);
    expect(all()).toBe('de');
  });

  test('a list of things, the last of which the keys act from', () => {
    selection.these(['c', 'd', 'e']);
    expect([selection.at, all()]).toEqual(['e', 'cde']);
    selection.extendTo('d', order);
    expect(all()).toBe('cd');
    selection.these([]);
    expect(all()).toBe('');
  });

  test('the same one again lets go of the others', () => {
    selection.extendTo('d', order);
    selection.one('d');
    expect(all()).toBe('d');
  });
});

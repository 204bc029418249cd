import { expect, test } from 'vitest';
import type { Prop, Score } from '../lib/api/client';
import { needsOf, shortBy } from './needs';

const prop = (id: string, alwaysThere = false, standIns: string[] = []): Prop =>
  ({ id, name: id, plural: `${id}s`, note: '', standIns, alwaysThere }) as Prop;
const score = {
  props: [
    { prop: 'cushion', fromMs: 0, toMs: 9, line: 'a' },
    { prop: 'strap', fromMs: 10, toMs: 20, line: 'b' },
    { prop: 'cushion', fromMs: 30, toMs: 40, line: 'c' },
    { prop: 'mat', fromMs: 0, toMs: 40, line: 'a' },
  ],
} as unknown as Score;
const props = [prop('cushion'), prop('strap', false, ['towel']), prop('mat', true)];

test('what falls short comes first, with what stands in; what any hall has is not listed', () => {
  const needs = needsOf(score, props, { cushion: 12, towel: 5 }, 12);
  expect(needs.map((n) => [n.prop.id, shortBy(n), n.spans.length])).toEqual([
    ['strap', 12, 1],
    ['cushion', 0, 2],
  ]);
  expect(needs[0]!.standIns).toEqual([{ id: 'towel', name: 'towel', stock: 5 }]);
});

test('nothing is short while nobody has counted', () => {
  const [cushion] = needsOf(score, props, {}, 12);
  expect([cushion!.stock, shortBy(cushion!)]).toEqual([null, 0]);
});

test('a group of unknown size needs one of each', () => {
  expect(needsOf(score, props, {}, 0).map((n) => n.needed)).toEqual([1, 1]);
});

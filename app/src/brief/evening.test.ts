import { expect, test } from 'vitest';
import type { ClassFile } from '../lib/api/client';
import { eveningOf, saidEvening, setEvening } from './evening';

const dated = (series?: object) =>
  ({ title: 'T', minutes: 30, sections: [], series }) as unknown as ClassFile;

test('a date, an hour and a zone are kept beside what else the series says', () => {
  const plan = dated({ id: 'autumn', number: 3 });
  setEvening(plan, { date: '2026-12-01' });
  expect(plan.series).toEqual({ id: 'autumn', number: 3, date: '2026-12-01' });
  setEvening(plan, { start: '18:30', zone: 'Europe/Lisbon' });
  expect(eveningOf(plan)).toEqual({ date: '2026-12-01', start: '18:30', zone: 'Europe/Lisbon' });
  expect(saidEvening(plan)).toMatch(/\b1\b.*, 18:30$/);
});

test('an hour without a zone is in the zone one is in', () => {
  const plan = dated();
  setEvening(plan, { date: '2026-12-01', start: '07:00' });
  expect(eveningOf(plan).zone).toBe(Intl.DateTimeFormat().resolvedOptions().timeZone);
});

test('without a date there is no evening left, and no empty series', () => {
  const plan = dated({ date: '2026-12-01', start: '18:30', zone: 'Europe/Lisbon' });
  setEvening(plan, { date: '' });
  expect(plan.series).toBeUndefined();
  expect(saidEvening(plan)).toBe('');
});

test('what is no date is none', () => {
  expect(saidEvening(dated({ date: 'soon' }))).toBe('');
  expect(eveningOf(dated({ date: 7 })).date).toBe('');
});

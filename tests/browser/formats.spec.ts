import Ajv from 'ajv/dist/2020.js';
import { parse } from 'csv-parse/sync';
import ICAL from 'ical.js';
import { readFileSync, readdirSync } from 'node:fs';
import { createRequire } from 'node:module';
import { classOf, expect, test } from './fixtures';

const require = createRequire(import.meta.url);
const { WebVTTParser } = require('webvtt-parser') as {
  WebVTTParser: new (entities: object) => {
    parse: (text: string, mode: string) => { cues: { startTime: number; endTime: number }[]; errors: unknown[] };
  };
};
const entities = require('webvtt-parser/html-entities.json') as object;

/** A reference library: ajv agrees with the published JSON Schema on each sample. */
const demo = new URL('../../demo/', import.meta.url);

test('ajv takes the published schema, and every demo class fits it', async ({ request }) => {
  const schema = await (await request.get('/api/schema/class')).json();
  const valid = new Ajv({ strict: false }).compile(schema);
  for (const name of readdirSync(demo).filter((n) => n.endsWith('.tide.json'))) {
    const file = JSON.parse(readFileSync(new URL(name, demo), 'utf8'));
    expect(valid(file), `${name}: ${JSON.stringify(valid.errors)}`).toBe(true);
    expect((await request.post('/api/score', { data: file })).ok()).toBe(true);
    expect(valid({ ...file, minutes: 0 })).toBe(false);
    expect((await request.post('/api/score', { data: { ...file, minutes: 0 } })).status()).toBe(422);
  }
});

/** A reference library: csv-parse reads the tables (RFC 4180), and no cell of them begins a formula. */
test('csv-parse takes the lines, the events and the log', async ({ request }) => {
  for (const path of [
    '/api/classes/low-water-shoulders/export?as=csv',
    '/api/classes/low-water-shoulders/export?as=events-csv',
    '/api/log/export',
  ]) {
    const rows = parse(await (await request.get(path)).text(), { columns: true }) as Record<string, string>[];
    if (!path.includes('log')) expect(rows.length).toBeGreaterThan(20);
    expect(rows.flatMap((row) => Object.values(row)).filter((cell) => /^[=+\-@\t\r]/.test(cell))).toEqual([]);
  }
});

/** A reference library: W3C's webvtt-parser. */
test('webvtt-parser takes the cues', async ({ request }) => {
  const text = await (await request.get('/api/classes/low-water-shoulders/export?as=vtt')).text();
  const { cues, errors } = new WebVTTParser(entities).parse(text, 'metadata');
  expect(errors).toEqual([]);
  expect(cues.length).toBeGreaterThan(100);
  expect(cues.filter((cue) => cue.endTime <= cue.startTime)).toEqual([]);
});

/** A reference library: ical.js reads the date (RFC 5545). */
test('ical.js takes the evening', async ({ request }) => {
  const id = await classOf(request, {
    minutes: 40,
    series: { date: '2026-12-03', start: '18:30', zone: 'Europe/Lisbon' },
    sections: [{ items: [{ move: 'cat-cow' }] }],
  });
  const calendar = new ICAL.Component(ICAL.parse(await (await request.get(`/api/classes/${id}/export?as=ics`)).text()));
  const evening = new ICAL.Event(calendar.getFirstSubcomponent('vevent')!);
  expect(evening.startDate.toString()).toBe('2026-12-03T18:30:00');
  expect(evening.duration.toSeconds()).toBe(40 * 60);
});

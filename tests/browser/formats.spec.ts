import Ajv from 'ajv/dist/2020.js';
import { readFileSync, readdirSync } from 'node:fs';
import { expect, test } from './fixtures';

/** A reference library: ajv agrees with the published JSON Schema on each sample. */
const demo = new URL('../../demo/', import.meta.url);

test('ajv takes the published schema, and every demo class fits it', async ({ request }) => {
  const schema = await (await request.get('/api/schema/class')).json();
  const valid = new Ajv({ strict: false }).compile(schema);
  for (const name of readdirSync(demo)) {
    const file = JSON.parse(readFileSync(new URL(name, demo), 'utf8'));
    expect(valid(file), `${name}: ${JSON.stringify(valid.errors)}`).toBe(true);
    expect((await request.post('/api/score', { data: file })).ok()).toBe(true);
    expect(valid({ ...file, minutes: 0 })).toBe(false);
    expect((await request.post('/api/score', { data: { ...file, minutes: 0 } })).status()).toBe(422);
  }
});

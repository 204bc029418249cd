import Ajv from 'ajv/dist/2020.js';
import patching from 'fast-json-patch';
import { readFileSync, readdirSync } from 'node:fs';
import { expect, test, uneven } from './house';

/** Reference libraries: ajv agrees with the published JSON Schema on each sample, and fast-json-patch applies our patches (RFC 6902). */
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

test('the patch of a fix makes the class of the fix', async ({ request }, info) => {
  const file = uneven(info.workerIndex + 200);
  file.sections[0].items[1]!.breaths = 2;
  const score = await (await request.post('/api/score', { data: file })).json();
  const finding = score.findings.find((f: { rule: string }) => f.rule === 'second-side');
  for (const fix of finding.fixes) {
    const answer = await (await request.post('/api/apply', { data: { class: file, finding: finding.id, fix: fix.id } })).json();
    expect(patching.applyPatch(structuredClone(file), answer.patch, true).newDocument).toEqual(answer.class);
  }
});

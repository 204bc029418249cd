// Makes the pictures of docs/screenshots from the demo data of a running server.
// Usage: node screenshots.mjs http://127.0.0.1:5180
import { chromium } from '@playwright/test';

const base = process.argv[2] ?? 'http://127.0.0.1:5180';
const folder = new URL('../../docs/screenshots/', import.meta.url).pathname;
const args = ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking'];
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args });

async function shot(name, path, theme, act = async () => {}, viewport = { width: 1280, height: 800 }) {
  const page = await browser.newPage({ viewport });
  await page.addInitScript((t) => {
    localStorage.setItem('ample-tide.theme', t);
    localStorage.setItem('ample-tide.safety-read', '1');
  }, theme);
  await page.goto(`${base}/#${path}`);
  await page.waitForLoadState('networkidle');
  await act(page);
  await page.waitForLoadState('networkidle');
  await page.screenshot({ path: `${folder}${name}.png` });
  await page.close();
}

await shot('shelf', '/', 'paper');
await shot('plan-paper', '/plan/low-water-shoulders', 'paper', (page) => page.locator('[data-select="l5"]').click());
await shot('plan-night', '/plan/low-water-shoulders', 'night', async (page) => {
  await page.locator('[data-line="l13"]').scrollIntoViewIfNeeded();
  await page.locator('[data-select="l16"]').click();
});
await shot('soundings', '/plan/knots-undone', 'paper', async (page) => {
  await page.getByRole('button', { name: 'Make both 4' }).click();
  await page.getByRole('button', { name: 'Apply' }).waitFor();
});
await shot('fit', '/plan/low-water-shoulders', 'paper', async (page) => {
  await page.locator('[data-select="l1b"]').click();
  await page.keyboard.press('f');
  await page.getByLabel('Minutes of the class').fill('38');
  await page.keyboard.press('Tab');
  await page.getByText('becomes').waitFor();
});
await shot(
  'plan-tablet',
  '/plan/low-water-shoulders',
  'night',
  (page) => page.locator('[data-select="l9"]').click(),
  { width: 768, height: 1024 },
);
await shot('tide-close', '/plan/low-water-shoulders', 'paper', async (page) => {
  await page.locator('[data-select="l6"]').click();
  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'Look closer' }).click();
  await page.getByRole('button', { name: 'Let it run' }).click();
  // Past the talk-in, where the figure breathes and the cue is said.
  await page.getByText(/· 2 of \d+/).waitFor({ timeout: 60_000 });
});
await shot('sides', '/plan/knots-undone/sides', 'paper');
await shot('body', '/plan/low-water-shoulders/body', 'paper');
await shot('bring', '/plan/bench-by-the-window/bring', 'paper');
await shot('people', '/plan/low-water-shoulders/people', 'paper');
await shot('card', '/card/low-water-shoulders', 'paper');
await shot('own-move', '/write/warrior-two', 'paper', async (page) => {
  await page.getByRole('button', { name: '3 Stay' }).click();
});
await shot('moves', '/moves?family=floor', 'paper');
await shot('move-page', '/moves/warrior-two', 'paper');
await shot('move-page-night', '/moves/thread-the-needle', 'night');
// These change a class, so they come last.
await shot('conflict', '/plan/bench-by-the-window', 'paper', async (page) => {
  const there = await page.request.get(`${base}/api/classes/bench-by-the-window`);
  const before = await there.json();
  const theirs = structuredClone(before);
  theirs.sections[2].items.splice(1, 1);
  theirs.sections[2].items[0].breaths = 6;
  theirs.minutes = 22;
  const put = (data, tag) =>
    page.request.put(`${base}/api/classes/bench-by-the-window`, { data, headers: { 'If-Match': tag } });
  const saved = await put(theirs, there.headers().etag);
  await page.locator('[data-select]').nth(1).focus();
  await page.keyboard.press('d');
  await page.locator('[data-select]').nth(6).focus();
  await page.keyboard.press('+');
  await page.getByRole('alert', { name: 'Saved elsewhere too' }).waitFor();
  await put(before, saved.headers().etag);
});
await shot('versions', '/plan/knots-undone/versions', 'paper', async (page) => {
  await page.getByRole('link', { name: 'Score' }).click();
  await page.locator('[data-select]').nth(1).focus();
  await page.keyboard.press('+');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Alt+ArrowDown');
  await page.getByText('Saved', { exact: true }).waitFor();
  await page.getByRole('link', { name: 'Versions' }).click();
  await page.getByRole('textbox', { name: 'Name for' }).fill('before the harbour festival');
  await page.getByRole('button', { name: 'Keep as it is now' }).click();
  await page.getByRole('listitem').filter({ hasText: 'harbour' }).waitFor();
});
await browser.close();

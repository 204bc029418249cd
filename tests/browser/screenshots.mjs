// Makes the pictures of docs/screenshots from the demo data of a running server.
// Usage: node screenshots.mjs http://127.0.0.1:5180
import { chromium } from '@playwright/test';
import { launchOptions } from './chromium.mjs';

const base = process.argv[2] ?? 'http://127.0.0.1:5180';
const folder = new URL('../../docs/screenshots/', import.meta.url).pathname;
const browser = await chromium.launch(launchOptions);

async function shot(name, path, theme, act = async () => {}, viewport = { width: 1280, height: 800 }) {
  const page = await browser.newPage({ viewport });
  await page.addInitScript((t) => {
    localStorage.setItem('ample-tide.theme', t);
    localStorage.setItem('ample-tide.safety-read', '1');
  }, theme);
  await page.goto(`${base}/#${path}`);
  // A slow machine is idle also before the view has come.
  await page.getByRole('heading', { level: 1 }).first().waitFor();
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
await shot('fit', '/plan/low-water-shoulders', 'paper', async (page) => {
  await page.locator('[data-select="l1b"]').click();
  await page.keyboard.press('f');
  await page.getByLabel('Minutes of the class').fill('38');
  await page.keyboard.press('Tab');
  await page.getByText('becomes').waitFor();
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
await shot('script', '/plan/low-water-shoulders/script', 'paper', (page) =>
  page.locator('[data-pass="6"]').scrollIntoViewIfNeeded(),
);
await shot('tonight', '/tonight/low-water-shoulders', 'paper', async (page) => {
  await page.getByRole('button', { name: '10 less' }).click();
  await page.getByText('of 35 minutes').waitFor();
  await page.getByText('working it out').waitFor({ state: 'hidden' });
});
await shot('log', '/plan/low-water-shoulders/log', 'paper');
await shot('read', '/read', 'paper', async (page) => {
  await page.getByLabel('Title').fill('Thursday necks');
  await page
    .getByLabel('The plan')
    .fill(
      'Warm:\nseated cat cow x6\near to shoulder R+L 3 br\nneck rolls x3\nlow lunge twist R/L 3\nstand up\nmountain 4 br\nfinal rest 5 min',
    );
  await page.getByRole('button', { name: 'Read it' }).click();
  await page.getByRole('heading', { name: 'What I understood' }).waitFor();
});
await shot('sheet', '/sheet/low-water-shoulders', 'paper', async () => {}, { width: 900, height: 1000 });
await shot('teach', '/teach/low-water-shoulders', 'paper', async (page) => {
  await page.clock.install();
  await page.reload();
  const begin = page.getByRole('button', { name: 'Begin the class' });
  await begin.and(page.locator(':enabled')).waitFor({ timeout: 120_000 });
  await begin.click();
  await page.clock.fastForward(1010 * 1000);
  await page.clock.runFor(40);
});
// This changes a class, so it comes last.
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

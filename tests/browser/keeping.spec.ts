import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, line, open, test, uneven } from './fixtures';

/** Nothing is lost: not with the tab, not with the server, not with the network, not between two tabs. */

const more = (page: import('@playwright/test').Page, id: string) => line(page, id).getByRole('button', { name: 'More breaths' });
const dose = (page: import('@playwright/test').Page, id: string) => line(page, id).getByRole('textbox');
const saved = (page: import('@playwright/test').Page) =>
  expect(page.getByText('Saved', { exact: true })).toBeVisible({ timeout: 15_000 });

test('what two tabs changed is laid beside each other, and both can be taken', async ({ page, own, context, request }) => {
  await open(page, own.id);
  const other = await context.newPage();
  await open(other, own.id);
  await more(other, 'l3').click();
  await saved(other);
  await more(page, 'l1').click();

  const conflict = page.getByRole('alert', { name: 'Saved elsewhere too' });
  await expect(conflict.getByRole('listitem')).toHaveText([
    /Ear to shoulder: 3 breaths → 4 breaths/,
    /Seated twist: 3 breaths → 4 breaths/,
  ]);
  await conflict.getByRole('button', { name: 'Both' }).click();
  await saved(page);
  await expect(dose(page, 'l1')).toHaveValue('4');
  await expect(dose(page, 'l3')).toHaveValue('4');
  const kept = await (await request.get(`/api/classes/${own.id}`)).json();
  expect(kept.sections[0].items.map((l: { breaths: number }) => l.breaths)).toEqual([4, 3, 4]);
  await page.keyboard.press('Control+z');
  await expect(dose(page, 'l3')).toHaveValue('3');
});

test('a tab that is killed before it saved goes on where it was', async ({ page, own, context, request }) => {
  await open(page, own.id);
  await page.route('**/api/classes/**', (route) => (route.request().method() === 'PUT' ? route.abort() : route.continue()));
  await more(page, 'l1').click();
  await expect(dose(page, 'l1')).toHaveValue('4');
  await expect(page.getByText('Offline, kept here')).toBeVisible();
  await page.goto('chrome://crash').catch(() => undefined);

  const again = await context.newPage();
  await open(again, own.id);
  await expect(dose(again, 'l1')).toHaveValue('4');
  await saved(again);
  const kept = await (await request.get(`/api/classes/${own.id}`)).json();
  expect(kept.sections[0].items[0].breaths).toBe(4);
  await again.getByRole('button', { name: /^Undo/ }).click();
  await expect(dose(again, 'l1')).toHaveValue('3');
});

test('a tab that is killed while another saved finds both when it comes back', async ({ page, own, context, request }) => {
  await open(page, own.id);
  await page.route('**/api/classes/**', (route) => (route.request().method() === 'PUT' ? route.abort() : route.continue()));
  await more(page, 'l1').click();
  await expect(page.getByText('Offline, kept here')).toBeVisible();
  await page.goto('chrome://crash').catch(() => undefined);
  const read = await request.get(`/api/classes/${own.id}`);
  const theirs = await read.json();
  theirs.sections[0].items[2].breaths = 7;
  await request.put(`/api/classes/${own.id}`, { data: theirs, headers: { 'If-Match': read.headers().etag! } });

  // The browser takes a moment to see that the tab is gone.
  const again = await context.newPage();
  await again.goto('/#/moves');
  await expect.poll(() => again.evaluate(async () => (await navigator.locks.query()).held?.length)).toBe(0);
  await open(again, own.id);
  const conflict = again.getByRole('alert', { name: 'Saved elsewhere too' });
  await expect(conflict).toContainText('Seated twist: 3 breaths → 7 breaths');
  await conflict.getByRole('button', { name: 'Both' }).click();
  await expect(dose(again, 'l1')).toHaveValue('4');
  await expect(dose(again, 'l3')).toHaveValue('7');
});

test('two tabs that are killed with unsaved work lose neither: one goes on, the other is on the shelf', async ({
  page,
  own,
  context,
  request,
}) => {
  const other = await context.newPage();
  for (const [tab, id, times] of [
    [page, 'l1', 1],
    [other, 'l3', 2],
  ] as const) {
    await open(tab, own.id);
    await tab.route('**/api/classes/**', (route) => (route.request().method() === 'PUT' ? route.abort() : route.continue()));
    for (let i = 0; i < times; i++) await more(tab, id).click();
    await expect(tab.getByText('Offline, kept here')).toBeVisible();
  }
  for (const tab of [page, other]) await tab.goto('chrome://crash').catch(() => undefined);

  const again = await context.newPage();
  await open(again, own.id);
  await expect(again.getByText('What it had is on the shelf')).toBeVisible();
  const shelf = await (await request.get('/api/classes')).json();
  const copy = shelf.items.find((c: { title: string }) => c.title === `${own.title} (kept from another tab)`);
  const doses = async (id: string) =>
    (await (await request.get(`/api/classes/${id}`)).json()).sections[0].items.map((l: { breaths: number }) => l.breaths);
  await saved(again);
  expect([await doses(own.id), await doses(copy.id)].sort()).toEqual([
    [3, 3, 5],
    [4, 3, 3],
  ]);
  await request.delete(`/api/classes/${copy.id}`);
});

test('a full disk is told, and the class is saved once there is room', async ({ page, own }) => {
  await open(page, own.id);
  const full = { title: 'The disk is full.', status: 507, detail: 'Nothing was changed. Make room, then save again.' };
  await page.route('**/api/classes/**', (route) =>
    route.request().method() === 'PUT'
      ? route.fulfill({ status: 507, contentType: 'application/problem+json', body: JSON.stringify(full) })
      : route.continue(),
  );
  await more(page, 'l1').click();
  await expect(page.getByRole('alert')).toContainText('The disk is full.');
  await expect(page.getByText('Not saved', { exact: true })).toBeVisible();
  await page.unroute('**/api/classes/**');
  await saved(page);
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test.describe('with a server of its own', () => {
  test.use({ serviceWorkers: 'allow', baseURL: '' });
  const port = 5600 + Number(process.env.TEST_PARALLEL_INDEX ?? 0);
  const address = `http://127.0.0.1:${port}`;
  let server: ChildProcess;
  let data: string;

  async function start() {
    server = spawn('dotnet', ['../../.build/app/AmpleTide.Server.dll', '--port', String(port), '--data', data], {
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    await new Promise((ready) => server.stdout!.once('data', ready));
  }
  async function kill() {
    const ended = new Promise((done) => server.once('exit', done));
    server.kill('SIGKILL');
    await ended;
  }
  test.beforeEach(async () => {
    data = mkdtempSync(join(tmpdir(), 'ample-tide-'));
    await start();
  });
  test.afterEach(async () => {
    await kill();
    rmSync(data, { recursive: true });
  });

  test('the server is killed while the teacher works: the page goes on, opens again, and sends it all later', async ({
    page,
    request,
  }) => {
    const own = uneven(99);
    await request.post(`${address}/api/classes`, { data: own });
    await page.addInitScript(() => localStorage.setItem('ample-tide.safety-read', '1'));
    await page.goto(`${address}/#/plan/${own.id}`);
    await page.evaluate(() => navigator.serviceWorker.ready);
    await page.reload();
    await line(page, 'l1').waitFor();
    await more(page, 'l1').click();
    await saved(page);

    await kill();
    await more(page, 'l1').click();
    await expect(page.getByText('Offline, kept here')).toBeVisible();
    await expect(page.getByText('The server cannot be reached. Go on')).toBeVisible();
    await expect(page.locator('article button.press').first()).toBeDisabled();
    await page.reload();
    await expect(dose(page, 'l1')).toHaveValue('5');
    await page.locator('[data-select="l3"]').focus();
    await page.keyboard.press('d');
    await expect(page.locator('[data-line]')).toHaveCount(4);

    await start();
    await saved(page);
    const kept = await (await request.get(`${address}/api/classes/${own.id}`)).json();
    expect(kept.sections[0].items.map((l: { breaths: number }) => l.breaths)).toEqual([5, 3, 3, 3]);
    await expect(page.getByText('The server cannot be reached. Go on')).toHaveCount(0);
  });
});

import type { APIRequestContext, Page } from '@playwright/test';
import { classOf, expect, expectClean, test } from './fixtures';

/** Five minutes with everything that counts: talk, a hold on both sides, a flow, a way down, a rest. */
const fiveMinutes = {
  minutes: 5,
  startsIn: 'seated-cross',
  group: { size: 6, conditions: { wrist: 1 } },
  sections: [
    {
      items: [
        { id: 'hello', talk: 'Welcome. Tonight is for the neck.' },
        { id: 'tilt', move: 'neck-side-tilt', breaths: 3 },
        { id: 'rolls', move: 'shoulder-rolls', rounds: 4 },
        { id: 'cat', move: 'cat-cow', position: 'all-fours', rounds: 4 },
        { id: 'rest', move: 'final-rest', seconds: 60 },
      ],
    },
  ],
};

interface LogLine {
  line: string;
  planned: Record<string, number>;
  done: Record<string, number>;
  plannedMs: number;
  realMs: number;
}

/** What the log has of a class. */
async function logged(request: APIRequestContext, id: string) {
  const answer = (await (await request.get(`/api/log?class=${id}`)).json()) as {
    items: { realMs: number; lines: LogLine[]; changes: { what: string; text: string }[]; note: string }[];
  };
  return answer.items;
}

/** Opens the class at a set time, and waits until all of it is there. */
async function ready(page: Page, id: string) {
  await page.clock.install({ time: new Date('2026-11-27T18:30:00') });
  await page.goto(`/#/teach/${id}`);
  const begin = page.getByRole('button', { name: 'Begin the class' });
  await begin.waitFor();
  await expect(begin).toBeEnabled({ timeout: 60_000 });
  return begin;
}

/** So many seconds go by, a second at a time: twenty and more to each of ours. */
async function pass(page: Page, seconds: number) {
  for (let s = 0; s < seconds; s++) await page.clock.fastForward(1000);
  await page.clock.runFor(40);
}

const cue = (page: Page) => page.locator('[data-cue]');
const until = async (page: Page, text: string | RegExp, most = 120) => {
  for (let s = 0; s < most; s++) {
    if ((await page.locator('main h1').textContent())?.match(text)) return;
    await pass(page, 1);
  }
  throw new Error(`"${text}" did not come`);
};

test('a class is taught: paused, changed, taken back, reloaded, without a server, and finished on time', async ({
  page,
  request,
}) => {
  const id = await classOf(request, fiveMinutes);
  await (await ready(page, id)).click();
  await expect(page.locator('header b')).toHaveText('0:00');

  await until(page, 'Ear to shoulder');
  await pass(page, 14);
  const count = page.locator('[data-count]');
  await expect(count).toHaveText(/^[23]$/);
  // A breath more on the first side, and one too many that is taken back.
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('z');
  await page.clock.runFor(40);
  await expect(page.getByRole('status')).toHaveText('Taken back.');
  await expect(page.getByText('then left, 4 breaths')).toBeVisible();

  await page.keyboard.press('Space');
  await pass(page, 20);
  await expect(page.getByText('Paused')).toBeVisible();
  await page.keyboard.press('b');

  // The server is gone and the page is loaded anew, in the middle of a breath.
  await pass(page, 2);
  const before = await page.locator('header b').textContent();
  await page.route('**/api/**', (route) => route.abort());
  await page.reload();
  await page.clock.runFor(40);
  await expect(cue(page)).toBeVisible();
  const seconds = (text: string | null) => {
    const [m, s] = (text ?? '0:0').split(':').map(Number);
    return m! * 60 + s!;
  };
  expect(Math.abs(seconds(await page.locator('header b').textContent()) - seconds(before))).toBeLessThanOrEqual(7);

  // The second side gets the four breaths of the first, whatever is tapped.
  await until(page, /Ear to shoulder/);
  for (let s = 0; s < 60 && !(await page.getByText('left', { exact: true }).count()); s++) await pass(page, 1);
  await page.keyboard.press('ArrowUp');
  await page.clock.runFor(40);
  await expect(page.getByText('The second side follows the first: 4 breaths.')).toBeVisible();

  await until(page, 'Shoulder rolls');
  await page.keyboard.press('s');
  await until(page, 'Cat and cow');
  await page.keyboard.press('f');
  await page.clock.runFor(40);
  await expect(page.getByText(/^Ends on time/)).toBeVisible();

  await until(page, 'Final rest', 200);
  await pass(page, 20);
  await expect(page.getByText('eyes are shut')).toBeVisible();
  await page.unroute('**/api/**');
  await pass(page, 200);
  await expect(page.getByRole('heading', { name: /how it went/ })).toBeVisible();
  await page.getByLabel('Easier').fill('4');
  await page.getByLabel('How it was').fill('Quiet after the rain');
  await page.getByRole('button', { name: 'Keep in the log' }).click();
  await expect(page.getByRole('heading', { name: 'What was taught' })).toBeVisible();
  await expect(page.getByText('Quiet after the rain')).toBeVisible();

  const [entry] = await logged(request, id);
  const tilt = entry!.lines.find((l) => l.line === 'tilt')!;
  expect(tilt.planned).toEqual({ right: 3, left: 3, none: 0 });
  expect(tilt.done).toEqual({ right: 4, left: 4, none: 0 });
  expect(entry!.lines.find((l) => l.line === 'rolls')!.done).toEqual({ right: 0, left: 0, none: 0 });
  expect(Math.abs(entry!.realMs - 5 * 60_000)).toBeLessThanOrEqual(10_000);
  expect(entry!.lines.reduce((sum, l) => sum + l.realMs, 0)).toBe(entry!.realMs);
  // Twenty seconds of pause and two breaths more, one a side.
  expect(tilt.realMs - tilt.plannedMs).toBeGreaterThanOrEqual(20_000 + 13_000);
  expect(entry!.changes.map((c) => c.what)).toEqual(['more', 'skip', 'finish']);
});

test('a tab that was killed goes on where the clock is', async ({ page, context, request }) => {
  const id = await classOf(request, fiveMinutes);
  await (await ready(page, id)).click();
  await until(page, 'Ear to shoulder');
  await page.keyboard.press('ArrowUp');
  await page.clock.runFor(40);
  await page.close();
  const again = await context.newPage();
  await again.goto(`/#/teach/${id}`);
  await expect(again.locator('[data-cue]')).toBeVisible();
  await expect(again.getByText(/then left, 4 breaths|left$/).first()).toBeVisible();
});

test('one tab or browser teaches a class; another takes over, and both are told', async ({ page, browser, request, baseURL }) => {
  const id = await classOf(request, fiveMinutes);
  await (await ready(page, id)).click();
  await page.clock.runFor(200);
  const other = await (await browser.newContext({ baseURL })).newPage();
  // On the same evening: by its own clock the class would be long over.
  await other.clock.install({ time: new Date('2026-11-27T18:30:05') });
  await other.goto(`/#/teach/${id}`);
  await expect(other.getByRole('alert')).toContainText('being taught in another tab or browser');
  await other.getByRole('button', { name: 'Take over here' }).click();
  await expect(other.locator('[data-cue]')).toBeVisible({ timeout: 60_000 });
  await page.clock.fastForward(9000);
  await expect(page.getByRole('alert')).toContainText('being taught in another tab or browser');
  await other.context().close();
});

test('a page that the browser brings back from its memory teaches on, and another is told', async ({
  page,
  context,
  request,
}) => {
  const id = await classOf(request, fiveMinutes);
  await (await ready(page, id)).click();
  await until(page, 'Ear to shoulder');
  const left = page.waitForResponse((r) => r.url().includes(`/api/teaching/${id}`) && r.request().method() === 'DELETE');
  await page.evaluate(() => dispatchEvent(new PageTransitionEvent('pagehide', { persisted: true })));
  await left;
  const back = page.waitForResponse((r) => r.url().includes(`/api/teaching/${id}`) && r.request().method() === 'PUT' && r.ok());
  await page.evaluate(() => dispatchEvent(new PageTransitionEvent('pageshow', { persisted: true })));
  expect((await back).request().postDataJSON().state.taps).toBeDefined();
  const other = await context.newPage();
  await other.goto(`/#/teach/${id}`);
  await expect(other.getByRole('alert')).toContainText('being taught in another tab or browser');
});

test('two metres away it can be read: cue, side and count are as large as they must be', async ({ page, request }) => {
  const id = await classOf(request, fiveMinutes);
  await (await ready(page, id)).click();
  await until(page, 'Ear to shoulder');
  await pass(page, 16);
  const size = (selector: string) =>
    page
      .locator(selector)
      .first()
      .evaluate((e) => parseFloat(getComputedStyle(e).fontSize));
  expect(await size('[data-cue]')).toBeGreaterThanOrEqual(80);
  for (const big of await page.locator('.big').all()) expect((await big.boundingBox())!.height).toBeGreaterThanOrEqual(800 / 6);
  expect(
    (await cue(page).textContent())!
      .replace(/^\s*(In|Out):/, '')
      .trim()
      .split(/\s+/).length,
  ).toBeLessThanOrEqual(7);
  // Each breathes their own breath in a hold, and the water lies still.
  await expect(page.locator('[data-level]')).toHaveAttribute('data-level', 'still');
  await expectClean(page);
  for (const theme of ['night', 'paper']) {
    await expect(page.locator('html')).toHaveAttribute('data-theme', theme);
    await page.getByRole('button', { name: 'Change the theme' }).click();
  }
  await until(page, 'Shoulder rolls');
  await pass(page, 12);
  await expect(page.locator('[data-level]')).toHaveAttribute('data-level', /^[01]\.\d/);
});

test('by touch, on a phone: begin, pause, one more, skip, take back, end', async ({ browser, request, baseURL }) => {
  const id = await classOf(request, fiveMinutes);
  const context = await browser.newContext({ baseURL, viewport: { width: 390, height: 800 }, hasTouch: true });
  const page = await context.newPage();
  await (await ready(page, id)).tap();
  await until(page, 'Ear to shoulder');
  await page.getByRole('button', { name: 'One more' }).tap();
  await page.getByRole('button', { name: 'Skip' }).tap();
  await page.getByRole('button', { name: 'Take back' }).tap();
  await page.getByRole('button', { name: 'Pause' }).tap();
  await page.clock.runFor(40);
  await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible();
  for (const button of await page.getByRole('toolbar').getByRole('button').all()) {
    const box = (await button.boundingBox())!;
    expect(Math.min(box.width, box.height)).toBeGreaterThanOrEqual(40);
    expect(box.x + box.width).toBeLessThanOrEqual(390);
    expect(box.y + box.height).toBeLessThanOrEqual(800);
  }
  page.on('dialog', (dialog) => void dialog.accept());
  await page.getByRole('button', { name: 'End the class here' }).tap();
  await expect(page.getByRole('heading', { name: /how it went/ })).toBeVisible();
  await context.close();
});

test('an evening is written by hand, mended and deleted, and the shelf says when the class was last taught', async ({
  page,
  request,
}) => {
  const id = await classOf(request, { ...fiveMinutes, title: `By hand ${Date.now()}` });
  await page.goto(`/#/plan/${id}/log`);
  await page.getByRole('button', { name: 'Write an entry by hand' }).click();
  await page.getByLabel('Taught on').fill('2026-11-03T18:30');
  await page.getByLabel('Minutes').fill('52');
  await page.getByLabel('Next time').fill('Blankets');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByText('Next time: Blankets')).toBeVisible();
  const [entry] = await logged(request, id);
  expect(entry!.realMs).toBe(52 * 60_000);
  await expectClean(page);
  await page.goto('/#/');
  await expect(page.locator('li', { hasText: 'By hand' }).first()).toContainText(/last taught.*3|3.*November/);
  await page.goto(`/#/plan/${id}/log`);
  page.on('dialog', (dialog) => void dialog.accept());
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByText('Nothing yet.')).toBeVisible();
});

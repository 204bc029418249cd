import { classOf, expect, expectClean, test } from './fixtures';

const small = {
  minutes: 6,
  startsIn: 'seated-cross',
  group: { size: 8, newcomers: 1 },
  sections: [
    {
      name: 'All',
      items: [
        { id: 'l1', move: 'neck-side-tilt', breaths: 3 },
        { id: 'l2', move: 'seated-twist', breaths: 2 },
        { id: 'l3', move: 'cat-cow', rounds: 4 },
        { id: 'l4', move: 'wrist-circles', rounds: 3 },
      ],
    },
  ],
};

test('the script by keyboard alone: words are changed, reset, and read through', async ({ page, request }) => {
  const id = await classOf(request, small);
  await page.goto(`/#/plan/${id}/script`);
  await page.locator('[data-pass="0"]').waitFor();
  await page
    .getByRole('button', { name: /^Grow tall/ })
    .first()
    .focus();
  await page.keyboard.press('Enter');
  await page.getByLabel('Words of this line').waitFor();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Sit like a bollard.');
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-pass="0"]')).toContainText('Sit like a bollard.');
  await page.getByRole('button', { name: 'reset Sit like a bollard.' }).first().focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-pass="0"]')).not.toContainText('bollard');
  await page.locator('h1').click();
  await page.keyboard.press('r');
  await expect(page.locator('[data-pass="0"]')).toHaveAttribute('aria-current', 'step');
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('[data-pass="1"]')).toHaveAttribute('aria-current', 'step');
  await page.keyboard.press('Escape');
  await expect(page.locator('[aria-current="step"]')).toHaveCount(0);
});

test('tonight and the log by keyboard alone', async ({ page, request }) => {
  const id = await classOf(request, small);
  await page.goto(`/#/tonight/${id}`);
  await page.getByRole('button', { name: '5 less' }).waitFor();
  const tabTo = async (name: string) => {
    for (let i = 0; i < 80; i++) {
      await page.keyboard.press('Tab');
      if (
        (
          await page.evaluate(
            () => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent ?? '',
          )
        )
          .trim()
          .startsWith(name)
      )
        return;
    }
    throw new Error(`${name} is not reached by Tab`);
  };
  await tabTo('5 less');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Kept in this browser for tonight')).toBeVisible();
  await tabTo('Undo');
  await page.keyboard.press('Enter');
  await expect(page.getByText('As planned: nothing is changed.')).toBeVisible();

  await page.goto(`/#/plan/${id}/log`);
  await page.getByRole('button', { name: 'Write an entry by hand' }).waitFor();
  await tabTo('Write an entry');
  await page.keyboard.press('Enter');
  await page.getByLabel('How it was').focus();
  await page.keyboard.type('Calm sea.');
  await tabTo('Keep');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Calm sea.')).toBeVisible();
});

test('script, tonight and log by touch, on a phone', async ({ browser, request, baseURL }) => {
  const id = await classOf(request, small);
  const context = await browser.newContext({ baseURL, hasTouch: true, isMobile: true, viewport: { width: 390, height: 844 } });
  const page = await context.newPage();
  await page.addInitScript(() => localStorage.setItem('ample-tide.safety-read', '1'));
  await page.goto(`/#/plan/${id}/script`);
  await page
    .getByRole('button', { name: /^Grow tall/ })
    .first()
    .tap();
  await page.getByLabel('Words of this line').fill('Sit like a bollard.');
  await page.locator('h2', { hasText: 'As it is spoken' }).tap();
  await expect(page.locator('[data-pass="0"]')).toContainText('bollard');
  await page.goto(`/#/tonight/${id}`);
  await page.getByRole('button', { name: '5 less' }).tap();
  await expect(page.getByText('Kept in this browser for tonight')).toBeVisible();
  await page.goto(`/#/plan/${id}/log`);
  await page.getByRole('button', { name: 'Write an entry by hand' }).tap();
  await page.getByLabel('How it was').fill('From the phone.');
  await page.getByRole('button', { name: 'Keep' }).tap();
  await expect(page.getByText('From the phone.')).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth)).toBe(true);
  await context.close();
});

test('a sheet for home suggests moves, takes others, and prints on one page', async ({ page, request }) => {
  const id = await classOf(request, small);
  await page.goto(`/#/plan/${id}/script`);
  await page.getByRole('link', { name: 'For home' }).click();
  await expect(page.getByRole('heading', { name: '1. Ear to shoulder' })).toBeVisible();
  await expect(page.getByText('3 slow breaths on each side')).toBeVisible();
  await expect(page.getByText(/^Ask first/)).toBeVisible();
  await page.getByText('Which moves go home').click();
  await page.getByLabel('Ear to shoulder').uncheck();
  await expect(page.getByRole('heading', { name: '1. Seated twist' })).toBeVisible();
  await page.getByLabel('Seated twist').uncheck();
  await expect(page.getByText('3 at least')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Print' })).toBeDisabled();
  await page.getByRole('button', { name: 'As suggested' }).click();
  await expect(page.getByRole('heading', { name: '1. Ear to shoulder' })).toBeVisible();
  await expectClean(page);
  for (const format of ['A4', 'Letter']) {
    const pdf = (await page.pdf({ format, preferCSSPageSize: false })).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
  }
});

test('a class has its day: in the brief, over the plan, and in the calendar', async ({ page, request }) => {
  const id = await classOf(request, small);
  await page.goto(`/#/plan/${id}/brief`);
  await page.getByLabel('Day').fill('2026-12-01');
  await page.getByLabel('From', { exact: true }).fill('18:30');
  await page.getByLabel('Time zone').selectOption('Europe/Lisbon');
  await expect(page.locator('header')).toContainText('18:30');
  await expect
    .poll(async () => (await request.get(`/api/classes/${id}/export?as=ics`)).text())
    .toContain('DTSTART;TZID=Europe/Lisbon:20261201T183000');
});

test('moves are found by occasion, and go by the name one gives them', async ({ page, request }) => {
  await page.goto('/#/moves');
  await page.getByRole('searchbox').fill('before sleep');
  await expect(page.locator('main li').first()).toContainText('before sleep');
  await page.goto('/#/moves/open-book');
  await page.getByRole('button', { name: 'My words' }).click();
  await page.getByLabel('I call it').fill('Gull wing');
  await page.getByRole('button', { name: 'Keep for all classes' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Gull wing' })).toBeVisible();
  await page.goto('/#/moves?text=gull%20wing');
  await expect(page.locator('main li').first()).toContainText('Gull wing');
  await request.delete('/api/words/open-book');
});

import { classOf, expect, line, open, test } from './fixtures';

const clock = (text: string) => text.match(/\d+:\d\d/)![0];

test('a changed dose changes clock and findings, the fix mends it, and it is still there after a reload', async ({
  page,
  own,
}) => {
  await open(page, own.id);
  const planned = page.locator('header').getByText('planned');
  await expect(planned).not.toHaveText(/^\s*0:00/);
  const before = clock(await planned.innerText());
  // The file's own unknown field stays a hint throughout.
  await expect(page.getByText('1 hint', { exact: true })).toBeVisible();

  await line(page, 'l1').getByRole('button', { name: 'More breaths' }).click();
  await expect(planned).not.toContainText(before);
  await expect(page.getByRole('button', { name: 'Ear to shoulder: right 4 breaths, left 3.' })).toBeVisible();
  await expect(page.getByText('2 hints', { exact: true })).toBeVisible();

  await page.getByRole('button', { name: 'Make both 4' }).click();
  await expect(page.getByText('1 finding fewer')).toBeVisible();
  await page.getByRole('button', { name: 'Apply' }).click();
  // The file's own unknown field stays a hint throughout.
  await expect(page.getByText('1 hint', { exact: true })).toBeVisible();
  await expect(line(page, 'l2').getByRole('textbox')).toHaveValue('4');
  const after = clock(await planned.innerText());

  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.reload();
  await expect(line(page, 'l2').getByRole('textbox')).toHaveValue('4');
  await expect(planned).toContainText(after);
  // The file's own unknown field stays a hint throughout.
  await expect(page.getByText('1 hint', { exact: true })).toBeVisible();
});

test('what a fix would do can be looked at and left', async ({ page, own }) => {
  await open(page, own.id);
  await line(page, 'l1').getByRole('button', { name: 'More breaths' }).click();
  await page.getByRole('button', { name: 'Make both 3' }).click();
  await page.getByRole('button', { name: 'Leave it' }).click();
  await expect(page.getByRole('button', { name: 'Apply' })).toHaveCount(0);
  await expect(line(page, 'l1').getByRole('textbox')).toHaveValue('4');
});

test('a side is switched from its menu, and the time follows', async ({ page, own }) => {
  await open(page, own.id);
  await line(page, 'l3').getByRole('button', { name: 'Sides of Seated twist: right, then left' }).click();
  await page.getByRole('menuitemradio', { name: 'right only' }).click();
  await expect(page.getByRole('button', { name: 'Seated twist: right 3 breaths, left 0.' })).toBeVisible();
  await expect(line(page, 'l3').getByRole('button', { name: 'Sides of Seated twist: right' })).toBeFocused();
});

test('unknown fields of the file are still there after an edit', async ({ page, own, request }) => {
  await open(page, own.id);
  await line(page, 'l3').getByRole('button', { name: 'More breaths' }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const kept = await (await request.get(`/api/classes/${own.id}`)).json();
  expect(kept.weather).toEqual({ wind: 4 });
  expect(kept.sections[0].items[2].breaths).toBe(4);
});

test('the keys go from line to line and change dose and sides', async ({ page, own }) => {
  await open(page, own.id);
  await line(page, 'l1').locator('[data-select]').focus();
  await page.keyboard.press('ArrowDown');
  await expect(line(page, 'l2').locator('[data-select]')).toBeFocused();
  await page.keyboard.press('+');
  await page.keyboard.press('+');
  await expect(line(page, 'l2').getByRole('textbox')).toHaveValue('5');
  await page.keyboard.press('-');
  await expect(line(page, 'l2').getByRole('textbox')).toHaveValue('4');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('s');
  await expect(line(page, 'l3').getByRole('button', { name: 'Sides of Seated twist: left, then right' })).toBeVisible();
});

test('a dose can be typed, and nonsense leaves it as it was', async ({ page, own }) => {
  await open(page, own.id);
  const dose = line(page, 'l3').getByRole('textbox');
  await dose.fill('6');
  await dose.press('Enter');
  await expect(dose).toHaveValue('6');
  for (const nonsense of ['-3', 'many', '1000000000', '']) {
    await dose.fill(nonsense);
    await dose.press('Tab');
    await expect(dose).toHaveValue('6');
  }
});

test('the tab that saves second is told, and can keep its own or take the other', async ({ page, own, context }) => {
  await open(page, own.id);
  const other = await context.newPage();
  await open(other, own.id);
  await line(other, 'l3').getByRole('button', { name: 'More breaths' }).click();
  await expect(other.getByText('Saved', { exact: true })).toBeVisible();

  await line(page, 'l1').getByRole('button', { name: 'More breaths' }).click();
  await expect(page.getByRole('alert')).toContainText('Another tab saved this class first');
  await page.getByRole('button', { name: 'Take theirs' }).click();
  await expect(line(page, 'l3').getByRole('textbox')).toHaveValue('4');
  await expect(line(page, 'l1').getByRole('textbox')).toHaveValue('3');

  await line(page, 'l1').getByRole('button', { name: 'More breaths' }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await line(other, 'l2').getByRole('button', { name: 'Fewer breaths' }).click();
  await expect(other.getByRole('alert')).toContainText('Another tab saved this class first');
  await other.getByRole('button', { name: 'Keep mine' }).click();
  await expect(other.getByText('Saved', { exact: true })).toBeVisible();
  await page.reload();
  await expect(line(page, 'l2').getByRole('textbox')).toHaveValue('2');
  await expect(line(page, 'l1').getByRole('textbox')).toHaveValue('3');
});

test('while the server cannot be reached the edit is kept and then saved', async ({ page, own, request }) => {
  await open(page, own.id);
  await page.route('**/api/**', (route) => route.abort());
  await line(page, 'l3').getByRole('button', { name: 'More breaths' }).click();
  await expect(page.getByText('Offline, kept here')).toBeVisible();
  await expect(line(page, 'l3').getByRole('textbox')).toHaveValue('4');
  await page.unroute('**/api/**');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible({ timeout: 10_000 });
  const kept = await (await request.get(`/api/classes/${own.id}`)).json();
  expect(kept.sections[0].items[2].breaths).toBe(4);
});

test('a way is a step between lines, and clicking the tide goes to the line', async ({ page }) => {
  await open(page, 'low-water-shoulders');
  await expect(page.getByText('Roll over the feet to hands and knees')).toBeVisible();
  const tide = page.getByRole('img', { name: /Tide line, 4\d:\d\d of 45:00: Arrive from 0:00/ });
  const box = (await tide.boundingBox())!;
  await tide.click({ position: { x: box.width * 0.55, y: 60 } });
  await expect(page.locator('[data-line].selected')).toBeInViewport();
  await expect(page.locator('[data-line].selected')).not.toHaveAttribute('data-line', 'l1');
});

test('a class that is not there says so', async ({ page }) => {
  await page.goto('/#/plan/nobody');
  await expect(page.getByRole('alert')).toContainText("There is no class 'nobody'");
  await page.getByRole('link', { name: 'To the shelf' }).click();
  await expect(page.getByRole('heading', { name: 'Your classes' })).toBeVisible();
});

test('lines out of sight follow when the page has time, and before they come into sight', async ({ page, request }) => {
  const items = Array.from({ length: 40 }, (_, i) => ({ id: `l${i}`, move: i % 2 ? 'seated-twist' : 'slow-nods' }));
  await open(page, await classOf(request, { minutes: 90, startsIn: 'seated-cross', sections: [{ id: 's', items }] }));
  const time = async () => clock((await line(page, 'l39').locator('[data-select]').textContent())!);
  const more = line(page, 'l0').getByRole('button', { name: /^More/ });
  await expect(line(page, 'l39').locator('[data-select]')).toHaveText(/\d+:\d\d/);
  const before = await time();
  await more.click();
  await expect.poll(time).not.toBe(before);

  const later = await time();
  await more.click();
  await line(page, 'l39').scrollIntoViewIfNeeded();
  await expect.poll(time).not.toBe(later);
});

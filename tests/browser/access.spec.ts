import { expect, expectClean, open, test } from './fixtures';

test('the shelf is clean', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: /Bench by the window/ }).waitFor();
  await expectClean(page);
});

test('the plan with findings and an open menu is clean', async ({ page }) => {
  await open(page, 'knots-undone');
  await page.getByRole('button', { name: 'Make both 4' }).click();
  await page.getByRole('button', { name: 'Apply' }).waitFor();
  await expectClean(page);
});

test('320 pixels are enough to read a class', async ({ page }) => {
  await page.setViewportSize({ width: 320, height: 640 });
  await open(page, 'bench-by-the-window');
  const overflow = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  expect(overflow).toBe(0);
  await page.goto('/');
  await page.getByRole('link', { name: /Bench by the window/ }).waitFor();
  expect(await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)).toBe(0);
});

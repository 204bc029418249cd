import { expect, open, scan, test } from './fixtures';

for (const theme of ['paper', 'night']) {
  test.describe(theme, () => {
    test.beforeEach(async ({ page }) => {
      await page.addInitScript((t) => localStorage.setItem('ample-tide.theme', t), theme);
    });

    test(`the shelf is clean in ${theme}`, async ({ page }) => {
      await page.goto('/');
      await page.getByRole('link', { name: /Bench by the window/ }).waitFor();
      expect((await scan(page)).violations).toEqual([]);
    });

    test(`the plan with findings and an open menu is clean in ${theme}`, async ({ page }) => {
      await open(page, 'knots-undone');
      await page.getByRole('button', { name: 'Make both 4' }).click();
      await page.getByRole('button', { name: 'Apply' }).waitFor();
      expect((await scan(page)).violations).toEqual([]);
    });
  });
}

test('320 pixels are enough to read a class', async ({ page }) => {
  await page.setViewportSize({ width: 320, height: 640 });
  await open(page, 'bench-by-the-window');
  const overflow = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  expect(overflow).toBe(0);
  await page.goto('/');
  await page.getByRole('link', { name: /Bench by the window/ }).waitFor();
  expect(await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)).toBe(0);
});

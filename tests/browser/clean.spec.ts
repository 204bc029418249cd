import type { Page } from '@playwright/test';
import { expect, expectClean, line, open, test } from './fixtures';

/** What the editor opens over itself is clean too. */

async function clean(page: Page) {
  await page.waitForLoadState('networkidle');
  await expectClean(page);
}

test.beforeEach(({ page }) => page.addInitScript(() => localStorage.setItem('ample-tide.safety-read', '1')));

test("a set's and a section's fields are clean", async ({ page, own }) => {
  await open(page, own.id);
  await page.locator('[data-select="l1"]').focus();
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('w');
  await page.locator('summary', { hasText: 'Set:' }).click();
  await clean(page);
  await page.getByRole('button', { name: 'Change Section' }).click();
  await page.getByRole('checkbox', { name: 'Holding' }).check();
  await clean(page);
  await page.keyboard.press('Escape');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
});

test("a conflict, versions, and the shelf's menu are clean", async ({ page, own, context }) => {
  await open(page, own.id);
  const other = await context.newPage();
  await open(other, own.id);
  await line(other, 'l3').getByRole('button', { name: 'More breaths' }).click();
  await expect(other.getByText('Saved', { exact: true })).toBeVisible();
  await line(page, 'l3').getByRole('button', { name: 'Fewer breaths' }).click();
  await expect(page.getByRole('alert', { name: 'Saved elsewhere too' })).toBeVisible();
  await clean(page);
  await page.getByRole('button', { name: 'Both' }).click();

  await page.getByRole('link', { name: 'Versions' }).click();
  await page.getByRole('region', { name: 'What is different' }).waitFor();
  await clean(page);
  await page.setViewportSize({ width: 320, height: 700 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(320);
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto('/');
  await page.getByRole('button', { name: `More for ${own.title}`, exact: true }).click();
  await page.getByRole('menuitem', { name: 'Duplicate' }).waitFor();
  await clean(page);
});

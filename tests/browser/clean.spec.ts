import type { Page } from '@playwright/test';
import { expect, line, open, scan, test } from './fixtures';

/** What the editor opens over itself is clean too, in both themes. */

async function clean(page: Page) {
  await page.waitForLoadState('networkidle');
  const found = await scan(page);
  expect(found.violations.map((v) => [v.id, v.nodes.map((n) => n.html)])).toEqual([]);
}

for (const theme of ['paper', 'night']) {
  test(`versions, a conflict, a section's and a set's fields, and the shelf's menu are clean in ${theme}`, async ({
    page,
    own,
    context,
  }) => {
    test.setTimeout(60_000);
    await page.addInitScript((t) => {
      localStorage.setItem('ample-tide.theme', t);
      localStorage.setItem('ample-tide.safety-read', '1');
    }, theme);
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
}

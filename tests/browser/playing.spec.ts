import { expect, open, test } from './fixtures';

test('the tide line is looked at closely, and the class runs by its own clock', async ({ page, own }) => {
  await open(page, own.id);
  const tide = page.getByRole('img', { name: /^Tide line/ });
  const before = (await tide.boundingBox())!.width;
  await page.getByRole('button', { name: 'Look closer' }).click();
  await page.getByRole('button', { name: 'Look closer' }).click();
  expect((await tide.boundingBox())!.width).toBeCloseTo(before * 4, -1);
  // Breaths are drawn once they can be told apart, and follow the class as it is changed.
  const breath = tide.locator('.breath');
  const drawn = await breath.getAttribute('d');
  await page.locator('[data-line="l1"]').getByRole('button', { name: 'More breaths' }).click();
  await expect(breath).not.toHaveAttribute('d', drawn!);
  await page.getByRole('button', { name: 'See more at once' }).click();
  await expect(breath).toHaveCount(0);

  const preview = page.getByRole('region', { name: 'The line as it is done' });
  await page.locator('[data-select="l2"]').focus();
  await page.keyboard.press('p');
  await expect(preview).toContainText('Ear to shoulder');
  await expect(preview.getByRole('button', { name: 'Stop' })).toBeVisible();
  const clock = () => preview.locator('p').nth(1).textContent();
  const from = await clock();
  await expect.poll(clock).not.toBe(from);
  // Going to another line takes the playhead along.
  await page.locator('[data-select="l3"]').focus();
  await expect(preview).toContainText('Seated twist');
  await page.keyboard.press('p');
  await expect(preview.getByRole('button', { name: 'Let it run' })).toBeVisible();
});

test('with reduced motion the clock runs and the figure changes only from phase to phase', async ({ page, own }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await open(page, own.id);
  const preview = page.getByRole('region', { name: 'The line as it is done' });
  await expect(preview.locator('svg path').first()).toBeAttached();
  const pictures = new Set<string>();
  await page.getByRole('button', { name: 'Let it run' }).click();
  for (let i = 0; i < 12; i++) {
    pictures.add(await preview.locator('svg').first().innerHTML());
    await expect.poll(() => preview.locator('p').nth(1).textContent()).toMatch(/\d:\d\d/);
  }
  expect(pictures.size).toBeLessThanOrEqual(2);
});

test('at two hundred per cent, and by touch, everything is still in reach', async ({ browser, own, baseURL }) => {
  // 1280 pixels at 200 % are 640 of the page's own.
  const context = await browser.newContext({ baseURL, viewport: { width: 640, height: 400 }, hasTouch: true });
  const page = await context.newPage();
  await page.addInitScript(() => localStorage.setItem('ample-tide.safety-read', '1'));
  await open(page, own.id);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(640);
  await page.locator('[data-select="l3"]').tap();
  await page.getByRole('button', { name: 'Mirror', exact: true }).tap();
  await expect(page.locator('[data-line="l3"]').getByRole('button', { name: /^Sides of/ })).toHaveAccessibleName(
    /left, then right/,
  );
  await page.getByRole('button', { name: 'Select several' }).tap();
  await page.locator('[data-select="l2"]').tap();
  await page.getByRole('button', { name: 'Duplicate', exact: true }).tap();
  await expect(page.locator('[data-line]')).toHaveCount(5);
  for (const tool of await page.getByRole('toolbar').getByRole('button').all()) {
    const box = (await tool.boundingBox())!;
    expect(Math.min(box.width, box.height)).toBeGreaterThanOrEqual(40);
  }
  await context.close();
});

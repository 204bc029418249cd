import { readFile } from 'node:fs/promises';
import { expect, expectClean, test } from './fixtures';

const plan = 'Warm:\nseated cat cow x6\near to shoulder R+L 3 br\nlow lunge twist R/L 3\nstand up\nwobble like jelly x5';

test('a pasted plan shows what was understood, is mended line by line, and becomes a class', async ({ page }) => {
  await page.goto('/#/read');
  await page.getByLabel('Title').fill('From a notebook');
  await page.getByLabel('The plan').fill(plan);
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('heading', { name: 'What I understood' })).toBeVisible();
  await expect(page.getByText('6 lines, 2 not sure')).toBeVisible();
  await expectClean(page);
  // A reload keeps what was typed and chosen.
  await page.getByLabel('What “wobble like jelly x5” is').selectOption({ label: 'Cat and cow' });
  await page.reload();
  await expect(page.getByText('6 lines, 1 not sure')).toBeVisible();
  await page.getByRole('button', { name: /^That is it/ }).click();
  await expect(page.getByText('all of them sure')).toBeVisible();
  await page.getByRole('button', { name: 'Make the class' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'From a notebook' })).toBeVisible();
  await expect(page.locator('[data-line]')).toHaveCount(4);
});

test('a text file that is opened goes the same way, a table straight to the shelf', async ({ page, request }) => {
  await page.goto('/');
  await page.getByLabel('Class file').setInputFiles({ name: 'thursday.txt', mimeType: 'text/plain', buffer: Buffer.from(plan) });
  await expect(page.getByLabel('The plan')).toHaveValue(plan);
  await expect(page.getByLabel('Title')).toHaveValue('thursday');
  const table = await (await request.get('/api/classes/low-water-shoulders/export?as=csv')).body();
  await page.goto('/');
  await page.getByLabel('Class file').setInputFiles({ name: 'from a table.csv', mimeType: 'text/csv', buffer: table });
  await expect(page.getByRole('heading', { level: 1, name: 'from a table' })).toBeVisible();
});

test('each format is saved, says what it leaves out, and a class without a date has none for the calendar', async ({ page }) => {
  await page.goto('/');
  const ask = async (format: string) => {
    await page.getByRole('button', { name: 'More for Low water shoulders' }).click();
    await page.getByRole('menuitem', { name: 'Export' }).click();
    await page.getByRole('radio', { name: format }).check();
  };
  await ask('Plain text');
  await expect(page.getByRole('dialog')).toContainText('stay behind');
  const leaves = page.waitForEvent('download');
  await page.getByRole('dialog').getByRole('button', { name: 'Export' }).click();
  const file = await leaves;
  expect(file.suggestedFilename()).toBe('low-water-shoulders.txt');
  expect(await readFile(await file.path(), 'utf8')).toContain('Ear to shoulder, 5 breaths');
});

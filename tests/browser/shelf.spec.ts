import { expect, test, uneven } from './house';

test('the demo classes stand on the shelf as tide lines and open', async ({ page }) => {
  await page.goto('/');
  for (const title of ['Bench by the window', 'Low water shoulders', 'Knots undone']) {
    await expect(page.getByRole('img', { name: `Tide line of ${title}` })).toBeVisible();
  }
  await page.getByRole('button', { name: 'Understood' }).click();
  await page.getByRole('searchbox').fill('upper-back');
  await expect(page.getByRole('listitem')).toHaveCount(1);
  await page.getByRole('link', { name: /Low water shoulders/ }).click();
  await expect(page.getByRole('heading', { name: 'Low water shoulders' })).toBeVisible();
});

test('a search that finds nothing says so', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('searchbox').fill('whale');
  await expect(page.getByText('No class has “whale” in its name or areas.')).toBeVisible();
});

test('a class file is brought in and opened; a broken one is told with its field', async ({ page, request }, info) => {
  const file = uneven(info.workerIndex + 100);
  await page.goto('/');
  const bring = (text: string) =>
    page
      .getByLabel('Class file')
      .setInputFiles({ name: 'own.tide.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  await bring(JSON.stringify({ ...file, minutes: 0 }));
  await expect(page.getByRole('alert')).toContainText('/minutes a number from 1 to 600 is needed');
  await bring('{');
  await expect(page.getByRole('alert')).toContainText('not valid JSON');
  await bring(JSON.stringify(file));
  await expect(page.getByRole('heading', { name: file.title })).toBeVisible();
  await request.delete(`/api/classes/${file.id}`);
});

test('the theme is chosen once and stays', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Night' }).click();
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'night');
});

test('when the server does not answer the shelf says so and tries again', async ({ page }) => {
  await page.route('**/api/classes*', (route) => route.abort());
  await page.goto('/');
  await expect(page.getByRole('alert')).toContainText('cannot be reached');
  await page.unroute('**/api/classes*');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('link', { name: /Bench by the window/ })).toBeVisible();
});

test('nothing is fetched from elsewhere', async ({ page, baseURL }) => {
  const foreign: string[] = [];
  page.on('request', (request) => {
    if (!request.url().startsWith(baseURL!) && !request.url().startsWith('data:')) foreign.push(request.url());
  });
  await page.goto('/');
  await page.getByRole('link', { name: /Bench by the window/ }).click();
  await page.locator('[data-line]').first().waitFor();
  await page.waitForLoadState('networkidle');
  expect(foreign).toEqual([]);
});

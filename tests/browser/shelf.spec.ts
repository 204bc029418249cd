import { expect, test, uneven } from './fixtures';

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
  await expect(page.getByText('No class here has “whale”.')).toBeVisible();
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

for (const [path, most] of [
  ['/#/', 90_000],
  ['/#/plan/low-water-shoulders', 150_000],
  ['/#/moves', 150_000],
] as const)
  test(`the first load of ${path} sends at most ${most / 1000} kB of script`, async ({ page }) => {
    const scripts: Promise<{ responseBodySize: number }>[] = [];
    page.on('requestfinished', (r) => r.resourceType() === 'script' && scripts.push(r.sizes()));
    await page.goto(path);
    await page.waitForLoadState('networkidle');
    const bytes = (await Promise.all(scripts)).map((sizes) => sizes.responseBodySize).reduce((a, b) => a + b, 0);
    expect(bytes).toBeGreaterThan(10_000);
    expect(bytes).toBeLessThan(most);
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

test('a class is copied, archived and had back, deleted and had back, by undo and from the bin', async ({
  page,
  request,
  own,
}) => {
  await page.goto('/');
  const row = (title: string) => page.getByRole('listitem').filter({ has: page.getByRole('link', { name: title }) });
  const act = async (title: string, name: string) => {
    await page.getByRole('button', { name: `More for ${title}`, exact: true }).click();
    await page.getByRole('menuitem', { name }).click();
  };
  await act(own.title, 'Duplicate');
  const copy = `${own.title}, once more`;
  await expect(page.getByRole('link', { name: copy })).toBeVisible();
  await expect(row(own.title)).toHaveCount(2);

  await act(copy, 'Archive');
  await expect(page.getByRole('link', { name: copy })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('link', { name: copy })).toBeVisible();
  await act(copy, 'Archive');
  await page.getByRole('button', { name: /^Archive \(/ }).click();
  await expect(page.getByRole('link', { name: copy })).toBeVisible();
  await act(copy, 'Delete');
  await expect(page.getByRole('link', { name: copy })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('link', { name: copy })).toBeVisible();
  await act(copy, 'Delete');
  await expect(page.getByRole('link', { name: copy })).toHaveCount(0);
  await page.reload();
  await page.getByText(/^Bin \(/).click();
  await page.getByRole('button', { name: `Put back ${copy}` }).click();
  await page.getByRole('button', { name: /^Archive \(/ }).click();
  await expect(page.getByRole('link', { name: copy })).toBeVisible();

  const { items } = await (await request.get('/api/classes?size=200')).json();
  for (const entry of items) if (entry.title === copy) await request.delete(`/api/classes/${entry.id}`);
});

test('classes are found by tag and put in order; files are dropped on the shelf, and what cannot be read is told', async ({
  page,
  request,
}, info) => {
  const [one, two] = [uneven(info.workerIndex + 200), uneven(info.workerIndex + 200)];
  const files = [
    ['one.tide.json', JSON.stringify({ ...one, title: 'Zebra rope', tags: ['dropped'] })],
    ['two.tide.json', JSON.stringify({ ...two, title: 'Anchor watch', tags: ['dropped'] })],
    ['three.tide.json', '{ "title": 4 }'],
  ];
  await page.goto('/');
  await page.getByRole('heading', { level: 1 }).waitFor();
  const data = await page.evaluateHandle((files) => {
    const transfer = new DataTransfer();
    for (const [name, text] of files) transfer.items.add(new File([text!], name!, { type: 'application/json' }));
    return transfer;
  }, files);
  await page.getByRole('main').dispatchEvent('drop', { dataTransfer: data });
  await expect(page.getByRole('alert')).toContainText('three.tide.json');
  await page.getByRole('button', { name: 'dropped' }).click();
  await page.getByRole('combobox', { name: 'Order' }).selectOption('By name');
  await expect(page.getByRole('main').getByRole('link', { name: /rope|watch/ })).toHaveText([/Anchor watch/, /Zebra rope/]);
  for (const file of [one, two]) await request.delete(`/api/classes/${file.id}`);
});

test('an empty shelf says how to begin', async ({ page }) => {
  await page.route('**/api/classes?*', (route) => route.fulfill({ json: { items: [], total: 0, unreadable: [] } }));
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'The shelf is empty' })).toBeVisible();
  await page.getByRole('link', { name: 'Begin a class' }).click();
  await expect(page.getByRole('heading', { name: 'A new class' })).toBeVisible();
});

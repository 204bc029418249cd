import { expect, expectClean, line, open, test } from './fixtures';

const ids = (page: import('@playwright/test').Page) =>
  page.locator('[data-line]').evaluateAll((lines) => lines.map((l) => l.getAttribute('data-line')));

test('lines are added, moved, copied, mirrored and removed by keys; every step has a name and can be undone, after a reload too', async ({
  page,
  own,
}) => {
  await open(page, own.id);
  await page.locator('[data-select="l1"]').focus();
  await page.keyboard.press('d');
  await expect(page.locator('[data-line]')).toHaveCount(4);
  await page.keyboard.press('Alt+ArrowDown');
  await page.keyboard.press('m');
  const undo = page.getByRole('button', { name: /^Undo/ });
  await expect(undo).toHaveAccessibleName('Undo mirror Ear to shoulder');
  await page.locator('[data-select="l3"]').focus();
  await page.keyboard.press('Delete');
  await expect(line(page, 'l3')).toHaveCount(0);

  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.reload();
  await line(page, 'l1').waitFor();
  await expect(undo).toHaveAccessibleName('Undo remove Seated twist');
  await page.keyboard.press('Control+z');
  await expect(line(page, 'l3')).toBeVisible();
  for (const name of ['mirror Ear to shoulder', 'move Ear to shoulder', 'duplicate Ear to shoulder']) {
    await expect(undo).toHaveAccessibleName(`Undo ${name}`);
    await page.keyboard.press('Control+z');
  }
  expect(await ids(page)).toEqual(['l1', 'l2', 'l3']);
  await page.keyboard.press('Control+Shift+z');
  await expect(page.locator('[data-line]')).toHaveCount(4);
});

test('a line is taken slower, its section too, and the header says how long that is likely to take', async ({
  page,
  own,
  request,
}) => {
  await open(page, own.id);
  const score = async () => {
    const stored = (await (await request.get(`/api/classes/${own.id}`)).json()) as object;
    const answer = await request.post('/api/score?events=false', { data: stored });
    return (await answer.json()) as { totalMs: number; lines: { id: string; time: { unitMs: number } }[] };
  };
  const unitOf = async () => (await score()).lines.find((l) => l.id === 'l1')!.time.unitMs;
  const usual = await unitOf();
  await page.locator('[data-select="l1"]').click();
  await page.getByText(/^This line:/).click();
  await page.getByLabel('Time, % of usual').fill('150');
  await page.keyboard.press('Tab');
  await expect.poll(unitOf).toBe(usual * 1.5);
  await expect(page.getByRole('button', { name: /^Undo/ })).toHaveAccessibleName('Undo tempo of Ear to shoulder');
  await expect(page.getByText(/likely \d+ to \d+/)).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(unitOf).toBe(usual);
});

test('a move is found by word and by need, and put where it is wanted', async ({ page, own }) => {
  await open(page, own.id);
  await page.locator('[data-select="l2"]').focus();
  await page.keyboard.press('/');
  const find = page.getByRole('combobox', { name: 'Find a move to add' });
  await find.fill('shrg');
  await expect(page.getByRole('listbox', { name: 'Moves' }).getByRole('option').first()).toContainText('Shrug');
  await find.press('Enter');
  await expect(page.getByRole('heading', { name: /^Shrug/ })).toBeVisible();
  expect((await ids(page))[2]).not.toBe('l3');

  await page.locator('[data-select="l3"]').click();
  await page.getByRole('button', { name: 'Counter', exact: true }).click();
  await expect(page.getByRole('listbox', { name: 'Moves' }).getByRole('option').first()).toContainText(
    'takes back what Seated twist did',
  );
  await page.getByRole('listbox', { name: 'Moves' }).getByRole('option').first().click();
  await expect(page.locator('[data-line]')).toHaveCount(5);
  await page.getByRole('button', { name: 'Close the finder' }).click();
  await expect(find).toHaveCount(0);
});

test('a class is begun from a brief, and its sections filled by keys alone', async ({ page }) => {
  await page.goto('/#/new');
  await page.getByRole('textbox', { name: 'What it is called' }).fill('Quay at dawn');
  await page.getByRole('spinbutton', { name: 'Minutes' }).fill('10');
  await page.getByRole('button', { name: 'neck', exact: true }).click();
  await page.getByRole('button', { name: 'Begin planning' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Quay at dawn' })).toBeVisible();

  const find = page.getByRole('combobox', { name: 'Find a move to add' });
  for (const [section, move] of [
    ['Arrive', 'three full breaths'],
    ['Warm', 'ear to shoulder'],
    ['Rest', 'notice the difference'],
  ] as const) {
    await page.getByRole('button', { name: `Add a move to ${section}` }).press('Enter');
    await find.fill(move);
    await find.press('Enter');
    await find.press('Escape');
  }
  await expect(page.locator('[data-line]')).toHaveCount(3);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();

  await page.getByRole('link', { name: 'Brief' }).click();
  await page.getByRole('spinbutton', { name: 'Minutes' }).fill('6');
  await expect(page.getByText('6:00 wanted')).toBeVisible();
});

test('the finder and the brief are clean', async ({ page, own }) => {
  await open(page, own.id);
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByRole('listbox', { name: 'Moves' }).getByRole('option').first().waitFor();
  for (const address of [null, `/#/plan/${own.id}/brief`, '/#/new']) {
    if (address) await page.goto(address);
    await page.getByRole('heading', { level: 1 }).waitFor();
    await page.waitForLoadState('networkidle');
    await expectClean(page);
  }
});

test('a line is taken easier, elsewhere, with a pause and own words; the keys are listed', async ({ page, own }) => {
  await open(page, own.id);
  await page.locator('[data-select="l3"]').click();
  await page.getByText('This line: Seated twist').click();
  await page.getByRole('combobox', { name: 'Option' }).selectOption('easier');
  await expect(line(page, 'l3')).toContainText('easier');
  await page.getByRole('combobox', { name: 'Position' }).selectOption('chair-edge');
  await page.getByRole('spinbutton', { name: 'Pause after' }).fill('3');
  const words = page.getByRole('textbox', { name: /^Own words/ }).first();
  await words.fill('Turn to the right');
  await words.blur();
  await expect(page.getByRole('button', { name: "'Turn to the right' says right or left on both sides." })).toBeVisible();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const stored = await (await page.request.get(`/api/classes/${own.id}`)).json();
  expect(stored.sections[0].items[2]).toMatchObject({
    option: 'easier',
    position: 'chair-edge',
    pauseAfter: 3,
    say: { 1: 'Turn to the right' },
  });

  await page.locator('[data-select="l1"]').focus();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

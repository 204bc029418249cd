import { classOf, expect, line, open, test } from './fixtures';

const clock = (text: string) => text.match(/\d+:\d\d/)![0];
const seconds = (text: string) => {
  const [minutes, rest] = clock(text).split(':').map(Number);
  return minutes! * 60 + rest!;
};

test('talk and waiting are put in by key, changed, moved, copied as text and undone', async ({ page, own }) => {
  await open(page, own.id);
  await page.locator('[data-select="l1"]').click();
  await page.keyboard.press('t');
  const talk = page.locator('[data-line]').nth(1);
  await expect(talk.getByRole('heading', { name: 'Talk' })).toBeVisible();
  await page.getByLabel('What is said').fill('One two three four five six seven eight nine ten');
  await expect(talk).toContainText('One two three');
  // Ten words at 150 a minute.
  await expect(talk.getByRole('textbox', { name: 'seconds of Talk' })).toHaveValue('4');
  await talk.getByRole('button', { name: 'More seconds' }).click();
  await expect(talk.getByRole('textbox', { name: 'seconds of Talk' })).toHaveValue('9');
  await talk.getByRole('heading').click();
  await page.keyboard.press('q');
  const wait = page.locator('[data-line]').nth(2);
  await expect(wait.getByRole('heading', { name: 'Silence' })).toBeVisible();
  await page.getByLabel('What for').selectOption('handling');
  await expect(wait.getByRole('heading', { name: 'Fetching and putting aside' })).toBeVisible();
  await wait.getByRole('button', { name: /^\d+:\d\d/ }).focus();
  await page.keyboard.press('+');
  await page.keyboard.press('Alt+ArrowUp');
  await expect(page.locator('[data-line]').nth(1)).toContainText('Fetching');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const stored = await (await page.request.get(`/api/classes/${own.id}`)).json();
  expect(stored.sections[0].items.slice(1, 3)).toMatchObject([
    { wait: 25, what: 'handling' },
    { talk: 'One two three four five six seven eight nine ten', seconds: 9 },
  ]);

  await page.keyboard.press('Delete');
  await expect(page.locator('[data-line]')).toHaveCount(4);
  await page.keyboard.press('Control+z');
  await expect(page.locator('[data-line]')).toHaveCount(5);
});

test('a line goes on from the one before, and two sides of that are offered as a set', async ({ page, request }) => {
  const id = await classOf(request, {
    sections: [
      {
        items: [
          { id: 'a', move: 'warrior-two', breaths: 3 },
          { id: 'b', move: 'reverse-warrior', breaths: 2 },
        ],
      },
    ],
  });
  await open(page, id);
  await page.locator('[data-select="b"]').click();
  await page.getByText(/^This line:/).click();
  await page.getByLabel('Goes on from the shape of the line before').check();
  await expect(line(page, 'b')).toContainText('goes on');
  await expect(page.getByRole('button', { name: /cannot go on from Warrior two/ })).toBeVisible();
  const before = await page.locator('header').getByText('planned').innerText();
  await page.getByRole('button', { name: 'Make 2 lines a set, one side and then the other' }).click();
  await expect(page.getByRole('group', { name: 'Set, right, then left' })).toBeVisible();
  await expect(page.getByRole('button', { name: /cannot go on/ })).toHaveCount(0);
  await expect
    .poll(async () => seconds(await page.locator('header').getByText('planned').innerText()))
    .toBeLessThan(seconds(before));
});

test('a class is fitted by key, looked at and done as one step', async ({ page, request }) => {
  const id = await classOf(request, {
    minutes: 4,
    sections: [
      {
        id: 's1',
        name: 'Warm',
        items: [
          { id: 'a', move: 'cat-cow', rounds: 6 },
          { id: 'b', move: 'thread-the-needle', breaths: 3 },
        ],
      },
      { id: 's2', name: 'Soften', items: [{ id: 'c', move: 'folded-rest-hold', breaths: 4 }] },
    ],
  });
  await open(page, id);
  await page.locator('[data-select="a"]').click();
  const header = page.locator('header').getByText('planned');
  await expect(header).not.toHaveText(/^\s*0:00/);
  const before = clock(await header.innerText());
  await page.keyboard.press('f');
  const panel = page.getByRole('region', { name: 'Fit to the minute' });
  await expect(panel.getByText(new RegExp(`^${before} becomes`))).toBeVisible();
  await expect(panel.getByText('→').first()).toBeVisible();
  await expect(page.locator('path.preview')).toHaveCount(1);
  await panel.getByRole('button', { name: 'Apply' }).click();
  await expect.poll(async () => Math.abs(seconds(await header.innerText()) - 240)).toBeLessThanOrEqual(10);
  await page.keyboard.press('Control+z');
  await expect(header).toContainText(before);

  await page.keyboard.press('f');
  await panel.getByLabel('Minutes of the class').fill('1');
  await page.keyboard.press('Tab');
  await expect(panel.getByText('With these lines it does not fit.')).toBeVisible();
  await expect(panel.getByText(/^Take out /).first()).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(panel).toHaveCount(0);
});

test('the border of a section is dragged on the tide line', async ({ page, request }) => {
  const id = await classOf(request, {
    sections: [
      { id: 's1', name: 'Warm', items: [{ id: 'a', move: 'cat-cow', rounds: 6 }] },
      { id: 's2', name: 'Soften', items: [{ id: 'c', move: 'folded-rest-hold', breaths: 6 }] },
    ],
  });
  await open(page, id);
  // The tide settles as the score arrives; hovering waits for that, and for the border to lie under the hand.
  const border = page.locator('rect.border');
  await border.hover({ position: { x: 5, y: 60 } });
  await page.mouse.down();
  const at = (await border.boundingBox())!;
  await page.mouse.move(at.x - 60, at.y + 60, { steps: 4 });
  await page.mouse.up();
  const panel = page.getByRole('region', { name: 'Fit to the minute' });
  await expect(panel.getByText('Cat and cow')).toBeVisible();
  await expect(panel.getByLabel('Minutes of Warm')).not.toHaveValue('');
});

test('a class whose length was worked out anew says so once', async ({ page, own }) => {
  await page.route(`**/api/classes/${own.id}`, async (route) => {
    const response = await route.fetch();
    await route.fulfill({ response, headers: { ...response.headers(), 'ample-tide-was': '125000' } });
  });
  const told = page.waitForRequest(`**/api/classes/${own.id}/told`);
  await open(page, own.id);
  await expect(page.getByText(/This class was 2:05, now it is \d+:\d\d/)).toBeVisible();
  await told;
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await expect(page.getByText(/This class was/)).toHaveCount(0);
});

import { classOf, expect, line, open, test } from './fixtures';

const ids = (page: import('@playwright/test').Page) =>
  page.locator('[data-line]').evaluateAll((lines) => lines.map((l) => l.getAttribute('data-line')));
const names = (page: import('@playwright/test').Page) => page.locator('[data-line] h3').allTextContents();
const undo = (page: import('@playwright/test').Page) => page.getByRole('button', { name: /^Undo/ });

const four = {
  sections: [
    {
      id: 's1',
      name: 'Warm',
      part: 'warm',
      items: [
        { id: 'a', move: 'neck-side-tilt', breaths: 3 },
        { id: 'b', move: 'shrug-and-drop', rounds: 4 },
        { id: 'c', move: 'seated-twist', breaths: 3, note: 'slowly' },
      ],
    },
    { id: 's2', name: 'Close', part: 'close', items: [{ id: 'd', move: 'settle-tall', breaths: 5 }] },
  ],
};

test.use({ permissions: ['clipboard-read', 'clipboard-write'] });

test('lines are selected together, moved, wrapped and removed as one step', async ({ page, request }) => {
  await open(page, await classOf(request, four));
  await page.locator('[data-select="a"]').focus();
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Alt+ArrowDown');
  expect(await ids(page)).toEqual(['c', 'a', 'b', 'd']);
  await expect(undo(page)).toHaveAccessibleName('Undo move 2 lines');
  await page.keyboard.press('Shift+W');
  const set = page.getByRole('group', { name: 'Set, 2 times' });
  await expect(set.locator('[data-line]')).toHaveCount(2);
  await set.getByText('Set: 2 times').click();
  await set.getByRole('combobox', { name: 'Rounds' }).selectOption({ label: 'right then left' });
  await expect(page.getByRole('group', { name: 'Set, right, then left' })).toBeVisible();
  await page.getByRole('button', { name: 'Unwrap', exact: true }).click();
  await page.locator('[data-select="c"]').click();
  await page.locator('[data-select="d"]').click({ modifiers: ['ControlOrMeta'] });
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  expect(await ids(page)).toEqual(['a', 'b']);
  await page.keyboard.press('Control+z');
  expect(await ids(page)).toEqual(['c', 'a', 'b', 'd']);
});

test('a tap adds to the selection where there is no Ctrl key', async ({ page, request }) => {
  await open(page, await classOf(request, four));
  await page.getByRole('button', { name: 'Select several' }).click();
  await page.locator('[data-select="b"]').click();
  await page.locator('[data-select="d"]').click();
  await page.locator('[data-select="a"]').click();
  await page.getByRole('button', { name: 'Lock or unlock' }).click();
  await expect(page.locator('[data-line="a"]')).not.toContainText('locked');
  await expect(page.locator('[data-line="b"]')).toContainText('locked');
});

test('lines are copied into another class with all they have, and as text that can be read and written', async ({
  page,
  request,
}) => {
  await open(page, await classOf(request, four));
  await page.locator('[data-select="b"]').focus();
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Control+c');
  const text = await page.evaluate(() => navigator.clipboard.readText());
  expect(text.split('\n')).toEqual(['Shrug and drop, 4 rounds', 'Seated twist, 3 breaths']);

  const other = await classOf(request, four);
  await page.goto('about:blank');
  await open(page, other);
  await page.locator('[data-select="d"]').focus();
  await page.keyboard.press('Control+v');
  await expect(page.locator('[data-line]')).toHaveCount(6);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const stored = await (await request.get(`/api/classes/${other}`)).json();
  expect(stored.sections[1].items[2]).toMatchObject({ move: 'seated-twist', note: 'slowly' });

  await page.evaluate(() => navigator.clipboard.writeText('ear to sholder, 5 breaths, left then right\nmilk and bread'));
  await page.getByRole('button', { name: 'Paste', exact: true }).click();
  await expect(page.getByText('Not recognised: milk and bread')).toBeAttached();
  expect((await names(page)).at(-1)).toBe('Ear to shoulder');
  await page.keyboard.press('Control+x');
  await expect(page.locator('[data-line]')).toHaveCount(6);
});

test('a line is dragged to another place, and into another section', async ({ page, request }) => {
  await open(page, await classOf(request, four));
  const grip = (id: string) => line(page, id).locator('[data-grip]');
  await grip('a').dragTo(line(page, 'c'), { targetPosition: { x: 200, y: 60 } });
  await expect.poll(() => ids(page)).toEqual(['b', 'c', 'a', 'd']);
  await grip('b').dragTo(line(page, 'd'), { targetPosition: { x: 200, y: 8 } });
  await expect.poll(() => ids(page)).toEqual(['c', 'a', 'b', 'd']);
  await page.keyboard.press('Control+z');
  await expect.poll(() => ids(page)).toEqual(['b', 'c', 'a', 'd']);
});

test('a line dropped on the head of a set goes to its end', async ({ page, request }) => {
  const set = {
    id: 't',
    set: { name: 'Two sides', rounds: ['right', 'left'], items: [{ id: 'x', move: 'neck-side-tilt', breaths: 3 }] },
  };
  await open(
    page,
    await classOf(request, { sections: [{ id: 's1', items: [{ id: 'a', move: 'seated-twist', breaths: 3 }, set] }] }),
  );
  await line(page, 'a').locator('[data-grip]').dragTo(page.getByText('Two sides: right, then left'));
  const inside = page.getByRole('group', { name: 'Two sides, right, then left' }).locator('[data-line]');
  await expect(inside).toHaveCount(2);
  expect(await ids(page)).toEqual(['x', 'a']);
});

test('a section is named, breathes by itself, is moved, joined and removed', async ({ page, request }) => {
  const id = await classOf(request, four);
  await open(page, id);
  await page.getByRole('button', { name: 'Change Close' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Come down');
  await page.getByRole('checkbox', { name: 'Holding' }).check();
  await page.getByRole('spinbutton', { name: 'Holding: counts out', exact: true }).fill('6');
  await page.getByRole('spinbutton', { name: 'Holding: counts out', exact: true }).blur();
  await page.getByRole('button', { name: 'Earlier' }).click();
  expect(await ids(page)).toEqual(['d', 'a', 'b', 'c']);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const stored = await (await request.get(`/api/classes/${id}`)).json();
  expect(stored.sections[0]).toMatchObject({ name: 'Come down', breath: { holding: [3, 0, 6, 0] } });
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Change Warm' }).click();
  await page.getByRole('button', { name: 'Join to the one before' }).click();
  await expect(page.getByRole('heading', { level: 2, name: 'Warm' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Add a section' }).click();
  await page.getByRole('button', { name: 'Change Section' }).click();
  await page.getByRole('button', { name: 'Remove with its lines' }).click();
  expect(await ids(page)).toEqual(['d', 'a', 'b', 'c']);
});

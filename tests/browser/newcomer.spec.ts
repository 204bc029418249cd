import { classOf, expect, line, open, test } from './fixtures';

/** What somebody expects who sees it for the first time. */

test('a press on a name, on words or on the figure selects the line, and a tap does on a phone', async ({ page, own }) => {
  await open(page, own.id);
  for (const [id, what] of [
    ['l2', line(page, 'l2').getByRole('heading')],
    ['l3', line(page, 'l3').locator('.picture')],
    ['l1', line(page, 'l1').locator('.cues').first()],
  ] as const) {
    await what.click();
    await expect(line(page, id).locator('[data-select]')).toHaveAttribute('aria-pressed', 'true');
  }
  await page.setViewportSize({ width: 390, height: 800 });
  await line(page, 'l3').getByRole('heading').click();
  await expect(line(page, 'l3').locator('[data-select]')).toHaveAttribute('aria-pressed', 'true');
});

test('what is typed is there after a reload: notes, own words, tags, a class that was begun, a move of one’s own', async ({
  page,
  own,
}) => {
  await open(page, own.id);
  await line(page, 'l1').getByRole('heading').click();
  await page.getByText(/^This line:/).click();
  await page.getByLabel('Note to yourself').pressSequentially('Slowly tonight');
  await page.reload();
  await line(page, 'l1').getByRole('heading').click();
  await page.getByText(/^This line:/).click();
  await expect(page.getByLabel('Note to yourself')).toHaveValue('Slowly tonight');

  await page.goto(`/#/plan/${own.id}/brief`);
  const tags = page.getByLabel('Tags, with commas between');
  await tags.pressSequentially('dusk, net makers');
  await expect(tags).toHaveValue('dusk, net makers');
  await page.reload();
  await expect(tags).toHaveValue('dusk, net makers');

  await page.goto('/#/new');
  await page.getByLabel('What it is called').pressSequentially('Half a na');
  await page.reload();
  await expect(page.getByLabel('What it is called')).toHaveValue('Half a na');
  await page.getByRole('button', { name: 'Start over' }).click();
  await expect(page.getByLabel('What it is called')).toHaveValue('');

  await page.goto('/#/write');
  await page.getByRole('textbox', { name: 'Name', exact: true }).press('End');
  await page.keyboard.type(' and half');
  page.on('dialog', (dialog) => void dialog.accept());
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue('A move of my own and half');
  await page.getByRole('button', { name: 'Start over' }).click();
  await expect(page.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue('A move of my own');
});

test('all conditions are shown without sending the form, and an answered one stays under the hand', async ({ page }) => {
  await page.goto('/#/new');
  await page.getByText('Conditions, by count; no names').click();
  await page.getByRole('button', { name: 'All conditions' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'A new class' })).toBeVisible();
  const selects = page.getByRole('combobox', { name: /^How many with/ });
  const fifth = selects.nth(4);
  const name = await fifth.getAttribute('aria-label');
  await fifth.focus();
  await page.keyboard.press('ArrowDown');
  await expect(selects.nth(4)).toHaveAttribute('aria-label', name!);
  await expect(selects.nth(4)).toBeFocused();
});

test('another address is another class', async ({ page, own, request }) => {
  const other = await classOf(request, { sections: [{ items: [{ id: 'x1', move: 'mountain' }] }] });
  await open(page, own.id);
  await page.evaluate((id) => (location.hash = `#/plan/${id}`), other);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(`Class ${other}`);
  await expect(line(page, 'x1')).toBeVisible();
  await request.delete(`/api/classes/${other}`);
});

test('the focus stays with undo, goes to what is found after a fix, and to the shelf after the safety text', async ({
  page,
  own,
}) => {
  await open(page, own.id);
  await line(page, 'l1').getByRole('button', { name: 'More breaths' }).click();
  const undo = page.getByRole('toolbar').getByRole('button', { name: /^Undo/ });
  await undo.click();
  await expect(undo).toBeFocused();
  await line(page, 'l2').getByRole('button', { name: 'Fewer breaths' }).click();
  await page.getByRole('button', { name: 'Make both 3' }).click();
  await page.getByRole('button', { name: 'Apply' }).click();
  await expect(page.getByRole('heading', { name: 'Soundings' })).toBeFocused();
  await page.goto('/');
  await page.getByRole('button', { name: 'Understood' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
});

test('a fix that does not work says why', async ({ page, request }) => {
  const id = await classOf(request, {
    minutes: 3,
    sections: [{ items: [{ id: 'a', move: 'neck-side-tilt', sides: 'right', locked: true }] }],
  });
  await open(page, id);
  await page.getByRole('button', { name: 'Add the left side' }).click();
  await expect(page.getByText('Ear to shoulder is locked; unlock it first.')).toBeVisible();
  await request.delete(`/api/classes/${id}`);
});

test('a move goes from its page into a class', async ({ page, own }) => {
  await page.goto('/#/moves/cat-cow');
  await page.getByRole('button', { name: 'Add to class' }).click();
  await page.getByRole('menuitem', { name: own.title }).click();
  await expect(page.locator('[data-line]').last()).toContainText('Cat and cow');
  await page.reload();
  await expect(page.locator('[data-line]')).toHaveCount(4);
});

test('the finder takes the next word in place of the last, shows what it put in, and the arrows stop at empty sections', async ({
  page,
  request,
}) => {
  const id = await classOf(request, {
    sections: [
      { id: 's1', name: 'Warm', items: Array.from({ length: 12 }, (_, i) => ({ id: `w${i}`, move: 'mountain' })) },
      { id: 's2', name: 'Empty', items: [] },
      { id: 's3', name: 'Last', items: [{ id: 'z', move: 'mountain' }] },
    ],
  });
  await open(page, id);
  await page.keyboard.press('/');
  const find = page.getByRole('combobox', { name: 'Find a move to add' });
  await find.fill('shrug');
  await find.press('Enter');
  await expect(page.locator('[data-line]')).toHaveCount(14);
  await page.keyboard.type('tree');
  await expect(find).toHaveValue('tree');
  await page.getByRole('button', { name: 'Close the finder' }).click();
  await page.locator('[data-select="w11"]').focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('button', { name: 'Add a move to Empty' })).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await expect(page.locator('[data-select="z"]')).toBeFocused();
  await request.delete(`/api/classes/${id}`);
});

test('a move is found by what people call it, slips forgiven, and said by which name', async ({ page, request }) => {
  const id = await classOf(request, {
    sections: [{ id: 's1', name: 'Warm', items: [{ id: 'w', move: 'mountain' }] }],
  });
  await open(page, id);
  await page.keyboard.press('/');
  await page.getByRole('combobox', { name: 'Find a move to add' }).fill('childs pose');
  const first = page.getByRole('listbox').getByRole('option').first();
  await expect(first).toContainText('Rest folded over the knees');
  await expect(first).toContainText("child's pose");
  await page.getByRole('combobox', { name: 'Find a move to add' }).fill('downwrd dog');
  await expect(first).toContainText('Long inverted V');
  await request.delete(`/api/classes/${id}`);
});

test('a second move of one’s own has an id of its own, and why it cannot be kept is said', async ({ page, request }) => {
  const ids: string[] = [];
  for (let n = 0; n < 2; n++) {
    await page.goto('/#/moves');
    await page.getByRole('heading', { name: 'Moves', level: 1 }).waitFor();
    await page.goto('/#/write');
    const keep = page.getByRole('button', { name: 'Keep it' });
    await expect(keep).toHaveAttribute('title', 'Nothing has changed since it was kept');
    await page.getByRole('textbox', { name: 'Name', exact: true }).fill(`Mine ${n}`);
    await expect(keep).toHaveAttribute('aria-disabled', 'false');
    await keep.click();
    await expect(page.getByText('Kept', { exact: true })).toBeVisible();
    await expect(keep).toBeFocused();
    ids.push(await page.getByLabel('Id, as class files name it').inputValue());
  }
  expect(new Set(ids).size).toBe(2);
  for (const id of ids) await request.delete(`/api/moves/${id}`);
});

test('the score is printed whole, without what is pressed', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: /Low water shoulders/ }).click();
  await page.locator('[data-line]').first().waitFor();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('toolbar')).toBeHidden();
  await expect(page.getByRole('heading', { name: 'Soundings' })).toBeHidden();
  // Both at once: lines that were not drawn yet grow while they are looked at.
  const { y, height } = await page.evaluate(() => ({
    y: [...document.querySelectorAll('[data-line]')].at(-1)!.getBoundingClientRect().y + scrollY,
    height: document.documentElement.scrollHeight,
  }));
  expect(y).toBeLessThan(height);
  expect(y).toBeGreaterThan(800);
});

import { expect, expectClean, test } from './fixtures';

test('a move is found with a slip of the pen, and its page shows breaths, motion, sides and cautions', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Moves', exact: true }).click();
  await expect(page.getByRole('status')).toContainText(/^(\d{3}) of \1 moves/);
  await page.getByRole('searchbox').fill('thred the nedle');
  await page.getByRole('link', { name: /^Thread the needle/ }).click();

  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Thread the needle');
  await expect(page.getByText('The neck stays light, the shoulder carries the weight')).toBeVisible();
  await expect(page.getByText('Open the right arm up and look to it')).toBeVisible();
  await page.getByRole('button', { name: '◐ Left' }).click();
  await expect(page.getByText('Open the left arm up and look to it')).toBeVisible();
  await page.getByRole('button', { name: /Rest the head on a pillow/ }).click();
  await expect(page.getByRole('button', { name: /Rest the head on a pillow/ })).toHaveAttribute('aria-pressed', 'true');

  // Back to the list as it was left.
  await page.goBack();
  await expect(page.getByRole('searchbox')).toHaveValue('thred the nedle');
});

test('filters narrow the list together and can be taken away together', async ({ page }) => {
  await page.goto('/#/moves');
  await page.getByRole('combobox', { name: /^Family/ }).selectOption('Lying');
  await page.getByRole('combobox', { name: /^Sides/ }).selectOption('Alternating');
  await expect(page.getByRole('link', { name: /^Sway the knees, lying/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Bridge, up and down/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Show all' }).click();
  await page.getByRole('combobox', { name: /^Props/ }).selectOption('With straps');
  await expect(page.getByRole('link', { name: /^Long leg up with a strap/ })).toBeVisible();
  await page.getByRole('combobox', { name: /^Effort/ }).selectOption('Moderate');
  await expect(page.getByRole('link', { name: /^Long leg up with a strap/ })).toHaveCount(0);
  await page.getByRole('searchbox').fill('zzzz');
  await expect(page.getByText('Nothing fits all of that.')).toBeVisible();
  await page.getByRole('button', { name: 'Show all' }).click();
  await expect(page.getByRole('status')).toContainText(/^(\d{3}) of \1 moves/);
});

test('whoever wonders what a sign means opens the key, also with the keyboard', async ({ page }) => {
  await page.goto('/#/moves');
  const summary = page.getByText('What the signs mean');
  await summary.focus();
  await page.keyboard.press('Enter');
  for (const meaning of ['attention rests here', 'moves this way', 'turns about its length'])
    await expect(page.getByRole('listitem').filter({ hasText: meaning }).locator('path.mark')).toHaveCount(1);
  await expectClean(page);

  await page.route('**/api/signs', (route) => route.abort());
  await page.goto('/#/moves/cat-cow');
  await page.getByText('What the signs mean').click();
  await expect(page.getByRole('alert')).toHaveText('The signs cannot be fetched just now.');
});

test('what does not suit a condition is left out of the list', async ({ page }) => {
  await page.goto('/#/moves');
  await page.getByRole('searchbox').fill('plank');
  await expect(page.getByRole('link', { name: /^Plank/ })).toBeVisible();
  await page.getByLabel('Fine or smaller with').selectOption('Wrist or thumb');
  await expect(page.getByRole('link', { name: /^Plank/ })).toHaveCount(0);
});

test('playing moves the figure on from breath to breath, and stops when asked', async ({ page }) => {
  await page.goto('/#/moves/cat-cow');
  const first = page.getByRole('button', { name: /Let the belly drop/ });
  const second = page.getByRole('button', { name: /Round the back/ });
  await expect(first).toHaveAttribute('aria-current', 'step');
  await page.getByRole('button', { name: 'Play' }).click();
  await expect(second).toHaveAttribute('aria-current', 'step', { timeout: 10_000 });
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: 'Play' })).toBeVisible();
});

test('with reduced motion the pictures go on by hand', async ({ browser }) => {
  const page = await (await browser.newContext({ reducedMotion: 'reduce' })).newPage();
  await page.goto('/#/moves/cat-cow');
  await page.getByRole('button', { name: 'Next picture' }).click();
  await expect(page.getByRole('button', { name: /Round the back/ })).toHaveAttribute('aria-current', 'step');
  await page.close();
});

test('the ways here and on from here are those of the position that is shown, step by step', async ({ page }) => {
  await page.goto('/#/moves/self-hug');
  const ways = (end: string) => page.locator('h2', { hasText: end }).locator('+ ul').locator('details');
  await expect(ways('Ways here').first()).toBeVisible();
  const here = await ways('Ways on from here').allTextContents();
  await page.getByRole('combobox', { name: 'Position' }).selectOption({ index: 2 });
  await expect.poll(() => ways('Ways on from here').allTextContents()).not.toEqual(here);
  const way = ways('Ways on from here').first();
  await way.locator('summary').click();
  await expect(way.getByRole('listitem').first()).toBeVisible();
});

test('a move that is not there is told', async ({ page }) => {
  await page.goto('/#/moves/moon-walk');
  await expect(page.getByRole('alert')).toContainText("There is no move 'moon-walk'.");
  await page.getByRole('link', { name: 'To all moves' }).click();
  await expect(page.getByRole('heading', { name: 'Moves' })).toBeVisible();
});

test('the list and a page are clean, and readable at 320 pixels', async ({ page }) => {
  for (const [address, heading] of [
    ['/#/moves', 'Moves'],
    ['/#/moves/hanging-fold', 'Hang over the legs'],
    ['/#/write', 'A move of your own'],
  ] as const) {
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(address);
    await page.getByRole('heading', { level: 1, name: heading }).waitFor();
    await page.waitForLoadState('networkidle');
    await expectClean(page);
    await page.setViewportSize({ width: 320, height: 640 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)).toBe(0);
  }
});

test('a catalogue move is copied, changed with the figure beside it, kept, found, and deleted', async ({ page }, info) => {
  const id = `my-tree-${info.workerIndex}-${process.pid}`;
  await page.goto('/#/moves/tree');
  await page.getByRole('link', { name: 'Make it your own' }).click();
  await page.getByRole('button', { name: 'As text' }).click();
  const text = page.getByRole('textbox', { name: "The move's text" });
  await expect(text).toHaveValue(/^- id: my-tree\n {2}name: "Tree, my way"/);
  await expect(page.getByRole('group', { name: /^Tree, my way/ })).toBeVisible();

  const good = (await text.inputValue()).replace('my-tree', id).replace('Tree, my way', `Birch ${id}`);
  await text.fill(good.replace('left.hip.flexion: 64', 'left.hip.flexion: 256'));
  const line = good.split('\n').findIndex((l) => l.includes('left.hip.flexion: 64')) + 1;
  await expect(page.getByRole('button', { name: `Line ${line}` })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Keep it' })).toBeDisabled();

  await text.fill(good);
  await expect(page.getByRole('group', { name: new RegExp(`^Birch ${id}`) })).toBeVisible();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('Kept', { exact: true })).toBeVisible();

  await page.reload();
  await page.goto(`/#/moves?text=${encodeURIComponent(`Birch ${id}`)}`);
  await page.getByRole('link', { name: new RegExp(`^Birch ${id}`) }).click();
  await page.getByRole('link', { name: 'Change it' }).click();
  page.on('dialog', (dialog) => void dialog.accept());
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByRole('heading', { name: 'Moves' })).toBeVisible();
  expect((await page.request.get(`/api/moves/${id}`)).status()).toBe(404);
});

test('a shape is made by dragging, by sliders and by fields, and every step can be undone', async ({ page }) => {
  await page.goto('/#/write');
  const text = page.getByRole('textbox', { name: "The move's text" });
  const written = async () => {
    await page.getByRole('button', { name: 'As text' }).click();
    const value = await text.inputValue();
    await page.getByRole('button', { name: 'As fields' }).click();
    return value;
  };
  const hand = page.getByRole('button', { name: /^Right hand/ });
  await hand.waitFor();
  const figure = page.locator('svg').filter({ has: page.getByRole('button', { name: /^Head/ }) });
  const calm = await figure.locator('path.face').first().getAttribute('d');
  await page.getByRole('combobox', { name: 'Face' }).selectOption('eyes shut');
  await expect.poll(written).toMatch(/face: eyes-shut/);
  await expect(figure.locator('path.face').first()).not.toHaveAttribute('d', calm!);

  // The figure is placed by the server; it is taken hold of where it has come to rest.
  const atRest = async () => {
    let before = '';
    await expect
      .poll(
        async () => {
          const [was, now] = [before, JSON.stringify(await hand.boundingBox())];
          before = now;
          return was === now;
        },
        { intervals: [250] },
      )
      .toBe(true);
    return (await hand.boundingBox())!;
  };
  const box = await atRest();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x - 10, box.y + 60, { steps: 6 });
  await page.mouse.up();
  // Both alike, unless one side is chosen.
  await expect.poll(written).toMatch(/shape: \{[^}]*[^.]shoulder\.elevation: (?!120)\d+/);
  expect(await written()).not.toContain('right.shoulder');
  await page.getByRole('combobox', { name: 'Side', exact: true }).selectOption('right');
  const lower = await atRest();
  await page.mouse.move(lower.x + lower.width / 2, lower.y + lower.height / 2);
  await page.mouse.down();
  await page.mouse.move(lower.x - 30, lower.y - 50, { steps: 6 });
  await page.mouse.up();
  await expect.poll(written).toMatch(/right\.shoulder\.elevation: \d+/);

  await page.getByRole('button', { name: 'Legs' }).click();
  const knee = page.getByRole('slider', { name: /^Knee/ });
  await knee.focus();
  await knee.press('ArrowRight');
  await expect.poll(written).toMatch(/right\.knee: \d+/);

  await page.getByRole('button', { name: 'Neck' }).click();
  const head = page.getByRole('button', { name: /^Head/ });
  await head.focus();
  await page.keyboard.press('ArrowRight');
  await expect.poll(written).toMatch(/upper\.side: -?[1-9]/);

  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Rope reach');
  await page.getByRole('button', { name: 'Add a phase after this one' }).click();
  await expect(page.getByRole('button', { name: '2 Stay' })).toHaveAttribute('aria-current', 'step');
  expect(await written()).toContain('name: Rope reach');
  const undo = page.getByRole('button', { name: 'Undo' });
  while (await undo.isEnabled()) await undo.click();
  expect(await written()).toContain('name: A move of my own');
});

test('a move of yours that can no longer be read is named on the list, and mended from there', async ({
  page,
  request,
}, info) => {
  const id = `worn-tree-${info.workerIndex}-${process.pid}`;
  const { yaml } = (await (await request.get('/api/moves/tree/text')).json()) as { yaml: string };
  await request.post('/api/moves', {
    data: { yaml: yaml.replace('- id: tree', `- id: ${id}`).replace('name: ', 'name: Worn ') },
  });
  // Only a newer catalogue makes a kept move unreadable: the two answers of a server that has one are played here.
  await page.route('**/api/moves-to-mend', (route) =>
    route.fulfill({ json: [{ id, reason: 'phases 1: near: there is no such axis' }] }),
  );
  await page.route('**/api/moves', async (route) => {
    const moves = (await (await route.fetch()).json()) as { id: string }[];
    await route.fulfill({ json: moves.filter((m) => m.id !== id) });
  });
  await page.goto('/#/moves');
  const list = page.getByRole('region', { name: 'To mend' });
  await expect(list).toContainText('One of your moves cannot be read any more. Nothing is lost');
  await expect(list).toContainText('there is no such axis');
  await list.getByRole('link', { name: `Mend ${id}` }).click();

  // Its own text under its own id, not a copy.
  await expect(page.getByRole('heading', { level: 1, name: 'Your move' })).toBeVisible();
  await expect(page.getByLabel('Id, as class files name it')).toHaveValue(id);
  await page.getByLabel('Name', { exact: true }).fill('Worn tree, mended');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('Kept', { exact: true })).toBeVisible();
  expect(((await (await request.get(`/api/moves/${id}`)).json()) as { summary: { name: string } }).summary.name).toBe(
    'Worn tree, mended',
  );
  await page.unrouteAll({ behavior: 'ignoreErrors' });
  await request.delete(`/api/moves/${id}`);
});

test('a move of your own has the picture its maker chooses', async ({ page }) => {
  await page.goto('/#/write/slow-nods');
  const picture = page.getByRole('region', { name: 'The picture' });
  const card = picture.getByRole('img', { name: 'As on cards and lines' });
  await expect(picture.getByRole('checkbox', { name: 'Phase 1, in' })).toBeChecked();
  const drawn = () => card.evaluate((svg) => svg.innerHTML);
  await expect.poll(drawn).toContain('<path');
  const both = await drawn();

  await picture.getByRole('checkbox', { name: 'Phase 1, in' }).uncheck();
  await expect.poll(drawn).not.toBe(both);
  const one = await drawn();
  await picture.getByRole('combobox', { name: 'Shows' }).selectOption('all of the body');
  await picture.getByRole('slider', { name: 'Walk round it' }).fill('20');
  await expect.poll(drawn).not.toBe(one);
  await page.getByRole('button', { name: 'As text' }).click();
  const text = page.getByRole('textbox', { name: "The move's text" });
  await expect(text).toHaveValue(/picture: \[ ?2 ?\]|picture:\n +- 2/);
  await expect(text).toHaveValue(/view: \[ ?20, 4 ?\]|view:\n +- 20\n +- 4/);
  await expect(text).not.toHaveValue(/closeUp/);
});

test('what goes on in a move of your own is said by fields, seen in its picture, and undone', async ({ page }) => {
  await page.goto('/#/write/final-rest');
  const picture = page.getByRole('region', { name: 'The picture' });
  const card = picture.getByRole('img', { name: 'As on cards and lines' });
  const drawn = () => card.evaluate((svg) => svg.innerHTML);
  await expect.poll(drawn).toContain('<path');
  const plain = await drawn();

  await picture.getByRole('button', { name: 'Something goes on' }).click();
  await picture.getByRole('combobox', { name: 'What goes on, 1' }).selectOption('attention rests');
  await picture.getByRole('combobox', { name: 'Where, 1' }).selectOption('left foot');
  await expect.poll(drawn).not.toBe(plain);
  await picture.getByRole('button', { name: 'Something goes on' }).click();
  await expect(picture.getByRole('combobox', { name: 'What goes on, 2' })).toHaveValue('attend');

  await page.getByRole('button', { name: 'As text' }).click();
  const text = page.getByRole('textbox', { name: "The move's text" });
  await expect(text).toHaveValue(/signs:\s+attend:\s+- left\.instep\s+- nose/);
  await page.getByRole('button', { name: 'As fields' }).click();
  await picture.getByRole('button', { name: 'Remove what goes on, 2' }).click();
  await picture.getByRole('button', { name: 'Remove what goes on, 1' }).click();
  await expect.poll(drawn).toBe(plain);
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(picture.getByRole('combobox', { name: 'Where, 1' })).toHaveValue('left.instep');
});

test('the first screen of cards comes before the rest, and all of them are there on coming back', async ({ page }) => {
  await page.addInitScript(() => {
    const counts: number[] = [];
    Object.assign(window, { counts });
    new MutationObserver(() => counts.push(document.querySelectorAll('li.move').length)).observe(document, {
      childList: true,
      subtree: true,
    });
  });
  // How many cards there are when the first ones come.
  const first = () => page.evaluate(() => (window as unknown as { counts: number[] }).counts.find((n) => n > 0));
  const forget = () => page.evaluate(() => ((window as unknown as { counts: number[] }).counts.length = 0));
  await page.goto('/#/');
  // The shelf brings the catalogue, so that it is known before the list is opened.
  await page.waitForLoadState('networkidle');
  await forget();
  // Other tests write moves of their own meanwhile.
  const all = 300;
  const cards = page.locator('li.move');
  await page.getByRole('link', { name: 'Moves' }).click();
  await expect.poll(() => cards.count()).toBeGreaterThan(all);
  expect(await first()).toBeLessThanOrEqual(30);

  await cards.nth(200).getByRole('link').click();
  await expect(cards).toHaveCount(0);
  await forget();
  await page.goBack();
  await expect.poll(() => cards.count()).toBeGreaterThan(all);
  expect(await first()).toBeGreaterThan(all);
});

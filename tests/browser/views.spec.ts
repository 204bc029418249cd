import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { classOf, expectClean } from './fixtures';

const lopsided = {
  theme: { areas: ['neck', 'shoulders'] },
  minutes: 10,
  group: { size: 10, conditions: { wrist: 1 } },
  place: { props: { chair: 4, cushion: 12 } },
  sections: [
    {
      id: 's1',
      name: 'All',
      part: 'build',
      items: [
        { id: 'l1', move: 'neck-side-tilt', position: 'chair-edge', breaths: 5, sides: 'right' },
        { id: 'l2', move: 'cat-cow', rounds: 4 },
        { id: 'l3', move: 'hands-clasped-behind', position: 'heel-sit', breaths: 4 },
        { id: 'l4', move: 'self-hug', position: 'heel-sit' },
      ],
    },
  ],
};

test('sides show what one has more, and lead to the line', async ({ page, request }) => {
  const id = await classOf(request, lopsided);
  await page.goto(`/#/plan/${id}/sides`);
  const neck = page.getByRole('button', { name: /^Ear to shoulder/ });
  await expect(neck).toContainText('uneven');
  await neck.click();
  await expect(page).toHaveURL(new RegExp(`/plan/${id}$`));
  await expect(page.locator('[data-line="l1"]')).toHaveClass(/selected/);
});

test('what a class is about is chosen on the body, by click and by key', async ({ page, request }) => {
  const id = await classOf(request, lopsided);
  await page.goto(`/#/plan/${id}/brief`);
  const front = page.getByRole('group', { name: 'front of the body' });
  const about = page.getByRole('group', { name: 'What it is about' });
  await expect(about.getByRole('button', { name: 'Chest' })).toHaveAttribute('aria-pressed', 'false');
  await front.getByRole('button', { name: /^chest/ }).click();
  await expect(about.getByRole('button', { name: 'Chest' })).toHaveAttribute('aria-pressed', 'true');
  await front.getByRole('button', { name: /^thighs/ }).focus();
  await page.keyboard.press('Enter');
  await expect(about.getByRole('button', { name: /^thighs$/i })).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('Space');
  await expect(about.getByRole('button', { name: /^thighs$/i })).toHaveAttribute('aria-pressed', 'false');
});

test('the body lists what was eased, and which lines did it', async ({ page, request }) => {
  const id = await classOf(request, lopsided);
  await page.goto(`/#/plan/${id}/body`);
  await page.getByRole('region', { name: 'Areas' }).getByRole('button', { name: /^Neck/i }).click();
  await page.getByRole('button', { name: 'Ear to shoulder' }).click();
  await expect(page.locator('[data-line="l1"]')).toHaveClass(/selected/);
});

test('what is short of props is told; the stock can be put right and the shortage goes', async ({ page, request }) => {
  const id = await classOf(request, lopsided);
  await page.goto(`/#/plan/${id}/bring`);
  await expect(page.getByText('6 short', { exact: false }).and(page.locator('main p'))).toBeVisible();
  const there = page.getByRole('spinbutton', { name: 'How many chairs are there' });
  await there.fill('10');
  await there.press('Tab');
  await expect(page.getByText('6 short', { exact: false }).and(page.locator('main p'))).toHaveCount(0);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.reload();
  await expect(there).toHaveValue('10');
});

test('a condition that is counted changes what some people do, and what to ask tonight', async ({ page, request }) => {
  const id = await classOf(request, lopsided);
  await page.goto(`/#/plan/${id}/people`);
  const knee = page.getByRole('combobox', { name: 'How many with Knee', exact: true });
  await expect(page.getByText('ask tonight').first()).toBeVisible();
  await expect(page.getByText(/Knee \(2\)/)).toHaveCount(0);
  await knee.selectOption('2');
  await expect(page.getByText(/Knee \(2\)/).first()).toBeVisible();
  await page.getByRole('link', { name: 'Score' }).click();
  await expect(page.locator('[data-line="l2"]')).toContainText('knee 2');
});

test('what one person has is judged together, and the card says it without a name', async ({ page, request }) => {
  const id = await classOf(request, lopsided);
  await page.goto(`/#/plan/${id}/people`);
  await page.getByRole('button', { name: 'Somebody with several conditions' }).click();
  const has = page.getByRole('combobox', { name: 'What Person 1 has' });
  await has.selectOption({ label: 'Wrist or thumb' });
  await has.selectOption({ label: 'Shoulder' });
  await page.getByRole('combobox', { name: 'Side, Shoulder' }).selectOption('left');
  await expect(page.getByText(/Wrist or thumb, and shoulder \(1\)|Shoulder, and wrist or thumb \(1\)/).first()).toBeVisible();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Card to print or show' }).click();
  await expect(page.getByRole('heading', { name: /what some do otherwise/ })).toBeVisible();
  await expect(page.getByText(/shoulder \(1\)|wrist or thumb \(1\)/).first()).toBeVisible();
  await expectClean(page);
  await page.getByRole('link', { name: 'Back to the class' }).click();
  await expect(page.getByRole('combobox', { name: 'Side, Shoulder' })).toHaveValue('left');
  await page.getByRole('button', { name: 'Remove Person 1' }).click();
  await expect(page.getByRole('combobox', { name: 'What Person 1 has' })).toHaveCount(0);
});

test('an export asks in which format, and takes along what people have only when told to', async ({ page, request }) => {
  const title = 'Leaving the house';
  await classOf(request, { ...lopsided, title, group: { size: 4, people: [{ count: 1, conditions: ['knee'] }] } });
  await page.goto('/');
  await page
    .getByRole('button', { name: `More for ${title}` })
    .first()
    .click();
  await page.getByRole('menuitem', { name: 'Export' }).click();
  const asked = page.getByRole('dialog');
  await expect(asked).toContainText('1 person has');
  const leaves = page.waitForEvent('download');
  await asked.getByRole('button', { name: 'Export' }).click();
  const file = await readFile(await (await leaves).path(), 'utf8');
  expect(file).not.toContain('"people"');
});

test('a convention says what it changes', async ({ page, request }) => {
  const id = await classOf(request, lopsided);
  await page.goto(`/#/plan/${id}/people`);
  await page.getByRole('combobox', { name: 'Which side first' }).selectOption('left');
  await expect(page.getByText(/^(Nothing in this class changes|new:|gone:|\d+ s)/)).toBeVisible();
  await page.getByRole('button', { name: /^Still harbour/ }).click();
  await expect(page.getByRole('combobox', { name: 'Which side first' })).toHaveValue('right');
});

test('cues follow the conventions: how the breath leaves, and the side of a teacher who faces the group', async ({
  page,
  request,
}) => {
  const id = await classOf(request, lopsided);
  await page.goto(`/#/plan/${id}/people`);
  await page.getByRole('combobox', { name: 'Breathing out' }).selectOption('mouth');
  await page.getByRole('combobox', { name: 'Right and left in cues' }).selectOption('mirror');
  await page.getByRole('link', { name: 'Score' }).click();
  await expect(page.locator('[data-line="l2"]')).toContainText('out, by the mouth');
  await page.locator('[data-select="l1"]').click();
  const preview = page.getByRole('region', { name: 'The line as it is done' });
  await expect(preview).toContainText('You, facing them: ◐your left');
});

test('a finding is left as it is for a reason, and judged again when asked', async ({ page, request }) => {
  const id = await classOf(request, lopsided);
  await page.goto(`/#/plan/${id}`);
  const finding = page.getByRole('article').filter({ hasText: 'Ear to shoulder: right 5 breaths, left 0' });
  await finding.getByRole('button', { name: 'On purpose' }).click();
  await finding.getByRole('textbox').fill('a sore left shoulder');
  await finding.getByRole('button', { name: 'Leave it as it is' }).click();
  await expect(finding).toHaveCount(0);
  await page.getByText('Left as it is on purpose: 1').click();
  await expect(page.getByText('a sore left shoulder')).toBeVisible();
  await page.getByRole('button', { name: 'Judge second side again' }).click();
  await expect(finding).toHaveCount(1);
});

test('the safety text is shown at the first start, once', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Before anybody moves' })).toBeVisible();
  await page.getByRole('button', { name: 'Understood' }).click();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Your classes' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Before anybody moves' })).toHaveCount(0);
});

test('sides, body, bring and people are clean, and readable at 320 pixels', async ({ page, request }) => {
  const id = await classOf(request, lopsided);
  for (const view of ['sides', 'body', 'bring', 'people']) {
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(`/#/plan/${id}/${view}`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    await page.waitForLoadState('networkidle');
    await expectClean(page);
    await page.setViewportSize({ width: 320, height: 640 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)).toBe(0);
  }
});

test('minutes under the tide on paper end within it', async ({ page }) => {
  await page.goto('/#/sheet/low-water-shoulders');
  const minutes = page.locator('svg[viewBox="0 0 1000 108"] text');
  await expect(minutes).toHaveText(['0', '5', '10', '15', '20', '25', '30', '35', '40', '45']);
  const ends = await minutes.evaluateAll((all) => all.map((t) => (t as SVGTextElement).getBBox()).map((b) => b.x + b.width));
  expect(Math.max(...ends)).toBeLessThan(1001);
});

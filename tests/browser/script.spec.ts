import { classOf, expect, expectClean, test } from './fixtures';

const spoken = {
  minutes: 5,
  startsIn: 'seated-cross',
  sections: [
    {
      name: 'Neck',
      items: [
        { id: 'l1', move: 'neck-side-tilt', breaths: 3 },
        { id: 'l2', move: 'cat-cow', rounds: 4 },
      ],
    },
  ],
};

test('words are changed in place, checked against the plan, mended, reset, and undone', async ({ page, request }) => {
  const id = await classOf(request, spoken);
  await page.goto(`/#/plan/${id}/script`);
  const first = page.locator('[data-pass="0"]');
  await expect(first).toContainText('Let the right ear sink towards the right shoulder');
  await expect(page.locator('[data-pass="1"]')).toContainText('Let the left ear sink');
  await first.getByRole('button', { name: /^Grow tall/ }).click();
  await page.getByLabel('Words of this line').fill('Five breaths each way, as soft as it goes.');
  await page.keyboard.press('Enter');
  await expect(first).toContainText('my words');
  await expect(first).toContainText('“Five breaths”; the plan has 3 breaths');
  await expectClean(page);
  await page.goto(`/#/plan/${id}`);
  await page.getByRole('button', { name: 'Say “Three breaths”' }).click();
  await page.getByRole('button', { name: 'Apply' }).click();
  await page.goto(`/#/plan/${id}/script`);
  await expect(first).toContainText('Three breaths each way');
  await first.getByRole('button', { name: /^reset/ }).click();
  await expect(first).toContainText('Grow tall');
  await page.keyboard.press('Control+z');
  await expect(first).toContainText('Three breaths each way');
});

test('words are kept for all classes and taken back', async ({ page, request }) => {
  const id = await classOf(request, { ...spoken, sections: [{ items: [{ id: 'l1', move: 'star', breaths: 3 }] }] });
  await page.goto(`/#/plan/${id}/script`);
  await page.getByRole('button', { name: 'My words for Star' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Before the talk-in').fill('Make room around you');
  await expectClean(page);
  await dialog.getByRole('button', { name: 'Keep for all classes' }).click();
  await expect(page.locator('[data-pass="0"]')).toContainText('Make room around you.');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('[data-pass="0"]')).not.toContainText('Make room around you.');
});

test('reading through goes along by key, from the group’s side and from one’s own', async ({ page, request }) => {
  const id = await classOf(request, spoken);
  await page.goto(`/#/plan/${id}/script`);
  await page.locator('[data-pass="2"]').waitFor();
  await page.keyboard.press('r');
  await expect(page.locator('[data-pass="0"]')).toHaveAttribute('aria-current', 'step');
  await page.keyboard.press('ArrowDown');
  await expect(page.locator('[data-pass="1"]')).toHaveAttribute('aria-current', 'step');
  await page.keyboard.press('Escape');
  await expect(page.locator('[aria-current="step"]')).toHaveCount(0);
  await page.getByLabel(/from my own side/).check();
  await expect(page.locator('[data-pass="0"]')).toContainText('Let the left ear sink towards the left shoulder');
});

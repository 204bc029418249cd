import { expect, line, open, test } from './fixtures';

test('a version gets a name, is compared with the class as it is, and brought back as a step that can be undone', async ({
  page,
  own,
}) => {
  await open(page, own.id);
  const tabs = page.getByRole('navigation', { name: 'Views of the class' });
  await line(page, 'l3').getByRole('button', { name: 'More breaths' }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await tabs.getByRole('link', { name: 'Versions' }).click();
  await page.getByRole('textbox', { name: 'Name for the class as it is now' }).fill('with a long twist');
  await page.getByRole('button', { name: 'Keep as it is now' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'with a long twist' })).toBeVisible();

  await tabs.getByRole('link', { name: 'Score' }).click();
  await page.locator('[data-select="l2"]').focus();
  await page.keyboard.press('Delete');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await tabs.getByRole('link', { name: 'Versions' }).click();
  const difference = page.getByRole('region', { name: 'What is different' });
  await expect(difference.getByRole('listitem')).toHaveText([/Ear to shoulder is gone/]);
  await difference.getByRole('combobox', { name: 'From' }).selectOption({ index: 3 });
  await expect(difference.getByRole('listitem')).toHaveText([/Ear to shoulder is gone/, /Seated twist: 3 breaths → 4 breaths/]);

  await page.getByRole('listitem').filter({ hasText: 'with a long twist' }).getByRole('button', { name: 'Bring back' }).click();
  await expect(difference).toContainText('Nothing: they are the same.');
  await tabs.getByRole('link', { name: 'Score' }).click();
  await expect(line(page, 'l2')).toBeVisible();
  await page.getByRole('button', { name: 'Undo bring back with a long twist' }).click();
  await expect(line(page, 'l2')).toHaveCount(0);
});

import { classOf, expect, expectClean, test } from './fixtures';

const evening = {
  minutes: 15,
  startsIn: 'seated-cross',
  group: { size: 8, conditions: {} },
  place: { props: { cushion: 8 } },
  sections: [
    {
      items: [
        { id: 'l1', move: 'neck-side-tilt', breaths: 5 },
        { id: 'l2', move: 'cat-cow', rounds: 8 },
        { id: 'l3', move: 'plank-hold', breaths: 4 },
        { id: 'l4', move: 'folded-rest-hold', breaths: 8 },
        { id: 'l5', move: 'figure-four', breaths: 6 },
        { id: 'l6', move: 'final-rest', seconds: 180 },
      ],
    },
  ],
};

test('who is here and how long there is: swaps, doses and props follow, the plan stays, and it is taught like that', async ({
  page,
  request,
}) => {
  const id = await classOf(request, evening);
  const before = await (await request.get(`/api/classes/${id}`)).text();
  await page.goto(`/#/tonight/${id}`);
  await page.getByRole('button', { name: '5 less' }).click();
  await expect(page.getByRole('heading', { name: 'Doses for tonight' })).toBeVisible();
  await expect(page.getByText(/of 10 minutes/)).toBeVisible();
  await page.getByRole('button', { name: 'One more, People' }).click();
  await expect(page.getByText('1 short')).toBeVisible();
  await page.getByRole('combobox', { name: 'How many with Wrist or thumb' }).selectOption('2');
  await expect(page.getByText(/Plank.*wrist/)).toBeVisible();
  await expectClean(page);
  await page.reload();
  await expect(page.getByText('Kept in this browser for tonight')).toBeVisible();
  expect(await (await request.get(`/api/classes/${id}`)).text()).toBe(before);
  await page.getByRole('link', { name: 'Teach it like this' }).click();
  await expect(page.getByText('As it was set for tonight.')).toBeVisible();
  // All pictures of the class are drawn and fetched first.
  await expect(page.getByText(/10:00 wanted/)).toBeVisible({ timeout: 45_000 });
  await page
    .getByText('Water in reach')
    .or(page.getByText(/nothing here should hurt/))
    .first()
    .waitFor();
  await page.getByRole('checkbox').first().check();
  await page.goto(`/#/tonight/${id}`);
  await page.getByRole('button', { name: 'Back to the plan’s' }).click();
  await expect(page.getByText(/of 15 minutes/)).toBeVisible();
});

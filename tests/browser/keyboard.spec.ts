import { readFileSync } from 'node:fs';
import { Ajv2020 } from 'ajv/dist/2020.js';
import type { Page } from '@playwright/test';
import { expect, test } from './fixtures';

/** A whole class from nothing, with the keyboard and nothing else. */

const active = (page: Page) =>
  page.evaluate(() => {
    const at = document.activeElement as HTMLElement | null;
    const label = at?.closest('label')?.textContent ?? '';
    return (at?.getAttribute('aria-label') ?? (label || at?.textContent) ?? '').replace(/\s+/g, ' ').trim();
  });

/** Presses Tab until what has the focus is called so. */
async function tabTo(page: Page, name: RegExp) {
  for (let i = 0; i < 200; i++) {
    await page.keyboard.press('Tab');
    if (name.test(await active(page))) return;
  }
  throw new Error(`Tab did not come to ${String(name)}; it is at ${await active(page)}`);
}

/** What is put in, with its dose; all in the order of the class. */
const sections: [string, [string, number][]][] = [
  [
    'Arrive',
    [
      ['Settle and sit tall', 12],
      ['Longer out-breath', 8],
      ['Natural breath again', 5],
      ['Open the eyes', 1],
    ],
  ],
  [
    'Warm',
    [
      ['Ear to shoulder', 5],
      ['Shoulder rolls', 10],
      ['Half circles with the chin', 10],
      ['Cactus, open and gather', 8],
      ['Wound arms', 6],
      ['Side bend, one arm up', 5],
    ],
  ],
  [
    'Build',
    [
      ['Cat and cow', 10],
      ['Thread the needle', 5],
      ['Rest folded over the knees', 8],
      ['Long inverted V', 6],
      ['Hang over the legs', 2],
      ['Stand like a mountain', 9],
      ['Warrior two', 6],
      ['Reverse warrior', 3],
    ],
  ],
  [
    'Soften',
    [
      ['Bridge, up and down', 8],
      ['Hug both knees', 8],
      ['Figure four', 8],
      ['Knees rolled to a side', 8],
    ],
  ],
  [
    'Rest',
    [
      ['Final rest', 600],
      ['Wake hands and feet', 3],
    ],
  ],
  ['Close', [['Palms together and a bow', 2]]],
];
const lines = sections.flatMap(([, moves]) => moves);

test('a class of 45 minutes and 25 lines is made by keyboard alone, ends without a serious finding, and its file validates', async ({
  page,
  request,
}) => {
  test.setTimeout(120_000);
  await page.addInitScript(() => localStorage.setItem('ample-tide.safety-read', '1'));
  await page.goto('/');
  await page.getByRole('heading', { level: 1 }).waitFor();
  await tabTo(page, /^New class$/);
  await page.keyboard.press('Enter');
  await page.getByRole('heading', { name: 'A new class' }).waitFor();
  await tabTo(page, /^What it is called/);
  await page.keyboard.type('By keys alone');
  for (const area of ['neck', 'shoulders', 'upper back']) {
    await tabTo(page, new RegExp(`^${area}$`, 'i'));
    await page.keyboard.press('Space');
  }
  await tabTo(page, /^Begin planning$/);
  await page.keyboard.press('Enter');
  await page.getByRole('heading', { level: 1, name: 'By keys alone' }).waitFor();
  for (const [section, moves] of sections) {
    await tabTo(page, new RegExp(`^Add a move to ${section}$`));
    await page.keyboard.press('Enter');
    for (const [move] of moves) {
      await page.keyboard.press('Control+a');
      await page.keyboard.type(move);
      await expect(page.getByRole('listbox', { name: 'Moves' }).getByRole('option', { selected: true })).toContainText(move);
      await page.keyboard.press('Enter');
    }
    await page.keyboard.press('Escape');
  }
  expect(await page.locator('[data-line] h3').allTextContents()).toEqual(lines.map(([move]) => move));

  // Doses, from the first line down.
  await page.keyboard.press('Home');
  for (const [move, wanted] of lines) {
    const here = page.locator('.line.at');
    await expect(here.getByRole('heading')).toHaveText(move);
    const dose = here.getByRole('textbox');
    for (let now = NaN; (now = Number(await dose.inputValue())) !== wanted;) {
      await page.keyboard.press(now < wanted ? '+' : '-');
      await expect(dose).not.toHaveValue(String(now));
    }
    await page.keyboard.press('ArrowDown');
  }
  // The two in the wide stance are taken on one side, then the other.
  for (let i = lines.length - 1; lines[i]![0] !== 'Reverse warrior'; i--) await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Shift+ArrowUp');
  await page.keyboard.press('w');
  await expect(page.getByRole('group', { name: 'Set, right, then left' }).locator('[data-line]')).toHaveCount(2);

  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const id = /plan\/([^/]+)/.exec(page.url())![1]!;
  const stored = await (await request.get(`/api/classes/${id}`)).json();
  const valid = new Ajv2020({ strict: false }).compile(
    JSON.parse(readFileSync('../../schema/class.schema.json', 'utf8')) as object,
  );
  expect(valid(stored), JSON.stringify(valid.errors)).toBe(true);
  const score = await (await request.post('/api/score?events=false', { data: stored })).json();
  expect(score.findings.filter((f: { level: string }) => f.level === 'serious')).toEqual([]);
  expect(Math.abs(score.totalMs - 45 * 60_000)).toBeLessThan(120_000);
  await expect(page.getByText(/\d serious/)).toHaveCount(0);
  await request.delete(`/api/classes/${id}`);
});

import AxeBuilder from '@axe-core/playwright';
import { test as base, expect, type APIRequestContext, type Page } from '@playwright/test';

export interface ClassFile {
  id: string;
  title: string;
  minutes: number;
  sections: { items: Record<string, unknown>[] }[];
  [field: string]: unknown;
}

let made = 0;

/** A class of its own for each test, with a second side that is too short. */
export function uneven(worker: number): ClassFile {
  const id = `uneven-${worker}-${++made}-${process.pid}`;
  return {
    id,
    title: `Uneven ${id}`,
    minutes: 3,
    startsIn: 'seated-cross',
    theme: { areas: ['neck', 'mid-back'], intention: '' },
    weather: { wind: 4 },
    place: { props: { cushion: 12 } },
    off: [{ rule: 'rest', lines: [], reason: 'a fragment' }],
    sections: [
      {
        items: [
          { id: 'l1', move: 'neck-side-tilt', breaths: 3, sides: 'right' },
          { id: 'l2', move: 'neck-side-tilt', breaths: 3, sides: 'left' },
          { id: 'l3', move: 'seated-twist', breaths: 3 },
        ],
      },
    ],
  };
}

export const test = base.extend<{ own: ClassFile }>({
  own: async ({ request }, use, info) => {
    const file = uneven(info.workerIndex);
    const created = await request.post('/api/classes', { data: file });
    if (!created.ok()) throw new Error(await created.text());
    await use(file);
    await request.delete(`/api/classes/${file.id}`);
  },
});

/** Stores a class of the test's own and returns its id. */
export async function classOf(request: APIRequestContext, fields: object): Promise<string> {
  const id = `own-${++made}-${process.pid}-${Math.random().toString(36).slice(2, 8)}`;
  const created = await request.post('/api/classes', { data: { id, title: `Class ${id}`, minutes: 10, ...fields } });
  if (!created.ok()) throw new Error(await created.text());
  return id;
}

export async function open(page: Page, id: string) {
  await page.goto(`/#/plan/${id}`);
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.locator('[data-line]').first().waitFor();
}

/** What is shown is clean by WCAG 2.2 AA, as axe-core checks it, on paper and at night. */
export async function expectClean(page: Page) {
  const chosen = await page.evaluate(() => document.documentElement.dataset.theme);
  const other = chosen === 'night' ? 'paper' : 'night';
  expect(await violations((axe) => axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']))).toEqual([]);
  await show(other);
  // The other theme has other colours and nothing else.
  expect(await violations((axe) => axe.withRules(['color-contrast']))).toEqual([]);
  await show(chosen);

  async function violations(choose: (axe: AxeBuilder) => AxeBuilder) {
    // Cards of moves are alike: forty stand for all of them, in half the time.
    const found = await choose(new AxeBuilder({ page }).exclude('.move:nth-child(n + 41)')).analyze();
    return found.violations.map((v) => [v.id, v.nodes.map((n) => n.html)]);
  }

  function show(theme: string | undefined) {
    return page.evaluate((t) => (document.documentElement.dataset.theme = t), theme);
  }
}

export const line = (page: Page, id: string) => page.locator(`[data-line="${id}"]`);

export { expect };

import { classOf, expect, open, test } from './fixtures';

/** Whatever keys and buttons are pressed in whatever order: the page does not fall over, and what it makes can be saved. */

const keys = [
  'ArrowDown',
  'ArrowUp',
  'Shift+ArrowDown',
  'Home',
  'End',
  '+',
  '-',
  's',
  'm',
  'd',
  'x',
  'w',
  'Shift+W',
  'b',
  'Delete',
  'Alt+ArrowUp',
  'Alt+ArrowDown',
  'Control+z',
  'Control+Shift+z',
  '/',
  'Escape',
  'p',
  '?',
  'Escape',
  'Tab',
  'Enter',
  ' ',
];
const moves = [
  'neck-side-tilt',
  'shrug-and-drop',
  'cat-cow',
  'thread-the-needle',
  'mountain',
  'warrior-two',
  'knees-hugged',
  'final-rest',
];
const steps = 150;

for (const seed of [1, 2])
  test(`keys and buttons at random, seed ${seed}`, async ({ page, request }) => {
    let state = seed;
    const random = (below: number) => Math.floor(((state = (state * 1103515245 + 12345) & 0x7fffffff) / 0x7fffffff) * below);
    const sections = [0, 1].map((s) => ({
      id: `s${s}`,
      name: 'Part',
      items: moves.map((move, i) => ({ id: `l${s}${i}`, move })),
    }));
    const id = await classOf(request, { minutes: 30, sections });
    const wrong: string[] = [];
    page.on('pageerror', (error) => wrong.push(error.message));
    page.on('response', (answer) => {
      const [status, path] = [answer.status(), new URL(answer.url()).pathname];
      const refused = status >= 400 && (path === '/api/score' || path === `/api/classes/${id}`);
      if (status >= 500 || refused) wrong.push(`${status} ${answer.request().method()} ${path}`);
    });

    await open(page, id);
    for (let i = 0; i < steps; i++) {
      await page.keyboard.press(keys[random(keys.length)]!);
      if (random(7) === 0) {
        const buttons = page.locator('main button:visible, main summary:visible');
        const count = await buttons.count();
        if (count > 0)
          await buttons
            .nth(random(count))
            .click({ timeout: 500 })
            .catch(() => undefined);
      }
      if (!page.url().includes(`/plan/${id}`)) await open(page, id);
    }
    expect(wrong).toEqual([]);
    await expect(page.getByText('Saved', { exact: true })).toBeVisible({ timeout: 10_000 });
    const kept = await request.get(`/api/classes/${id}`);
    expect((await request.post('/api/score', { data: await kept.json() })).status()).toBe(200);
  });

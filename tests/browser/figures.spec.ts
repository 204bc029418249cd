import type { Locator, Page } from '@playwright/test';
import { expect, test } from './fixtures';

// Twelve that hold hard things: hands that clasp, press, hold and lie, faces, props, moments, signs, close feet.
const twelve = [
  'warrior-two',
  'eagle-arms',
  'thread-the-needle',
  'plough',
  'happy-rest',
  'cat-cow',
  'humming-breath',
  'chair-figure-four',
  'hands-clasped-behind',
  'prayer-stretch',
  'long-out-breath',
  'toes-heels-rock-seated',
];

async function moves(page: Page, theme: string) {
  await page.addInitScript((t) => (localStorage['ample-tide.theme'] = t), theme);
  await page.goto('/#/moves');
}

/** A copy in the corner of the page: on its card a figure may begin between two pixels, and the rows above say where. */
async function alone(figure: Locator) {
  await figure.evaluate((svg) => {
    document.getElementById('alone')?.remove();
    const copy = svg.cloneNode(true) as SVGElement;
    copy.id = 'alone';
    copy.style.cssText =
      'position: fixed; inset: 0 auto auto 0; z-index: 9; width: 212px; height: 160px; background: var(--ground)';
    document.body.append(copy);
  });
  return figure.page().locator('#alone');
}

for (const theme of ['paper', 'night'])
  test(`twelve figures look as they did, on ${theme}`, async ({ page }) => {
    await moves(page, theme);
    for (const id of twelve) {
      const figure = page.locator(`.move a[href="#/moves/${id}"] svg`);
      await figure.scrollIntoViewIfNeeded();
      await expect(figure.locator('path').first()).toBeAttached();
      await expect(await alone(figure)).toHaveScreenshot(`${id}-${theme}.png`, { maxDiffPixelRatio: 0.008 });
    }
  });

for (const theme of ['paper', 'night'])
  test(`limbs stand out from the ground and right from left in grey, on ${theme}`, async ({ page }) => {
    await moves(page, theme);
    // Relative luminance after WCAG 2.2; a printer without colour tells no more.
    const light = await page.evaluate(() => {
      const style = getComputedStyle(document.documentElement);
      const luminance = (name: string) => {
        const hex = style.getPropertyValue(name).trim();
        const linear = [1, 3, 5]
          .map((i) => parseInt(hex.slice(i, i + 2), 16) / 255)
          .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
        return 0.2126 * linear[0]! + 0.7152 * linear[1]! + 0.0722 * linear[2]!;
      };
      const names = ['ground', ...['right-arm', 'right-leg', 'left-arm', 'left-leg', 'trunk', 'mark'].map((n) => `fig-${n}`)];
      return Object.fromEntries(names.map((n) => [n, luminance(`--${n}`)]));
    });
    const contrast = (a: string, b: string) => (Math.max(light[a]!, light[b]!) + 0.05) / (Math.min(light[a]!, light[b]!) + 0.05);
    for (const name of Object.keys(light).filter((n) => n !== 'ground'))
      expect(contrast(name, 'ground'), name).toBeGreaterThanOrEqual(3);
    for (const limb of ['arm', 'leg'])
      expect(contrast(`fig-right-${limb}`, `fig-left-${limb}`), limb).toBeGreaterThanOrEqual(1.3);
  });

test('a card far down the page is drawn when it comes near, and on paper all are', async ({ page }) => {
  await moves(page, 'paper');
  const cards = page.locator('.move svg');
  await expect(cards).toHaveCount(327);
  const drawn = () => cards.evaluateAll((svgs) => svgs.map((svg) => svg.querySelector('path') !== null));
  await expect.poll(async () => (await drawn())[0]).toBe(true);
  expect((await drawn()).at(-1)).toBe(false);
  await cards.last().scrollIntoViewIfNeeded();
  await expect(cards.last().locator('path').first()).toBeAttached();
  expect((await drawn()).filter((d) => !d).length).toBeGreaterThan(100);
  await page.evaluate(() => dispatchEvent(new Event('beforeprint')));
  await expect.poll(async () => (await drawn()).every((d) => d)).toBe(true);
});

test('a card moves while it is pointed at or focused, and no other does', async ({ page }) => {
  await moves(page, 'paper');
  const card = (id: string) => page.locator(`.move a[href="#/moves/${id}"]`);
  const drawn = (id: string) => card(id).locator('svg').innerHTML();
  await expect(card('settle-tall').locator('path').first()).toBeAttached();
  await expect(card('rib-breath').locator('path').first()).toBeAttached();
  const [still, other] = [await drawn('rib-breath'), await drawn('settle-tall')];
  await card('rib-breath').hover();
  await expect.poll(() => drawn('rib-breath')).not.toBe(still);
  expect(await drawn('settle-tall')).toBe(other);
  await page.mouse.move(0, 0);
  await expect.poll(() => drawn('rib-breath')).toBe(still);
  await card('rib-breath').focus();
  await expect.poll(() => drawn('rib-breath')).not.toBe(still);
});

test.describe('with reduced motion', () => {
  test.use({ contextOptions: { reducedMotion: 'reduce' } });
  test('cards stand still', async ({ page }) => {
    const asked: string[] = [];
    page.on('request', (request) => asked.push(request.url()));
    await page.clock.install();
    await moves(page, 'paper');
    const card = page.locator('.move a[href="#/moves/rib-breath"]');
    await expect(card.locator('path').first()).toBeAttached();
    const still = await card.locator('svg').innerHTML();
    await card.hover();
    await page.clock.runFor(3000);
    expect(asked.filter((url) => /\/api\/moves\/.*\/frames/.test(url))).toEqual([]);
    expect(await card.locator('svg').innerHTML()).toBe(still);
  });
});

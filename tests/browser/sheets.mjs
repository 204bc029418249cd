// Turns the contact sheets of all figures into pictures.
// Usage: node sheets.mjs FOLDER [night], after: dotnet run --project tools/AmpleTide.Sheets -- catalogue FOLDER [named|unnamed]
import { readdirSync, readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { chromium } from '@playwright/test';
import { launchOptions } from './chromium.mjs';

const folder = resolve(process.argv[2]);
const night = process.argv[3] === 'night';

// Each colour of paper has its own at night, under the same name in the page's styles; of two names the first counts.
const styles = readFileSync(new URL('../../app/src/app.css', import.meta.url), 'utf8');
const colours = new Map([['#fbf7ee', '#0d262d']]);
for (const [, name, paper] of styles.matchAll(/^ {2}--fig-([a-z-]+): (#\w+)/gm))
  if (!colours.has(paper)) colours.set(paper, styles.match(new RegExp(`^ {4}--fig-${name}: (#\\w+)`, 'm'))?.[1] ?? paper);
const atNight = (html) =>
  html.replace(/#[0-9a-f]{6}/g, (paper) => colours.get(paper) ?? paper).replace('body {', 'body { color: #ddd;');

const browser = await chromium.launch(launchOptions);
// As wide as eight cards of 212; as high as the sheet is.
const page = await browser.newPage({ viewport: { width: 1700, height: 200 } });
for (const file of readdirSync(folder).filter((name) => /^sheet-\d+\.html$/.test(name))) {
  const html = readFileSync(`${folder}/${file}`, 'utf8');
  await page.setContent(night ? atNight(html) : html);
  await page.screenshot({ path: `${folder}/${file.replace('.html', '.png')}`, fullPage: true });
}
await browser.close();

// Turns the contact sheets of all figures into pictures.
// Usage: node sheets.mjs FOLDER, after: dotnet run --project tools/AmpleTide.Sheets -- catalogue FOLDER [named|unnamed]
import { readdirSync } from 'node:fs';
import { resolve } from 'node:path';
import { chromium } from '@playwright/test';

const folder = resolve(process.argv[2]);
const args = ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking'];
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args });
const page = await browser.newPage({ viewport: { width: 1600, height: 1000 } });
for (const file of readdirSync(folder).filter((name) => /^sheet-\d+\.html$/.test(name))) {
  await page.goto(`file://${folder}/${file}`);
  await page.screenshot({ path: `${folder}/${file.replace('.html', '.png')}` });
}
await browser.close();

import { chromium } from '@playwright/test';
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const [w,h,url,out]=process.argv.slice(2);
const page = await browser.newPage({ viewport: { width: +w, height: +h } });
await page.goto('http://127.0.0.1:5301/#'+url); await page.waitForTimeout(2500);
await page.screenshot({ path: out }); await browser.close();

import { chromium } from 'playwright';
const [, , url, out, w = '1280', h = '800', theme = 'paper', act = ''] = process.argv;
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const p = await b.newPage({ viewport: { width: +w, height: +h } });
await p.addInitScript((t) => { localStorage['ample-tide.safety-read'] = '1'; localStorage['ample-tide.theme'] = t; }, theme);
await p.goto('http://127.0.0.1:5301/' + url); await p.waitForTimeout(2500);
if (act) { await eval(`(async()=>{${act}})()`); await p.waitForTimeout(1500); }
if (out.endsWith('.pdf')) await p.pdf({ path: out, preferCSSPageSize: true, printBackground: true, format: process.env.FORMAT ?? 'A4' });
else await p.screenshot({ path: out, fullPage: !!process.env.FULL });
await b.close();

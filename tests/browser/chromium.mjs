import { existsSync } from 'node:fs';

// Debian has headless Chromium as a package of its own, which opens a page in half the time of the whole browser.
const headless = '/usr/bin/chromium-headless-shell';

export const launchOptions = {
  executablePath: existsSync(headless) ? headless : '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    // Letters stand as far apart as on a screen.
    '--font-render-hinting=none',
  ],
};

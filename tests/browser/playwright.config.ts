import { defineConfig } from '@playwright/test';
import { launchOptions } from './chromium.mjs';

const port = 5197;

export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  // The tests share one server; each works on a class of its own.
  workers: 2,
  fullyParallel: true,
  reporter: [['list']],
  // Long enough for a machine that others take most of: these tests say what is right, the benches how fast it is.
  timeout: 90_000,
  expect: { timeout: 20_000 },
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    // A service worker's requests cannot be held up by a test; keeping.spec.ts lets it in.
    serviceWorkers: 'block',
    launchOptions,
  },
  webServer: {
    command: `rm -rf ../../.build/browser-data && dotnet ../../.build/app/AmpleTide.Server.dll --port ${port} --data ../../.build/browser-data`,
    url: `http://127.0.0.1:${port}/api/health`,
    reuseExistingServer: false,
    timeout: 60_000,
  },
});

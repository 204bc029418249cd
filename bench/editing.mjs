// How long it takes from a press of + until clock, score and findings of a class of 120 lines show it, beside an empty round trip to the
// same server from the same page; and how evenly the score scrolls. Budgets: 95 of 100 within 100 ms, 60 frames a second.
// Usage, after ./start --build-only and npm ci --prefix tests/browser: node bench/editing.mjs [trace.json]
import { spawn } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { launchOptions } from "../tests/browser/chromium.mjs";

const root = new URL("..", import.meta.url).pathname;
const { chromium } = createRequire(join(root, "tests/browser/package.json"))(
  "playwright",
);
const [lines, changes, port] = [120, 100, 5610];
const address = `http://127.0.0.1:${port}`;
const data = mkdtempSync(join(tmpdir(), "ample-tide-bench-"));
const server = spawn(
  "dotnet",
  [
    join(root, ".build/app/AmpleTide.Server.dll"),
    "--port",
    port,
    "--data",
    data,
  ],
  {
    stdio: ["ignore", "pipe", "inherit"],
  },
);
await new Promise((ready) => server.stdout.once("data", ready));
const browser = await chromium.launch(launchOptions);
try {
  await fetch(`${address}/api/classes`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify(await bigClass()),
  });
  const page = await browser.newPage({
    viewport: { width: 1280, height: 800 },
  });
  await page.addInitScript(() =>
    localStorage.setItem("ample-tide.safety-read", "1"),
  );
  await page.goto(`${address}/#/plan/big`);
  await page
    .locator("[data-line]")
    .nth(lines - 1)
    .waitFor({ state: "attached" });
  await page.waitForLoadState("networkidle");

  const empty = await page.evaluate(roundTrips, changes);
  const edits = [];
  for (let i = 0; i < changes; i++) {
    await page.locator(`[data-select="l${(i * 7) % lines}"]`).focus();
    // A hand takes longer than this from one key to the next; the page has come to rest by then.
    await page.waitForTimeout(200);
    await page.evaluate(listen);
    await page.keyboard.press("+");
    edits.push(await page.evaluate(() => window.shown));
  }
  const frames = await page.evaluate(scroll);

  const line = (name, times) =>
    console.log(
      `${name}: median ${at(times, 0.5)} ms, 95 of 100 within ${at(times, 0.95)} ms, most ${at(times, 1)} ms`,
    );
  line("empty round trip", empty);
  line(`dose change, ${lines} lines`, edits);
  console.log(
    `within 100 ms: ${edits.filter((ms) => ms <= 100).length} of ${edits.length}`,
  );
  console.log(
    `scrolling: median frame ${at(frames, 0.5)} ms, 95 of 100 within ${at(frames, 0.95)} ms, ` +
      `${frames.filter((ms) => ms > 25).length} of ${frames.length} late`,
  );
  if (process.argv[2])
    writeFileSync(
      process.argv[2],
      JSON.stringify({ lines, empty, edits, frames }),
    );
} finally {
  await browser.close();
  server.kill("SIGKILL");
  rmSync(data, { recursive: true });
}

function at(times, share) {
  const sorted = [...times].sort((a, b) => a - b);
  return sorted[
    Math.min(sorted.length - 1, Math.ceil(share * sorted.length) - 1)
  ].toFixed(1);
}

/** The catalogue's moves in turn, neighbours in the same position. */
async function bigClass() {
  const moves = await (await fetch(`${address}/api/moves`)).json();
  moves.sort((a, b) =>
    a.positions[0] < b.positions[0]
      ? -1
      : a.positions[0] > b.positions[0]
        ? 1
        : 0,
  );
  const items = Array.from({ length: lines }, (_, i) => ({
    id: `l${i}`,
    move: moves[Math.floor((i * moves.length) / lines)].id,
  }));
  const sections = [];
  for (let i = 0; i < lines; i += 12)
    sections.push({
      id: `s${i}`,
      name: `Section ${i / 12 + 1}`,
      items: items.slice(i, i + 12),
    });
  return {
    id: "big",
    title: "Big",
    minutes: 180,
    startsIn: "seated-cross",
    sections,
  };
}

/** In the page: asks the server for nothing, and waits for the next picture. */
async function roundTrips(count) {
  const times = [];
  for (let i = 0; i < count; i++) {
    const from = performance.now();
    await (await fetch("/api/health", { cache: "no-store" })).text();
    await new Promise((painted) =>
      requestAnimationFrame(() => setTimeout(painted)),
    );
    times.push(performance.now() - from);
  }
  return times;
}

/** In the page: from the next key until a picture with another planned time has been painted. */
function listen() {
  const clock = document.querySelector("header [aria-live]");
  window.shown = new Promise((done) => {
    addEventListener(
      "keydown",
      ({ timeStamp }) => {
        // Clock, score and findings are put on the page in one go.
        new MutationObserver((_, observer) => {
          observer.disconnect();
          requestAnimationFrame(() =>
            setTimeout(() => done(performance.now() - timeStamp)),
          );
        }).observe(clock, {
          subtree: true,
          characterData: true,
          childList: true,
        });
        setTimeout(() => done(5000), 5000);
      },
      { capture: true, once: true },
    );
  });
}

/** In the page: scrolls the score from end to end, and times the pictures. */
async function scroll() {
  const region = document.querySelector(
    '[role="region"][aria-label^="The class"]',
  );
  const times = [];
  let last = performance.now();
  for (let i = 0; i < 240; i++) {
    region.scrollTop += 30;
    const now = await new Promise(requestAnimationFrame);
    times.push(now - last);
    last = now;
  }
  return times.slice(1);
}

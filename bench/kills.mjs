// Kills the built server in the middle of saves, and in the middle of first starts, and looks whether anything acknowledged is lost.
//   node bench/kills.mjs [kills in saves, 200] [kills in first starts, 12]      after ./start --build-only
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const server = process.env.AMPLE_TIDE_SERVER ?? join(import.meta.dirname, '../.build/app/AmpleTide.Server.dll');
const port = 20_000 + (process.pid % 20_000);
const address = `http://127.0.0.1:${port}`;
const [saves = 200, starts = 12] = process.argv.slice(2).map(Number);
process.setMaxListeners(0);
const wait = (ms) => new Promise((done) => setTimeout(done, ms));

function start(data) {
  const child = spawn('dotnet', [server, '--port', port, '--data', data], { stdio: ['ignore', 'ignore', 'pipe'] });
  process.once('exit', () => child.kill('SIGKILL'));
  child.ended = new Promise((done) => child.once('exit', done));
  child.said = '';
  child.stderr.on('data', (text) => (child.said += text));
  return child;
}

async function ready(child) {
  for (let tries = 0; tries < 300; tries++) {
    if (child.exitCode !== null) throw new Error(`The server ended: ${child.said}`);
    try {
      if ((await fetch(`${address}/api/classes`)).ok) return;
    } catch {
      // not yet
    }
    await wait(50);
  }
  throw new Error('The server does not answer.');
}

async function kill(child) {
  child.kill('SIGKILL');
  await child.ended;
}

const classOf = (breaths) => ({
  id: 'killed',
  title: `Breath ${breaths}`,
  minutes: 5,
  sections: [{ items: [{ id: 'a', move: 'neck-side-tilt', breaths: 3, note: 'x'.repeat(2000) }] }],
});

async function put(number, tag) {
  const answer = await fetch(`${address}/api/classes${tag ? '/killed' : ''}`, {
    method: tag ? 'PUT' : 'POST',
    headers: { 'content-type': 'application/json', ...(tag && { 'if-match': tag }) },
    body: JSON.stringify(classOf(number)),
  });
  if (!answer.ok) throw new Error(`${answer.status}: ${await answer.text()}`);
  return answer.headers.get('etag');
}

async function killedWhileSaving() {
  const data = mkdtempSync(join(tmpdir(), 'kills-'));
  let [acknowledged, sent, lost] = [0, 0, 0];
  let child = start(data);
  await ready(child);
  let tag = await put((sent = 1));
  acknowledged = 1;
  for (let n = 1; n <= saves; n++) {
    // The first save after a start is slow; the kill falls among those that follow it.
    tag = await put(++sent, tag);
    acknowledged = sent;
    const end = wait(Math.random() * 150).then(() => kill(child));
    try {
      for (;;) {
        tag = await put(++sent, tag);
        acknowledged = sent;
      }
    } catch {
      // the kill
    }
    await end;
    child = start(data);
    await ready(child);
    const kept = await fetch(`${address}/api/classes/killed`);
    const { title } = await kept.json();
    tag = kept.headers.get('etag');
    const number = Number(title.split(' ')[1]);
    if (number < acknowledged) {
      lost++;
      console.error(`lost: ${acknowledged} was acknowledged, ${number} is kept`);
    }
    sent = acknowledged = number;
  }
  await kill(child);
  rmSync(data, { recursive: true });
  return `${saves} kills in saves, ${sent} saves kept, ${lost} lost`;
}

async function killedWhileStarting() {
  let opened = 0;
  for (let n = 0; n < starts; n++) {
    const data = mkdtempSync(join(tmpdir(), 'kills-'));
    const first = start(data);
    await wait(100 + (n * 1200) / starts);
    await kill(first);
    const second = start(data);
    await ready(second);
    const { items: classes } = await (await fetch(`${address}/api/classes`)).json();
    if (classes.length > 1) opened++;
    else console.error(`start ${n}: ${classes.length} classes`);
    await kill(second);
    rmSync(data, { recursive: true });
  }
  return `${starts} kills in first starts, ${opened} opened whole`;
}

console.log(await killedWhileStarting());
console.log(await killedWhileSaving());

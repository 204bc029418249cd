// Writes the notices of everything that ships: the front end's packages and fonts, and the server's. Part of ./start.
// Usage: node tools/notices.mjs OUTPUT
import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { homedir } from 'node:os';
import { join } from 'node:path';

const [output] = process.argv.slice(2);
const licenceFile = /^(licen[cs]e|ofl|copying|notice)/i;

const textIn = (folder) => {
  const file = existsSync(folder) ? readdirSync(folder).find((name) => licenceFile.test(name)) : undefined;
  return file ? readFileSync(join(folder, file), 'utf8').trim() : '';
};

// What is bundled: all packages that are no tools, and the service worker's parts, which a tool brings along.
function* ofTheFrontEnd() {
  const { packages } = JSON.parse(readFileSync('app/package-lock.json', 'utf8'));
  for (const [folder, entry] of Object.entries(packages)) {
    const name = folder.split('node_modules/').at(-1);
    if (!folder || (entry.dev && !name.startsWith('workbox-'))) continue;
    yield { name, version: entry.version, licence: entry.license ?? '', text: textIn(join('app', folder)) };
  }
}

function* ofTheServer() {
  const { libraries } = JSON.parse(readFileSync('src/AmpleTide.Server/obj/project.assets.json', 'utf8'));
  const store = process.env.NUGET_PACKAGES ?? join(homedir(), '.nuget', 'packages');
  for (const [key, { type, path }] of Object.entries(libraries)) {
    if (type !== 'package') continue;
    const [name, version] = key.split('/');
    const folder = join(store, path);
    const spec = existsSync(folder) ? readdirSync(folder).find((file) => file.endsWith('.nuspec')) : undefined;
    const said = spec ? readFileSync(join(folder, spec), 'utf8') : '';
    const licence = /<license type="expression">([^<]+)/.exec(said)?.[1] ?? /<licenseUrl>([^<]+)/.exec(said)?.[1] ?? '';
    const holder = /<copyright>([^<]+)/.exec(said)?.[1] ?? /<authors>([^<]+)/.exec(said)?.[1] ?? '';
    yield { name, version, licence, text: textIn(folder) || holder };
  }
}

const found = new Map();
for (const notice of [...ofTheFrontEnd(), ...ofTheServer()]) found.set(`${notice.name} ${notice.version}`, notice);
const all = [...found.values()].sort((a, b) => a.name.localeCompare(b.name));
const unnamed = all.filter((n) => !n.licence && !n.text);
if (unnamed.length > 0) throw new Error(`No licence is known of ${unnamed.map((n) => n.name).join(', ')}.`);
const line = '-'.repeat(80);
const parts = all.map((n) => `${line}\n${n.name} ${n.version}\n${n.licence}\n\n${n.text}`.trim());
writeFileSync(output, ['Ample Tide', readFileSync('LICENSE', 'utf8').trim(), 'It ships with:', ...parts].join('\n\n') + '\n');
console.log(`Notices of ${all.length} packages`);

import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { planParts } from './planParts.mjs';
import { readBundle } from './readBundle.mjs';

const SCRIPTS = '/_expo/static/js/web/';

const CLIENTS_PAGE = 'HomePageScreen';
/** The client's page, and what it fetches by and by. */
const OF_CLIENTS_PAGE = [CLIENTS_PAGE, 'PlayedDose', 'doseDrawings'];
const BEFORE_SIGN_IN = [...OF_CLIENTS_PAGE, 'CoachDoor', 'SignInScreen', 'SignInFigure'];
/** What is reached only through another part finds there what that one has brought. */
const DOORS = {
  [CLIENTS_PAGE]: (name) => OF_CLIENTS_PAGE.includes(name),
  CoachDoor: (name) => !OF_CLIENTS_PAGE.includes(name),
  CoachFrame: (name) => !BEFORE_SIGN_IN.includes(name),
  VisitScreen: (name) => name.endsWith('Step'),
};
/** In front of the coach's door, and what is a client's: nothing that only others need. */
const FIRST = new Set(['CoachDoor', 'SignInScreen', ...OF_CLIENTS_PAGE]);

/** Pages of one app: which parts are fetched beside the entry, before it has asked for them. */
const PAGES = {
  'index.html': ['CoachDoor', 'CoachFrame'],
  'door.html': ['CoachDoor', 'SignInScreen'],
  'today.html': ['CoachDoor', 'CoachFrame', 'HomeScreen'],
  'home.html': [CLIENTS_PAGE],
};

const hashOf = (text) => createHash('sha256').update(text).digest('hex').slice(0, 16);
const isWorker = (text) => text.includes('__BUNDLE_START_TIME__=');

/** What Metro exported: all modules, what runs at once, and the file that each lazy import fetches. */
function readExport(folder) {
  const html = readFileSync(join(folder, '..', '..', '..', '..', 'index.html'), 'utf8');
  const eager = [...html.matchAll(/<script src="([^"]+)" defer><\/script>/g)].map(([, src]) =>
    src.slice(SCRIPTS.length),
  );
  const read = { prelude: '', modules: new Map(), runs: [], files: new Map(), workers: [], html };
  for (const name of readdirSync(folder).sort()) {
    const text = readFileSync(join(folder, name), 'utf8');
    // A worker is a page of its own: it keeps the file that Metro made of it.
    if (!eager.includes(name) && isWorker(text)) {
      read.workers.push(SCRIPTS + name);
      continue;
    }
    const bundle = readBundle(text);
    if (eager.includes(name)) read.runs.push(...bundle.runs);
    if (isWorker(text)) read.prelude = bundle.prelude;
    for (const one of bundle.modules) read.modules.set(one.id, one);
    read.files.set(SCRIPTS + name, name);
  }
  return read;
}

const nameOf = (file) => file.replace(/-[0-9a-f]+\.js$/, '');

/** Every lazy import that is no worker: its name and where it begins. */
function partsOf({ modules, files }) {
  const parts = new Map();
  for (const { lazy } of modules.values())
    for (const [id, path] of Object.entries(lazy))
      if (files.has(path)) parts.set(nameOf(files.get(path)), Number(id));
  return parts;
}

/** Modules call a part by its name, which does not change when its contents do. */
function byName({ modules, files }, id) {
  let { text } = modules.get(id);
  for (const path of Object.values(modules.get(id).lazy))
    if (files.has(path)) text = text.replaceAll(`"${path}"`, `"${nameOf(files.get(path))}"`);
  return text;
}

function writeFile(folder, name, text) {
  const url = `${SCRIPTS}${name}-${hashOf(text)}.js`;
  // Its last words: without them it was cut off on its way.
  const done = `(self.taxikineParts??=[]).push(${JSON.stringify(url)});\n`;
  writeFileSync(join(folder, url.slice(SCRIPTS.length)), `${text}\n${done}`);
  return url;
}

/** The doors that a part is reached through. */
const doorsOf = (name) => Object.keys(DOORS).filter((door) => door !== name && DOORS[door](name));

/** The files of each part with those of its doors, largest first; what is there already is not fetched again. */
function tableOf(parts, written) {
  const filesOf = (part) =>
    written
      .filter(({ names }) => [part, ...doorsOf(part)].some((name) => names.has(name)))
      .sort((a, b) => b.bytes - a.bytes)
      .map(({ url }) => url);
  return Object.fromEntries([...parts.keys()].sort().map((name) => [name, filesOf(name)]));
}

const linkTo = (url) => `<link rel="preload" as="script" href="${url}">`;

function pageOf(html, { entry, table, version }, ahead) {
  const files = [...new Set(ahead.flatMap((name) => table[name] ?? []))];
  const data = JSON.stringify({ version, parts: table });
  return html
    .replace(/<script src="[^"]+" defer><\/script>/g, '')
    .replace(
      '</head>',
      `<script src="/first-ask.js" async></script>${[entry, ...files].map(linkTo).join('')}</head>`,
    )
    .replace(
      '</body>',
      `<script type="application/json" id="parts">${data}</script>` +
        `<script src="${entry}" defer></script></body>`,
    );
}

/** Which files of ours are in each file that was written, by the names that Metro noted. */
function contentsOf(namesFile, written) {
  const names = JSON.parse(readFileSync(namesFile, 'utf8'));
  return Object.fromEntries(
    written.map(({ url, ids }) => [url, ids.map((id) => names[id] ?? String(id))]),
  );
}

/**
 * Cuts what Metro exported anew: Metro lays everything that two parts share into one file that all wait
 * for. Writes the pages with their table of parts, and `version.json`.
 *
 * @param dist folder of the export
 * @param namesFile where Metro noted which file each module came from
 * @returns {{ entry: string, table: Record<string, string[]>, workers: string[], contents: Record<string, string[]> }}
 *   the files of each part, and the modules in each file
 */
export function writeParts(dist, namesFile) {
  const folder = join(dist, SCRIPTS);
  const read = readExport(folder);
  const parts = partsOf(read);
  const plan = planParts({ ...read, parts, doors: DOORS, first: FIRST });
  for (const name of read.files.values()) rmSync(join(folder, name));
  const textOf = (ids) => ids.map((id) => byName(read, id)).join('\n');
  const runs = read.runs.map((id) => `__r(${id});`).join('\n');
  const entry = writeFile(folder, 'entry', `${read.prelude}\n${textOf(plan.entry)}\n${runs}`);
  const written = plan.groups.map((group) => {
    const name = group.names.size === 1 ? [...group.names][0] : 'shared';
    return { ...group, url: writeFile(folder, name, textOf(group.ids)) };
  });
  const table = tableOf(parts, written);
  const version = hashOf(JSON.stringify([entry, table, readdirSync(folder)]));
  for (const [name, ahead] of Object.entries(PAGES))
    writeFileSync(join(dist, name), pageOf(read.html, { entry, table, version }, ahead));
  writeFileSync(join(dist, 'version.json'), JSON.stringify({ version }));
  const contents = contentsOf(namesFile, [...written, { url: entry, ids: plan.entry }]);
  return { entry, table, workers: read.workers, contents };
}

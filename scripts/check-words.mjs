// Words missing from the catalogue, and words nobody says. Exit code 1 when there are any.
// A key counts as said when it stands in the source as a string, or when a template in the source begins or ends like it
// (`app.status.${…}`); a template that no word fits is missing one. A string given to a translating call that is no key counts as missing.
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

const [root = '.'] = process.argv.slice(2);
const catalogueDir = path.join(root, 'locales/en');
const sourceDirs = ['core/src', 'papers/src', 'web/src', 'cli/src', 'server/src'].map((dir) => path.join(root, dir));

/** Files of the catalogue that stand under their own name; core.json stands at the top. */
const topLevel = 'core.json';
/** Looked up by code name through the lexicon, never spelled out in the source. */
const byCodeName = /^(lexicon|meaning)\./;

const keys = new Set(
  readdirSync(catalogueDir).flatMap((file) => {
    const words = JSON.parse(readFileSync(path.join(catalogueDir, file), 'utf8'));
    return leaves(words, file === topLevel ? '' : `${path.basename(file, '.json')}.`);
  }),
);

function leaves(node, prefix) {
  return Object.entries(node).flatMap(([key, value]) =>
    typeof value === 'string' ? [prefix + key] : leaves(value, `${prefix}${key}.`),
  );
}

function sources(dir) {
  let entries;
  try {
    entries = readdirSync(dir, { withFileTypes: true });
  } catch {
    return [];
  }
  return entries.flatMap((entry) => {
    const file = path.join(dir, entry.name);
    // What tests are made of brings its own words.
    if (entry.isDirectory()) return entry.name === 'testing' ? [] : sources(file);
    return /\.(ts|vue)$/.test(entry.name) && !/\.(test|bench)\.ts$/.test(entry.name) ? [file] : [];
  });
}

const headings = new Set([...keys].map((key) => key.split('.')[0]));
const said = new Set();
const shapes = [];
const missing = [];
const call = /(?:\bt|\bte|\bsay|\bword|\bmessage|\btranslate)\(\s*'([^'\n]+)'/g;

for (const file of sourceDirs.flatMap(sources)) {
  const text = readFileSync(file, 'utf8');
  for (const [, literal] of text.matchAll(/'([A-Za-z][\w.-]*)'/g)) said.add(literal);
  for (const [, template] of text.matchAll(/`([A-Za-z][\w.-]*\.[^`\n]*\$\{[^`\n]*)`/g)) {
    const parts = template.split(/\$\{[^}]*\}/).map((part) => part.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'));
    const shape = new RegExp(`^${parts.join('[\\w.-]+')}$`);
    shapes.push(shape);
    // A template under a heading of the catalogue that fits no word at all: the words it once fitted are gone.
    if (headings.has(template.split('.')[0]) && ![...keys].some((key) => shape.test(key))) {
      missing.push(`${file}: ${template}`);
    }
  }
  for (const [, key] of text.matchAll(call)) {
    if (key !== 'verbatim' && !keys.has(key)) missing.push(`${file}: ${key}`);
  }
}

const unused = [...keys].filter(
  (key) => !said.has(key) && !byCodeName.test(key) && !shapes.some((shape) => shape.test(key)),
);
for (const line of missing) console.error(`missing word: ${line}`);
for (const key of unused) console.error(`unused word: ${key}`);
console.log(`${keys.size} words, ${missing.length} missing, ${unused.length} unused`);
process.exitCode = missing.length + unused.length > 0 ? 1 : 0;

// Whoever ships the built app ships what it is made of: every library in it is under a licence of a short list.
import { readFileSync } from 'node:fs';

/** Licences that let the app be given on, sold and embedded, by anyone. */
const open = new Set([
  'MIT',
  'ISC',
  'BSD-2-Clause',
  'BSD-3-Clause',
  'Apache-2.0',
  '0BSD',
  'OFL-1.1',
  'CC0-1.0',
  'Zlib',
  'BlueOak-1.0.0',
]);
/** Those that say it in their licence file alone. */
const inItsFile = { 'node_modules/png-js': 'MIT' };
const licenceOf = (place) => packages[place].license ?? inItsFile[place] ?? 'none stated';
/** "(MIT OR Apache-2.0)", "MIT AND OFL-1.1": one of them, or all of them. */
const isOpen = (said) =>
  said
    .replace(/[()]/g, '')
    .split(/ OR /)
    .some((choice) => choice.split(/ AND /).every((one) => open.has(one.trim())));

const { packages } = JSON.parse(readFileSync('package-lock.json', 'utf8'));
/** Where a package finds one it asks for: as near to itself as there is one. */
function placeOf(name, from) {
  for (let at = from; ; at = at.slice(0, Math.max(0, at.lastIndexOf('node_modules/') - 1))) {
    const place = `${at === '' ? '' : `${at}/`}node_modules/${name}`;
    if (packages[place]) return place;
    if (at === '') return undefined;
    if (!at.includes('node_modules/')) at = '';
  }
}

const reached = new Set();
const follow = (place) => {
  if (reached.has(place)) return;
  reached.add(place);
  const {
    resolved,
    link,
    dependencies = {},
    peerDependencies = {},
    peerDependenciesMeta = {},
    optionalDependencies = {},
  } = packages[place];
  if (link) return follow(resolved);
  const wanted = Object.keys(peerDependencies).filter((name) => !peerDependenciesMeta[name]?.optional);
  for (const name of [...Object.keys(dependencies), ...Object.keys(optionalDependencies), ...wanted]) {
    const found = placeOf(name, place);
    if (found) follow(found);
  }
};
const ours = Object.keys(packages).filter((place) => place !== '' && !place.includes('node_modules/'));
for (const place of ours) follow(place);

const built = [...reached].filter((place) => place.includes('node_modules/') && !packages[place].link);
const faults = built.filter((place) => !isOpen(licenceOf(place)));
for (const place of faults)
  console.error(
    `${place.replace('node_modules/', '')} is under "${licenceOf(place)}": not in the list of scripts/check-licences.mjs`,
  );
console.log(
  `${built.length} libraries in what is built and served, ${faults.length} under a licence that is not in the list`,
);
process.exitCode = faults.length > 0 ? 1 : 0;

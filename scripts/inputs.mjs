import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, statSync } from 'node:fs';
import path from 'node:path';

/** What never becomes part of anything built: tests and what only they read, benches, and what was built itself. */
const folders = new Set(['node_modules', 'dist', 'coverage', 'testing', 'golden', 'cases']);
const isTest = (name) =>
  /\.(test|bench)\.[cm]?ts$/.test(name) || name === 'vitest.config.ts' || name === 'components.d.ts';

const json = (file) => JSON.parse(readFileSync(file, 'utf8'));

/** A workspace and all of ours that it asks for, by their folders. */
function ownFolders(root, start) {
  const named = new Map(
    json(path.join(root, 'package.json')).workspaces.map((dir) => [
      json(path.join(root, dir, 'package.json')).name,
      dir,
    ]),
  );
  const reached = new Set();
  const follow = (dir) => {
    if (reached.has(dir)) return;
    reached.add(dir);
    for (const name of Object.keys(json(path.join(root, dir, 'package.json')).dependencies ?? {}))
      if (named.has(name)) follow(named.get(name));
  };
  follow(start);
  return [...reached];
}

function filesIn(root, place) {
  const at = path.join(root, place);
  if (!existsSync(at)) return [];
  if (!statSync(at).isDirectory()) return [place];
  return readdirSync(at, { withFileTypes: true }).flatMap((entry) => {
    if (entry.isDirectory()) return folders.has(entry.name) ? [] : filesIn(root, path.join(place, entry.name));
    return isTest(entry.name) ? [] : [path.join(place, entry.name)];
  });
}

/**
 * Every file a workspace is built from, relative to the root: its own and those of the workspaces it asks for, the examples, and what
 * lies at the root as data or settings. A file that is new, changed or gone changes the key of the build.
 * @param {string} root @param {string} workspace its folder, e.g. `web`
 */
export function inputsOf(root, workspace) {
  const atRoot = readdirSync(root, { withFileTypes: true }).flatMap((entry) =>
    entry.isFile() && /^(package-lock|content-security|tsconfig\.base)\.json$/.test(entry.name) ? [entry.name] : [],
  );
  return [...atRoot, ...[...ownFolders(root, workspace), 'examples'].flatMap((dir) => filesIn(root, dir))].sort();
}

/** One key of all of them and of the Node they are built with. */
export function keyOf(root, files) {
  const hash = createHash('sha256').update(process.version);
  for (const file of files) hash.update(`\0${file}\0`).update(readFileSync(path.join(root, file)));
  return hash.digest('hex');
}

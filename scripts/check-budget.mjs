// The first load's JavaScript, gzipped: the entry and everything it imports at once. Exit code 1 above the budget.
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';

const [dist = 'web/dist', budgetKb = '210'] = process.argv.slice(2);
const manifest = JSON.parse(readFileSync(path.join(dist, '.vite/manifest.json'), 'utf8'));

const wanted = new Set();
const follow = (name) => {
  if (wanted.has(name)) return;
  wanted.add(name);
  for (const next of manifest[name].imports ?? []) follow(next);
};
for (const [name, chunk] of Object.entries(manifest)) if (chunk.isEntry) follow(name);

const size = (name) => gzipSync(readFileSync(path.join(dist, manifest[name].file)), { level: 9 }).length / 1000;
const total = [...wanted].reduce((sum, name) => sum + size(name), 0);
console.log(`first load: ${total.toFixed(1)} kB of JavaScript gzipped, budget ${budgetKb} kB`);
process.exitCode = total > Number(budgetKb) ? 1 : 0;

// `npm run check`: what the files changed since the last commit touch, for while one works. `npm test` asks everything.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { runStages, tableOf } from './run-stages.mjs';
import { bin } from './stages.mjs';

const git = (...args) => spawnSync('git', args, { encoding: 'utf8' }).stdout.split('\n').filter(Boolean);
/** What is gone counts too: who imported it does not compile any more. */
const touched = [...new Set([...git('diff', '--name-only', 'HEAD'), ...git('ls-files', '-o', '--exclude-standard')])];
const changed = touched.filter((file) => existsSync(file));
const code = changed.filter((file) => /\.([cm]?[jt]s|vue)$/.test(file));
const touches = (...places) => touched.some((file) => places.some((place) => file.startsWith(place)));
const packages = ['core/', 'locales/', 'papers/', 'server/', 'cli/', 'tsconfig'];
const stages = [
  {
    name: 'types: packages',
    command: bin('tsc', '-p', 'tsconfig.packages.json'),
    cores: 1,
    when: touches(...packages),
  },
  {
    name: 'types: web',
    command: ['npm', 'run', '--silent', 'typecheck', '-w', '@wagonomos/web'],
    cores: 1,
    when: touches('web/', ...packages),
  },
  {
    name: 'types: tools',
    command: bin('tsc', '-p', '.'),
    cores: 1,
    when: touches('e2e/', 'scripts/', 'playwright', 'vitest'),
  },
  {
    name: 'unit',
    command: bin('vitest', 'related', '--run', '--reporter', 'dot', ...code),
    cores: 1,
    when: code.length > 0,
  },
  {
    name: 'format',
    command: bin('prettier', '--check', '--ignore-unknown', '--log-level', 'warn', ...changed),
    cores: 1,
    when: changed.length > 0,
  },
  { name: 'lint', command: bin('eslint', '--no-warn-ignored', ...code), cores: 1, when: code.length > 0 },
  {
    name: 'words',
    command: ['node', 'scripts/check-words.mjs'],
    cores: 1,
    when: touches('locales/', 'web/', 'papers/', 'core/', 'cli/'),
  },
].filter(({ when }) => when);
if (stages.length === 0) {
  console.log('nothing is changed since the last commit');
  process.exit(0);
}
const began = performance.now();
const run = runStages(stages, {
  cores: 2,
  ended: ({ name, ok, text }) => !ok && console.log(`\n== ${name}\n${text.trim()}`),
});
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, run.stop);
const results = await run.done;
console.log(`\n${changed.length} files changed\n${tableOf(results, (performance.now() - began) / 1000)}`);
process.exitCode = results.every(({ ok }) => ok) ? 0 : 1;

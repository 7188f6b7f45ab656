// All checks of `npm test`: side by side where they do not wait for one another, with what each took told at the end.
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { flakyFile } from './flaky-reporter.mjs';
import { runStages, tableOf } from './run-stages.mjs';
import { stages } from './stages.mjs';

const asked = process.argv.slice(2);
const unknown = asked.filter((name) => !stages.some((one) => one.name === name));
if (unknown.length > 0) {
  console.error(`no such check: ${unknown.join(', ')}; there are ${stages.map(({ name }) => name).join(', ')}`);
  process.exit(2);
}
const chosen = asked.length === 0 ? stages : stages.filter(({ name }) => asked.includes(name));
rmSync(flakyFile, { force: true });

const began = performance.now();
const run = runStages(chosen, {
  cores: Math.max(2, availableParallelism()),
  // The longest is last and by itself: what it says is said as it goes.
  said: ({ name }, text) => name === 'journeys' && process.stdout.write(text),
  ended: ({ name, seconds, ok, why, text }) => {
    if (!ok && name !== 'journeys') console.log(`\n== ${name}\n${text.trim()}`);
    console.log(`${name}: ${ok ? 'passed' : why}${seconds === null ? '' : `, ${seconds.toFixed(0)} s`}`);
  },
});
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, run.stop);

const results = await run.done;
console.log(`\n${tableOf(results, (performance.now() - began) / 1000)}\n`);
// Left by the journeys when they end: without it nobody knows, and nobody says so.
if (!existsSync(flakyFile)) console.log('No journey was walked to its end.');
else {
  const flaky = JSON.parse(readFileSync(flakyFile, 'utf8'));
  const list = flaky.map((one) => `\n  ${one}`).join('');
  console.log(
    list === '' ? 'No journey needed a second try.' : `Passed only when tried again, to be looked into:${list}`,
  );
}
process.exitCode = results.every(({ ok }) => ok) ? 0 : 1;

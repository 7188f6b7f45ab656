// How much of a processor the first word of the command line costs: `npm run cli-bench`. A measurement, never a test.
import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));
const asked = 'node cli/dist/wagonomos.js check examples/german-estate-and-caravan.wagonomos.json > /dev/null; times';
/** "0m0.30s 0m0.04s", the second line of the shell's `times`: what its children took. */
const spent = () => {
  const { stdout } = spawnSync('sh', ['-c', asked], { cwd: root, encoding: 'utf8' });
  const [, children = ''] = stdout.trim().split('\n');
  return [...children.matchAll(/(\d+)m([\d.]+)s/g)].reduce(
    (sum, [, min, sec]) => sum + 60 * Number(min) + Number(sec),
    0,
  );
};
const times = Array.from({ length: 9 }, spent).sort((a, b) => a - b);
console.log(
  `check of an example: median ${times[4]?.toFixed(2)} s of processor, at most ${times.at(-1)?.toFixed(2)} s`,
);

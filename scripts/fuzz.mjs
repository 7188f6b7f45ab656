// Very many hostile documents and edits through the reader, the judging and the edits: `npm run fuzz [HOW_MANY]`.
import { spawnSync } from 'node:child_process';

const [runs = '100000'] = process.argv.slice(2);
const tests = ['core/src/files/fuzz.test.ts', 'core/src/edits/anyEdits.test.ts'];
const { status } = spawnSync('npx', ['vitest', 'run', '--project', 'core', ...tests], {
  stdio: 'inherit',
  env: { ...process.env, FUZZ_RUNS: runs },
});
process.exitCode = status ?? 1;

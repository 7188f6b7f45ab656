import { runCli } from './runCli.ts';

const result = runCli(process.argv.slice(2));
if (result.out !== '') process.stdout.write(`${result.out}\n`);
if (result.error !== '') process.stderr.write(`${result.error}\n`);
process.exitCode = result.code;

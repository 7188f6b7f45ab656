import { printable } from './printable.ts';
import { runCli } from './runCli.ts';

const result = runCli(process.argv.slice(2));
if (result.out !== '') process.stdout.write(`${printable(result.out)}\n`);
if (result.error !== '') process.stderr.write(`${printable(result.error)}\n`);
process.exitCode = result.code;

import { printable } from './printable.ts';
import { runCheck } from './runCheck.ts';

const args = process.argv.slice(2);
// What makes papers is large, and is asked for by those who want one.
const result = args[0] === 'report' ? await (await import('./runReport.ts')).runReport(args) : runCheck(args);
if (result.out !== '') process.stdout.write(`${printable(result.out)}\n`);
if (result.error !== '') process.stderr.write(`${printable(result.error)}\n`);
process.exitCode = result.code;

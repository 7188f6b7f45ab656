import { printable } from './printable.ts';
import { runCheck } from './runCheck.ts';
import { runReport } from './runReport.ts';

const args = process.argv.slice(2);
const result = args[0] === 'report' ? await runReport(args) : runCheck(args);
if (result.out !== '') process.stdout.write(`${printable(result.out)}\n`);
if (result.error !== '') process.stderr.write(`${printable(result.error)}\n`);
process.exitCode = result.code;

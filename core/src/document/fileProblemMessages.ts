import { message, verbatim, type Message } from '../messages/message.ts';
import type { FileFault, FileProblem } from './fileProblem.ts';

/** Why a file was refused, one message a line: the reason first, then each fault with its place. */
export function fileProblemMessages(problem: FileProblem): readonly Message[] {
  const key = `file.${problem.code}`;
  switch (problem.code) {
    case 'tooLarge':
      return [message(key, { megabytes: problem.megabytes })];
    case 'notJson':
      return [message(key, { line: String(problem.line), column: String(problem.column) })];
    case 'newer':
      return [message(key, { version: String(problem.version), ours: String(problem.ours) })];
    case 'tooManyFields':
      return [message(key, { place: verbatim(problem.place) })];
    case 'invalid':
      return [
        message(key),
        ...problem.faults.map(faultMessage),
        ...(problem.more > 0 ? [message('file.more', { count: problem.more })] : []),
      ];
    default:
      return [message(key)];
  }
}

/** What is wrong, said where it was typed: there its place is plain. */
const faultHereMessage = ({ code, detail }: FileFault): Message =>
  message(`file.fault.${code}`, { detail: verbatim(detail) });

/** One fault with its place, in words; what is wrong with the document as a whole has no place. */
export const faultMessage = (fault: FileFault): Message =>
  fault.place === ''
    ? faultHereMessage(fault)
    : message('file.at', { place: verbatim(fault.place), what: faultHereMessage(fault) });

/** Faults of a value by itself; the others are of how things hang together, and say where. */
const ofTheValue: readonly FileFault['code'][] = ['wrongType', 'tooSmall', 'tooBig', 'badValue', 'tooFine', 'tooLong'];

/** One fault in words under the field it was typed in. */
export const faultInFieldMessage = (fault: FileFault): Message =>
  ofTheValue.includes(fault.code) ? faultHereMessage(fault) : faultMessage(fault);

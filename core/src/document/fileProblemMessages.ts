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

/** One fault with its place, in words. */
export const faultMessage = ({ code, place, detail }: FileFault): Message =>
  message(`file.fault.${code}`, { place: verbatim(place), detail: verbatim(detail) });

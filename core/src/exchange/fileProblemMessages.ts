import { message, verbatim, type Message } from '../messages/message.ts';
import type { FileProblem } from './fileProblem.ts';

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
    case 'invalid':
      return [
        message(key),
        ...problem.faults.map((fault) =>
          message(`file.fault.${fault.code}`, { place: verbatim(fault.place), detail: verbatim(fault.detail) }),
        ),
        ...(problem.more > 0 ? [message('file.more', { count: problem.more })] : []),
      ];
    default:
      return [message(key)];
  }
}

import { message, term, verbatim, type Message } from '../messages/message.ts';
import type { LimitName } from './limitNames.ts';

/** What nobody has said yet, so that a load or a limit stays unknown. */
export type Missing =
  | { readonly code: 'emptyMass' | 'emptyAxles' | 'emptyBallLoad'; readonly body: string; readonly bodyName: string }
  | {
      readonly code: 'wheelbase' | 'couplingOverhang' | 'axlePosition';
      readonly body: string;
      readonly bodyName: string;
    }
  | { readonly code: 'fuelTank' | 'fuelDensity'; readonly body: string; readonly bodyName: string }
  | {
      readonly code: 'position' | 'contents';
      readonly body: string;
      readonly bodyName: string;
      readonly item: string;
      readonly name: Message;
    }
  | { readonly code: 'limit'; readonly body: string; readonly bodyName: string; readonly limit: LimitName };

/** The missing thing in words: "the wheelbase of the Tern wagon". */
export function missingMessage(missing: Missing): Message {
  const body = verbatim(missing.bodyName);
  if (missing.code === 'limit') return message('missing.limit', { limit: term(missing.limit), body });
  if (missing.code === 'position' || missing.code === 'contents') {
    return message(`missing.${missing.code}`, { name: missing.name, body });
  }
  return message(`missing.${missing.code}`, { body });
}

/** Where an owner finds it. */
export function whereToFind(missing: Missing): Message {
  return message(missing.code === 'limit' ? `where.${missing.limit}` : `where.${missing.code}`);
}

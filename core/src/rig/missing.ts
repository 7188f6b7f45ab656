import { message, term, verbatim, type Message } from '../messages/message.ts';
import type { LimitName } from './limitNames.ts';
import type { ConditionKind } from './plate.ts';

/** What somebody has to look at: no plate says it. */
export type SeenCode =
  | 'seats'
  | 'chains'
  | 'chainCount'
  | 'axleSpread'
  | 'equalises'
  | 'classedAs'
  | 'mirrors'
  | 'towReading'
  | 'chainMark'
  | 'breakaway'
  | 'brakeKind'
  | 'brakeController'
  | 'tyreSymbol'
  | 'tyreAge'
  | 'date'
  | 'dampers'
  | 'hundredPlate'
  | 'abs'
  | 'registeredEmpty'
  | 'contradiction'
  | 'reading'
  | 'loadState'
  | 'unlisted'
  | 'unlistedAboard'
  | 'figures';

/** What nobody has said yet, so that a load or a limit stays unknown. */
export type Missing =
  | {
      readonly code: 'emptyMass' | 'emptyAxles' | 'emptyBallLoad' | 'emptyCentre' | 'ballLoad' | 'axleLoads';
      readonly body: string;
      readonly bodyName: string;
    }
  | {
      readonly code: 'wheelbase' | 'couplingOverhang' | 'pinOverhang' | 'axlePosition' | 'camperPosition';
      readonly body: string;
      readonly bodyName: string;
    }
  /** Figures are there, and what follows from them is no number. */
  | { readonly code: 'fuelTank' | 'fuelDensity' | 'reckoning'; readonly body: string; readonly bodyName: string }
  | { readonly code: SeenCode; readonly body: string; readonly bodyName: string }
  | {
      readonly code: 'position' | 'contents';
      readonly body: string;
      readonly bodyName: string;
      readonly item: string;
      readonly name: Message;
    }
  | {
      readonly code: 'limit' | 'registered';
      readonly body: string;
      readonly bodyName: string;
      readonly limit: LimitName;
    }
  /** A figure that holds only under a condition nobody has confirmed. */
  | {
      readonly code: 'condition';
      readonly body: string;
      readonly bodyName: string;
      readonly limit: LimitName;
      readonly condition: ConditionKind;
      readonly text: string;
    };

/** The missing thing in words: "the wheelbase of the Tern wagon". */
export function missingMessage(missing: Missing): Message {
  const body = verbatim(missing.bodyName);
  if (missing.code === 'limit' || missing.code === 'registered')
    return message(`missing.${missing.code}`, { limit: term(missing.limit), body });
  if (missing.code === 'condition') {
    const kind = message(`condition.${missing.condition}`, { text: verbatim(missing.text) });
    return message('missing.condition', { limit: term(missing.limit), body, condition: kind });
  }
  if (missing.code === 'position' || missing.code === 'contents') {
    return message(`missing.${missing.code}`, { name: missing.name, body });
  }
  return message(`missing.${missing.code}`, { body });
}

/** Where an owner finds it. */
export function whereToFind(missing: Missing): Message {
  if (missing.code === 'limit') return message(`where.${missing.limit}`);
  return message(missing.code === 'condition' ? `whereCondition.${missing.condition}` : `where.${missing.code}`);
}

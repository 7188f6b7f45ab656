import { message, term } from '../messages/message.ts';
import { quantityNames } from '../statics/rigRows.ts';
import type { Assessment } from './assess.ts';
import { explainCheck } from './explainCheck.ts';
import { explainPayload } from './explainPayload.ts';
import { explainContents, explainRoom } from './explainPlace.ts';
import { explainQuantity } from './explainQuantity.ts';
import { explainTank } from './explainTank.ts';
import type { Explanation } from './explanation.ts';

/** Numbers that are neither a check nor a load, by the word before the colon of their id. */
const others: Readonly<Record<string, (assessment: Assessment, rest: string) => Explanation | null>> = {
  contents: explainContents,
  payload: explainPayload,
  room: explainRoom,
  tank: explainTank,
};

/**
 * The arithmetic behind a number, built on demand.
 * @param id of a check; the name of a quantity; or `contents:`, `room:` (body/place), `tank:` (body/tank), `payload:`
 *   (side/part)
 * @returns null when there is no such number
 */
export function explain(assessment: Assessment, id: string): Explanation | null {
  const check = assessment.checks.find((one) => one.id === id);
  if (check) return explainCheck(assessment.loads, check);
  const quantity = quantityNames.find((name) => name === id);
  if (quantity) {
    if (assessment.loads.values[quantity].kind === 'absent') return null;
    return {
      title: message('step.quantity', { quantity: term(quantity) }),
      steps: explainQuantity(assessment.loads, quantity),
    };
  }
  const colon = id.indexOf(':');
  return others[id.slice(0, colon)]?.(assessment, id.slice(colon + 1)) ?? null;
}

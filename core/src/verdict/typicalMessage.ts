import type { Check } from '../checks/check.ts';
import { kilograms, message, type Message } from '../messages/message.ts';
import { missingMessage } from '../rig/missing.ts';

/** Whether a check is decided, though part of its load was taken as is usual. */
export const decidedAsUsual = ({ typical, status }: Check): boolean =>
  typical !== undefined && status !== 'unknown' && status !== 'notApplicable';

/**
 * What a check comes to as far as is usual: the range that its load lies in (two standard deviations either way), and the one
 * fact that would make it narrower than any other. null: nothing in it was taken as is usual.
 */
export function typicalMessage(check: Check): Message | null {
  const { typical, demand, limit, sigma, status, sense, id } = check;
  const [most] = typical ?? [];
  if (!most || demand === null || sigma === null) return null;
  const kg = (value: number) => kilograms(value, 'load', id);
  const range = { from: kg(demand - 2 * sigma), to: kg(demand + 2 * sigma), what: missingMessage(most.missing) };
  if (limit === null) return message('typical.noLimit', range);
  const compared = { ...range, limit: kilograms(limit, 'nearest', id) };
  const side = status === 'unknown' ? 'open' : status === 'over' ? 'over' : 'within';
  return message(`typical.${sense}.${side}`, compared);
}

import type { Check } from '../checks/check.ts';
import { message, verbatim, type Message } from '../messages/message.ts';
import { licenceOn, type Licence } from '../situation/licence.ts';
import { regionOf, type Situation } from '../situation/situation.ts';
import type { Asked, InForce } from './rule.ts';

/** Somebody who takes the wheel; without an id the one who was asked first. */
export interface AtTheWheel {
  readonly id: string;
  readonly name: string;
  readonly licence: Licence;
}

/** Everybody whose licence is known, as it stands on the day of the situation. */
export const driversOf = ({ licence, drivers = [], date }: Situation): readonly AtTheWheel[] => [
  ...(licence ? [{ id: '', name: '', licence: licenceOn(licence, date) }] : []),
  ...drivers.map(({ id, name, licence: own }) => ({ id, name, licence: licenceOn(own, date) })),
];

/** What came of asking somebody. */
export type Said = Pick<Check, 'status' | 'missing' | 'notes'>;

/** The check of one driver, by a yes or a no. @param key of what it is called; with `Of` after it where there is a name */
export const openFor = <Of>(
  { open }: Pick<Asked<Of>, 'open'>,
  facts: InForce<Of>,
  { id, name, licence }: AtTheWheel,
  key: string,
): Check =>
  open(facts, {
    part: id === '' ? undefined : id,
    driver: id,
    region: regionOf(licence.issuer),
    side: 'vehicle',
    quantity: 'answer',
    name: called(key, id, name),
  });

const called = (key: string, id: string, name: string): Message =>
  id === '' ? message(key) : message(`${key}Of`, { driver: verbatim(name) });

/**
 * Where one of the drivers may, whoever may not breaks nothing by riding along: it is said as a permission lacking, and not counted
 * against the rig. Nobody may by half of what is asked.
 */
export function withSomebodyWhoMay(checks: readonly Check[]): readonly Check[] {
  const asked = checks.filter(({ role }) => role === 'driver');
  const drivers = [...new Set(asked.map(({ driver }) => driver))];
  const may = (driver: string | undefined): boolean =>
    asked.every((check) => check.driver !== driver || check.status === 'within');
  if (!drivers.some(may)) return checks;
  return checks.map((check) =>
    check.role === 'driver' && check.status !== 'within' ? { ...check, kind: 'permit' as const } : check,
  );
}

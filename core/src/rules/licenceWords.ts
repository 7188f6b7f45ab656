import { kilograms, message, type Message } from '../messages/message.ts';
import { holdsOn } from '../situation/dated.ts';
import type { Licence } from '../situation/licence.ts';
import {
  covers,
  heldClasses,
  type Cover,
  type Driven,
  type LicenceLaw,
  type LicenceRow,
  type LicensedMasses,
} from './licenceLaw.ts';

/** What a class covers by one line of law, in parts: masses, sums, axles, and under what condition. */
export function licenceSays(row: LicenceRow): readonly Message[] {
  const mass = (key: string, most: number | undefined): readonly Message[] =>
    most === undefined ? [] : [message(`law.licence.${key}`, { most: kilograms(most, 'nearest') })];
  const flag = (key: string, holds: boolean | undefined): readonly Message[] =>
    holds ? [message(`law.licence.${key}`)] : [];
  return [
    ...mass('vehicle', row.vehicleMost),
    ...mass('trailer', row.trailerMost),
    ...mass('together', row.togetherMost),
    ...(row.axlesMost === undefined ? [] : [message('law.licence.axles', { most: row.axlesMost })]),
    ...flag('zeroEmission', row.zeroEmission),
    ...flag('motorCaravan', row.motorCaravan),
    ...flag('alone', row.alone),
    ...flag('unlimited', row.unlimited),
    ...flag('onlyAtHome', row.onlyAtHome),
    ...flag('tested', row.tested !== undefined),
  ];
}

/** How a class answers for these masses. */
const answers: Readonly<Record<Cover, string>> = { yes: 'covers', check: 'mayCover', no: 'doesNot' };

/**
 * Which classes were looked at, what each allows on that day and whether that covers these masses, a sentence a class; what an old test
 * brought along among them.
 */
export const licenceAccount = (
  law: LicenceLaw,
  licence: Licence,
  masses: LicensedMasses,
  driven: Driven,
): readonly Message[] =>
  heldClasses(law, licence).map((held) => {
    const rows = law.rows.filter((row) => row.holds === held && holdsOn(row, driven.day));
    const each = rows.map(licenceSays).map((parts) => joined(parts, 'when.and') ?? message('licence.anything'));
    const name = message(`licence.class.${held}`);
    const allows = joined(each, 'law.either') ?? message('licence.nothingKnown');
    return message(`licence.account.${answers[covers(law, licence, held, masses, driven)]}`, { held: name, allows });
  });

const joined = (parts: readonly Message[], key: string): Message | undefined =>
  parts.length === 0 ? undefined : parts.reduceRight((rest, one) => message(key, { one, rest }));

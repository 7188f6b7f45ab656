import { z } from 'zod';
import { isBritish, issuerField } from './countries.ts';

/** Classes of licence by their letters; Australian ones are marked, since their C is a car. */
const licenceClasses = ['B', 'B96', 'BE', 'C1', 'C1E', 'C', 'CE', 'auC', 'auLR', 'auMR', 'auHR'] as const;
export type LicenceClass = (typeof licenceClasses)[number];

/** When the car test was passed, as far as British and Northern Irish law still asks. */
export const testPeriods = ['before1997', '1997to2012', 'since2013'] as const;

/** Codes printed beside a class: 79 old rights as printed there; 107 no more than 8,250 kg together with C1E. */
export const licenceCodes = ['79', '107'] as const;

/** What the driver holds. Where nobody has said, nothing is judged. */
export const licenceSchema = z.strictObject({
  issuer: issuerField,
  classes: z.array(z.enum(licenceClasses)).max(11),
  /** Only where the issuer has such stages: learner, first and second provisional. */
  novice: z.enum(['learner', 'p1', 'p2']).optional(),
  tested: z.enum(testPeriods).optional(),
  codes: z.array(z.enum(licenceCodes)).max(licenceCodes.length).optional(),
  /** Years, on the day the rules are asked for. */
  age: z.number().int().min(14).max(110).optional(),
});
export type Licence = z.infer<typeof licenceSchema>;

/** What a licence is judged by: plated masses in kg, never weighed ones. */
export interface LicensedMasses {
  readonly vehicle: number;
  /** null: no trailer. */
  readonly trailer: number | null;
  /** Driven by a battery or hydrogen alone. */
  readonly zeroEmission?: boolean | undefined;
}

/** `check`: there is a rule that may cover it, not known well enough to say so. */
export type Cover = 'yes' | 'no' | 'check';

/** The classes somebody may be asked for, by who issues them, smallest first. */
export const classesOf = (issuer: Licence['issuer']): readonly LicenceClass[] => {
  if (issuer === 'AU') return ['auC', 'auLR', 'auMR', 'auHR'];
  return isBritish(issuer) ? ['B', 'BE', 'C1', 'C1E', 'C', 'CE'] : ['B', 'B96', 'BE', 'C1', 'C1E', 'C', 'CE'];
};

/** Only a light trailer may follow a vehicle of these classes. */
const lightTrailer = 750;
const carMass = 3500;
const carAndTrailer = 4250;
const c1Mass = 7500;
const c1Together = 12_000;
/** With code 107, which an old British car test brings along. */
const c1TogetherOld = 8250;
const zeroEmissionTogether = 7000;

/**
 * Whether a class covers a vehicle and trailer by their plated masses.
 * Australia: by the vehicle alone (class C covers light towing). Great Britain: since December 2021 B covers a trailer of
 * 3,500 kg; since June 2025 a zero-emission vehicle to 4,250 kg. European Union: Directive 2006/126/EC, Article 4;
 * Northern Ireland much alike.
 */
export function covers(licence: Licence, held: LicenceClass, masses: LicensedMasses): Cover {
  const { vehicle, trailer } = masses;
  const towed = trailer ?? 0;
  const light = towed <= lightTrailer;
  const when = (condition: boolean): Cover => (condition ? 'yes' : 'no');
  switch (held) {
    case 'auC':
      return when(vehicle <= 4500);
    case 'auLR':
      return when(vehicle <= 8000);
    case 'auMR':
    case 'auHR':
    case 'CE':
      return 'yes';
    case 'B':
      return carLicence(licence, masses);
    case 'B96':
      return when(vehicle <= carMass && (light || vehicle + towed <= carAndTrailer));
    case 'BE':
      if (vehicle > carMass || towed <= carMass) return when(vehicle <= carMass);
      // Taken before 2013 it is said to have no ceiling on the trailer.
      return isBritish(licence.issuer) && licence.tested !== undefined && licence.tested !== 'since2013'
        ? 'check'
        : 'no';
    case 'C1':
      return when(vehicle <= c1Mass && light);
    case 'C1E':
      return when(vehicle <= c1Mass && (light || vehicle + towed <= (limited(licence) ? c1TogetherOld : c1Together)));
    case 'C':
      return when(light);
  }
}

function carLicence({ issuer }: Licence, { vehicle, trailer, zeroEmission }: LicensedMasses): Cover {
  const towed = trailer ?? 0;
  if (issuer === 'GB') {
    if (vehicle <= carMass) return towed <= carMass ? 'yes' : 'no';
    if (!zeroEmission || vehicle > carAndTrailer) return 'no';
    if (trailer === null) return 'yes';
    return vehicle + towed <= zeroEmissionTogether ? 'check' : 'no';
  }
  if (vehicle > carMass) return issuer === 'GB-NIR' && zeroEmission && vehicle <= carAndTrailer ? 'check' : 'no';
  return towed <= lightTrailer || vehicle + towed <= carMass ? 'yes' : 'no';
}

const limited = ({ codes, tested }: Licence): boolean => tested === 'before1997' || (codes?.includes('107') ?? false);

/** From this age on British C1 and C1E end unless renewed with a medical report; B goes on. */
export const c1EndsAt = 70;

/**
 * What is held, with what an old British car test brought along. From 70 on, what only came along is no longer counted:
 * it lapses unless renewed, and then it stands on the licence.
 */
export function heldClasses(licence: Licence): readonly LicenceClass[] {
  if (!isBritish(licence.issuer) || licence.tested !== 'before1997') return licence.classes;
  const along: readonly LicenceClass[] = (licence.age ?? 0) >= c1EndsAt ? ['BE'] : ['BE', 'C1', 'C1E'];
  return [...new Set([...licence.classes, ...along])];
}

/** The best answer of all classes held. Old rights printed as code 79 may cover more than the class beside them. */
export function licenceCover(licence: Licence, masses: LicensedMasses): Cover {
  const answers = heldClasses(licence).map((one) => covers(licence, one, masses));
  if (answers.includes('yes')) return 'yes';
  const oldRights = licence.codes?.includes('79') ?? false;
  return oldRights || answers.includes('check') ? 'check' : 'no';
}

/** The smallest class that would cover these masses, if any does. */
export const classNeeded = (licence: Licence, masses: LicensedMasses): LicenceClass | null =>
  classesOf(licence.issuer).find((one) => covers(licence, one, masses) === 'yes') ?? null;

import { z } from 'zod';
import { countryField } from './countries.ts';

/** Classes of licence by their letters; Australian ones are marked, since their C is a car. */
const licenceClasses = ['B', 'B96', 'BE', 'C1', 'C1E', 'C', 'CE', 'auC', 'auLR', 'auMR', 'auHR'] as const;
export type LicenceClass = (typeof licenceClasses)[number];

/** What the driver holds. Where nobody has said, nothing is judged. */
export const licenceSchema = z.strictObject({
  issuer: countryField,
  classes: z.array(z.enum(licenceClasses)).max(11),
  /** Only where the issuer has such stages: learner, first and second provisional. */
  novice: z.enum(['learner', 'p1', 'p2']).optional(),
  /** British: car test passed before 1997, which brought C1 and a limited C1E along (code 107). */
  before1997: z.boolean().optional(),
});
export type Licence = z.infer<typeof licenceSchema>;

/** Masses a licence is judged by, kg: always plated, never weighed. */
export interface LicensedMasses {
  readonly vehicle: number;
  /** null: no trailer. */
  readonly trailer: number | null;
}

/** The classes somebody may be asked for, by who issues them, smallest first. */
export const classesOf = (issuer: Licence['issuer']): readonly LicenceClass[] =>
  issuer === 'AU'
    ? ['auC', 'auLR', 'auMR', 'auHR']
    : issuer === 'GB'
      ? ['B', 'BE', 'C1', 'C1E', 'C', 'CE']
      : ['B', 'B96', 'BE', 'C1', 'C1E', 'C', 'CE'];

/** Only a light trailer may follow a vehicle of these classes. */
const lightTrailer = 750;
const carMass = 3500;

/**
 * Whether a class covers a vehicle and trailer by their plated masses.
 * Australia: by the vehicle alone (class C covers light towing). Great Britain: since December 2021 B covers a trailer of
 * 3,500 kg. European Union: Directive 2006/126/EC, Article 4.
 */
export function covers(licence: Licence, held: LicenceClass, { vehicle, trailer }: LicensedMasses): boolean {
  const towed = trailer ?? 0;
  const light = towed <= lightTrailer;
  switch (held) {
    case 'auC':
      return vehicle <= 4500;
    case 'auLR':
      return vehicle <= 8000;
    case 'auMR':
    case 'auHR':
    case 'CE':
      return true;
    case 'B':
      if (vehicle > carMass) return false;
      return licence.issuer === 'GB' ? towed <= carMass : light || vehicle + towed <= carMass;
    case 'B96':
      return vehicle <= carMass && (light || vehicle + towed <= 4250);
    case 'BE':
      return vehicle <= carMass && towed <= carMass;
    case 'C1':
      return vehicle <= 7500 && light;
    case 'C1E':
      return vehicle <= 7500 && (light || vehicle + towed <= (licence.before1997 ? 8250 : 12_000));
    case 'C':
      return light;
  }
}

/** What is held, with what an old British car test brought along. */
export const heldClasses = (licence: Licence): readonly LicenceClass[] =>
  licence.issuer === 'GB' && licence.before1997
    ? [...new Set([...licence.classes, 'C1', 'C1E'] as const)]
    : licence.classes;

/** The smallest class that would cover these masses, if any does. */
export const classNeeded = (licence: Licence, masses: LicensedMasses): LicenceClass | null =>
  classesOf(licence.issuer).find((one) => covers(licence, one, masses)) ?? null;

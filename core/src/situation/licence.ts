import { z } from 'zod';
import { dateField } from '../rig/fields.ts';
import { issuerField } from './countries.ts';

/** Classes of licence by their letters; Australian ones are marked, since their C is a car, and so is Germany's class 3 of old. */
const licenceClasses = ['B', 'B96', 'BE', 'C1', 'C1E', 'C', 'CE', 'auC', 'auLR', 'auMR', 'auHR', 'de3'] as const;
export type LicenceClass = (typeof licenceClasses)[number];

/** When the car test was passed, as far as British and Northern Irish law still asks. */
export const testPeriods = ['before1997', '1997to2012', 'since2013'] as const;

/** Codes printed beside a class: 79 old rights as printed there; 107 no more than 8,250 kg together with C1E. */
export const licenceCodes = ['79', '107'] as const;

/** What the driver holds. Where nobody has said, nothing is judged. */
export const licenceSchema = z.strictObject({
  issuer: issuerField,
  classes: z.array(z.enum(licenceClasses)).max(12),
  /** Only where the issuer has such stages: learner, first and second provisional. */
  novice: z.enum(['learner', 'p1', 'p2']).optional(),
  tested: z.enum(testPeriods).optional(),
  codes: z.array(z.enum(licenceCodes)).max(licenceCodes.length).optional(),
  /** Years, on the day it was said (`ageOn`); where that day is left out, on the day the rules are asked for. */
  age: z.number().int().min(14).max(110).optional(),
  ageOn: dateField.optional(),
  /** The day of birth, which says the age on any day; it goes before `age`. */
  born: dateField.optional(),
});
export type Licence = z.infer<typeof licenceSchema>;

/** An age that was said on a day has grown by a year with every new year since: rather a few months too old than too young. */
function grown(age: number | undefined, said: string | undefined, day: string | undefined): Pick<Licence, 'age'> {
  if (age === undefined || said === undefined || day === undefined || day <= said) return {};
  return { age: age + Number(day.slice(0, 4)) - Number(said.slice(0, 4)) };
}

/** A licence as it stands on a day: with the holder's age then, where the day of birth is known, or the day an age was said. */
export function licenceOn({ born, ageOn, ...licence }: Licence, day: string | undefined): Licence {
  if (born === undefined || day === undefined || day < born) return { ...licence, ...grown(licence.age, ageOn, day) };
  const years = Number(day.slice(0, 4)) - Number(born.slice(0, 4));
  return { ...licence, age: day.slice(5) < born.slice(5) ? years - 1 : years };
}

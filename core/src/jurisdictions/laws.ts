import { asksTest } from '../rules/licenceLaw.ts';
import type { Country } from '../situation/countries.ts';
import type { Licence, LicenceClass } from '../situation/licence.ts';
import type { AustralianState } from '../situation/situation.ts';
import { austria } from './at/index.ts';
import { australia } from './au/index.ts';
import { switzerland } from './ch/index.ts';
import { germany } from './de/index.ts';
import { spain } from './es/index.ts';
import { france } from './fr/index.ts';
import { northernIreland } from './gb-nir/index.ts';
import { greatBritain } from './gb/index.ts';
import { italy } from './it/index.ts';
import type { Law } from './law.ts';
import { netherlands } from './nl/index.ts';
import { platesAlone } from './platesAlone.ts';

/** Every place with a law of ours, and the one without. A new one is a folder and a line here. */
const laws: Readonly<Record<Country, Law>> = {
  AU: australia,
  GB: greatBritain,
  'GB-NIR': northernIreland,
  DE: germany,
  FR: france,
  IT: italy,
  ES: spain,
  NL: netherlands,
  AT: austria,
  CH: switzerland,
  plates: platesAlone,
};

/** The law of a country. */
export const lawOf = (country: Country): Law => laws[country];

/** The classes of licence somebody may be asked for, by who issues them, smallest first. */
export const classesOf = (issuer: Country): readonly LicenceClass[] => lawOf(issuer).licences?.classes ?? [];

/** What somebody is asked of a licence beside its classes, by who issued it; nothing where nobody has said who did. */
export function askedOfLicence(licence: Pick<Licence, 'issuer' | 'classes'> | undefined) {
  const law = licence && lawOf(licence.issuer).licences;
  return {
    test: Boolean(law && asksTest(law, licence.classes)),
    codes: law?.codes ?? [],
    stages: law?.stages ?? [],
  };
}

/** The states of a country whose law is told state by state. */
export const statesOf = (country: Country): readonly AustralianState[] =>
  Object.keys(lawOf(country).states ?? {}) as AustralianState[];

export const allLaws: readonly Law[] = Object.values(laws);

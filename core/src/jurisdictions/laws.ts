import type { Country } from '../situation/countries.ts';
import type { LicenceClass } from '../situation/licence.ts';
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

export const allLaws: readonly Law[] = Object.values(laws);

import {
  displayMass,
  forceLimits,
  type LimitName,
  type MassUnit,
  type Message,
  type Region,
  type Rounding,
  type Speech,
} from '@wagonomos/core';
import type { Translate } from './margin.ts';
import { limitWord, quantityWord, saidBy, speechOf } from './speech.ts';
import { written, writtenDay } from './inLanguage.ts';
import { writtenLength } from './written.ts';

/** All that a paper writes with: sentences, words of the region, and quantities with their units. */
export interface PaperWords {
  readonly t: Translate;
  readonly say: (message: Message) => string;
  readonly speech: Speech;
  readonly unit: MassUnit;
  readonly region: Region;
  readonly limit: (name: string) => string;
  readonly quantity: (name: string) => string;
  /** Whole, rounded to the safe side where it is a load or a margin; with its unit. */
  readonly mass: (kg: number, rounding?: Rounding) => string;
  /** The same without the unit, where a column says it. */
  readonly bare: (kg: number, rounding?: Rounding) => string;
  /** A figure of a plate: kg or lb; D and V values in kN. */
  readonly figure: (value: number, limit?: LimitName) => string;
  readonly length: (metres: number) => string;
  /** In kPa, bar and psi: gauges have one of the three. */
  readonly pressure: (kPa: number) => string;
  /** "28 November 2026"; an unknown one is said to be so. */
  readonly day: (iso: string | undefined) => string;
}

const kPaOfPsi = 6.894757;

/** The words of a paper for whoever reads it: a region's and a unit's. */
export function paperWords(t: Translate, region: Region, unit: MassUnit): PaperWords {
  const speech = speechOf(t, region, unit);
  const bare = (kg: number, rounding: Rounding = 'nearest') => written(displayMass(kg, unit, rounding), 0);
  const mass = (kg: number, rounding: Rounding = 'nearest') => `${bare(kg, rounding)} ${unit}`;
  return {
    t,
    speech,
    unit,
    region,
    say: saidBy(speech),
    limit: (name) => limitWord(speech, name),
    quantity: (name) => quantityWord(speech, name),
    bare,
    mass,
    figure: (value, limit) => (limit && forceLimits.includes(limit) ? `${written(value, 2)} kN` : mass(value)),
    length: (metres) => writtenLength(metres, unit),
    pressure: (kPa) =>
      t('paper.pressure', { kPa: written(kPa, 0), bar: written(kPa / 100, 2), psi: written(kPa / kPaOfPsi, 0) }),
    day: (iso) => (iso === undefined ? t('paper.dayUnknown') : writtenDay(iso, 'long')),
  };
}

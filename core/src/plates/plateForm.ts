import type { Body } from '../rig/body.ts';
import type { EmptyBasis } from '../rig/emptyMass.ts';
import type { LimitName, PlateSource } from '../rig/limitNames.ts';

/** Rating fields a receiver or extension shows twice: with the bars of a distribution hitch on, and without. */
export type FieldVariant = 'withDistribution' | 'withoutDistribution';

/** One line of a plate or paper: the mark that stands there, and the limit it means. */
export interface FormField {
  readonly limit: LimitName;
  /** As it is printed: "F.2", "GAWR RR", "1-". */
  readonly mark: string;
  readonly variant?: FieldVariant;
}

/** A kind of plate or paper as it is met, with its own words and unit. */
export interface PlateForm {
  readonly id: string;
  /** Where plates like it are issued. */
  readonly region: 'au' | 'uk' | 'eu' | 'na' | 'any';
  readonly body: Body['kind'];
  readonly source: PlateSource;
  readonly unit: 'kg' | 'lb';
  /** How it looks, for the sketch. */
  readonly look: 'plate' | 'paper' | 'sticker' | 'stamp';
  readonly fields: readonly FormField[];
  /** What its empty figure contains, where it has one. */
  readonly emptyBasis?: EmptyBasis;
}

type Line = readonly [mark: string, limit: LimitName, variant?: FieldVariant];

/** A form from its lines, top to bottom. */
export const plateForm = (
  id: string,
  about: Omit<PlateForm, 'id' | 'fields'>,
  ...lines: readonly Line[]
): PlateForm => ({
  id,
  ...about,
  fields: lines.map(([mark, limit, variant]) => ({ mark, limit, ...(variant ? { variant } : {}) })),
});

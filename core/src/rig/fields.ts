import { z } from 'zod';

/** Reference within a file: short, plain characters, so that it can stand in a URL and in a message. */
export const idField = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/);

/** An owner's name for something. Bounded, so that a damaged file cannot flood the screen. */
export const nameField = z.string().trim().min(1).max(80);

export const noteField = z.string().max(2000);

/** A picture kept beside the document: the hash of its contents. */
export const photoField = z.string().regex(/^[0-9a-f]{64}$/);

/** What a person typed for a figure, kept to show it again in their own unit. */
export const typedField = z.string().max(80);

/** A calendar day, ISO 8601. */
export const dateField = z.iso.date();

/**
 * What a number of each kind may be, in inner units: kg, m, L, %. The schema and every field people type in share these,
 * so that nothing can be typed that could not be read back. Ceilings are far above any road vehicle; they catch grams
 * and slipped points.
 */
export const fieldBounds = {
  mass: { quantity: 'mass', least: 0, most: 100_000 },
  /** ± of a mass, two standard deviations as people mean it. */
  plusMinus: { quantity: 'mass', least: 0, most: 10_000 },
  /** Of something that has a size. */
  length: { quantity: 'length', least: 0.001, most: 30 },
  /** Along a body from its datum, rearwards; ahead of the datum is negative. */
  position: { quantity: 'length', least: -15, most: 30 },
  /** Across a body from its centre line; to the left is positive. */
  lateral: { quantity: 'length', least: -2, most: 2 },
  /** Of a floor above the road. */
  elevation: { quantity: 'length', least: 0, most: 5 },
  /** Coupling behind the rear axle; a pin ahead of it is negative. */
  overhang: { quantity: 'length', least: -6, most: 12 },
  litres: { quantity: 'volume', least: 0, most: 5000 },
  share: { quantity: 'percent', least: 1, most: 99 },
  /** D and V values of coupling parts, kN. */
  force: { quantity: 'force', least: 0.1, most: 400 },
  couple: { quantity: 'couple', least: 0, most: 20_000 },
  pressure: { quantity: 'pressure', least: 50, most: 1000 },
} as const;
export type FieldName = keyof typeof fieldBounds;

const bounded = (name: FieldName) => z.number().min(fieldBounds[name].least).max(fieldBounds[name].most);

export const massField = bounded('mass');
export const plusMinusField = bounded('plusMinus');
export const lengthField = bounded('length');
export const positionField = bounded('position');
export const lateralField = bounded('lateral');
export const elevationField = bounded('elevation');
export const overhangField = bounded('overhang');
export const litresField = bounded('litres');

/** kg/L */
export const densityField = z.number().positive().max(3);

/** Whether a text is a day of the calendar, ISO 8601. */
export const isDay = (text: string): boolean => dateField.safeParse(text).success;

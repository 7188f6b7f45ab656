import { z } from 'zod';

/** Reference within a file: short, plain characters, so that it can stand in a URL and in a message. */
export const idField = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/);

/** Most characters of a text of each kind. The schema and every field people type in share these. */
export const textBounds = { name: 80, note: 2000, typed: 80, key: 40 } as const;

/** Whether anything of a text can be seen: signs of no width, controls and blanks alone are nothing. */
export const isVisible = (text: string): boolean => /[^\p{Cf}\p{Cc}\p{Z}]/u.test(text);

/**
 * An owner's name for something. Bounded, so that a damaged file cannot flood the screen; one of which nothing can be seen is a
 * question mark, so that what it belongs to can be spoken of.
 */
export const nameField = z
  .string()
  .trim()
  .overwrite((name) => (name === '' || isVisible(name) ? name : '?'))
  .min(1)
  .max(textBounds.name);

export const noteField = z.string().max(textBounds.note);

/** A picture kept beside the document: the hash of its contents. */
export const photoField = z.string().regex(/^[0-9a-f]{64}$/);

/** What a person typed for a figure, kept to show it again in their own unit. */
export const typedField = z.string().max(textBounds.typed);

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
  /** ± of a length or position, two standard deviations as people mean it. */
  lengthPlusMinus: { quantity: 'length', least: 0, most: 5 },
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
  /** Along the road, km. */
  distance: { quantity: 'distance', least: 0, most: 20_000 },
  odometer: { quantity: 'distance', least: 0, most: 3_000_000 },
  couple: { quantity: 'couple', least: 0, most: 20_000 },
  pressure: { quantity: 'pressure', least: 50, most: 1000 },
} as const;
export type FieldName = keyof typeof fieldBounds;

/**
 * Nothing on board is weighed or measured finer than this (a gram, a millilitre): a figure between it and 0 is a slip of a
 * sheet or a hostile file, and quotients of such figures are no numbers any more.
 */
export const finest = 0.001;

/** Whether a number is finer than anything that is weighed or measured, and not nothing. */
const isTooFine = (value: number): boolean => value !== 0 && Math.abs(value) < finest;

/** Positions and heights are differences: they may come as near to 0 as reckoning leaves them. */
const anyFineness: readonly FieldName[] = ['position', 'lateral', 'elevation', 'overhang'];

/** `tooSmall` or `tooBig` for its kind, `tooFine` for what is an amount, or null: it may be kept. */
export function boundPassed(name: FieldName, value: number): 'tooSmall' | 'tooBig' | 'tooFine' | null {
  const { least, most } = fieldBounds[name];
  if (!(value >= least)) return 'tooSmall';
  if (value > most) return 'tooBig';
  return isTooFine(value) && !anyFineness.includes(name) ? 'tooFine' : null;
}

const fineness = { params: { problem: 'tooFine', detail: String(finest) } };

/** A number of a range that is 0 or not next to it. */
export const notTooFine = (field: z.ZodNumber) => field.refine((value) => !isTooFine(value), fineness);

function bounded(name: FieldName) {
  const field = z.number().min(fieldBounds[name].least).max(fieldBounds[name].most);
  return anyFineness.includes(name) ? field : notTooFine(field);
}

/** A part of a whole, 0 to 1; an amount too small to be said is none. */
export const fractionField = notTooFine(z.number().min(0).max(1));

/** How many entries each list may have. The schema, every button that adds and every table that brings many ask here. */
export const listBounds = {
  bodies: 200,
  rigs: 200,
  things: 5000,
  loadouts: 500,
  situations: 200,
  tickets: 2000,
  trips: 1000,
  sections: 300,
  logEntries: 600,
  quotes: 400,
  cases: 200,
  plates: 40,
  figures: 40,
  formerPlates: 40,
  places: 120,
  tanks: 30,
  fitted: 200,
  looks: 30,
  dues: 40,
  fittings: 20,
  seats: 20,
  onBoard: 60,
  /** Ways to load one rig. */
  variants: 60,
  crew: 20,
  placements: 2000,
  tankLevels: 60,
  takenOut: 60,
  fittingPositions: 60,
  said: 3,
  /** Measured settings of one hitch. */
  settings: 12,
  readings: 60,
  photos: 40,
  pressureTable: 30,
  drivers: 12,
  through: 12,
  caseSteps: 60,
  caseFiles: 30,
  certified: 60,
  casePackages: 20,
  excludes: 40,
  costs: 20,
  /** Entries of an answer sheet or of texts kept by field name. */
  answers: 60,
} as const;

/** Pieces of one thing that may lie in a place. */
export const mostPieces = 999;

/** Texts or answers by a short key. */
export const sheetOf = <Value extends z.ZodType>(value: Value) =>
  z.record(z.string().max(textBounds.key), value).refine((sheet) => Object.keys(sheet).length <= listBounds.answers, {
    params: { problem: 'tooMany', detail: String(listBounds.answers) },
  });

export const massField = bounded('mass');
export const plusMinusField = bounded('plusMinus');
export const lengthField = bounded('length');
export const positionField = bounded('position');
export const lengthPlusMinusField = bounded('lengthPlusMinus');
export const lateralField = bounded('lateral');
export const elevationField = bounded('elevation');
export const overhangField = bounded('overhang');
export const litresField = bounded('litres');
export const distanceField = bounded('distance');
export const odometerField = bounded('odometer');
export const coupleField = bounded('couple');

/** kg/L */
export const densityField = z.number().min(0.01).max(3);

/** Whether a text is a day of the calendar, ISO 8601. */
export const isDay = (text: string): boolean => dateField.safeParse(text).success;

import { z } from 'zod';
import {
  dateField,
  densityField,
  elevationField,
  idField,
  lateralField,
  lengthField,
  lengthPlusMinusField,
  litresField,
  massField,
  nameField,
  positionField,
} from './fields.ts';

/** What a place is decides what may lie there: a gas locker holds gas alone, a rack, a roof and a tray are in the open. */
export const placeKinds = [
  'locker',
  'gasLocker',
  'floor',
  'behindSeats',
  'cupboard',
  'boot',
  'garage',
  'tray',
  'roof',
  'rack',
] as const;
export type PlaceKind = (typeof placeKinds)[number];

/** Places that a new body starts with: until its owner says where one lies, it stands where the body's lengths put it. */
const usualPlaces = [
  'boot',
  'tray',
  'kitchen',
  'rearGarage',
  'frontLocker',
  'overAxles',
  'rearLocker',
  'overCab',
] as const;
export type UsualPlace = (typeof usualPlaces)[number];

/** A place where things go. `x` is its middle; its length is how far a thing in it may be from there. */
export const placeSchema = z.strictObject({
  id: idField,
  name: nameField,
  kind: z.enum(placeKinds),
  x: positionField.optional(),
  length: lengthField.optional(),
  /** Which of the usual places it is, while its owner has not said himself where it lies. */
  usual: z.enum(usualPlaces).optional(),
  /** ± of x, m: on top of its length. */
  xPlusMinus: lengthPlusMinusField.optional(),
  /** m above the road, of its floor; and how tall it is. For the drawing. */
  z: elevationField.optional(),
  height: lengthField.optional(),
  /** Middle and size across the body; y is to the left of the centre line. */
  y: lateralField.optional(),
  width: lengthField.optional(),
  /** Most it may carry by its maker, with where that stands. */
  rating: z.strictObject({ value: massField, source: nameField.optional() }).optional(),
});

const tankKinds = ['fuel', 'fresh', 'grey', 'black', 'gas'] as const;
export type TankKind = (typeof tankKinds)[number];

/** A vessel dragged full or empty. A gas bottle is measured by the mass of its contents, others by volume. */
export const tankSchema = z.strictObject({
  id: idField,
  name: nameField,
  kind: z.enum(tankKinds),
  capacityL: litresField.optional(),
  densityKgPerL: densityField.optional(),
  /** Gas only: contents when full, kg. */
  contents: massField.optional(),
  /** Mass of the empty vessel where the empty figure does not contain it. */
  vesselMass: massField.optional(),
  x: positionField.optional(),
  xPlusMinus: lengthPlusMinusField.optional(),
  length: lengthField.optional(),
  z: elevationField.optional(),
  y: lateralField.optional(),
});

export const seatSchema = z.strictObject({
  id: idField,
  name: nameField,
  driver: z.boolean().optional(),
  x: positionField.optional(),
  xPlusMinus: lengthPlusMinusField.optional(),
  y: lateralField.optional(),
});

const change = z.strictObject({ mass: massField, x: positionField.optional(), y: lateralField.optional() });

/** Something fitted since, or taken off, with its own lever. */
export const fittedPartSchema = z.strictObject({
  id: idField,
  name: nameField,
  on: change.optional(),
  off: change.optional(),
  /** A seat that was taken out with it: nobody sits there while the part is listed. */
  seat: idField.optional(),
  /** Whether the declared empty mass already contains the change. */
  inEmptyMass: z.enum(['yes', 'no', 'unknown']),
  date: dateField.optional(),
  /** The slip whose weighing showed that this is on board, whatever it is. */
  foundBy: idField.optional(),
});

/** Part of the body that can be moved: a bed folded away, a slide-out, a table. */
export const fittingSchema = z.strictObject({
  id: idField,
  name: nameField,
  mass: massField,
  positions: z
    .array(z.strictObject({ id: idField, name: nameField, x: positionField.optional(), y: lateralField.optional() }))
    .min(2)
    .max(6),
  /** Where it stood when the empty figure was taken; that figure contains it there. */
  emptyAt: idField,
});

export type FittedPart = z.infer<typeof fittedPartSchema>;
export type Fitting = z.infer<typeof fittingSchema>;
export type Place = z.infer<typeof placeSchema>;
export type Tank = z.infer<typeof tankSchema>;
export type Seat = z.infer<typeof seatSchema>;

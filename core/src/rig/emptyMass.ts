import { z } from 'zod';
import {
  dateField,
  listBounds,
  lengthPlusMinusField,
  litresField,
  massField,
  nameField,
  plusMinusField,
  positionField,
  sheetOf,
  typedField,
} from './fields.ts';

export const vehicleBases = [
  'au-tare-vehicle',
  'kerb',
  'running-order',
  'running-order-half-tank',
  'dry',
  'weighed',
] as const;
export const trailerBases = ['au-tare-trailer', 'running-order', 'dry', 'weighed'] as const;

/** What a published or weighed empty figure is measured by. Without it the figure means nothing. */
export type EmptyBasis = (typeof vehicleBases)[number] | (typeof trailerBases)[number];

/** Something that stood on the scale with the body and is not part of it. */
const onBoardSchema = z.strictObject({ name: nameField, mass: massField, x: positionField.optional() });

const shared = {
  source: z.enum(['brochure', 'registration', 'plate', 'ticket', 'other']),
  date: dateField.optional(),
  /** As typed, by field name, so that a figure read in pounds is shown in pounds. */
  typed: sheetOf(typedField).optional(),
  plusMinus: plusMinusField.optional(),
  /** Only for `weighed`: what to take off again. */
  onBoard: z.array(onBoardSchema).max(listBounds.onBoard).optional(),
  /** Fresh water and gas contents the maker counts in a running-order figure. */
  waterLitres: litresField.optional(),
  gasContent: massField.optional(),
};

export const vehicleEmptyMassSchema = z.strictObject({
  basis: z.enum(vehicleBases),
  total: massField.optional(),
  frontAxle: massField.optional(),
  rearAxle: massField.optional(),
  /** ± of the split between the axles: what the front has more, the rear has less. */
  splitPlusMinus: plusMinusField.optional(),
  ...shared,
});

export const trailerEmptyMassSchema = z.strictObject({
  basis: z.enum(trailerBases),
  total: massField.optional(),
  /** Empty ball load in the state of the basis. */
  ballLoad: massField.optional(),
  ballLoadPlusMinus: plusMinusField.optional(),
  /** Take the centre of the body length when the ball load is not known; marked as an estimate everywhere. */
  estimateBallLoad: z.boolean().optional(),
  ...shared,
});

export const camperBases = ['dry', 'weighed'] as const;

export const camperEmptyMassSchema = z.strictObject({
  basis: z.enum(camperBases),
  total: massField.optional(),
  /** Centre of mass behind the camper's front wall, as its maker marks it. */
  centre: positionField.optional(),
  /** m */
  centrePlusMinus: lengthPlusMinusField.optional(),
  /** Take the middle of the floor when the centre is not known; marked as an estimate everywhere. */
  estimateCentre: z.boolean().optional(),
  ...shared,
});
export type CamperEmptyMass = z.infer<typeof camperEmptyMassSchema>;

export type VehicleEmptyMass = z.infer<typeof vehicleEmptyMassSchema>;
export type TrailerEmptyMass = z.infer<typeof trailerEmptyMassSchema>;

import { z } from 'zod';
import { lengthField, lengthPlusMinusField, massField, overhangField } from './fields.ts';

const doubt = lengthPlusMinusField.optional();

/** Lengths of a powered vehicle, m. All optional: what is unknown stays unknown. */
export const vehicleGeometrySchema = z.strictObject({
  /** Front axle to rear axle, or to the drive axle where there is a tag axle. */
  wheelbase: lengthField.optional(),
  /** Coupling behind the (drive) rear axle; negative for a pin ahead of it. */
  couplingOverhang: overhangField.optional(),
  /** Fifth-wheel pin behind the (drive) rear axle; ahead of it is negative. */
  pinOverhang: overhangField.optional(),
  frontOverhang: lengthField.optional(),
  /** Body end behind the last axle. */
  rearOverhang: lengthField.optional(),
  height: lengthField.optional(),
  width: lengthField.optional(),
  /** Between the middles of the left and right tyres (or pairs of tyres). */
  frontTrack: lengthField.optional(),
  rearTrack: lengthField.optional(),
  /** A tag axle behind the drive axle that shares the rear load by a fixed ratio. */
  tagAxle: z.strictObject({ offset: lengthField, driveShare: z.number().min(0.01).max(0.99) }).optional(),
  /** ± of a length that a load leans on, m; left out: taken as exact. */
  plusMinus: z
    .strictObject({ wheelbase: doubt, couplingOverhang: doubt, pinOverhang: doubt, tagOffset: doubt })
    .optional(),
});

/** Lengths of a trailer, m, from the coupling centre rearwards. */
export const trailerGeometrySchema = z.strictObject({
  /** Coupling to the centre of the axle group. */
  axlePosition: lengthField.optional(),
  axles: z.number().int().min(1).max(3),
  /** Coupling to the jockey wheel. */
  jockeyPosition: lengthField.optional(),
  /** Between neighbouring axles. */
  axleSpread: lengthField.optional(),
  /** Coupling to the front wall. */
  drawbarLength: lengthField.optional(),
  bodyLength: lengthField.optional(),
  height: lengthField.optional(),
  width: lengthField.optional(),
  /** Between the middles of the left and right tyres. */
  track: lengthField.optional(),
  plusMinus: z.strictObject({ axlePosition: doubt }).optional(),
  /** Whether rockers or levers make the axles of the group share evenly. */
  equalises: z.enum(['yes', 'no', 'unknown']).optional(),
  /** How far so many kg more on the whole group press its springs down, m. */
  settling: z.strictObject({ mass: massField.optional(), by: lengthField.optional() }).optional(),
});

/** Lengths of a slide-on camper, m, from its front wall rearwards. */
export const camperGeometrySchema = z.strictObject({
  /** Of the floor that stands on the tray. */
  floorLength: lengthField.optional(),
  /** How far the bed over the cab reaches ahead of the front wall. */
  overCab: lengthField.optional(),
  height: lengthField.optional(),
  width: lengthField.optional(),
});
export type CamperGeometry = z.infer<typeof camperGeometrySchema>;

export type VehicleGeometry = z.infer<typeof vehicleGeometrySchema>;
export type TrailerGeometry = z.infer<typeof trailerGeometrySchema>;

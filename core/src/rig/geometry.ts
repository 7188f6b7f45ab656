import { z } from 'zod';
import { lengthField, overhangField } from './fields.ts';

/** Lengths of a powered vehicle, m. All optional: what is unknown stays unknown. */
export const vehicleGeometrySchema = z.strictObject({
  /** Front axle to rear axle, or to the drive axle where there is a tag axle. */
  wheelbase: lengthField.optional(),
  /** Coupling behind the (drive) rear axle; negative for a pin ahead of it. */
  couplingOverhang: overhangField.optional(),
  frontOverhang: lengthField.optional(),
  /** Body end behind the last axle. */
  rearOverhang: lengthField.optional(),
  height: lengthField.optional(),
  /** A tag axle behind the drive axle that shares the rear load by a fixed ratio. */
  tagAxle: z.strictObject({ offset: lengthField, driveShare: z.number().gt(0).lt(1) }).optional(),
});

/** Lengths of a trailer, m, from the coupling centre rearwards. */
export const trailerGeometrySchema = z.strictObject({
  /** Coupling to the centre of the axle group. */
  axlePosition: lengthField.optional(),
  axles: z.number().int().min(1).max(3),
  /** Between neighbouring axles. */
  axleSpread: lengthField.optional(),
  /** Coupling to the front wall. */
  drawbarLength: lengthField.optional(),
  bodyLength: lengthField.optional(),
  height: lengthField.optional(),
});

export type VehicleGeometry = z.infer<typeof vehicleGeometrySchema>;
export type TrailerGeometry = z.infer<typeof trailerGeometrySchema>;

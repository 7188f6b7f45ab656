import { z } from 'zod';
import { trailerEmptyMassSchema, vehicleEmptyMassSchema } from './emptyMass.ts';
import { fittedPartSchema, placeSchema, seatSchema, tankSchema } from './equipment.ts';
import { idField, nameField, noteField } from './fields.ts';
import { trailerGeometrySchema, vehicleGeometrySchema } from './geometry.ts';
import { plateSchema } from './plate.ts';

export const vehicleBuilds = ['car', 'wagon', 'ute', 'van', 'motorhome'] as const;
export type VehicleBuild = (typeof vehicleBuilds)[number];

const shared = {
  id: idField,
  name: nameField,
  note: noteField.optional(),
  plates: z.array(plateSchema).max(40),
  places: z.array(placeSchema).max(120),
  tanks: z.array(tankSchema).max(30),
  fitted: z.array(fittedPartSchema).max(200),
};

/** A powered vehicle. x runs rearwards from its front axle. */
const vehicleSchema = z.strictObject({
  kind: z.literal('vehicle'),
  build: z.enum(vehicleBuilds),
  geometry: vehicleGeometrySchema,
  emptyMass: vehicleEmptyMassSchema.optional(),
  seats: z.array(seatSchema).max(20),
  ...shared,
});

/** A centre-axle trailer. x runs rearwards from its coupling. */
const trailerSchema = z.strictObject({
  kind: z.literal('trailer'),
  braked: z.boolean(),
  geometry: trailerGeometrySchema,
  emptyMass: trailerEmptyMassSchema.optional(),
  ...shared,
});

export const bodySchema = z.discriminatedUnion('kind', [vehicleSchema, trailerSchema]);

export type Vehicle = z.infer<typeof vehicleSchema>;
export type Trailer = z.infer<typeof trailerSchema>;
export type Body = Vehicle | Trailer;

/** A vehicle with living quarters counts water and gas in its running-order mass; others do not. */
export const isMotorCaravan = (vehicle: Vehicle): boolean => vehicle.build === 'motorhome';

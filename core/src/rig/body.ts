import { z } from 'zod';
import { camperEmptyMassSchema, trailerEmptyMassSchema, vehicleEmptyMassSchema } from './emptyMass.ts';
import { fittedPartSchema, fittingSchema, placeSchema, seatSchema, tankSchema } from './equipment.ts';
import { ownDueSchema } from './due.ts';
import { dateField, idField, listBounds, nameField, noteField, sheetOf } from './fields.ts';
import { camperGeometrySchema, trailerGeometrySchema, vehicleGeometrySchema } from './geometry.ts';
import { lookSchema, offerSchema, sights } from './offer.ts';
import { plateSchema } from './plate.ts';
import { runningGearSchema } from './runningGear.ts';

export const vehicleBuilds = ['car', 'wagon', 'ute', 'van', 'motorhome'] as const;
export type VehicleBuild = (typeof vehicleBuilds)[number];

export const presences = ['present', 'absent', 'unknown'] as const;
export type Presence = (typeof presences)[number];

/** Plates and running gear as they stood until a day: history, read only to look back. */
const formerPlatesSchema = z.strictObject({
  id: idField,
  /** Up to and with the day before this one. */
  until: dateField,
  /** What took their place, in the owner's words. */
  name: nameField,
  plates: z.array(plateSchema).max(listBounds.plates),
  gear: z.array(runningGearSchema).max(6).optional(),
});
export type FormerPlates = z.infer<typeof formerPlatesSchema>;

/** What the papers of a British van or pick-up make of it: its speeds follow from that. */
export const vanClasses = ['goods', 'dualPurpose', 'carDerived'] as const;

/** What a towing limit in the papers of a vehicle means: the whole trailer, or what stands on the trailer's axles. */
export const towReadings = ['whole', 'axles'] as const;

const shared = {
  id: idField,
  name: nameField,
  note: noteField.optional(),
  plates: z.array(plateSchema).max(listBounds.plates),
  formerPlates: z.array(formerPlatesSchema).max(listBounds.formerPlates).optional(),
  places: z.array(placeSchema).max(listBounds.places),
  tanks: z.array(tankSchema).max(listBounds.tanks),
  fitted: z.array(fittedPartSchema).max(listBounds.fitted),
  fittings: z.array(fittingSchema).max(listBounds.fittings).optional(),
  /** Take what is usual for such a body where nobody has said: as a range, never as a figure. */
  typical: z.boolean().optional(),
  /** What a declared empty figure contains, piece by piece; for what makers often leave out. */
  declared: sheetOf(z.enum(['yes', 'no', 'unknown'])).optional(),
  /** What cannot be read off a plate, as it was found. */
  seen: sheetOf(z.enum(sights)).optional(),
  /** Notes and pictures of a walk round it. */
  looks: z.array(lookSchema).max(listBounds.looks).optional(),
  offer: offerSchema.optional(),
  /** What falls due of it, as its owner knows. */
  dues: z.array(ownDueSchema).max(listBounds.dues).optional(),
};

/** A powered vehicle. x runs rearwards from its front axle. */
const vehicleSchema = z.strictObject({
  kind: z.literal('vehicle'),
  build: z.enum(vehicleBuilds),
  geometry: vehicleGeometrySchema,
  emptyMass: vehicleEmptyMassSchema.optional(),
  seats: z.array(seatSchema).max(listBounds.seats),
  gear: z.array(runningGearSchema).max(6).optional(),
  /** Things that are there or not, and that decide what may be towed. */
  mirrors: z.enum(presences).optional(),
  brakeController: z.enum(presences).optional(),
  abs: z.enum(presences).optional(),
  /** A system of its maker that steadies a trailer, as its papers name it. */
  trailerStability: z.enum(presences).optional(),
  /** Driven by a battery or hydrogen alone: some licences cover more of them. */
  zeroEmission: z.boolean().optional(),
  classedAs: z.enum(vanClasses).optional(),
  /** Of both of its towing limits. */
  towLimitMeans: z.enum(towReadings).optional(),
  ...shared,
});

export const brakeKinds = ['overrun', 'electric', 'other'] as const;

const couplings = ['ball', 'fifthWheel'] as const;
export type Coupling = (typeof couplings)[number];

/** A centre-axle trailer on a ball, or one on a fifth wheel. x runs rearwards from its coupling. */
const trailerSchema = z.strictObject({
  kind: z.literal('trailer'),
  braked: z.boolean(),
  /** Left out: a ball. */
  coupling: z.enum(couplings).optional(),
  gear: z.array(runningGearSchema).max(6).optional(),
  chains: z.enum(presences).optional(),
  chainCount: z.number().int().min(1).max(4).optional(),
  brakeKind: z.enum(brakeKinds).optional(),
  /** What a higher speed while towing may ask for. */
  dampers: z.enum(presences).optional(),
  stabiliser: z.enum(presences).optional(),
  hundredPlate: z.enum(presences).optional(),
  /** For goods, a boat or a car, and no caravan. */
  goods: z.enum(presences).optional(),
  breakaway: z.enum(presences).optional(),
  /** For the least payload its maker must leave. */
  berths: z.number().int().min(1).max(12).optional(),
  geometry: trailerGeometrySchema,
  emptyMass: trailerEmptyMassSchema.optional(),
  ...shared,
});

/** A camper carried on a vehicle's tray. x runs rearwards from its front wall. */
const camperSchema = z.strictObject({
  kind: z.literal('camper'),
  geometry: camperGeometrySchema,
  emptyMass: camperEmptyMassSchema.optional(),
  ...shared,
});

export const bodySchema = z.discriminatedUnion('kind', [vehicleSchema, trailerSchema, camperSchema]);

export type Vehicle = z.infer<typeof vehicleSchema>;
export type Trailer = z.infer<typeof trailerSchema>;
export type Camper = z.infer<typeof camperSchema>;
export type Body = Vehicle | Trailer | Camper;

/** Whether it is coupled at a pin over the bed and not on a ball behind. */
export const isFifthWheel = (trailer: Trailer | undefined): boolean => trailer?.coupling === 'fifthWheel';

/** A vehicle with living quarters counts water and gas in its running-order mass; others do not. */
export const isMotorCaravan = (vehicle: Vehicle): boolean => vehicle.build === 'motorhome';

import { z } from 'zod';
import { packingWishSchema } from './packingWish.ts';
import { saidSchema } from './saidSchema.ts';
import { placeKinds } from '../rig/equipment.ts';
import {
  dateField,
  fractionField,
  idField,
  lateralField,
  lengthField,
  listBounds,
  massField,
  mostPieces,
  nameField,
  plusMinusField,
  positionField,
} from '../rig/fields.ts';

/** Something that is owned: at home until a loadout places it. */
export const thingSchema = z.strictObject({
  id: idField,
  name: nameField,
  /** The typical thing it was taken from, or is said to be like: knows what serves instead. */
  like: idField.optional(),
  /** kg, of one. */
  mass: massField,
  plusMinus: plusMinusField.optional(),
  /** The day it stood on a scale; left out: nobody has said. */
  weighedOn: dateField.optional(),
  /** kg, of one, soaked: an awning after rain. */
  wetMass: massField.optional(),
  /** m, how long it is and how high its centre sits when it stands. */
  length: lengthField.optional(),
  height: lengthField.optional(),
  /** m from its middle to its centre of mass, towards its heavy end. */
  heavyEnd: lengthField.optional(),
  /** Eaten on the way. */
  food: z.literal(true).optional(),
  /** Where alone it may go, by kind of place; left out: anywhere. */
  onlyIn: z.array(z.enum(placeKinds)).min(1).max(placeKinds.length).optional(),
});

const crewSchema = z.strictObject({
  id: idField,
  name: nameField,
  mass: massField,
  plusMinus: plusMinusField.optional(),
  seat: idField.optional(),
  /** A dog takes no belted seat and is no passenger. */
  pet: z.boolean().optional(),
  /** Several people by their mass together; how many, nobody has said. */
  several: z.literal(true).optional(),
});

const placementSchema = z.strictObject({
  thing: idField,
  count: z.number().int().min(1).max(mostPieces),
  body: idField,
  place: idField,
  /** m, where in the place, when known better than "somewhere in it". */
  x: positionField.optional(),
  y: lateralField.optional(),
  wet: z.boolean().optional(),
  /** The heavy end lies to the rear instead of to the front. */
  turned: z.boolean().optional(),
});

const fittingPositionSchema = z.strictObject({ body: idField, fitting: idField, position: idField });

const tankLevelSchema = z.strictObject({
  body: idField,
  tank: idField,
  /** 0 empty to 1 full. */
  fraction: fractionField,
});

/** What an empty figure may contain beside the body itself. */
const basisParts = ['driver', 'fuel', 'water', 'gas'] as const;
export type BasisPart = (typeof basisParts)[number];

const takenOutSchema = z.strictObject({ body: idField, part: z.enum(basisParts) });

/** One way to load a rig: who sits where, what lies where, how full the tanks are. */
export const loadoutSchema = z.strictObject({
  id: idField,
  name: nameField,
  crew: z.array(crewSchema).max(listBounds.crew),
  placements: z.array(placementSchema).max(listBounds.placements),
  tankLevels: z.array(tankLevelSchema).max(listBounds.tankLevels),
  /** Where moving parts stand; those not named stand where the empty figure has them. */
  fittingPositions: z.array(fittingPositionSchema).max(listBounds.fittingPositions).optional(),
  /** What an empty figure contains and is not on board, though nothing of the list stands in its place. */
  takenOut: z.array(takenOutSchema).max(listBounds.takenOut).optional(),
  /** What is said of a body as a whole, instead of reckoned. */
  said: z.array(saidSchema).max(listBounds.said).optional(),
  /** What a packing of it is to be like. */
  packing: packingWishSchema.optional(),
});

export type Thing = z.infer<typeof thingSchema>;
export type CrewMember = z.infer<typeof crewSchema>;
export type Placement = z.infer<typeof placementSchema>;
export type Loadout = z.infer<typeof loadoutSchema>;

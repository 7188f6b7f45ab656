import { z } from 'zod';
import { idField, massField, nameField, plusMinusField, positionField } from '../rig/fields.ts';

/** Something that is owned: at home until a loadout places it. */
export const thingSchema = z.strictObject({
  id: idField,
  name: nameField,
  /** kg, of one. */
  mass: massField,
  plusMinus: plusMinusField.optional(),
});

const crewSchema = z.strictObject({
  id: idField,
  name: nameField,
  mass: massField,
  plusMinus: plusMinusField.optional(),
  seat: idField.optional(),
  /** A dog takes no belted seat and is no passenger. */
  pet: z.boolean().optional(),
});

const placementSchema = z.strictObject({
  thing: idField,
  count: z.number().int().min(1).max(999),
  body: idField,
  place: idField,
  /** m, where in the place, when known better than "somewhere in it". */
  x: positionField.optional(),
});

const tankLevelSchema = z.strictObject({
  body: idField,
  tank: idField,
  /** 0 empty to 1 full. */
  fraction: z.number().min(0).max(1),
});

/** One way to load a rig: who sits where, what lies where, how full the tanks are. */
export const loadoutSchema = z.strictObject({
  id: idField,
  name: nameField,
  crew: z.array(crewSchema).max(20),
  placements: z.array(placementSchema).max(2000),
  tankLevels: z.array(tankLevelSchema).max(60),
});

export type Thing = z.infer<typeof thingSchema>;
export type CrewMember = z.infer<typeof crewSchema>;
export type Placement = z.infer<typeof placementSchema>;
export type Loadout = z.infer<typeof loadoutSchema>;

import { z } from 'zod';
import {
  dateField,
  distanceField,
  fractionField,
  idField,
  listBounds,
  massField,
  nameField,
  notTooFine,
  odometerField,
  plusMinusField,
} from '../rig/fields.ts';
import { jurisdictionSchema } from '../situation/situation.ts';

/** What every part of a trip has: where it is, or leads to, in the owner's words. */
const base = { id: idField, at: nameField.optional() };

/** So far, or so long at the pace of the trip; in another country or state from here on where one is named. */
const driveSchema = z.strictObject({
  ...base,
  kind: z.literal('drive'),
  km: distanceField.optional(),
  hours: z.number().min(0).max(200).optional(),
  where: jurisdictionSchema.optional(),
});

const nightsSchema = z.strictObject({ ...base, kind: z.literal('nights'), nights: z.number().int().min(0).max(400) });

/** A tank filled or drained so far. */
const tankSchema = z.strictObject({
  ...base,
  kind: z.literal('tank'),
  body: idField,
  tank: idField,
  fraction: fractionField,
});

/** Something bought: it lies in a place from here on, and is eaten with the rest where it is food. */
const shopSchema = z.strictObject({
  ...base,
  kind: z.literal('shop'),
  name: nameField,
  mass: massField,
  plusMinus: plusMinusField.optional(),
  food: z.literal(true).optional(),
  body: idField,
  place: idField,
});

/** A thing that goes: one that was aboard, or one bought on the way (by the id of that). */
const setDownSchema = z.strictObject({ ...base, kind: z.literal('setDown'), thing: idField });

const joinSchema = z.strictObject({
  ...base,
  kind: z.literal('join'),
  name: nameField,
  mass: massField,
  plusMinus: plusMinusField.optional(),
  seat: idField.optional(),
  pet: z.literal(true).optional(),
});

/** Somebody who gets out: by the id in the crew, or of where he got in. */
const partSchema = z.strictObject({ ...base, kind: z.literal('part'), member: idField });

const unhitchSchema = z.strictObject({ ...base, kind: z.literal('unhitch') });
const hitchSchema = z.strictObject({ ...base, kind: z.literal('hitch') });

/** A weighing on the way, with its slip once there is one. */
const weighSchema = z.strictObject({ ...base, kind: z.literal('weigh'), ticket: idField.optional() });

/** One part of a trip, in the order of the road. */
const sectionSchema = z.discriminatedUnion('kind', [
  driveSchema,
  nightsSchema,
  tankSchema,
  shopSchema,
  setDownSchema,
  joinSchema,
  partSchema,
  unhitchSchema,
  hitchSchema,
  weighSchema,
]);
export type Section = z.infer<typeof sectionSchema>;
export type SectionKind = Section['kind'];

/** What a trip uses up by the kilometre and the day. */
export const rateNames = ['fuelAlone', 'fuelTowing', 'water', 'waste', 'gas', 'food', 'pace'] as const;
export type RateName = (typeof rateNames)[number];

const rateSchema = z.strictObject({
  value: notTooFine(z.number().min(0).max(1000)),
  plusMinus: notTooFine(z.number().min(0).max(1000)).optional(),
});

/** Something as it really went: a part of the plan (by its id) or one nobody planned. */
const logEntrySchema = z.strictObject({
  id: idField,
  /** Day and time, local, ISO 8601. */
  on: z.iso.datetime({ local: true }),
  did: sectionSchema,
  /** A part of the plan that did not take place. */
  skipped: z.literal(true).optional(),
  /** The part of the plan it came after; left out: before all of it, or the part of the plan itself. */
  after: idField.optional(),
  /** km on the odometer. */
  odometer: odometerField.optional(),
  /** What was put in, L (gas kg). */
  added: notTooFine(z.number().min(0).max(5000)).optional(),
});
export type LogEntry = z.infer<typeof logEntrySchema>;

/** A trip: as it is planned, as it goes, and what of all that was aboard was used when it was over. */
export const tripSchema = z.strictObject({
  id: idField,
  name: nameField,
  /** The day it sets out. */
  date: dateField.optional(),
  rig: idField,
  plan: z.array(sectionSchema).max(listBounds.sections).optional(),
  rates: z.partialRecord(z.enum(rateNames), rateSchema).optional(),
  log: z.array(logEntrySchema).max(listBounds.logEntries).optional(),
  /** Only of a trip that is over. */
  carried: z
    .array(z.strictObject({ thing: idField, used: z.boolean() }))
    .max(listBounds.placements)
    .optional(),
});
export type Trip = z.infer<typeof tripSchema>;

import { z } from 'zod';
import { loadoutSchema, thingSchema } from './loadout.ts';
import {
  dateField,
  idField,
  listBounds,
  massField,
  nameField,
  noteField,
  photoField,
  plusMinusField,
} from '../rig/fields.ts';

/** Steps of a scale, kg. */
const stepField = z.number().min(0.001).max(1000);

/** What may stand on the plate of a scale. `ball`: a scale or stand under the coupling. */
const weighedParts = ['front', 'rear', 'drive', 'tag', 'trailer', 'axle1', 'axle2', 'axle3', 'jockey', 'ball'] as const;
export type WeighedPart = (typeof weighedParts)[number];

/** Whether it is an axle of the vehicle, and nothing of a trailer. */
export const isOfVehicle = (part: WeighedPart): boolean => ['front', 'rear', 'drive', 'tag'].includes(part);

/**
 * One number of a slip: which wheels stood on the plate, whether coupled, and what held the nose of an uncoupled trailer up.
 * `rear` is the whole group where there is a tag axle; `drive` and `tag` are its axles. `trailer` is its whole axle group,
 * `axle1` (foremost) to `axle3` the axles of it.
 */
const readingSchema = z.strictObject({
  id: idField,
  state: z.enum(['coupled', 'uncoupled']),
  /** Bars of a distribution hitch under tension. */
  bars: z.boolean().optional(),
  support: z.enum(['ball', 'jockey']).optional(),
  on: z.array(z.enum(weighedParts)).min(1).max(weighedParts.length),
  /** Only the wheels of this side, looking forward; left out: both. */
  side: z.enum(['left', 'right']).optional(),
  /** kg */
  value: massField,
  /** Steps of the scale, kg; left out: those of the ticket. */
  graduation: stepField.optional(),
  /** Another scale than the ticket's, by its name. */
  scale: nameField.optional(),
  /** Who of those on board was not on the plate or in the vehicle for this reading: the driver who got out to read it. */
  without: z.array(idField).max(listBounds.crew).optional(),
});
export type Reading = z.infer<typeof readingSchema>;

/** What was read at one weighing of a rig. */
export const ticketSchema = z.strictObject({
  id: idField,
  rig: idField,
  name: nameField,
  date: dateField.optional(),
  /** Of the day, by the clock there. */
  time: z.iso.time({ precision: -1 }).optional(),
  place: nameField.optional(),
  /** Which scale, so that two of them can be told apart years later. */
  scale: nameField.optional(),
  /** Number or date of its certificate, as it stands on the slip. */
  certificate: nameField.optional(),
  /** Most its certificate says it may be off, kg. */
  scaleError: plusMinusField.optional(),
  note: noteField.optional(),
  /** Pictures of the slip and of the rig on the plate, by the hash of their contents. */
  photos: z.array(photoField).max(listBounds.photos).optional(),
  /** kg that somebody guessed for all that would be weighed, before the scale showed anything: kept as it was guessed. */
  guess: massField.optional(),
  /** Steps of the scale, kg. */
  graduation: stepField,
  readings: z.array(readingSchema).max(listBounds.readings),
  /** What was on board then: a copy, so that a later change of the plan does not change what was weighed. */
  loadout: loadoutSchema.optional(),
  /** Somebody was asked how the rig was loaded, and nobody knows. */
  loadUnknown: z.literal(true).optional(),
  /** Things of that copy which are owned no more: as they were when they were taken off the list. */
  gone: z.array(thingSchema).max(listBounds.placements).optional(),
  /** Things and people of whom somebody said that they came or went since, and were not so on the scale already. */
  since: z.array(idField).max(listBounds.placements).optional(),
});
export type Ticket = z.infer<typeof ticketSchema>;

/** Up to so many steps a scale in service may be off by one of them, above by two. */
const finePart = 500;

/**
 * One standard deviation of a reading, kg: the rounding to its steps (a step over √12), or what a scale in service may be
 * off (one step up to 500 of them, two above; that is two standard deviations), whichever is worse.
 * @param certified what its certificate says it may be off at most, kg: stands for the general figure
 */
export function readingSigma(value: number, graduation: number, certified?: number): number {
  const off = certified ?? (value <= finePart * graduation ? graduation : 2 * graduation);
  return Math.max(graduation / Math.sqrt(12), off / 2);
}

/**
 * The same for a reading on its ticket. Readings of two scales disagree by what both are off: where a ticket has more than
 * one scale, each reading's variance counts the error of a scale once more.
 */
export function sigmaOn(ticket: Ticket, reading: Reading, value = reading.value): number {
  const own = reading.scale === undefined || reading.scale === ticket.scale;
  const graduation = reading.graduation ?? ticket.graduation;
  const sigma = readingSigma(value, graduation, own ? ticket.scaleError : undefined);
  return scalesOf(ticket) > 1 ? Math.SQRT2 * sigma : sigma;
}

const scalesOf = (ticket: Ticket): number =>
  new Set(ticket.readings.map((one) => one.scale ?? ticket.scale ?? '')).size;

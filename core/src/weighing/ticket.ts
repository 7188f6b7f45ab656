import { z } from 'zod';
import { loadoutSchema } from '../loading/loadout.ts';
import { dateField, idField, massField, nameField } from '../rig/fields.ts';

/** What may stand on the plate of a scale. `ball`: a scale or stand under the coupling. */
const weighedParts = ['front', 'rear', 'drive', 'tag', 'trailer', 'jockey', 'ball'] as const;
export type WeighedPart = (typeof weighedParts)[number];

/**
 * One number of a slip: which wheels stood on the plate, whether coupled, and what held the nose of an uncoupled trailer up.
 * `rear` is the whole group where there is a tag axle; `drive` and `tag` are its axles.
 */
const readingSchema = z.strictObject({
  id: idField,
  state: z.enum(['coupled', 'uncoupled']),
  /** Bars of a distribution hitch under tension. */
  bars: z.boolean().optional(),
  support: z.enum(['ball', 'jockey']).optional(),
  on: z.array(z.enum(weighedParts)).min(1).max(weighedParts.length),
  /** kg */
  value: massField,
  /** Steps of the scale, kg; left out: those of the ticket. */
  graduation: z.number().positive().max(1000).optional(),
});
export type Reading = z.infer<typeof readingSchema>;

/** What was read at one weighing of a rig. */
export const ticketSchema = z.strictObject({
  id: idField,
  rig: idField,
  name: nameField,
  date: dateField.optional(),
  /** Steps of the scale, kg. */
  graduation: z.number().positive().max(1000),
  readings: z.array(readingSchema).max(60),
  /** What was on board then: a copy, so that a later change of the plan does not change what was weighed. */
  loadout: loadoutSchema.optional(),
});
export type Ticket = z.infer<typeof ticketSchema>;

/** Up to so many steps a scale in service may be off by one of them, above by two. */
const finePart = 500;

/**
 * One standard deviation of a reading, kg: the rounding to its steps (a step over √12), or what a scale in service may be
 * off (one step up to 500 of them, two above; that is two standard deviations), whichever is worse.
 */
export function readingSigma(value: number, graduation: number): number {
  const off = value <= finePart * graduation ? graduation : 2 * graduation;
  return Math.max(graduation / Math.sqrt(12), off / 2);
}

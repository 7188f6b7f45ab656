import { z } from 'zod';
import { coupleField, lengthField, listBounds, notTooFine } from './fields.ts';

const distributionSchema = z.discriminatedUnion('kind', [
  /** 1 restores the front axle fully, 0.5 half. */
  z.strictObject({ kind: z.literal('fraction'), fraction: notTooFine(z.number().min(0).max(1.5)) }),
  z.strictObject({ kind: z.literal('couple'), coupleNm: coupleField }),
]);

/** m over the road of a wheel arch: the vehicle by itself, hitched up, and with the bars on. */
const archSchema = z.strictObject({
  alone: lengthField.optional(),
  coupled: lengthField.optional(),
  bars: lengthField.optional(),
});

/** How the bars were set, in the owner's own count (links, shims, turns), and the couple that was measured there. */
const settingSchema = z.strictObject({ at: notTooFine(z.number().min(-100).max(100)), coupleNm: coupleField });

/** What stands between vehicle and trailer beside ball and coupling. */
export const hitchSchema = z.strictObject({
  /** Receiver pin to ball without any extension, m. */
  ballMount: lengthField.optional(),
  /** A hitch extension between receiver and ball mount, m. */
  extension: lengthField.optional(),
  /** Least distance seen between body and trailer in a full turn, m. */
  turningClearance: lengthField.optional(),
  distribution: distributionSchema.optional(),
  /** Whether the makers of vehicle, receiver and coupling allow a distribution hitch. */
  distributionAllowed: z.enum(['yes', 'no', 'unknown']).optional(),
  /** Heights of the vehicle's wheel arches, an aid to setting the bars. */
  arches: z.strictObject({ front: archSchema.optional(), rear: archSchema.optional() }).optional(),
  settings: z.array(settingSchema).max(listBounds.settings).optional(),
});
export type Hitch = z.infer<typeof hitchSchema>;
export type ArchHeights = z.infer<typeof archSchema>;

import { z } from 'zod';
import { coupleField, lengthField, notTooFine } from './fields.ts';

const distributionSchema = z.discriminatedUnion('kind', [
  /** 1 restores the front axle fully, 0.5 half. */
  z.strictObject({ kind: z.literal('fraction'), fraction: notTooFine(z.number().min(0).max(1.5)) }),
  z.strictObject({ kind: z.literal('couple'), coupleNm: coupleField }),
]);

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
});
export type Hitch = z.infer<typeof hitchSchema>;

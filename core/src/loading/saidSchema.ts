import { z } from 'zod';
import { fractionField, idField, massField, plusMinusField } from '../rig/fields.ts';

/**
 * What an owner says of a body as it is loaded, instead of having it reckoned from all that lies in it: all of it, and of a
 * trailer what rests on the coupling, as a load or as a share of the trailer (0 to 1).
 */
export const saidSchema = z.strictObject({
  body: idField,
  /** kg; of a vehicle by itself, without what a trailer rests on it. */
  total: massField.optional(),
  totalPlusMinus: plusMinusField.optional(),
  /** kg of what the plan had put on the body when its total was said: what is put on or taken off since still counts. */
  listed: z.number().min(-100_000).max(100_000).optional(),
  ballLoad: massField.optional(),
  /** kg that the plan put on the coupling when its load was said: what is put in or taken out since still moves it. */
  ballListed: z.number().min(-100_000).max(100_000).optional(),
  ballLoadPlusMinus: plusMinusField.optional(),
  /** Counts where no ball load is said. */
  ballShare: fractionField.optional(),
  ballSharePlusMinus: fractionField.optional(),
});
export type Said = z.infer<typeof saidSchema>;

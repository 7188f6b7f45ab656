import { z } from 'zod';
import { dateField, idField, nameField } from './fields.ts';

/** What falls due of a body by a day its owner knows: from a paper, a sticker, a letter. */
export const dueKinds = ['gas', 'inspection', 'registration', 'insurance', 'service', 'other'] as const;
export type DueKind = (typeof dueKinds)[number];

/** The next day of it, as its owner read it; we know no intervals that hold everywhere. */
export const ownDueSchema = z.strictObject({
  id: idField,
  kind: z.enum(dueKinds),
  /** What it is, in the owner's words. */
  name: nameField.optional(),
  day: dateField,
  /** Months until the next one, once it is done; left out: it does not come again. */
  everyMonths: z.number().int().min(1).max(240).optional(),
});
export type OwnDue = z.infer<typeof ownDueSchema>;

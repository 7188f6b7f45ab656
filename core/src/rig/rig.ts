import { z } from 'zod';
import { idField, listBounds, nameField, positionField } from './fields.ts';
import { hitchSchema } from './hitch.ts';

/** A vehicle, alone or with what it carries and tows, in a situation, with the loadout last looked at. */
export const rigSchema = z.strictObject({
  id: idField,
  name: nameField,
  /** Left out: a trailer judged by itself, as a buyer would. */
  vehicle: idField.optional(),
  trailer: idField.optional(),
  /** A slide-on camper and where its front wall stands, m behind the front axle. */
  camper: z.strictObject({ body: idField, x: positionField.optional() }).optional(),
  hitch: hitchSchema.optional(),
  situation: idField,
  loadout: idField,
  /** All the ways to load it, in the owner's order, where there is more than that one. */
  variants: z.array(idField).max(listBounds.variants).optional(),
});
export type Rig = z.infer<typeof rigSchema>;

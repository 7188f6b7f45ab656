import { z } from 'zod';
import { idField, nameField } from './fields.ts';

/** A vehicle, alone or with the trailer behind it, in a situation, with the loadout last looked at. */
export const rigSchema = z.strictObject({
  id: idField,
  name: nameField,
  vehicle: idField,
  trailer: idField.optional(),
  situation: idField,
  loadout: idField,
});
export type Rig = z.infer<typeof rigSchema>;

import { z } from 'zod';
import { idField, massField, nameField, noteField, positionField } from '../rig/fields.ts';
import { limitNames, plateSources } from '../rig/limitNames.ts';

/** What can be had to carry more, or to weigh less on paper. */
const packageKinds = [
  'paper',
  'tyres',
  'airSprings',
  'frontSprings',
  'wheels',
  'axle',
  'brakes',
  'coupling',
  'drawbar',
  'chassis',
  'beforeRegistration',
  'afterRegistration',
  'combination',
  'downrate',
] as const;

const costKinds = ['certifier', 'parts', 'fitting', 'authority'] as const;

/** A limit set anew: to a figure, or by so much from what stands now. kg; kN for D and V values. */
const newLimitSchema = z.strictObject({
  limit: z.enum(limitNames),
  to: massField.optional(),
  by: z.number().min(-20_000).max(20_000).optional(),
  /** The plate of a part; left out: the plates and papers of the body itself. */
  part: z.enum(plateSources).optional(),
});

/** One way to change the limits of a body: an open record, the owner's own quote or an example. */
export const upratePackageSchema = z.strictObject({
  id: idField,
  name: nameField,
  kind: z.enum(packageKinds),
  of: z.enum(['vehicle', 'trailer']),
  limits: z.array(newLimitSchema).max(20),
  /** What it weighs itself, and where. */
  adds: z.array(z.strictObject({ mass: massField, x: positionField.optional() })).max(10),
  costs: z
    .array(
      z.strictObject({
        kind: z.enum(costKinds),
        amount: z.number().min(0).max(1_000_000),
        taxIncluded: z.boolean(),
      }),
    )
    .max(20),
  currency: z.string().regex(/^[A-Z]{3}$/),
  /** Packages that cannot be had beside it. */
  excludes: z.array(idField).max(40).optional(),
  conditions: noteField.optional(),
});
export type UpratePackage = z.infer<typeof upratePackageSchema>;

/** All cost lines together, in the currency of the package, taxed or not as each line says. */
export const costOf = ({ costs }: Pick<UpratePackage, 'costs'>): number =>
  costs.reduce((sum, { amount }) => sum + amount, 0);

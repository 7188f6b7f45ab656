import { z } from 'zod';
import {
  dateField,
  idField,
  listBounds,
  massField,
  nameField,
  noteField,
  notTooFine,
  positionField,
} from '../rig/fields.ts';
import { limitNames, plateSources } from '../rig/limitNames.ts';
import { runningGearSchema } from '../rig/runningGear.ts';
import { regions } from '../situation/situation.ts';

/** What can be had to carry more, or to weigh less on paper. */
export const packageKinds = [
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

/** By which way it becomes lawful: papers alone, a certified workshop, before first registration, the maker's approval. */
export const packageRoutes = ['paperOnly', 'workshop', 'beforeRegistration', 'maker'] as const;

export const costKinds = ['certifier', 'parts', 'fitting', 'authority'] as const;

/** A limit set anew: to a figure, or by so much from what stands now. kg; kN for D and V values. */
const newLimitSchema = z.strictObject({
  limit: z.enum(limitNames),
  to: massField.optional(),
  by: notTooFine(z.number().min(-20_000).max(20_000)).optional(),
  /** The plate of a part; left out: the plates and papers of the body itself. */
  part: z.enum(plateSources).optional(),
});

/** New tyres, wheels or springs of an axle: what is not named stays as it is. */
const newGearSchema = runningGearSchema
  .pick({ axle: true, loadIndex: true, wheelRating: true, springRating: true })
  .strict();

/** One way to change the limits of a body: an open record, the owner's own quote or an example. */
export const upratePackageSchema = z.strictObject({
  id: idField,
  name: nameField,
  kind: z.enum(packageKinds),
  of: z.enum(['vehicle', 'trailer']),
  limits: z.array(newLimitSchema).max(20),
  gear: z.array(newGearSchema).max(4).optional(),
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
    .max(listBounds.costs),
  currency: z.string().regex(/^[A-Z]{3}$/),
  /** Packages that cannot be had beside it. */
  excludes: z.array(idField).max(listBounds.excludes).optional(),
  conditions: noteField.optional(),
  route: z.enum(packageRoutes).optional(),
  /** Which papers come with it. */
  papers: noteField.optional(),
  /** Where it can be had; left out: anywhere. */
  regions: z.array(z.enum(regions)).min(1).max(regions.length).optional(),
});
export type UpratePackage = z.infer<typeof upratePackageSchema>;

/** What somebody offered for one rig: a package with whose word it is. */
export const quoteSchema = upratePackageSchema.extend({
  rig: idField,
  from: nameField.optional(),
  date: dateField.optional(),
});
export type Quote = z.infer<typeof quoteSchema>;

/** All cost lines together, in the currency of the package, taxed or not as each line says. */
export const costOf = ({ costs }: Pick<UpratePackage, 'costs'>): number =>
  costs.reduce((sum, { amount }) => sum + amount, 0);

/** Whether tax still comes on top of some line, so that the sum is not all there is to pay. */
export const taxComes = ({ costs }: Pick<UpratePackage, 'costs'>): boolean =>
  costs.some(({ taxIncluded, amount }) => !taxIncluded && amount > 0);

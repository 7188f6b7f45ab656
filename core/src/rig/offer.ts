import { z } from 'zod';
import { listBounds, noteField, photoField } from './fields.ts';

/** What one looks at on a walk round a used trailer or vehicle, in the order in which one comes past. */
export const walkStops = {
  trailer: [
    'plate',
    'coupling',
    'drawbar',
    'chassis',
    'welds',
    'springs',
    'brakes',
    'tyres',
    'lights',
    'floor',
    'repairs',
    'gas',
    'papers',
  ],
  vehicle: ['plate', 'towBar', 'chassis', 'springs', 'brakes', 'tyres', 'lights', 'floor', 'repairs', 'gas', 'papers'],
} as const;
export type WalkStop = (typeof walkStops)['trailer' | 'vehicle'][number];
const allStops = [...new Set<WalkStop>([...walkStops.trailer, ...walkStops.vehicle])] as const;

/** How something was found: seen and sound, seen and not, or not seen. */
export const sights = ['sound', 'doubtful', 'notSeen'] as const;
export type Sight = (typeof sights)[number];

/** What was noted and photographed at one stop of a walk round. */
export const lookSchema = z.strictObject({
  /** The stop is its id: there is one of each. */
  id: z.enum(allStops),
  note: noteField.optional(),
  photos: z.array(photoField).max(listBounds.photos).optional(),
});
export type Look = z.infer<typeof lookSchema>;

/** A body that is offered to the owner and is not his: it stands in no rig yet. */
export const offerSchema = z.strictObject({
  price: z
    .strictObject({ amount: z.number().min(0).max(100_000_000), currency: z.string().regex(/^[A-Z]{3}$/) })
    .optional(),
});
export type Offer = z.infer<typeof offerSchema>;

/** What makers leave out of an empty figure and every owner has: each a part fitted beside it. */
export const leftOuts = ['battery', 'gas', 'options'] as const;
export type LeftOut = (typeof leftOuts)[number];
/** The id of the part on the body. */
export const leftOutId = (what: LeftOut): string => `left-out-${what}`;

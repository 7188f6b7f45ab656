import { z } from 'zod';
import { fractionField, idField, listBounds } from '../rig/fields.ts';

/** What a packing may be good at. Each is seen to in the owner's order, and none gives away what one before it has gained. */
const packingAims = ['leastLeft', 'fewestMoves', 'mostMargin', 'ballMiddle', 'leastInertia'] as const;
export type PackingAim = (typeof packingAims)[number];

/**
 * How a thing may be treated. stays: where it lies. comes: anywhere, but never at home. spare: may as well stay at home.
 * A thing nobody said anything of goes anywhere, and stays at home only where nothing else helps.
 */
const thingWishes = ['stays', 'comes', 'spare'] as const;
export type ThingWish = (typeof thingWishes)[number];

const placeIn = { body: idField, place: idField };

/** What an owner wants of a packing of one loadout. */
export const packingWishSchema = z.strictObject({
  aims: z.array(z.enum(packingAims)).max(packingAims.length).optional(),
  things: z
    .array(z.strictObject({ thing: idField, how: z.enum(thingWishes) }))
    .max(listBounds.placements)
    .optional(),
  /** Where a thing is not to go, whatever its kind. */
  never: z
    .array(z.strictObject({ thing: idField, ...placeIn }))
    .max(listBounds.placements)
    .optional(),
  /** Places in which nothing more is put. */
  closed: z.array(z.strictObject(placeIn)).max(listBounds.places).optional(),
  /** Tanks that may be filled otherwise, and between which levels; every other stays as it is. */
  tanks: z
    .array(z.strictObject({ body: idField, tank: idField, from: fractionField, to: fractionField }))
    .max(listBounds.tankLevels)
    .optional(),
  /** Who sits where may change, but for the driver. */
  seats: z.literal(true).optional(),
  /** Several of one thing may be parted. */
  parted: z.literal(true).optional(),
  /** The usual band of the load on the coupling need not be kept. */
  noBand: z.literal(true).optional(),
  /** Every limit is kept by two standard deviations of its load. */
  certain: z.literal(true).optional(),
  /** So many moves at most. */
  mostMoves: z.int().min(1).max(listBounds.placements).optional(),
});

export type PackingWish = z.infer<typeof packingWishSchema>;

/** The aims in the owner's order, those nobody ordered behind in the usual one. */
export const aimsInOrder = ({ aims = [] }: PackingWish): readonly PackingAim[] => [
  ...aims,
  ...packingAims.filter((one) => !aims.includes(one)),
];

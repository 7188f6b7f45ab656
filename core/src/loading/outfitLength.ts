import type { RigView } from './rigView.ts';

/** From bumper to rear wall, m, at least and at most. What is not known of it makes it only longer. */
export interface OutfitLength {
  readonly least: number;
  readonly most: number;
}

/** The length of the vehicle, and with a trailer of both. */
export function outfitLength({ vehicle, trailer }: Pick<RigView, 'vehicle' | 'trailer'>): OutfitLength {
  const ahead = vehicle?.geometry;
  const behind = trailer?.geometry;
  const reach = trailer ? ahead?.couplingOverhang : ahead?.rearOverhang;
  const own = [ahead?.frontOverhang, ahead?.wheelbase, reach];
  const towed = trailer ? [behind?.drawbarLength, behind?.bodyLength] : [];
  const all = [...(vehicle ? own : []), ...towed];
  const least = all.reduce<number>((sum, one) => sum + (one ?? 0), 0);
  return { least, most: all.includes(undefined) ? Infinity : least };
}

import type { Place } from '../rig/equipment.ts';
import type { Placement, Thing } from './loadout.ts';

type How = Pick<Placement, 'count'> & Partial<Pick<Placement, 'wet' | 'turned' | 'x' | 'y'>>;

/** kg of one as it lies there: wet where it is said to be wet and somebody has said what it then weighs. */
const massOfOne = (thing: Thing, how: Pick<How, 'wet'> | undefined): number =>
  how?.wet ? (thing.wetMass ?? thing.mass) : thing.mass;

/** kg of all of them as they lie there. */
export const placedMass = (thing: Thing, how: How): number => massOfOne(thing, how) * how.count;

/** m on its body where the mass of a thing acts: its heavy end lies to the front unless it is turned. null: nobody has said. */
export function placedX(thing: Thing, how: How, place: Pick<Place, 'x'>): number | null {
  const middle = how.x ?? place.x;
  if (middle === undefined) return null;
  return middle + leanOf(thing, how);
}

/** m from the middle of a thing to its centre of mass, rearwards. */
export const leanOf = (thing: Pick<Thing, 'heavyEnd'>, how: Pick<How, 'turned'> | undefined): number =>
  how?.turned ? (thing.heavyEnd ?? 0) : -(thing.heavyEnd ?? 0);

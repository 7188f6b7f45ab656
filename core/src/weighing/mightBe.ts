import { tankLevel } from '../loading/tankLevel.ts';
import { typicalThings } from '../library/typicalThings.data.ts';
import { tankContents } from '../loading/tankContents.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { standardPerson } from '../rig/bareMass.ts';
import { seatsIn } from '../rig/seatsIn.ts';
import type { UnlistedOn } from './unlisted.ts';

/** Something that may explain what a slip found. `mass` is what it would account for, kg; `x` where, m, if anybody knows. */
export interface Suspect {
  readonly kind: 'fitted' | 'tank' | 'seat' | 'home' | 'typical';
  readonly id: string;
  /** The owner's own name; of a typical thing its name is in the catalogue. */
  readonly name: string;
  readonly mass: number;
  readonly x: number | null;
  /** Of a tank the level it would have had, 0 to 1. */
  readonly fraction?: number;
  /** How many standard deviations away the unlisted mass and place are: the smaller, the likelier. */
  readonly distance: number;
}

/** What a person may weigh more or less, and how far an unknown thing may be off its typical mass, kg. */
const personSpread = 15;
/** m: where a thing lies is known no better than to its place. */
const placeSpread = 0.4;
/** Further away than this it explains nothing. */
const farthest = 3;
const mostShown = 8;

/**
 * What may have been forgotten, the likeliest first: parts of which nobody knows whether the empty figure contains them,
 * tanks fuller or emptier than said, somebody on a free seat, things left "at home", and things that are typically
 * forgotten. Compared by mass, and by place where one is known.
 */
export function mightBe(view: RigView, found: UnlistedOn): readonly Suspect[] {
  const bodies = placedBodies(view).filter(({ side }) => side === found.side);
  const candidates = bodies.flatMap(({ body, offset }): readonly Suspect[] => {
    const at = (x: number | undefined) => (x === undefined || offset === null ? null : x + offset);
    const fitted = body.fitted.flatMap((part): readonly Suspect[] => {
      const net = (part.on?.mass ?? 0) - (part.off?.mass ?? 0);
      // The plan counts half of it: the other half is on board too, or that half is not.
      const mass = Math.sign(found.mass) * Math.abs(net / 2);
      if (part.inEmptyMass !== 'unknown' || net === 0) return [];
      return [suspect(found, 'fitted', part.id, part.name, mass, at(part.on?.x ?? part.off?.x), 1)];
    });
    const tanks = body.tanks.flatMap((tank): readonly Suspect[] => {
      const level = tankLevel(view, body.id, tank.id);
      const [now, full] = [tankContents(tank, level), tankContents(tank, 1)];
      if (now === null || full === null) return [];
      const most = found.mass > 0 ? full - now : -now;
      // A tank can explain anything up to what it holds.
      const mass = found.mass > 0 ? Math.min(found.mass, most) : Math.max(found.mass, most);
      const fraction = full > 0 ? Math.min(1, Math.max(0, level + mass / full)) : level;
      return mass === 0 ? [] : [{ ...suspect(found, 'tank', tank.id, tank.name, mass, at(tank.x), 2), fraction }];
    });
    const seated = new Set(view.loadout.crew.map(({ seat }) => seat));
    const seats = body.kind === 'vehicle' && found.mass > 0 ? seatsIn(body).filter(({ id }) => !seated.has(id)) : [];
    return [
      ...fitted,
      ...tanks,
      ...seats.map((seat) => suspect(found, 'seat', seat.id, seat.name, standardPerson, at(seat.x), personSpread)),
    ];
  });
  return [...candidates, ...(found.mass > 0 ? [...leftAtHome(view, found), ...forgotten(view, found)] : [])]
    .filter(({ distance }) => distance <= farthest)
    .sort((a, b) => a.distance - b.distance)
    .slice(0, mostShown);
}

function suspect(
  found: UnlistedOn,
  kind: Suspect['kind'],
  id: string,
  name: string,
  mass: number,
  x: number | null,
  spread: number,
): Suspect {
  const byMass = (found.mass - mass) / Math.hypot(found.massError, spread);
  const byPlace = x === null || found.x === null ? 0 : (found.x - x) / Math.hypot(found.xError ?? 0, placeSpread);
  return { kind, id, name, mass, x, distance: Math.hypot(byMass, byPlace) };
}

const leftAtHome = (view: RigView, found: UnlistedOn): readonly Suspect[] => {
  const placed = new Set(view.loadout.placements.map(({ thing }) => thing));
  return [...view.things.values()]
    .filter(({ id }) => !placed.has(id))
    .map((thing) => suspect(found, 'home', thing.id, thing.name, thing.mass, null, (thing.plusMinus ?? 1) / 2));
};

const forgotten = (view: RigView, found: UnlistedOn): readonly Suspect[] => {
  const owned = new Set([...view.things.values()].map(({ name }) => name.toLowerCase()));
  return typicalThings
    .filter(({ id }) => !owned.has(id.toLowerCase()))
    .map(({ id, least, most }) =>
      // Half a range more away than what is known by name: a guess ranks behind.
      ({ ...suspect(found, 'typical', id, '', (least + most) / 2, null, (most - least) / 2) }),
    )
    .map((one) => ({ ...one, distance: one.distance + 0.5 }));
};

import type { CrewMember, Placement } from '../loading/loadout.ts';
import { keptLoads } from '../loading/emptyLoads.ts';
import { loadoutLoads } from '../loading/loadoutLoads.ts';
import type { RigView } from '../loading/rigView.ts';
import { standardPerson } from '../rig/bareMass.ts';
import type { Body, Vehicle } from '../rig/body.ts';

/** Who comes along and what they take, whichever car and trailer it is. kg. */
export interface Family {
  readonly people: readonly Pick<CrewMember, 'mass' | 'pet'>[];
  readonly inCar: number;
  /** `inCar` has their water and gas in it: what the empty figure of a car contains of them is not on board as well. */
  readonly withLiquids?: true;
  /** Things, water and gas; null: the trailer as it is planned. */
  readonly inTrailer: number | null;
}

/** kg a person takes along in the car, and in the trailer; and what a trailer holds whoever comes. Our estimate, low confidence. */
const each = { inCar: 20, inTrailer: 40 };
const always = { inTrailer: 90 };

/** So many people of usual mass with what such people usually take. Our estimate, low confidence. */
export const typicalFamily = (people: number): Family & { readonly inTrailer: number } => ({
  people: Array.from({ length: people }, () => ({ mass: standardPerson })),
  inCar: each.inCar * people,
  inTrailer: always.inTrailer + each.inTrailer * people,
});

/** Who and what the plan has on board: people, and things, water and gas; parts fitted to a body stay with it. */
export function plannedFamily(view: RigView): Family & { readonly inTrailer: number } {
  const loaded = (body: Body | undefined) =>
    body
      ? [...loadoutLoads(view, body).loads, ...keptLoads(view, body)]
          .filter(({ origin, id }) => origin === 'thing' || (origin === 'tank' && !isFuel(body, id)))
          .reduce((sum, { mass }) => sum + mass, 0)
      : 0;
  return {
    people: view.loadout.crew.map(({ mass, pet }) => ({ mass, ...(pet ? { pet } : {}) })),
    inCar: loaded(view.vehicle) + loaded(view.camper),
    withLiquids: true,
    inTrailer: loaded(view.trailer),
  };
}

const isFuel = ({ tanks }: Body, id: string): boolean => tanks.find((one) => one.id === id)?.kind === 'fuel';

/** What people take along, as one thing of theirs. */
const luggage = { id: 'family-luggage', name: '?' };

/**
 * The rig with another car under the same trailer: people in its seats as far as it has them, their things in its first place.
 * A hitch that spreads the load and a camper stay with the car they belong to.
 */
export function familyView(view: RigView, car: Vehicle, { people, inCar, withLiquids }: Family): RigView {
  const { loadout } = view;
  const onTrailer = ({ body }: Pick<Placement, 'body'>) => body === view.trailer?.id;
  const seats = [...car.seats].sort((a, b) => Number(b.driver ?? false) - Number(a.driver ?? false));
  const belted = people.filter(({ pet }) => !pet);
  const crew = people.map((one, at): CrewMember => {
    const seat = one.pet ? undefined : seats[belted.indexOf(one)];
    return { id: `family-${at}`, name: String(at + 1), ...one, ...(seat ? { seat: seat.id } : {}) };
  });
  const [place] = car.places;
  const liquids = withLiquids ? (['water', 'gas'] as const).map((part) => ({ body: car.id, part })) : [];
  const carried: Placement[] = place ? [{ thing: luggage.id, count: 1, body: car.id, place: place.id }] : [];
  // In a car of which no place is known it is on board as a dog is: somewhere, and on no seat.
  if (!place) crew.push({ ...luggage, mass: inCar, pet: true });
  return {
    ...view,
    vehicle: car,
    camper: undefined,
    rig: {
      ...view.rig,
      camper: undefined,
      vehicle: car.id,
      ...(car.id === view.vehicle?.id ? {} : { hitch: undefined }),
    },
    loadout: {
      ...loadout,
      crew,
      placements: [...loadout.placements.filter(onTrailer), ...carried],
      tankLevels: loadout.tankLevels.filter(onTrailer),
      fittingPositions: loadout.fittingPositions?.filter(onTrailer),
      takenOut: [...(loadout.takenOut?.filter(onTrailer) ?? []), ...liquids],
      said: loadout.said?.filter(onTrailer),
    },
    things: new Map([...view.things, [luggage.id, { ...luggage, mass: inCar }]]),
  };
}

import { typicalThings } from '../library/typicalThings.data.ts';
import type { Place, PlaceKind } from '../rig/equipment.ts';
import type { Thing } from './loadout.ts';
import type { PackingWish, ThingWish } from './packingWish.ts';

/** A place of a body. */
export interface PlaceAt {
  readonly body: string;
  readonly is: Pick<Place, 'id' | 'kind' | 'length'>;
}

type Judged = Pick<Thing, 'id' | 'onlyIn' | 'length' | 'like'>;

/** In the open, where what is not made for it gets wet or is lost. */
const outside: readonly PlaceKind[] = ['rack', 'roof', 'tray'];
/** Where nothing goes by somebody else's advice: behind a seat row it flies forward unless it is held, and nobody knows what holds it. */
const onlyByItsOwner: readonly PlaceKind[] = ['behindSeats'];

const gasBottles = new Set(typicalThings.flatMap(({ id, group }) => (group === 'gas' ? [id] : [])));

/** Whether a thing may go into a place by what its owner said of it: what he puts somewhere himself lies there. */
export const mayGo = (thing: Pick<Thing, 'onlyIn'> | undefined, { kind }: Pick<Place, 'kind'>): boolean =>
  thing?.onlyIn === undefined || thing.onlyIn.includes(kind);

/** A gas locker holds gas and nothing else. */
const isGas = ({ like }: Judged): boolean => like !== undefined && gasBottles.has(like);

/**
 * Whether it is advice to take a thing from one place to another: what may lie there by kind, length and its owner's wish. Whose owner has
 * not said into what kinds of places it goes: nothing leaves a gas locker, is taken from inside to a rack, a roof or a tray, or is put
 * behind a seat row, and what rides outside comes no further in than a garage. How much room there is besides, nobody has measured.
 */
export function maySend(thing: Judged, from: PlaceAt, to: PlaceAt, { never = [], closed = [] }: PackingWish): boolean {
  if (!mayGo(thing, to.is)) return false;
  if (thing.length !== undefined && to.is.length !== undefined && thing.length > to.is.length) return false;
  const is = (one: { body: string; place: string }) => one.body === to.body && one.place === to.is.id;
  if (closed.some(is) || never.some((one) => one.thing === thing.id && is(one))) return false;
  if (thing.onlyIn) return true;
  if (to.is.kind === 'gasLocker') return isGas(thing);
  if (from.is.kind === 'gasLocker' || onlyByItsOwner.includes(to.is.kind)) return false;
  return outside.includes(from.is.kind)
    ? outside.includes(to.is.kind) || to.is.kind === 'garage'
    : !outside.includes(to.is.kind);
}

/** What an owner wants of things and places, whatever else is asked of a packing. */
export const placingWish = ({ things, never, closed }: PackingWish = {}): PackingWish => ({
  ...(things ? { things } : {}),
  ...(never ? { never } : {}),
  ...(closed ? { closed } : {}),
});

/** How the owner wants a thing to be treated; undefined: nobody said. */
export const wishFor = ({ things = [] }: PackingWish, thing: string): ThingWish | undefined =>
  things.find((one) => one.thing === thing)?.how;

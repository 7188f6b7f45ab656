import { placedBodies, type RigView } from '../loading/rigView.ts';
import type { Missing } from '../rig/missing.ts';
import type { LoadOrigin, PointLoad, Side } from '../statics/pointLoad.ts';
import type { Mass } from './loads.ts';

interface Planned {
  readonly view: RigView;
  readonly points: readonly PointLoad[];
  readonly massMissing: Readonly<Record<Side, readonly Missing[]>>;
}

const itself: readonly LoadOrigin[] = ['empty', 'basis', 'said'];

const sideOf = (view: RigView, body: string): Side | undefined =>
  placedBodies(view).find((one) => one.body.id === body)?.side;

/** Fuel tanks as body/tank: a tank's id is its own only within its body. */
const fuelTanks = (view: RigView): ReadonlySet<string> =>
  new Set(
    placedBodies(view).flatMap(({ body }) =>
      body.tanks.filter(({ kind }) => kind === 'fuel').map(({ id }) => `${body.id}/${id}`),
    ),
  );

/** The loads on a body that are neither itself nor its fuel; a camper on a vehicle is carried whole. */
export function carriedPoints({ view, points }: Omit<Planned, 'massMissing'>, body: string): readonly PointLoad[] {
  const side = sideOf(view, body);
  const fuel = fuelTanks(view);
  return points.filter(
    (load) =>
      load.side === side &&
      !(load.body === body && itself.includes(load.origin)) &&
      !(load.origin === 'tank' && fuel.has(`${load.body}/${load.id}`)),
  );
}

/** kg of them with one standard deviation; what the body weighs empty, or holds of fuel, need not be known. */
export function carried(planned: Planned, body: string): Mass {
  const { view, massMissing } = planned;
  const side = sideOf(view, body);
  const fuel = fuelTanks(view);
  const unneeded = (one: Missing) =>
    one.body === body && (one.code === 'emptyMass' || ('item' in one && fuel.has(`${one.body}/${one.item}`)));
  const missing = side ? massMissing[side].filter((one) => !unneeded(one)) : [];
  if (missing.length > 0) return { kind: 'unknown', missing };
  const own = carriedPoints(planned, body);
  const value = own.reduce((sum, load) => sum + load.mass, 0);
  return { kind: 'known', value, sigma: Math.sqrt(own.reduce((sum, load) => sum + load.sigma ** 2, 0)) };
}

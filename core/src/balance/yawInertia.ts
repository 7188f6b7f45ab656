import type { Compiled } from '../loads/compile.ts';
import { isBare } from '../loading/payloadOrigins.ts';
import type { PointLoad, Side } from '../statics/pointLoad.ts';

/** Where the mass of one body sits along its length. kg, m, kg·m². */
export interface MassAlong {
  readonly side: Side;
  readonly mass: number;
  /** The centre of everything whose place is known. */
  readonly centre: number;
  /** What the inertia is taken about: the axle of a trailer, the centre of a vehicle. */
  readonly about: number;
  /** Σ m·(x − about)², each load as a point. */
  readonly inertia: number;
  /** The same with everything loaded lying over that point: what only the empty body leaves. */
  readonly least: number;
  readonly loads: readonly PlacedLoad[];
}

type PlacedLoad = PointLoad & { readonly x: number };

/** null where a body, its mass or its axle is not known. Each load counts as a point: only differences mean anything. */
export function massAlong(compiled: Compiled, side: Side): MassAlong | null {
  if (!compiled.view[side] || compiled.massMissing[side].length > 0) return null;
  const loads = compiled.points.filter((load): load is PlacedLoad => load.side === side && load.x !== null);
  const mass = loads.reduce((sum, load) => sum + load.mass, 0);
  if (mass <= 0) return null;
  const centre = loads.reduce((sum, load) => sum + load.mass * load.x, 0) / mass;
  const about = side === 'trailer' ? compiled.lengths.trailer?.axlePosition : centre;
  if (about === undefined) return null;
  const of = (list: readonly PlacedLoad[]) => list.reduce((sum, load) => sum + load.mass * (load.x - about) ** 2, 0);
  return {
    side,
    mass,
    centre,
    about,
    inertia: of(loads),
    least: of(loads.filter((load) => isBare(load))),
    loads,
  };
}

/** What one kg at x adds to the inertia about a point, kg·m² per kg. */
export const inertiaPerKg = (x: number, about: number): number => (x - about) ** 2;

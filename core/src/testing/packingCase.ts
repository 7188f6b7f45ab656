import { compile } from '../loads/compile.ts';
import type { Thing } from '../loading/loadout.ts';
import type { PackingWish } from '../loading/packingWish.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Place } from '../rig/equipment.ts';
import { influenceAt } from '../statics/row.ts';
import type { Effect } from '../packing/decisions.ts';
import type { Guard } from '../packing/guards.ts';
import { caseView, type CaseRig } from './caseRig.ts';

/** A worked case of packing, as its file has it. */
export interface PackingCase {
  readonly rig: CaseRig;
  readonly zones: readonly {
    readonly id: string;
    readonly body: 'vehicle' | 'trailer';
    readonly x: number;
    readonly capacity: number;
  }[];
  readonly items: readonly {
    readonly id: string;
    readonly m: number;
    readonly allowed: readonly string[];
    readonly current: string;
    readonly mayLeave?: boolean;
  }[];
  readonly limits: Readonly<Record<string, number>>;
  readonly objective: 'minMoves' | 'minYawInertia' | 'feasible' | 'minLeftHome';
  readonly fills?: readonly {
    readonly id: string;
    readonly body: 'trailer';
    readonly x: number;
    readonly min: number;
    readonly max: number;
  }[];
}

/** The rig of a case with its zones as rated places and its things where they lie now. */
export function packingView(given: PackingCase): RigView {
  const limits = Object.fromEntries(
    Object.entries(given.limits).filter(([name]) => name !== 'ballMinFraction' && name !== 'ballMaxFraction'),
  );
  const view = caseView({ ...given.rig, limits });
  const kinds = ['locker', 'cupboard', 'boot', 'garage', 'floor'] as const;
  const kindOf = (zone: string) => kinds[given.zones.findIndex(({ id }) => id === zone)] ?? 'floor';
  const places = (body: string): Place[] =>
    given.zones
      .filter((zone) => zone.body === body)
      .map(({ id, x, capacity }) => ({ id, name: id, kind: kindOf(id), x, rating: { value: capacity } }));
  const things = given.items.map(({ id, m, allowed }): Thing => ({
    id,
    name: id,
    mass: m,
    onlyIn: allowed.map(kindOf),
  }));
  const { vehicle, trailer } = view;
  if (!vehicle || !trailer) throw new Error('a case of packing has both');
  const tanks = (given.fills ?? []).map(({ id, x, max }) => ({
    id,
    name: id,
    kind: 'fresh' as const,
    capacityL: max,
    densityKgPerL: 1,
    x,
  }));
  return {
    ...view,
    vehicle: { ...vehicle, places: [...vehicle.places, ...places('vehicle')] },
    trailer: { ...trailer, places: [...trailer.places, ...places('trailer')], tanks },
    things: new Map([...view.things, ...things.map((thing) => [thing.id, thing] as const)]),
    loadout: {
      ...view.loadout,
      placements: [
        ...view.loadout.placements,
        ...given.items.map(({ id, current }) => ({
          thing: id,
          count: 1,
          body: given.zones.find((zone) => zone.id === current)?.body ?? '',
          place: current,
        })),
      ],
      tankLevels: (given.fills ?? []).map(({ id, body, min, max }) => ({ body, tank: id, fraction: min / max })),
    },
  };
}

/** What may be done with its things: the people stay where they are. */
export const packingWish = (given: PackingCase): PackingWish => ({
  noBand: true,
  things: [
    ...(given.rig.vehicle?.masses ?? []).map(({ id }) => ({ thing: `vehicle-${id}`, how: 'stays' as const })),
    ...given.items.map(({ id, mayLeave }) => ({
      thing: id,
      how: mayLeave && given.objective === 'minLeftHome' ? ('spare' as const) : ('comes' as const),
    })),
  ],
  tanks: (given.fills ?? []).map(({ id, body, min, max }) => ({ body, tank: id, from: min / max, to: 1 })),
});

/** A share of the trailer that the coupling has to carry, at least or at most: no law, but the case asks for it. */
export function shareGuards({ limits }: PackingCase, view: RigView, effects: readonly Effect[], like: Guard): Guard[] {
  const { values } = compile(view);
  const [ball, total] = [values.ballLoad, values.trailerTotal];
  if (ball.kind !== 'known' || total.kind !== 'known') throw new Error('a case of packing is known');
  const guard = (id: string, share: number, sign: 1 | -1): Guard => ({
    check: { ...like.check, id },
    need: 0,
    line: {
      margin: sign * (ball.value - share * total.value),
      loss: effects.map(
        ({ side, x, masses }) =>
          -sign * (masses[0] ?? 0) * (influenceAt(ball.row, side, x) - share * influenceAt(total.row, side, x)),
      ),
    },
  });
  return [
    ...(limits['ballMinFraction'] === undefined ? [] : [guard('least', limits['ballMinFraction'], 1)]),
    ...(limits['ballMaxFraction'] === undefined ? [] : [guard('most', limits['ballMaxFraction'], -1)]),
  ];
}

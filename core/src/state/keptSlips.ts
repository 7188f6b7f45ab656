import { verbatim } from '../messages/message.ts';
import type { KeptSlip, RigView } from '../loading/rigView.ts';
import { keptDriver } from '../loading/emptyLoads.ts';
import { namedLevel } from '../loading/namedLevel.ts';
import { tankContents } from '../loading/tankContents.ts';
import { isOfVehicle, type Reading, type Ticket } from '../loading/ticket.ts';
import { withTypical } from '../loading/typical.ts';
import { compile, type Compiled } from '../loads/compile.ts';
import { rigLengths } from '../loading/rigLengths.ts';
import { placedBodies } from '../loading/rigView.ts';
import { asItStood } from '../scale/asItStood.ts';
import { adjust } from '../scale/leastSquares.ts';
import { adjustTicket, suspects, weighingLengths } from '../scale/slipEquations.ts';
import type { LoadOrigin, PointLoad, Side } from '../statics/pointLoad.ts';
import { changesBetween, type Change } from './changes.ts';
import type { Slip } from './slipToday.ts';
import type { UnlistedMass } from './underTotal.ts';

/** A slip as it was solved: what its readings say, and the list it was taken with. */
interface Solved {
  readonly ticket: Ticket;
  readonly adjusted: ReturnType<typeof adjustTicket>;
  readonly estimate: Slip['estimate'];
  readonly suspects: readonly number[];
  /** The same without each of the readings that cannot all be right. */
  readonly candidates: readonly Slip['estimate'][];
  readonly plan: Compiled;
  readonly asStood: RigView;
  /** How it was coupled then. */
  readonly coupling: string;
  /** What it found beside its list, by the lengths that were asked with: it is the same for every way to load the rig. */
  readonly unlisted: Map<string, readonly UnlistedMass[]>;
}

/** What a slip settles of a load does not change: it is asked again for every way to load the rig that is looked at. */
function remembered(estimate: Slip['estimate']): Slip['estimate'] {
  const known = new Map<string, ReturnType<Slip['estimate']>>();
  const seen = new WeakMap<object, ReturnType<Slip['estimate']>>();
  const asked = (of: Parameters<Slip['estimate']>[0]) => {
    const key = Object.entries(of).flat().join(' ');
    const found = known.get(key) ?? (known.has(key) ? null : estimate(of));
    known.set(key, found);
    return found;
  };
  return (of) => {
    const found = seen.get(of) ?? (seen.has(of) ? null : asked(of));
    seen.set(of, found);
    return found;
  };
}

const solvedSlips = new WeakMap<KeptSlip, Map<string, Solved>>();

/** Which bodies of a rig stood on the scale as they are in this rig: a slip speaks for its bodies in every rig that has them. */
interface Shared {
  readonly vehicle: boolean;
  readonly trailer: boolean;
}

/** A vehicle with its camper on is another load than without. */
const sharedWith = (view: RigView, { then }: KeptSlip): Shared => ({
  vehicle: view.vehicle !== undefined && view.vehicle.id === then.vehicle?.id && view.camper?.id === then.camper?.id,
  trailer: view.trailer !== undefined && view.trailer.id === then.trailer?.id,
});

/** Coupled readings carry over only where both bodies are the same; of the others what stood there by itself. */
function speaks({ vehicle, trailer }: Shared, then: RigView, { state, on }: Reading): boolean {
  const alone = !then.vehicle || !then.trailer;
  if (state === 'coupled' && !alone) return vehicle && trailer;
  return on.every((part) => (isOfVehicle(part) ? vehicle : trailer));
}

/** What the other readings say, the weights in the order of all. */
function leftOut(used: ReturnType<typeof adjustTicket>['used'], at: number): Slip['estimate'] {
  const { estimate } = adjust(used.filter((_, other) => other !== at));
  return (of) => {
    const found = estimate(of);
    return found && { ...found, weights: [...found.weights.slice(0, at), 0, ...found.weights.slice(at)] };
  };
}

function solve(kept: KeptSlip, shared: Shared): Solved {
  const key = `${String(shared.vehicle)} ${String(shared.trailer)}`;
  const known = solvedSlips.get(kept) ?? new Map<string, Solved>();
  solvedSlips.set(kept, known);
  const found = known.get(key);
  if (found) return found;
  const then = withTypical(kept.then);
  const ticket = { ...kept.ticket, readings: kept.ticket.readings.filter((one) => speaks(shared, then, one)) };
  const adjusted = adjustTicket(weighingLengths(then, rigLengths(then)), ticket, then);
  const { estimate } = adjusted.adjustment;
  const wrong = suspects(adjusted.adjustment);
  const asStood = asItStood(then, ticket);
  const solved = {
    ticket,
    adjusted,
    estimate: remembered(estimate),
    suspects: wrong,
    // One culprit alone may be right all the same, and nobody knows by which others: nothing passes.
    candidates: wrong.length > 1 ? wrong.map((at) => remembered(leftOut(adjusted.used, at))) : [],
    plan: compile(then),
    asStood,
    coupling: couplingOf(rigLengths(asStood)),
    unlisted: new Map<string, readonly UnlistedMass[]>(),
  };
  known.set(key, solved);
  return solved;
}

/** What belongs to a body itself is not what came and went; what is said of all of it is no thing on board. */
const aboard = ({ origin }: PointLoad): boolean => !ofBody.includes(origin);
const ofBody: readonly LoadOrigin[] = ['empty', 'basis', 'said'];

/** What was deleted after a slip counts as still on board until somebody says that it went since. */
const mayHaveGone =
  ({ gone, since }: Ticket) =>
  ({ origin, id }: PointLoad): boolean =>
    origin !== 'thing' || since?.includes(id) === true || gone?.some((one) => one.id === id) !== true;

/** A slip and everything the state asks of it. */
export interface StateSlip extends Slip {
  readonly kept: KeptSlip;
  readonly readings: readonly Reading[];
  /** The list of a body then, where every mass and every place of it is known. */
  readonly listed: (side: Side) => readonly PointLoad[] | null;
  readonly unlisted: Map<string, readonly UnlistedMass[]>;
  readonly candidates: readonly Slip['estimate'][];
  /** The rig as it stood on the scale, bars on or off as they were read. */
  readonly asStood: RigView;
  /** Whether it was coupled as the rig is now. */
  readonly coupledAlike: boolean;
}

/** The slips of a rig, newest first, those of which nobody knows how the rig was loaded last. */
export function stateSlips(view: RigView, now: Compiled): readonly StateSlip[] {
  const known = (view.slips ?? []).filter(({ ticket }) => ticket.loadout !== undefined);
  const unsure = (view.slips ?? []).filter(({ ticket }) => ticket.loadout === undefined);
  const coupling = couplingOf(now.lengths);
  return [...known, ...unsure].flatMap((kept): readonly StateSlip[] => {
    const solved = solve(kept, sharedWith(view, kept));
    const { used } = solved.adjusted;
    if (used.length === 0) return [];
    let since: readonly Change[] | undefined;
    const changes = () => {
      const [before, after] = withUnnamedTanks(kept.then, view, solved.plan.points, now.points);
      return changesBetween(
        withUnaskedDriver(before, after).filter(aboard).filter(mayHaveGone(kept.ticket)),
        after.filter(aboard),
      );
    };
    return [
      {
        kept,
        readings: used.map(({ reading, value }) => ({ ...reading, value })),
        estimate: solved.estimate,
        sigmas: used.map(({ sigma }) => sigma),
        suspects: solved.suspects,
        candidates: solved.candidates,
        // Most questions are answered by the newest slip: what came since older ones is looked at when it is asked for.
        get changes() {
          return (since ??= changes());
        },
        unsure: kept.ticket.loadout === undefined,
        unlisted: solved.unlisted,
        listed: (side) => {
          const { massMissing, placeMissing, points } = solved.plan;
          const gaps = massMissing[side].length + placeMissing[side].length;
          const own = points.filter((load) => load.side === side);
          return gaps > 0 || own.length === 0 ? null : own;
        },
        asStood: solved.asStood,
        coupledAlike: solved.coupling === coupling,
      },
    ];
  });
}

/** Without what is said of a ball load: that is no length. */
const couplingOf = ({ vehicle, trailer, distribution }: Compiled['lengths']): string =>
  JSON.stringify([vehicle, trailer?.axlePosition, distribution]);

const uniform = Math.sqrt(12);

/**
 * Where nobody was listed on the day of a slip and people are now, the driver of the empty figure stood on the plate or did not: either,
 * as far as anybody has said.
 */
function withUnaskedDriver(before: readonly PointLoad[], after: readonly PointLoad[]): readonly PointLoad[] {
  if (after.some(({ id }) => id === keptDriver)) return before;
  return before.map((load) => (load.id === keptDriver ? { ...load, mass: load.mass / 2, sigma: load.mass / 2 } : load));
}

/** A tank whose level is named on one of two days only was anything from empty to full on the other. */
function withUnnamedTanks(
  then: RigView,
  view: RigView,
  before: readonly PointLoad[],
  after: readonly PointLoad[],
): readonly [readonly PointLoad[], readonly PointLoad[]] {
  const named = ({ loadout }: RigView, body: string, tank: string) => namedLevel(loadout, body, tank) !== undefined;
  let lists = [before, after] as const;
  for (const { body, side, offset } of placedBodies(view)) {
    for (const tank of body.tanks) {
      const [was, is] = [named(then, body.id, tank.id), named(view, body.id, tank.id)];
      const full = was === is ? null : tankContents(tank, 1);
      if (full === null) continue;
      const own = (load: PointLoad) => load.origin === 'tank' && load.body === body.id && load.id === tank.id;
      const at = was ? 1 : 0;
      const other = lists[1 - at]?.find(own) ?? lists[at]?.find(own);
      const x = tank.x === undefined || offset === null ? null : tank.x + offset;
      const half: PointLoad = {
        side,
        body: body.id,
        origin: 'tank',
        id: tank.id,
        name: other?.name ?? verbatim(tank.name),
        mass: full / 2 + (tank.vesselMass ?? 0),
        sigma: full / uniform,
        x: other?.x ?? x,
        sigmaX: other?.sigmaX ?? 0,
        at: other?.at,
      };
      const changed = [...(lists[at] ?? []).filter((load) => !own(load)), half];
      lists = at === 0 ? [changed, lists[1]] : [lists[0], changed];
    }
  }
  return lists;
}

import { compile, type Compiled } from '../loads/compile.ts';
import type { Mass, Value } from '../loads/loads.ts';
import type { LengthDoubt } from '../loading/lengthDoubts.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import type { Missing } from '../rig/missing.ts';
import type { Side } from '../statics/pointLoad.ts';
import { quantityNames, type QuantityName } from '../statics/rigRows.ts';
import { combineRows, nothing, type Row } from '../statics/row.ts';
import { askedOf, coupledLoads, leversOf, rowsOf, towedOf } from './askedLoads.ts';
import { besideTheList } from './besideTheList.ts';
import { byCandidates } from './byCandidates.ts';
import { bestEstimate } from './bestEstimate.ts';
import { tellingOf, valueOf } from './knownValue.ts';
import { plannedBody } from './plannedBody.ts';
import { speaksOf } from './bodyLoads.ts';
import { doubtfulLengths, lengthSource, longerByDoubt } from './lengthsInState.ts';
import { stateSlips, type StateSlip } from './keptSlips.ts';
import { sigmaOf, sumKnown, type Known } from './known.ts';
import { ends, bodyCombinations, type Levers } from './slipToday.ts';
import { singleAxlesToday } from './singleAxlesToday.ts';
import { weighingLengths } from '../scale/slipEquations.ts';
import { partsOf, type StatePart } from './partsOf.ts';
import { noticeable, unlistedOf, type UnlistedMass } from './underTotal.ts';

/**
 * The loads of a rig from all that is known of it: what was weighed leads, brought to today by what came and went since; the list
 * says how a weighed total lies, and all of it where nothing was weighed. One set, so that every sum agrees.
 */
export interface StateLoads extends Compiled {
  readonly from: 'state';
  readonly slips: readonly StateSlip[];
  readonly levers: Levers;
  /** By what each load is known, with every doubt it rests on; null: it is not, or the list alone says it. */
  readonly known: Readonly<Record<QuantityName, Known | null>>;
  /** What the newest slip that weighed all of a body found on it beside its list. */
  readonly unlisted: readonly UnlistedMass[];
  /** kg of it that count on a body, either sign; 0 where it is no more than chance. */
  readonly beside: (side: Side) => number;
  /** What makes up a load that slips have a part in: readings, what came and went since, and what is as listed. */
  readonly partsOf: (quantity: QuantityName) => readonly StatePart[];
}

/** Whether slips have a part in a rig's loads. */
export const isState = (loads: { readonly from: string }): loads is StateLoads => loads.from === 'state';

const sides = ['vehicle', 'trailer'] as const;
const noRow: Row = { vehicle: nothing, trailer: nothing };

/** Brings a rig down to its loads from all that is known; where no scale has said anything, they are those of its list. Never throws. */
export function stateLoads(view: RigView): Compiled {
  const plan = compile(view);
  if (!view.slips || view.slips.length === 0) return plan;
  const slips = stateSlips(view, plan);
  if (slips.length === 0) return plan;
  const effects = lengthEffects(view, plan, slips);
  return byCandidates(slips, (one) => fromAll(plan, one, effects));
}

/** By how much each known load moves for one standard deviation of a length, kg: all of it reckoned anew with the length longer. */
function lengthEffects(view: RigView, plan: Compiled, slips: readonly StateSlip[]): ReadonlyMap<LengthDoubt, Moves> {
  const doubts = doubtfulLengths(view);
  if (doubts.length === 0) return new Map();
  const here = fromAll(plan, slips, new Map()).known;
  const effects = doubts.map((doubt): readonly [LengthDoubt, Moves] => {
    const longer = longerByDoubt(view, doubt);
    const again = compile(longer);
    const there = fromAll(again, stateSlips(longer, again), new Map()).known;
    const moved = quantityNames.flatMap((name) => {
      const [a, b] = [here[name], there[name]];
      const kg = a && b ? b.value - a.value : 0;
      return Math.abs(kg) < 1e-6 ? [] : [[name, kg] as const];
    });
    return [doubt, Object.fromEntries(moved)];
  });
  return new Map(effects);
}
type Moves = Readonly<Partial<Record<QuantityName, number>>>;

function fromAll(plan: Compiled, slips: readonly StateSlip[], byLength: ReadonlyMap<LengthDoubt, Moves>): StateLoads {
  const { view, lengths } = plan;
  const levers = leversOf(view, lengths);
  const asked = askedOf(view, lengths);
  const rows = rowsOf(lengths);
  const best = bestEstimate(
    {
      slips,
      levers,
      listedOn: (at, side) => slips[at]?.listed(side) ?? null,
      towed: towedOf(view, asked),
      otherwise: slips.flatMap(({ coupledAlike, asStood }, slip) =>
        coupledAlike ? [] : [{ slip, asked: coupledLoads(asStood) }],
      ),
      // Asked for only where no slip weighed the body.
      planned: {
        get vehicle() {
          return plannedBody(plan, 'vehicle', levers);
        },
        get trailer() {
          return plannedBody(plan, 'trailer', levers);
        },
      },
    },
    Object.values(asked),
  );
  const spokenOf = sides.filter((side) => slips.some((slip) => speaksOf(side, slip)));
  /** All of a rig is what its two parts are together, wherever both are known. */
  const knownOf = (name: QuantityName): Known | null => {
    const [towing, towed] = [best.of(asked.vehicleTotal), best.of(asked.trailerAxles)];
    return name === 'combination' && towing && towed
      ? sumKnown([
          [1, towing],
          [1, towed],
        ])
      : best.of(asked[name]);
  };
  const known = Object.fromEntries(
    quantityNames.map((name): [QuantityName, Known | null] => {
      const found = plan.values[name].kind === 'absent' ? null : knownOf(name);
      return [name, found && found.slips.size > 0 ? withLengths(found, name, byLength) : null];
    }),
  ) as Record<QuantityName, Known | null>;
  /** What no slip has a part in is as the list has it, unless a slip contradicts the list there. */
  const listStands = (name: QuantityName): boolean => {
    const within = sides.filter((side) => Object.values(ends[side]).some((end) => asked[name].of[end]));
    return best.of(asked[name]) !== null || (best.standing && within.every((side) => !spokenOf.includes(side)));
  };
  /** A trailer weighs no less than its wheels do. */
  const noLess = (unknown: Extract<Value, { readonly kind: 'unknown' }>, name: QuantityName): Value => {
    const part = name === 'trailerTotal' && !lengths.distribution ? known.trailerAxles : null;
    return part?.by === 'weighed' ? { ...unknown, atLeast: { value: part.value, sigma: sigmaOf(part) } } : unknown;
  };
  const tell = tellingOf(plan, [...byLength.keys()]);
  const leverKey = JSON.stringify(levers);
  const unlisted = sides.flatMap((side) => unlistedOn(side, slips, levers, leverKey));
  const besideOf = besideTheList(view, slips, unlisted, asked, levers);
  const values = Object.fromEntries(
    quantityNames.map((name): [QuantityName, Value] => {
      const [planned, found] = [plan.values[name], known[name]];
      if (planned.kind === 'absent') return [name, planned];
      if (found) return [name, valueOf(found, rows[name] ?? noRow, tell, besideOf(name))];
      const open = planned.kind === 'unknown' || listStands(name);
      const missing: Value = open ? planned : { kind: 'unknown', missing: [notWeighed(view)] };
      return [name, missing.kind === 'unknown' ? noLess(missing, name) : missing];
    }),
  ) as Record<QuantityName, Value>;
  const beside = (side: Side): number => unlisted.find((one) => one.side === side && noticeable(one.kg))?.kg.value ?? 0;
  const hidden = (body: string): boolean => {
    const side = placedBodies(view).find((one) => one.body.id === body)?.side;
    return side !== undefined && beside(side) > 0;
  };
  const listed = (mass: Mass, body: string): Mass =>
    mass.kind === 'known' && hidden(body) ? { ...mass, open: 'unlisted' } : mass;
  return {
    ...plan,
    from: 'state',
    slips,
    singleAxles: singleAxlesToday(slips, weighingLengths(view, lengths), lengths.distribution !== undefined, levers),
    levers,
    values,
    known,
    unlisted,
    beside,
    partsOf: (quantity) => partsOf(known[quantity], asked[quantity].row, slips, levers.reaches),
    lessTimes: (load, times, of) => {
      const [a, b] = [known[load], known[of]];
      const [value, base] = [values[load], values[of]];
      if (value.kind !== 'known') return value;
      if (base.kind !== 'known') return base;
      if (!a && !b) return plan.lessTimes(load, times, of);
      const row = combineRows(value.row, -times, base.row);
      if (a && b)
        return valueOf(
          sumKnown([
            [1, a],
            [-times, b],
          ]),
          row,
          tell,
          besideOf(load) - times * besideOf(of),
        );
      const sigma = Math.hypot(value.sigma, times * base.sigma);
      const open = value.open ?? base.open;
      const ways = [
        ...(value.otherwise?.values ?? []).map((one) => one - times * base.value),
        ...(base.otherwise?.values ?? []).map((one) => value.value - times * one),
      ];
      const why = value.otherwise?.open ?? base.otherwise?.open;
      const otherwise = why ? { otherwise: { values: ways, open: why } } : {};
      return {
        kind: 'known',
        value: value.value - times * base.value,
        sigma,
        row,
        ...otherwise,
        ...(open ? { open } : {}),
      };
    },
    laden: (body) => ladenOf(plan, values, body) ?? listed(plan.laden(body), body),
    carried: (body) => withUnlisted(plan.carried(body), body, unlisted, view),
    inPlace: (body, place) => listed(plan.inPlace(body, place), body),
  };
}

/** A load with what its lengths add to its doubt. */
function withLengths(known: Known, name: QuantityName, byLength: ReadonlyMap<LengthDoubt, Moves>): Known {
  const doubts = new Map(known.doubts);
  for (const [doubt, moves] of byLength) {
    const kg = moves[name];
    if (kg !== undefined) doubts.set(lengthSource(doubt), kg);
  }
  return { ...known, doubts };
}

/** What the newest slip that weighed all of a body found on it beside its list. */
function unlistedOn(
  side: Side,
  slips: readonly StateSlip[],
  levers: Levers,
  leverKey: string,
): readonly UnlistedMass[] {
  const lengths = `${side} ${leverKey}`;
  for (const [at, slip] of slips.entries()) {
    const key = `${lengths} ${String(at)}`;
    const found = slip.unlisted.get(key) ?? foundOn(side, at, slip, levers);
    slip.unlisted.set(key, found);
    if (found.length > 0) return found;
  }
  return [];
}

function foundOn(side: Side, at: number, slip: StateSlip, levers: Levers): readonly UnlistedMass[] {
  const listed = slip.unsure ? null : slip.listed(side);
  const kg = listed && unlistedOf(side, at, slip, listed, levers);
  if (!kg) return [];
  return [{ side, kg, far: unlistedOf(side, at, slip, listed, levers, bodyCombinations[side].far), slip: at }];
}

/** A body by itself weighs what the scale says of its side, where nothing else rests there. */
function ladenOf(plan: Compiled, values: Readonly<Record<QuantityName, Value>>, body: string): Mass | null {
  const { vehicle, trailer, camper } = plan.view;
  const name = body === trailer?.id ? 'trailerTotal' : body === vehicle?.id && !camper ? 'vehicleSolo' : null;
  const value = name && values[name];
  if (!value || value.kind !== 'known') return null;
  const { open, contradicted } = value;
  return {
    kind: 'known',
    value: value.value,
    sigma: value.sigma,
    ...(contradicted ? { contradicted } : {}),
    ...(open ? { open } : {}),
  };
}

/** What a scale found beside the list counts as carried: until somebody says that it belongs to the body itself. */
function withUnlisted(mass: Mass, body: string, unlisted: readonly UnlistedMass[], view: RigView): Mass {
  const found = unlisted.find(({ side }) => view[side]?.id === body);
  if (mass.kind !== 'known' || !found || !noticeable(found.kg)) return mass;
  const sigma = Math.hypot(mass.sigma, sigmaOf(found.kg));
  return { kind: 'known', value: mass.value + found.kg.value, sigma };
}

function notWeighed({ vehicle, trailer }: RigView): Missing {
  const body = vehicle ?? trailer;
  return { code: 'reading', body: body?.id ?? '', bodyName: body?.name ?? '' };
}

import { binds, bindsLoad, comparesLoad, type Check } from '../checks/check.ts';
import { stateLoads } from '../state/stateLoads.ts';
import { findings } from '../limits/findings.ts';
import type { Spot } from '../limits/limitLine.ts';
import { roomAt, type Room } from '../limits/roomAt.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Message } from '../messages/message.ts';
import { isFifthWheel, type Trailer, type Vehicle } from '../rig/body.ts';
import { platedLimit } from '../rig/plated.ts';
import { bandFor } from '../rules/ballBand.ts';
import { assess, judge } from '../verdict/assess.ts';
import { familyView, plannedFamily, type Family } from './family.ts';
import { ownEmpty } from './ownEmpty.ts';
import { pairedView, type TowedAs } from './pairedView.ts';

/** One pair of car and trailer, with the same people and things as the others beside it. kg; null: not known. */
export interface PairFit {
  readonly car: Vehicle | undefined;
  readonly trailer: Trailer;
  /** Empty, with what was fitted to it since. */
  readonly empty: { readonly car: number | null; readonly trailer: number | null };
  readonly laden: number | null;
  /** What the trailer's plate has left with the load in it. */
  readonly plateLeft: number | null;
  /** What rests on the coupling, with its ±; `from` the plan, its brochure's share, or the usual band. */
  readonly ball: {
    readonly value: number;
    readonly plusMinus: number;
    readonly from: 'plan' | 'brochure' | 'band';
  } | null;
  /** Limits of the pair that are passed, the worst first. */
  readonly over: readonly Check[];
  /** Every limit on a load that applies, with what it leaves; known or not. */
  readonly limits: readonly Check[];
  /** How much more could go into the trailer, or into the car, and what ends that. */
  readonly room: Room | null;
  readonly carRoom: Room | null;
  /** Who may drive it, and how fast it may go. */
  readonly drivers: readonly Check[];
  readonly speeds: readonly Check[];
  /** Limits that bind and are not decided. */
  readonly open: readonly Check[];
  /** It rides on a fifth wheel, and of none on the car is anything known. */
  readonly noFifthWheel: boolean;
  /** What their plates say against each other: a part that cannot bear the plate. */
  readonly warnings: readonly Message[];
}

/** kg: findings compare plates, which no mass changes. */
const anyMass = 1000;

/** ± of a brochure's share once a trailer is loaded: where things lie moves it by as much, of 95 in 100 trailers. Low confidence. */
const loadedDoubt = 0.02;

/**
 * Trailers side by side behind one car: each empty as its papers have it and with the same load in it, what rests on the coupling
 * at the share of its empty figure. Judged by the rulebook as every rig is.
 * @param family null: who and what the plan has on board. Then the rig's own pair stands as it is planned
 */
export function trailersBehind(view: RigView, trailers: readonly Trailer[], family: Family | null): readonly PairFit[] {
  const load = family?.inTrailer ?? plannedFamily(view).inTrailer;
  const towing = planned(view, family);
  const laden = family && view.vehicle ? familyView(view, view.vehicle, family) : view;
  return trailers.map((trailer) => {
    const own = trailer.id === view.trailer?.id;
    return pairFit(laden, trailer, { load, towing: own ? towing : null, asItIs: own && !family });
  });
}

/** Cars side by side before one trailer, the rig's own; each with the same people and things in it. */
export function carsBefore(view: RigView, cars: readonly Vehicle[], family: Family | null): readonly PairFit[] {
  const { trailer } = view;
  if (!trailer) return [];
  const plan = plannedFamily(view);
  const load = family?.inTrailer ?? plan.inTrailer;
  const towing = planned(view, family);
  return cars.map((car) => {
    const asItIs = !family && car.id === view.vehicle?.id;
    return pairFit(asItIs ? view : familyView(view, car, family ?? plan), trailer, { load, towing, asItIs });
  });
}

/** How a trailer is loaded. */
interface Loaded {
  /** kg in it, where it does not hang there as it is planned. */
  readonly load: number;
  /** What it weighs in the plan; null: that is not asked, or the plan does not know. */
  readonly towing: Towing | null;
  /** It is the rig's own pair, just as it is planned. */
  readonly asItIs: boolean;
}

function pairFit(view: RigView, trailer: Trailer, { load, towing, asItIs }: Loaded): PairFit {
  const behind: RigView = { ...view, trailer, rig: { ...view.rig, trailer: trailer.id } };
  const car = view.vehicle;
  const at = (towed: TowedAs) => judge(pairedView(behind, towed));
  const bare = at({ trailerMass: 0, ballShare: 0 }).loads;
  const empty = { car: ownEmpty(bare, car), trailer: ownEmpty(bare, trailer) };
  const usual = shareOf(behind, trailer);
  const laden = towing ? towing.trailerMass : empty.trailer === null ? null : empty.trailer + load;
  const ballShare = towing ? towing.ball / towing.trailerMass : usual.share;
  const { loads, checks } = towing && asItIs ? judge(behind) : at({ trailerMass: laden ?? anyMass, ballShare });
  const warnings = findings(loads)
    .filter(({ body, severity }) => (body === trailer.id || body === car?.id) && severity === 'warning')
    .map(({ message }) => message);
  const plate = platedLimit(behind, 'trailerMax', [trailer]).value;
  const noFifthWheel = isFifthWheel(trailer) && car?.geometry.pinOverhang === undefined;
  const about = { car, trailer, empty, laden, noFifthWheel, warnings };
  const nothing = { over: [], limits: [], room: null, carRoom: null, drivers: [], speeds: [], open: [] };
  if (laden === null) return { ...about, plateLeft: null, ball: null, ...nothing };
  const relevant = checks.filter((check) => check.status !== 'notApplicable');
  const ball = towing
    ? { value: towing.ball, plusMinus: towing.plusMinus, from: 'plan' as const }
    : { value: usual.share * laden, plusMinus: usual.plusMinus * laden, from: usual.from };
  return {
    ...about,
    plateLeft: plate === null ? null : plate - laden,
    ball,
    over: relevant
      .filter(bindsLoad)
      .filter(({ margin }) => margin < 0)
      .sort((a, b) => a.margin - b.margin),
    limits: relevant.filter((check) => binds(check) && comparesLoad(check) && check.place === undefined),
    room: roomAt(checks, { side: 'trailer', body: trailer.id, x: towing && asItIs ? towing.centre : 0 }),
    carRoom: car ? roomAt(checks, carSpot(car)) : null,
    drivers: relevant.filter(({ role }) => role === 'driver'),
    speeds: relevant.filter(({ role }) => role === 'speed'),
    open: relevant.filter((check) => binds(check) && check.status === 'unknown'),
  };
}

/** All of a trailer, what rests on its coupling with its ±, kg, and where its centre of mass is, m behind the coupling. */
interface Towing {
  readonly trailerMass: number;
  readonly ball: number;
  readonly plusMinus: number;
  readonly centre: number;
}

/** The trailer by the plan, where it is asked as planned; null where it is not, or where the plan does not know both its masses. */
function planned(view: RigView, family: Family | null): Towing | null {
  if (family && family.inTrailer !== null) return null;
  const { trailerTotal, ballLoad } = assess(view).loads.values;
  if (trailerTotal.kind !== 'known' || ballLoad.kind !== 'known' || trailerTotal.value <= 0) return null;
  const { value: trailerMass } = trailerTotal;
  const { value: ball, sigma } = ballLoad;
  // More is put there as it is loaded now.
  const centre = (view.trailer?.geometry.axlePosition ?? 0) * (1 - ball / trailerMass);
  return { trailerMass, ball, plusMinus: 2 * sigma, centre };
}

function shareOf(behind: RigView, { emptyMass }: Trailer) {
  const { low, high } = bandFor(stateLoads(behind));
  const { total, ballLoad, estimateBallLoad } = emptyMass ?? {};
  return total !== undefined && ballLoad !== undefined && !estimateBallLoad && total > 0
    ? ({ share: ballLoad / total, plusMinus: loadedDoubt, from: 'brochure' } as const)
    : ({ share: (low + high) / 2, plusMinus: (high - low) / 2, from: 'band' } as const);
}

/** Where more would go in the car: the first place that anybody has said where it is; else over its rear axle. */
function carSpot({ id, places, geometry }: Vehicle): Spot {
  const [place] = places;
  return place?.x === undefined
    ? { side: 'vehicle', body: id, x: geometry.wheelbase ?? 0 }
    : { side: 'vehicle', body: id, place: place.id, x: place.x };
}

import { binds, bindsLoad, type Check } from '../checks/check.ts';
import { compile } from '../loads/compile.ts';
import { findings } from '../limits/findings.ts';
import { roomAt, type Room } from '../limits/roomAt.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Message } from '../messages/message.ts';
import { isFifthWheel, type Trailer } from '../rig/body.ts';
import { platedLimit } from '../rig/plated.ts';
import { bandFor } from '../rules/ballBand.ts';
import { judge } from '../verdict/assess.ts';
import { pairedView } from './pairedView.ts';

/** One trailer behind the car in hand, with so much in it. kg; null: not known. */
export interface TrailerFit {
  readonly trailer: Trailer;
  /** Empty, with what was fitted to it since. */
  readonly empty: number | null;
  readonly laden: number | null;
  /** What its plate has left with the load in it. */
  readonly plateLeft: number | null;
  /** What rests on the coupling, with its ±; `from` its brochure's share, or the usual band. */
  readonly ball: { readonly value: number; readonly plusMinus: number; readonly from: 'brochure' | 'band' } | null;
  /** Limits of the pair that are passed, the worst first. */
  readonly over: readonly Check[];
  /** How much more could go into it, and what ends that. */
  readonly room: Room | null;
  /** Who may drive it, and how fast it may go. */
  readonly drivers: readonly Check[];
  readonly speeds: readonly Check[];
  /** Limits that bind and are not decided. */
  readonly open: readonly Check[];
  /** It rides on a fifth wheel, and of none on the car is anything known. */
  readonly noFifthWheel: boolean;
  /** What its plates say against each other: a part that cannot bear the plate. */
  readonly warnings: readonly Message[];
}

/** kg: findings compare plates, which no mass changes. */
const anyMass = 1000;

/** ± of a brochure's share once a trailer is loaded: where things lie moves it by as much, of 95 in 100 trailers. Low confidence. */
const loadedDoubt = 0.02;

/**
 * Trailers side by side behind one car with its people and things: each empty as its papers have it and with the same load in
 * it, what rests on the coupling at the share of its empty figure. Judged by the rulebook as every rig is.
 * @param load kg of things, water and gas
 */
export const trailersBehind = (view: RigView, trailers: readonly Trailer[], load: number): readonly TrailerFit[] =>
  trailers.map((trailer) => fitOf(view, trailer, load));

function fitOf(view: RigView, trailer: Trailer, load: number): TrailerFit {
  const behind: RigView = { ...view, trailer, rig: { ...view.rig, trailer: trailer.id } };
  const at = (trailerMass: number, ballShare: number) => judge(pairedView(behind, { trailerMass, ballShare }));
  const own = at(0, 0).loads.bodies[trailer.id];
  const known = own?.missing.every(({ code }) => code === 'contents') && own.bare > 0;
  const empty = own && known ? own.bare + own.fitted : null;
  const { share, plusMinus, from } = shareOf(behind, trailer);
  const { loads, checks } = at(empty === null ? anyMass : empty + load, share);
  const warnings = findings(loads)
    .filter(({ body, severity }) => body === trailer.id && severity === 'warning')
    .map(({ message }) => message);
  const plate = platedLimit(behind, 'trailerMax', [trailer]).value;
  const noFifthWheel = isFifthWheel(trailer) && view.vehicle?.geometry.pinOverhang === undefined;
  const nothing = { noFifthWheel, over: [], room: null, drivers: [], speeds: [], open: [] };
  if (empty === null) return { trailer, empty, laden: null, plateLeft: null, ball: null, warnings, ...nothing };
  const laden = empty + load;
  const relevant = checks.filter((check) => check.status !== 'notApplicable');
  return {
    trailer,
    empty,
    laden,
    plateLeft: plate === null ? null : plate - laden,
    noFifthWheel,
    ball: { value: share * laden, plusMinus: plusMinus * laden, from },
    over: relevant
      .filter(bindsLoad)
      .filter(({ margin }) => margin < 0)
      .sort((a, b) => a.margin - b.margin),
    room: roomAt(checks, 'trailer', 0),
    drivers: relevant.filter(({ role }) => role === 'driver'),
    speeds: relevant.filter(({ role }) => role === 'speed'),
    open: relevant.filter((check) => binds(check) && check.status === 'unknown'),
    warnings,
  };
}

function shareOf(behind: RigView, { emptyMass }: Trailer) {
  const { low, high } = bandFor(compile(behind));
  const { total, ballLoad, estimateBallLoad } = emptyMass ?? {};
  return total !== undefined && ballLoad !== undefined && !estimateBallLoad && total > 0
    ? ({ share: ballLoad / total, plusMinus: loadedDoubt, from: 'brochure' } as const)
    : ({ share: (low + high) / 2, plusMinus: (high - low) / 2, from: 'band' } as const);
}

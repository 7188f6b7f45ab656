import { binds, breaksLaw, comparesLoad, type Check } from '../checks/check.ts';
import { lossPerKg } from '../limits/limitLine.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { kilograms, message, verbatim, type Message } from '../messages/message.ts';
import { plainExcess } from '../verdict/sentence.ts';
import { onBoard } from '../loads/onBoard.ts';
import type { RoadMoment } from './alongTheRoad.ts';
import { drivenMoments } from './onTheRoad.ts';
import { doubtsOf, type ReckonedTrip } from './reckonTrip.ts';
import { whenMessage } from './tripWords.ts';

/** A limit at the moment of a trip at which it has least left. */
export interface LeastOnTheRoad {
  readonly check: Check & { readonly margin: number };
  readonly moment: RoadMoment;
  /** One standard deviation of the margin, kg, with that of what was used up till then. */
  readonly sigma: number | null;
  readonly when: Message;
}

/**
 * How bad: an offence, past a maker's limit or a rule that is not certain, outside what is advised, within. Advice that was not kept at
 * the start either is no news of the road.
 */
const gravity = (check: Check, start: RoadMoment | undefined): number => {
  if (check.status !== 'over') return binds(check) ? 4 : 5;
  if (breaksLaw(check)) return 0;
  if (binds(check)) return 1;
  return start?.checks.some(({ id, status }) => id === check.id && status === 'over') ? 3 : 2;
};

/**
 * Every limit of the load at its worst moment on the road, the worst first: what is exceeded before what is only advised, then by
 * what is left. Advice that is kept stands last.
 * @param behind parts of the trip that are over: only what is ahead counts
 */
export function leastOnTheRoad(trip: ReckonedTrip, behind?: ReadonlySet<string>): readonly LeastOnTheRoad[] {
  const [start] = trip.moments;
  const least = new Map<string, { readonly check: Check & { readonly margin: number }; readonly moment: RoadMoment }>();
  for (const moment of drivenMoments(trip, behind)) {
    for (const check of moment.checks) {
      if (!isKnown(check) || !comparesLoad(check) || check.status === 'notApplicable') continue;
      const known = least.get(check.id);
      if (!known || check.margin < known.check.margin - noticeable) least.set(check.id, { check, moment });
    }
  }
  const sigmaAt = doubtsOf(trip);
  return [...least.values()]
    .sort((a, b) => gravity(a.check, start) - gravity(b.check, start) || a.check.margin - b.check.margin)
    .map((one) => ({ ...one, sigma: sigmaAt(one.moment, one.check), when: whenMessage(trip, one.moment) }));
}

/** kg: less is no other moment. */
const noticeable = 1e-6;

const isKnown = (check: Check): check is Check & { readonly margin: number } => check.margin !== null;

/**
 * The worst moment of a trip in one sentence: which limit, when, and what brought it about.
 * @param worst the first of `leastOnTheRoad`
 */
export function worstMessage(trip: ReckonedTrip, { check, moment, when }: LeastOnTheRoad): Message {
  const cause = causeOf(trip, check, moment);
  const left = { limit: check.name, left: kilograms(check.margin, 'margin', check.id), when };
  if (check.status !== 'over')
    return cause ? message('road.worst.withinBecause', { ...left, cause }) : message('road.worst.within', left);
  const said = { what: plainExcess(moment.view, check), when };
  const sure = check.source.confidence === 'medium' ? 'asFarAsKnown' : 'over';
  return cause ? message(`road.worst.${sure}Because`, { ...said, cause }) : message(`road.worst.${sure}`, said);
}

/** What of all that came and went since the start took most of a margin; null: nothing much did, or it was so from the start. */
function causeOf(trip: ReckonedTrip, check: Check, moment: RoadMoment): Message | null {
  if (moment === trip.moments[0]) return null;
  const before = pointsOf(trip.start);
  const after = pointsOf(moment.view);
  let most = worthNaming;
  let cause: Message | null = null;
  for (const key of new Set([...before.keys(), ...after.keys()])) {
    const [was, is] = [before.get(key), after.get(key)];
    const lost = lossBy(check, is) - lossBy(check, was);
    if (lost <= most) continue;
    most = lost;
    // What was just bought is in the words of when already.
    cause = is?.id === moment.event ? null : causeMessage(moment.view, key, was, is);
  }
  return cause;
}

/** kg of margin: less is no cause. */
const worthNaming = 2;

type Point = ReturnType<typeof onBoard>[number];

/** What comes and goes of a rig, by its origin; of a thing in several places what lies in each. */
const pointsOf = (view: RigView): ReadonlyMap<string, Point> =>
  new Map(
    onBoard(view).map((point) => [`${point.origin}/${point.body}/${point.id}/${point.place ?? ''}`, point] as const),
  );

const lossBy = (check: Check, point: Point | undefined): number => {
  if (!point) return 0;
  return point.mass * lossPerKg(check, { ...point, x: point.x ?? 0 });
};

function causeMessage(view: RigView, key: string, was: Point | undefined, is: Point | undefined): Message | null {
  const point = is ?? was;
  if (!point) return null;
  const { origin, body, id, name } = point;
  const named = { name, mass: kilograms(is?.mass ?? was?.mass ?? 0, 'load') };
  if (origin !== 'tank') return message(`road.because.${origin}.${is && !was ? 'came' : is ? 'less' : 'went'}`, named);
  const tank = placedBodies(view)
    .flatMap((one) => (one.body.id === body ? one.body.tanks : []))
    .find((one) => one.id === id);
  const mass = kilograms((is?.mass ?? 0) - (tank?.vesselMass ?? 0), 'load');
  const fuller = (is?.mass ?? 0) > (was?.mass ?? 0);
  return message(`road.because.tank.${fuller ? 'fuller' : 'emptier'}`, { tank: verbatim(tank?.name ?? key), mass });
}

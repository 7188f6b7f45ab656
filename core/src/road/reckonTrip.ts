import type { Check } from '../checks/check.ts';
import { lossOf, type Shift } from '../limits/limitLine.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { message, verbatim, type Message } from '../messages/message.ts';
import type { TankKind } from '../rig/equipment.ts';
import { alongSteps, type AlongTheRoad, type RoadMoment } from './alongTheRoad.ts';
import { kmOf, stepsOf, type SectionEvent, type TripStep } from './consumption.ts';
import { ratesAt, ratesOf, type RateWithDoubt, type Rates } from './rates.ts';
import { capacityOf, levelsOf, shiftsBetween, type Levels } from './tanks.ts';
import { rateNames, type RateName, type Section, type Trip } from './trip.ts';
import { levelsWithin, type Walked } from './walk.ts';

/** A trip reckoned from its start to its end: plain data, so that it can be reckoned elsewhere than where it is shown. */
export interface ReckonedTrip extends AlongTheRoad {
  readonly start: RigView;
  readonly sections: readonly Section[];
  readonly events: readonly SectionEvent[];
  readonly steps: readonly TripStep[];
  readonly rates: Readonly<Record<RateName, RateWithDoubt>>;
  /** km of each drive, by section; null: nobody has said how far it is. */
  readonly kilometres: ReadonlyMap<string, number | null>;
  /** What is used up on this trip and cannot be reckoned, and why. */
  readonly unreckoned: readonly Message[];
}

/** A rig through the parts of a trip; never throws. @param start the rig as it sets out */
export function reckonTrip(
  start: RigView,
  trip: Pick<Trip, 'date' | 'rates'>,
  sections: readonly Section[],
): ReckonedTrip {
  const rates = ratesOf(start, trip);
  const plain = ratesAt(rates);
  const home = setOut(start, trip, sections);
  const steps = stepsOf(home, sections, plain);
  const along = alongSteps(home, steps);
  const kilometres = new Map(
    sections.flatMap((one) => (one.kind === 'drive' ? [[one.id, kmOf(one, plain)] as const] : [])),
  );
  return {
    ...along,
    start: home,
    sections,
    events: steps.map(({ event }) => event),
    steps,
    rates,
    kilometres,
    unreckoned: unreckoned(home, sections, plain),
  };
}

/** On its day; a trip that says itself through which places it leads is judged in each of them by itself. */
function setOut(view: RigView, { date }: Pick<Trip, 'date'>, sections: readonly Section[]): RigView {
  const dated = date === undefined ? view : { ...view, situation: { ...view.situation, date } };
  const says = sections.some((one) => one.kind === 'drive' && one.where !== undefined);
  return says ? { ...dated, situation: { ...dated.situation, through: undefined } } : dated;
}

/**
 * One standard deviation of a check's margin at a moment of a trip, kg: its own, and that of what was used up till then, from how the
 * stores would stand if one rate were a standard deviation off. The answer is null where it is not known.
 */
export function doubtsOf({
  start,
  sections,
  rates,
  steps,
}: Pick<ReckonedTrip, 'start' | 'sections' | 'rates' | 'steps'>): (moment: RoadMoment, check: Check) => number | null {
  const asPlanned = byEvent(steps);
  const wayWith = (name: RateName) =>
    byEvent(stepsOf(start, sections, ratesAt(rates, { name, sigmas: upwards(rates[name], name) })));
  let others: readonly ReturnType<typeof wayWith>[] | undefined;
  const known = new Map<RoadMoment, readonly (readonly Shift[])[]>();
  const shiftsAt = (moment: RoadMoment): readonly (readonly Shift[])[] => {
    const found = known.get(moment);
    if (found) return found;
    const now = levelsAt(asPlanned, moment) ?? levelsOf(moment.view);
    // Whoever asks for no ± does not pay for it.
    others ??= rateNames.filter((name) => rates[name].plusMinus > 0).map(wayWith);
    const shifts = others.map((other) => shiftsBetween(moment.view, now, levelsAt(other, moment) ?? now));
    known.set(moment, shifts);
    return shifts;
  };
  return (moment, check) =>
    check.sigma === null || !(check.use ?? check.counts)
      ? check.sigma
      : Math.hypot(check.sigma, ...shiftsAt(moment).map((shifts) => lossOf(check, shifts)));
}

/** A share that is nearly the whole is moved downwards: there is no more than the whole. */
const upwards = ({ value, plusMinus }: RateWithDoubt, name: RateName): 1 | -1 =>
  name === 'waste' && value + plusMinus / 2 > 1 ? -1 : 1;

const byEvent = (steps: readonly Walked[]): ReadonlyMap<string, Walked> =>
  new Map(steps.map((step) => [step.event.id, step]));

/** What the stores hold at a moment on a way; undefined: the way has no such event. */
function levelsAt(way: ReadonlyMap<string, Walked>, { event, share }: RoadMoment): Levels | undefined {
  const step = event === null ? undefined : way.get(event);
  return step && levelsWithin(step, share);
}

/** What a trip uses up of which nobody knows where or how much it is. */
function unreckoned(view: RigView, sections: readonly Section[], rates: Rates): readonly Message[] {
  const drives = sections.some((one) => one.kind === 'drive');
  const stays = sections.some((one) => one.kind === 'nights' && one.nights > 0);
  const tanks = placedBodies(view).flatMap(({ body }) => body.tanks);
  const of = (kind: TankKind, asked: boolean): readonly Message[] => {
    const own = tanks.filter((tank) => tank.kind === kind);
    if (!asked) return [];
    if (own.length === 0) return [message(`road.unreckoned.${kind}`)];
    const sizeless = own.filter((tank) => capacityOf(tank) === undefined);
    return sizeless.map((tank) => message('road.unreckoned.size', { tank: verbatim(tank.name) }));
  };
  const far = sections.filter((one) => one.kind === 'drive' && kmOf(one, rates) === null);
  const food = stays && [...levelsOf(view).values()].every((one) => !('food' in one.of));
  return [
    ...(far.length > 0 ? [message('road.unreckoned.far', { count: far.length })] : []),
    ...of('fuel', drives && view.vehicle !== undefined),
    ...of('fresh', stays && rates.water > 0),
    ...of('grey', stays && rates.water > 0 && tanks.some(({ kind }) => kind === 'fresh')),
    ...of('gas', stays && rates.gas > 0),
    ...(food ? [message('road.unreckoned.food')] : []),
  ];
}

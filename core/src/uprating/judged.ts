import type { RigView } from '../loading/rigView.ts';
import { forceLimits, type LimitName } from '../rig/limitNames.ts';
import type { Trailer, Vehicle } from '../rig/body.ts';
import { heldFigures } from '../rig/plated.ts';
import { thresholdsOf } from '../rulebook/thresholds.ts';
import type { Loads } from '../loads/loads.ts';
import { regionOf } from '../situation/situation.ts';
import { assess, type PlannedAssessment } from '../verdict/assess.ts';
import { applyPackage, placePackage } from './applyPackage.ts';
import { crossings, type Crossings } from './crossings.ts';
import { loadPattern } from './loadPattern.ts';
import { stated } from './newFigures.ts';
import { usableGain, type UsableGain } from './usableGain.ts';
import { costOf, type UpratePackage } from './upratePackage.ts';

/** One package on one rig: what it is worth there. kg; cost in the currency of the package. */
export interface JudgedPackage {
  readonly package: UpratePackage;
  readonly gain: UsableGain;
  /** What it weighs itself. */
  readonly own: number;
  /** By how much the largest of its limits was raised on paper. */
  readonly nominal: number;
  readonly cost: number;
  /** kg of the gain that come only from what it weighs itself, where weight relieves a limit. */
  readonly byWeight: number;
  /** null: it gains nothing that could be paid for. */
  readonly costPerKg: number | null;
  /** kg of the marks that a plate of this rig passes up or down where it is, each mark on its own figure. */
  readonly crossed: Crossings;
}

/** Less than this is no gain, kg. */
const leastGain = 0.5;

/** Every package of a body the rig has, the cheapest usable kilogram first, those that gain nothing at the end. */
export function judgePackages(
  view: RigView,
  today: PlannedAssessment,
  packages: readonly UpratePackage[],
): readonly JudgedPackage[] {
  const pattern = loadPattern(today.loads);
  return packages
    .filter((one) => concerns(view, one))
    .map((one): JudgedPackage => {
      const then = applyPackage(view, placePackage(view, one));
      const after = assess(then);
      const gained = ({ checks }: PlannedAssessment) => usableGain(today.checks, checks, pattern);
      const gain = gained(after);
      const cost = costOf(one);
      const usable = gain.usable ?? 0;
      const weightless = () => gained(assess(applyPackage(view, { ...one, adds: [] }))).usable ?? usable;
      const without = one.adds.length === 0 || usable < leastGain ? usable : weightless();
      return {
        package: one,
        gain,
        own: one.adds.reduce((sum, { mass }) => sum + mass, 0),
        nominal: raisedOnPaper(view, then, one),
        byWeight: Math.max(0, usable - Math.max(0, without)),
        cost,
        costPerKg: usable > leastGain ? cost / usable : null,
        crossed: crossed(today.loads, after.loads),
      };
    })
    .sort((a, b) => (a.costPerKg ?? Infinity) - (b.costPerKg ?? Infinity));
}

/** kg by which the largest limit of a package stands higher on its plates afterwards, however it was said: to, or by so much. */
function raisedOnPaper(before: RigView, after: RigView, { of, limits }: UpratePackage): number {
  return limits.reduce((most, { limit, part }) => {
    const [now, then] = [stated(before, of, limit, part), stated(after, of, limit, part)];
    if (forceLimits.includes(limit) || now === null || then === null) return most;
    return Math.max(most, then - now);
  }, 0);
}

/** The marks in force for this rig that lie between its figures before and after. */
function crossed(before: Loads, after: Loads): Crossings {
  const then = new Map(thresholdsOf(after).map(({ facts, value }) => [facts.id, value]));
  const all = thresholdsOf(before).map(({ facts, value }) => crossings(value, then.get(facts.id) ?? value, [facts.at]));
  return {
    up: [...new Set(all.flatMap(({ up }) => up))],
    down: [...new Set(all.flatMap(({ down }) => down))],
  };
}

/** Limits that mean something only while towing. */
const towingLimits: readonly LimitName[] = ['combinationMax', 'towBraked', 'towUnbraked', 'ballMax', 'dValueKn'];

/** Whether a package can be had there and is about anything this rig has: a combination needs a trailer, a part its plate. */
export function concerns(view: RigView, { of, kind, limits, gear, regions }: UpratePackage): boolean {
  const body = view[of];
  if (!body || (regions && !regions.includes(regionOf(view.situation[of].country)))) return false;
  const axles = body.gear?.map(({ axle }) => axle) ?? [];
  const newGear = gear?.some(({ axle }) => axles.includes(axle)) ?? false;
  return newGear || limits.some((change) => changes(view, body, kind, change));
}

/** Whether a new limit is about something the body states; a downrate only about what is higher now. */
function changes(
  view: RigView,
  body: Vehicle | Trailer,
  kind: UpratePackage['kind'],
  { limit, part, to }: UpratePackage['limits'][number],
): boolean {
  if (view.trailer === undefined && towingLimits.includes(limit)) return false;
  if (part !== undefined && !body.plates.some(({ source }) => source === part)) return false;
  const now = heldFigures(view, body, limit)[0]?.value;
  return kind !== 'downrate' || to === undefined || (now !== undefined && now > to);
}

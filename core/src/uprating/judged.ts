import type { RigView } from '../loading/rigView.ts';
import { platedLimit } from '../rulebook/plated.ts';
import { assess, type Assessment } from '../verdict/assess.ts';
import { applyPackage } from './applyPackage.ts';
import { crossings, type Crossings } from './crossings.ts';
import { loadPattern } from './loadPattern.ts';
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
  /** null: it gains nothing that could be paid for. */
  readonly costPerKg: number | null;
  /** Plated maximum of the vehicle before and after, and the marks it passes, where it changes. */
  readonly plated: { readonly from: number; readonly to: number; readonly crossed: Crossings } | null;
}

/** kg at which licence, speed or rules change somewhere; which of them, where and how surely, the rules say. */
const marks = [3500, 4250, 7500] as const;
/** Less than this is no gain, kg. */
const leastGain = 0.5;

/** Every package of a body the rig has, the cheapest usable kilogram first, those that gain nothing at the end. */
export function judgePackages(
  view: RigView,
  today: Assessment,
  packages: readonly UpratePackage[],
): readonly JudgedPackage[] {
  const pattern = loadPattern(today.compiled);
  return packages
    .filter((one) => concerns(view, one))
    .map((one): JudgedPackage => {
      const then = applyPackage(view, placePackage(view, one));
      const gain = usableGain(today.checks, assess(then).checks, pattern);
      const cost = costOf(one);
      const usable = gain.usable ?? 0;
      const from = platedLimit(view, 'vehicleMax', [view.vehicle]).value;
      const to = platedLimit(then, 'vehicleMax', [then.vehicle]).value;
      return {
        package: one,
        gain,
        own: one.adds.reduce((sum, { mass }) => sum + mass, 0),
        nominal: Math.max(0, ...one.limits.map(({ by }) => by ?? 0)),
        cost,
        costPerKg: usable > leastGain ? cost / usable : null,
        plated: from === null || to === null || from === to ? null : { from, to, crossed: crossings(from, to, marks) },
      };
    })
    .sort((a, b) => (a.costPerKg ?? Infinity) - (b.costPerKg ?? Infinity));
}

/** Whether a package is about anything this rig has: a combination needs a trailer. */
export const concerns = (view: RigView, { of, limits }: UpratePackage): boolean =>
  view[of] !== undefined && (view.trailer !== undefined || limits.some(({ limit }) => limit !== 'combinationMax'));

/** A part without a place of its own sits at the axle it is for: the rear axle, or the trailer's. */
export function placePackage(view: RigView, one: UpratePackage): UpratePackage {
  const at = one.of === 'vehicle' ? view.vehicle?.geometry.wheelbase : view.trailer?.geometry.axlePosition;
  return at === undefined ? one : { ...one, adds: one.adds.map((part) => ({ x: at, ...part })) };
}

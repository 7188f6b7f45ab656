import { marginAfter, type Shift } from '../limits/shift.ts';
import type { Loadout } from '../loading/loadout.ts';
import { placedMass, placedX } from '../loading/placed.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { bindsLoad, type Check } from '../checks/check.ts';
import { massTolerance } from '../units/rounding.ts';
import { assess, type PlannedAssessment } from '../verdict/assess.ts';

/** Something on board that could stay at home: which line of the loadout, and kg. */
export interface Left {
  readonly thing: string;
  readonly name: string;
  readonly body: string;
  readonly place: string;
  readonly mass: number;
}

/** What was left at home so that every limit is kept, and how far that went. */
export interface TakenAway {
  readonly left: readonly Left[];
  /** kg altogether. */
  readonly mass: number;
  readonly loadout: Loadout;
  readonly after: PlannedAssessment;
  /** Limits still over when nothing helps any more: crew, fuel and the body itself do not stay at home. */
  readonly stillOver: readonly Check[];
}

interface Candidate extends Left {
  readonly at: number;
  readonly shift: Shift;
}

const counts = (check: Check): boolean => bindsLoad(check);

/**
 * What has to go until no limit of law or maker is exceeded: at each step the line of the loadout that mends most of what is
 * over with least mass; at the end whatever turns out not to be needed for it comes back. A good answer, not proven the least.
 * @param least things that go first among equals, e.g. those never used
 */
export function takeAway(view: RigView, least: ReadonlySet<string> = new Set()): TakenAway {
  const checks = assess(view).checks.filter(counts);
  const all = candidates(view);
  let gone: readonly Candidate[] = [];
  while (excess(checks, gone) > massTolerance) {
    const next = best(all, checks, gone, least);
    if (!next) break;
    gone = [...gone, next];
  }
  if (excess(checks, gone) <= massTolerance) gone = withoutNeedless(checks, gone);
  const lines = new Set(gone.map(({ at }) => at));
  const loadout = { ...view.loadout, placements: view.loadout.placements.filter((_, at) => !lines.has(at)) };
  const after = assess({ ...view, loadout });
  return {
    left: gone,
    mass: gone.reduce((sum, { mass }) => sum + mass, 0),
    loadout,
    after,
    stillOver: after.checks.filter((check) => counts(check) && (check.margin ?? 0) < -massTolerance),
  };
}

/** What is left of a limit with these lines gone. A place's own rating counts what lies in it. */
function marginWithout(check: Check, gone: readonly Candidate[]): number {
  const { place } = check;
  if (place) {
    const inIt = gone.filter((one) => one.body === place.body && one.place === place.place);
    return (check.margin ?? 0) + inIt.reduce((sum, { mass }) => sum + mass, 0);
  }
  return (
    marginAfter(
      check,
      gone.map(({ shift }) => shift),
    ) ?? 0
  );
}

/** kg over, of all limits together, with these lines gone. */
const excess = (checks: readonly Check[], gone: readonly Candidate[]): number =>
  checks.reduce((sum, check) => sum + Math.max(0, -marginWithout(check, gone)), 0);

function best(
  all: readonly Candidate[],
  checks: readonly Check[],
  gone: readonly Candidate[],
  least: ReadonlySet<string>,
): Candidate | null {
  const before = excess(checks, gone);
  let found: { readonly one: Candidate; readonly worth: number } | null = null;
  for (const one of all) {
    if (gone.includes(one)) continue;
    const mended = before - excess(checks, [...gone, one]);
    if (mended <= massTolerance) continue;
    // What would do it alone comes before what mends a little more per kilogram.
    const enough = mended >= before - massTolerance ? 10 + 1 / one.mass : 0;
    const worth = (mended / one.mass) * (least.has(one.thing) ? 2 : 1) + enough;
    if (!found || worth > found.worth) found = { one, worth };
  }
  return found?.one ?? null;
}

/** Whatever can come back without a limit being exceeded does, the heaviest first. */
function withoutNeedless(checks: readonly Check[], gone: readonly Candidate[]): readonly Candidate[] {
  let kept = gone;
  for (const one of [...gone].sort((a, b) => b.mass - a.mass)) {
    const rest = kept.filter((other) => other !== one);
    if (excess(checks, rest) <= massTolerance) kept = rest;
  }
  return kept;
}

function candidates(view: RigView): readonly Candidate[] {
  const bodies = new Map(placedBodies(view).map((one) => [one.body.id, one]));
  return view.loadout.placements.flatMap((placement, at): readonly Candidate[] => {
    const { thing: id, body, place } = placement;
    const placed = bodies.get(body);
    const thing = view.things.get(id);
    const there = placed?.body.places.find((one) => one.id === place);
    if (!placed || placed.offset === null || !thing || !there) return [];
    const [mass, x] = [placedMass(thing, placement), placedX(thing, placement, there)];
    if (mass <= 0 || x === null) return [];
    const shift = { side: placed.side, x: placed.offset + x, mass: -mass };
    return [{ thing: id, name: thing.name, body, place, mass, at, shift }];
  });
}

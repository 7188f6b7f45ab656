import { binds, type Check } from '../checks/check.ts';
import type { Note } from '../jurisdictions/law.ts';
import type { RigView } from '../loading/rigView.ts';
import { informationFor, mostInformation, worstFirst } from '../rulebook/information.ts';
import { speedRule, type SpeedRule } from '../rulebook/speeds.ts';
import type { AsAged } from '../situation/dated.ts';
import { samePlace, type Jurisdiction } from '../situation/situation.ts';
import { judge } from '../verdict/assess.ts';
import type { ReckonedTrip } from './reckonTrip.ts';

/** What becomes of one limit at a border; null: it is no subject on that side. */
interface CheckChange {
  readonly before: Check | null;
  readonly after: Check | null;
}

/** A border of a trip, and all that is otherwise beyond it for this rig. */
export interface Border {
  /** The drive that crosses it; null: the place it sets out in. */
  readonly section: string | null;
  readonly from: Jurisdiction | null;
  readonly to: Jurisdiction;
  /** ISO 8601, where the day of setting out is known. */
  readonly day: string | undefined;
  readonly speedBefore: SpeedRule | null;
  readonly speed: SpeedRule | null;
  /** Limits that begin, cease, or stand at another figure or with another result. */
  readonly checks: readonly CheckChange[];
  /** Things to know that bear on this rig, or may, and were not said before on this trip. */
  readonly notes: readonly AsAged<Note>[];
}

/** The place a trip sets out in and every border after it, each with what changes there; what was said once is not said again. */
export function bordersOf({ start, steps, events }: ReckonedTrip): readonly Border[] {
  const said = new Set<string>();
  const places: { readonly section: string | null; readonly before: RigView | null; readonly view: RigView }[] = [
    { section: null, before: null, view: start },
  ];
  for (const { event, before, after } of steps) {
    if (samePlace(before.situation.travel, after.situation.travel)) continue;
    places.push({ section: events.find(({ id }) => id === event.id)?.section ?? null, before, view: after });
  }
  return places.map(({ section, before, view }) => {
    const [then, now] = [before && judge(before), judge(view)];
    const { travel, date } = view.situation;
    const notes = worstFirst(informationFor(now.loads))
      .filter(({ place }) => samePlace(place, travel))
      .map(({ facts }) => facts)
      .filter(({ id }) => !said.has(id))
      .slice(0, mostInformation);
    for (const { id } of notes) said.add(id);
    return {
      section,
      from: before?.situation.travel ?? null,
      to: travel,
      day: date,
      speedBefore: then && before ? speedRule(then.loads, before.situation.travel) : null,
      speed: speedRule(now.loads, travel),
      checks: then ? changes(then.checks, now.checks) : [],
      notes,
    };
  });
}

function changes(before: readonly Check[], after: readonly Check[]): readonly CheckChange[] {
  const [first, second] = [byId(before), byId(after)];
  return [...new Set([...first.keys(), ...second.keys()])]
    .map((id) => ({ before: first.get(id) ?? null, after: second.get(id) ?? null }))
    .filter(({ before: one, after: other }) => differ(one, other));
}

/** A limit nobody is bound by on either side, or that does not apply on either, is nothing new. */
function differ(one: Check | null, other: Check | null): boolean {
  const counts = (check: Check | null) => check !== null && check.status !== 'notApplicable';
  if (!counts(one) && !counts(other)) return false;
  if (!one || !other) return true;
  return one.limit !== other.limit || one.status !== other.status || binds(one) !== binds(other);
}

const byId = (checks: readonly Check[]): ReadonlyMap<string, Check> => new Map(checks.map((one) => [one.id, one]));

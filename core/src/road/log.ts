import type { Section, Trip } from './trip.ts';

/** A part of a trip as it went, or as it is still to come. */
export interface WentSection {
  readonly section: Section;
  /** As planned and not yet; as it went; passed without a word. */
  readonly stands: 'ahead' | 'went' | 'passed';
}

/**
 * A trip as it really went: what was logged takes the place of what was planned, what nobody planned stands where it happened, what
 * was skipped is left out. Parts of the plan before the last one that was logged, of which nothing is said, went as planned.
 */
export function asItWent({ plan = [], log = [] }: Pick<Trip, 'plan' | 'log'>): readonly WentSection[] {
  const entries = [...log].sort((a, b) => a.on.localeCompare(b.on));
  const planned = new Set(plan.map(({ id }) => id));
  const instead = new Map(entries.filter(({ did }) => planned.has(did.id)).map((entry) => [entry.did.id, entry]));
  const after = (id: string | undefined) =>
    entries
      .filter((entry) => !entry.skipped && !planned.has(entry.did.id) && placeOf(entry.after, planned) === id)
      .map(({ did }): WentSection => ({ section: did, stands: 'went' }));
  const last = plan.findLastIndex(({ id }) => instead.has(id) || after(id).length > 0);
  return [
    ...after(undefined),
    ...plan.flatMap((section, at): readonly WentSection[] => {
      const entry = instead.get(section.id);
      const stands = entry ? 'went' : at <= last ? 'passed' : 'ahead';
      const own: readonly WentSection[] = entry?.skipped ? [] : [{ section: entry?.did ?? section, stands }];
      return [...own, ...after(section.id)];
    }),
  ];
}

/** What was logged after a part that is no longer planned stands at the beginning. */
const placeOf = (after: string | undefined, planned: ReadonlySet<string>): string | undefined =>
  after !== undefined && planned.has(after) ? after : undefined;

/** The next part of the plan of which nothing is logged; null: all of it is behind. */
export function nextPlanned(trip: Pick<Trip, 'plan' | 'log'>): Section | null {
  return asItWent(trip).find(({ stands }) => stands === 'ahead')?.section ?? null;
}

/** The part of the plan the log has reached: what happens now comes after it; undefined: none yet. */
export function reached({ plan = [], log = [] }: Pick<Trip, 'plan' | 'log'>): string | undefined {
  const told = new Set(log.flatMap(({ did, after }) => [did.id, ...(after === undefined ? [] : [after])]));
  return plan.findLast(({ id }) => told.has(id))?.id;
}

/**
 * The trip with its log taken into its plan: from here on it is planned as it went. The log stays, each entry with its part of the plan.
 */
export function logTakenIn(trip: Trip): Trip {
  const plan = asItWent(trip).map(({ section }) => section);
  const log = trip.log?.filter(({ skipped }) => !skipped);
  return { ...trip, plan, ...(log ? { log } : {}) };
}

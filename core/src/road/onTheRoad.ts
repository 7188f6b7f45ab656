import type { Check } from '../checks/check.ts';
import type { RoadMoment } from './alongTheRoad.ts';
import type { ReckonedTrip } from './reckonTrip.ts';
import type { Section } from './trip.ts';

/**
 * The moments at which the rig is driven: as it drives off, all along a drive and at its end. What changes while it stands counts
 * where it drives off again. Of a trip without a drive all of them.
 * @param behind parts of the trip that are over: what was then can be helped no more
 */
export function drivenMoments(
  { moments, events, sections }: ReckonedTrip,
  behind: ReadonlySet<Section['id']> = none,
): readonly RoadMoment[] {
  const drives = new Set(sections.filter(({ kind }) => kind === 'drive').map(({ id }) => id));
  const sectionOf = new Map(events.map(({ id, section }) => [id, section]));
  const isDriving = (moment: RoadMoment | undefined): boolean =>
    moment?.event != null && drives.has(sectionOf.get(moment.event) ?? '');
  /** A moment that ends a part that is behind is the start of what is ahead. */
  const isAhead = (at: number): boolean =>
    [moments[at], moments[at + 1]].some((one) => one?.event != null && !behind.has(sectionOf.get(one.event) ?? ''));
  return moments.filter(
    (one, at) =>
      (behind.size === 0 || isAhead(at)) && (drives.size === 0 || isDriving(one) || isDriving(moments[at + 1])),
  );
}

const none: ReadonlySet<string> = new Set();

/** One check at a moment, by its id. */
export const checkOf = ({ checks }: Pick<RoadMoment, 'checks'>, id: string): Check | undefined =>
  checks.find((one) => one.id === id);

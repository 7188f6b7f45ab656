import type { Check } from '../checks/check.ts';
import type { RoadMoment } from './alongTheRoad.ts';
import type { ReckonedTrip } from './reckonTrip.ts';

/**
 * The moments at which the rig is driven: as it drives off, all along a drive and at its end. What changes while it stands counts
 * where it drives off again. Of a trip without a drive all of them.
 */
export function drivenMoments({ moments, events, sections }: ReckonedTrip): readonly RoadMoment[] {
  const drives = new Set(sections.filter(({ kind }) => kind === 'drive').map(({ id }) => id));
  const sectionOf = new Map(events.map(({ id, section }) => [id, section]));
  const isDriving = (moment: RoadMoment | undefined): boolean =>
    moment?.event != null && drives.has(sectionOf.get(moment.event) ?? '');
  return drives.size === 0 ? moments : moments.filter((one, at) => isDriving(one) || isDriving(moments[at + 1]));
}

/** One check at a moment, by its id. */
export const checkOf = ({ checks }: Pick<RoadMoment, 'checks'>, id: string): Check | undefined =>
  checks.find((one) => one.id === id);

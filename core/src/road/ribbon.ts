import type { RigView } from '../loading/rigView.ts';
import type { RoadMoment } from './alongTheRoad.ts';
import type { ReckonedTrip } from './reckonTrip.ts';
import { withLevels } from './tanks.ts';
import type { Section } from './trip.ts';
import { levelsWithin } from './walk.ts';

/** Where a part of a trip lies on its ribbon, which is 1 long. */
export interface Span {
  readonly section: Section;
  readonly from: number;
  readonly to: number;
}

/** Room on the ribbon in km of a drive: of one whose length nobody said, of a night, of a stop, and the least of a drive. */
const unknownDrive = 150;
const night = 90;
const stop = 55;
const leastDrive = 70;

/** The parts of a trip in their order on a ribbon: drives by their length, nights by their number, stops short. */
export function spansOf({ sections, kilometres }: Pick<ReckonedTrip, 'sections' | 'kilometres'>): readonly Span[] {
  const lengths = sections.map((section): number => {
    if (section.kind === 'drive') return Math.max(leastDrive, kilometres.get(section.id) ?? unknownDrive);
    return section.kind === 'nights' ? night * Math.max(1, Math.sqrt(section.nights)) : stop;
  });
  const whole = lengths.reduce((sum, one) => sum + one, 0);
  let at = 0;
  return sections.map((section, n) => {
    const from = at;
    at += (lengths[n] ?? 0) / whole;
    return { section, from, to: n === sections.length - 1 ? 1 : at };
  });
}

/** A moment of a trip on its ribbon: from where to where things are as they are then. */
export interface PlacedMoment {
  readonly moment: RoadMoment;
  readonly from: number;
  readonly to: number;
}

/** The moments of a trip on its ribbon. What a stop changes it changes at its beginning; then all stays so to its end. */
export function placedMoments(trip: ReckonedTrip, spans: readonly Span[] = spansOf(trip)): readonly PlacedMoment[] {
  const bySection = new Map(spans.map((span) => [span.section.id, span]));
  const events = new Map(trip.events.map((event) => [event.id, event]));
  return trip.moments.map((moment) => {
    const event = events.get(moment.event ?? '');
    const span = event && bySection.get(event.section);
    if (!event || !span) return { moment, from: 0, to: 0 };
    if (event.kind === 'flow') {
      const at = span.from + moment.share * (span.to - span.from);
      return { moment, from: at, to: at };
    }
    // A border is crossed where its drive begins.
    return { moment, from: span.from, to: event.id === span.section.id ? span.to : span.from };
  });
}

/** The rig where somebody's hand is on the ribbon, 0 to 1, and on which part of the trip. */
export function viewAt(trip: ReckonedTrip, at: number): { readonly view: RigView; readonly section: Section | null } {
  const spans = spansOf(trip);
  const span = at <= 0 ? undefined : (spans.find(({ to }) => at <= to) ?? spans.at(-1));
  if (!span) return { view: trip.start, section: null };
  const { section } = span;
  const step = trip.steps.findLast(({ event }) => event.id === section.id);
  if (!step) return { view: trip.start, section };
  const share = (at - span.from) / (span.to - span.from);
  const within = step.flowed !== null && share < 1;
  return { view: within ? withLevels(step.before, levelsWithin(step, share)) : step.after, section };
}

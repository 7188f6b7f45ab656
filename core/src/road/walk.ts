import type { RigView } from '../loading/rigView.ts';
import { flowing, type Flowed } from './flowing.ts';
import type { RoadEvent } from './roadEvent.ts';
import { stopping } from './stopping.ts';
import { between, levelsOf, withLevels, type Levels } from './tanks.ts';

/** One event of a journey, with the rig before and after it. */
export interface Walked {
  readonly event: RoadEvent;
  readonly before: RigView;
  readonly after: RigView;
  /** What a stretch came to; null: a stop. */
  readonly flowed: Flowed | null;
}

/** What one event does to a rig. @param home the rig as it set out */
export function walked(before: RigView, event: RoadEvent, home: RigView): Walked {
  if (event.kind === 'stop') {
    const nothing = Object.keys(event.change).length === 0;
    return { event, before, after: nothing ? before : stopping(before, event.change, home), flowed: null };
  }
  const levels = levelsOf(before);
  const flowed = flowing(levels, event.flows);
  const then = event.flows.length === 0 ? before : withLevels(before, flowed.parts.at(-1)?.after ?? levels);
  const after = event.until === undefined ? then : { ...then, situation: { ...then.situation, date: event.until } };
  return { event, before, after, flowed };
}

/** What the stores hold so far through an event, 0 to 1: all of a stop is done at once. */
export function levelsWithin({ after, flowed }: Walked, share: number): Levels {
  const part = share >= 1 ? undefined : flowed?.parts.find(({ to }) => share <= to);
  if (!part) return levelsOf(after);
  return between(part.before, part.after, part.to > part.from ? (share - part.from) / (part.to - part.from) : 1);
}

/** A rig through a journey, event by event, nothing judged. */
export function walk(start: RigView, events: readonly RoadEvent[]): readonly Walked[] {
  const steps: Walked[] = [];
  for (const event of events) steps.push(walked(steps.at(-1)?.after ?? start, event, start));
  return steps;
}

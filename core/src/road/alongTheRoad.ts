import type { Check } from '../checks/check.ts';
import type { RigView } from '../loading/rigView.ts';
import { judge } from '../verdict/assess.ts';
import { rulebookAlong } from '../rulebook/runRulebook.ts';
import type { EvenPart, Flowed } from './flowing.ts';
import type { RoadEvent } from './roadEvent.ts';
import { between, withLevels } from './tanks.ts';
import { walk, type Walked } from './walk.ts';

/** The rig at one moment of a journey, and what the rules say of it then. */
export interface RoadMoment {
  /** null: before it begins. */
  readonly event: string | null;
  /** How far into a stretch, 0 to 1; after a stop 1. */
  readonly share: number;
  /** The store that turned there, in the middle of a stretch; null: none did. */
  readonly turns: EvenPart['ends'];
  readonly view: RigView;
  readonly checks: readonly Check[];
}

/** A moment at which a limit begins or ceases to be kept. */
interface Crossing {
  readonly check: string;
  readonly into: 'over' | 'within';
  readonly event: string;
  /** How far into a stretch; null: at a stop, at once. */
  readonly share: number | null;
}

/** The least margin of one limit over a journey, and the first moment it is that. */
interface LeastMargin {
  readonly check: string;
  readonly margin: number;
  readonly moment: RoadMoment;
}

/** What became of a rig on its way. */
export interface AlongTheRoad {
  readonly moments: readonly RoadMoment[];
  readonly crossings: readonly Crossing[];
  /** By check, the least first. */
  readonly least: readonly LeastMargin[];
  /** By stretch: what was wanted in vain, what went overboard. */
  readonly flowed: ReadonlyMap<string, Pick<Flowed, 'short' | 'spilt'>>;
}

/** Margins no more than this below nothing are rounding and no excess, kg. */
const rounding = 1e-6;

/**
 * A rig through a journey, evaluated at every event on both sides, and where a tank runs empty or full on the way. Between them every
 * load is linear in what flows, so that no moment in between is worse; where a limit is crossed is found there exactly.
 */
export const alongTheRoad = (start: RigView, events: readonly RoadEvent[]): AlongTheRoad =>
  alongSteps(start, walk(start, events));

/** The same of a journey whose events were walked already. */
export function alongSteps(start: RigView, steps: readonly Walked[]): AlongTheRoad {
  const run = rulebookAlong();
  /** What is as it was the moment before is not judged again. */
  const judged = (
    view: RigView,
    where: Pick<RoadMoment, 'event' | 'share' | 'turns'>,
    last?: RoadMoment,
  ): RoadMoment => ({ ...where, view, checks: last?.view === view ? last.checks : judge(view, run).checks });
  const moments: RoadMoment[] = [judged(start, { event: null, share: 0, turns: null })];
  const crossings: Crossing[] = [];
  const flowed = new Map<string, Pick<Flowed, 'short' | 'spilt'>>();
  for (const { event, before, after, flowed: stretch } of steps) {
    const from = moments.at(-1);
    if (!from) break;
    if (!stretch) {
      const then = judged(after, { event: event.id, share: 1, turns: null }, from);
      crossings.push(...turned(from, then, event.id, () => null));
      moments.push(then);
      continue;
    }
    flowed.set(event.id, { short: stretch.short, spilt: stretch.spilt });
    for (const part of stretch.parts) {
      const begins = moments.at(-1) ?? from;
      const last = part === stretch.parts.at(-1);
      const where = { event: event.id, share: part.to, turns: part.ends };
      const then = judged(last ? after : withLevels(before, part.after), where, begins);
      const at = (share: number) => withLevels(before, between(part.before, part.after, share));
      crossings.push(
        ...turned(
          begins,
          then,
          event.id,
          (one, other) => part.from + (part.to - part.from) * zero(at, one, other, run),
        ),
      );
      moments.push(then);
    }
  }
  return { moments, crossings, least: leastOf(moments), flowed };
}

const keeps = (margin: number): boolean => margin >= -rounding;

/** The limits that are kept at one of two moments and not at the other. */
function turned(
  from: RoadMoment,
  to: RoadMoment,
  event: string,
  shareOf: (one: Check & { readonly margin: number }, other: number) => number | null,
): readonly Crossing[] {
  const then = new Map(to.checks.map((check) => [check.id, check.margin]));
  return from.checks
    .flatMap((check): readonly Crossing[] => {
      const { id, margin } = check;
      const other = then.get(id) ?? null;
      if (margin === null || other === null || keeps(margin) === keeps(other)) return [];
      return [
        { check: id, into: keeps(other) ? 'within' : 'over', event, share: shareOf({ ...check, margin }, other) },
      ];
    })
    .sort((a, b) => (a.share ?? 0) - (b.share ?? 0));
}

/** How far into an even part a margin is nothing. A margin that is the better of two bends once: then the half that holds it is halved. */
function zero(
  at: (share: number) => RigView,
  { id, margin: first }: Check & { readonly margin: number },
  last: number,
  run: ReturnType<typeof rulebookAlong>,
): number {
  const marginAt = (share: number): number | null =>
    judge(at(share), run).checks.find((check) => check.id === id)?.margin ?? null;
  let [low, high, atLow, atHigh] = [0, 1, first, last];
  for (let step = 0; step < 60; step += 1) {
    const guess = step % 2 === 0 ? low + ((high - low) * atLow) / (atLow - atHigh) : (low + high) / 2;
    const found = marginAt(guess);
    if (found === null || Math.abs(found) <= rounding) return guess;
    if (keeps(found) === keeps(atLow)) [low, atLow] = [guess, found];
    else [high, atHigh] = [guess, found];
  }
  return (low + high) / 2;
}

function leastOf(moments: readonly RoadMoment[]): readonly LeastMargin[] {
  const least = new Map<string, LeastMargin>();
  for (const moment of moments) {
    for (const { id, margin } of moment.checks) {
      const known = least.get(id);
      if (margin !== null && (!known || margin < known.margin - rounding)) least.set(id, { check: id, margin, moment });
    }
  }
  return [...least.values()].sort((a, b) => a.margin - b.margin);
}

import type { Check } from '../checks/check.ts';
import type { RigView } from '../loading/rigView.ts';
import { compile } from '../loads/compile.ts';
import { runRulebook } from '../rulebook/runRulebook.ts';
import { flowing, type Flowed } from './flowing.ts';
import type { RoadEvent } from './roadEvent.ts';
import { stopping } from './stopping.ts';
import { levelsOf, withLevels, type Levels } from './tanks.ts';

/** The rig at one moment of a journey, and what the rules say of it then. */
export interface RoadMoment {
  /** null: before it begins. */
  readonly event: string | null;
  /** How far into a stretch, 0 to 1; after a stop 1. */
  readonly share: number;
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
export function alongTheRoad(start: RigView, events: readonly RoadEvent[]): AlongTheRoad {
  const moments: RoadMoment[] = [judged(start, null, 0)];
  const crossings: Crossing[] = [];
  const flowed = new Map<string, Pick<Flowed, 'short' | 'spilt'>>();
  for (const event of events) {
    const before = moments.at(-1);
    if (!before) break;
    if (event.kind === 'stop') {
      const after = judged(stopping(before.view, event.change), event.id, 1);
      crossings.push(...turned(before, after, event.id, () => null));
      moments.push(after);
      continue;
    }
    const { parts, short, spilt } = flowing(levelsOf(before.view), event.flows);
    flowed.set(event.id, { short, spilt });
    for (const part of parts) {
      const from = moments.at(-1) ?? before;
      const after = judged(withLevels(before.view, part.after), event.id, part.to);
      const at = (share: number) => withLevels(before.view, between(part.before, part.after, share));
      crossings.push(
        ...turned(from, after, event.id, (one, other) => part.from + (part.to - part.from) * zero(at, one, other)),
      );
      moments.push(after);
    }
  }
  return { moments, crossings, least: leastOf(moments), flowed };
}

const judged = (view: RigView, event: string | null, share: number): RoadMoment => ({
  event,
  share,
  view,
  checks: runRulebook(compile(view)),
});

const between = (before: Levels, after: Levels, share: number): Levels =>
  new Map(
    [...before].map(([key, one]) => {
      const other = after.get(key)?.litres ?? one.litres;
      return [key, { ...one, litres: one.litres + share * (other - one.litres) }] as const;
    }),
  );

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
): number {
  const marginAt = (share: number): number | null =>
    runRulebook(compile(at(share))).find((check) => check.id === id)?.margin ?? null;
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

import { leavesOpen, type Check } from '../checks/check.ts';
import type { Message } from '../messages/message.ts';
import { missingMessage, whereToFind, type Missing } from '../rig/missing.ts';
import { worthWeighing, type Contribution } from '../uncertainty/contributions.ts';
import type { Assessment } from './assess.ts';

/** A fact that would settle what is open: what it is, how it is found, in how many minutes, and which checks hang on it. */
export interface ToFindOut {
  readonly key: string;
  readonly what: Message;
  /** What nobody has said, where it is that. */
  readonly missing?: Missing;
  /** null: by the means of its kind, `by`. */
  readonly where: Message | null;
  readonly by: 'read' | 'tape' | 'weigh';
  readonly minutes: number;
  /** Checks that it settles by itself. */
  readonly settles: readonly Check[];
  /** Checks that want it among other facts, or whose doubt it lessens. */
  readonly helps: readonly Check[];
}

/** Minutes at hand: a plate is read in 2, a length taped or a thing weighed in 3, the nose weighed in 10, a weighbridge is 40. */
const minutesFor: Readonly<Partial<Record<Missing['code'], number>>> = {
  wheelbase: 3,
  couplingOverhang: 3,
  pinOverhang: 3,
  axlePosition: 3,
  camperPosition: 3,
  position: 3,
  emptyMass: 5,
  emptyBallLoad: 10,
  ballLoad: 10,
  emptyAxles: 40,
  axleLoads: 40,
  reading: 15,
  contradiction: 15,
};
const reading = 2;
const oneThing = 3;

/** A missing fact of a check that must be known counts this many times one of another. */
const requiredWeight = 3;

interface Found extends ToFindOut {
  readonly worth: number;
}

/**
 * What to find out next, the most for its minutes first: facts whose want leaves a check open, and things and lengths whose ±
 * leaves one tight. A check that wants n facts counts 1/n for each of them; a tight one, and one that what is usual leaves
 * open, the share of its variance.
 */
export function toFindOut({ checks, loads }: Pick<Assessment, 'checks' | 'loads'>): readonly ToFindOut[] {
  const found = new Map<string, Found>();
  const add = (one: Omit<Found, 'settles' | 'helps'>, check: Check, alone: boolean) => {
    const before = found.get(one.key);
    found.set(one.key, {
      ...one,
      worth: (before?.worth ?? 0) + one.worth,
      settles: [...(before?.settles ?? []), ...(alone ? [check] : [])],
      helps: [...(before?.helps ?? []), ...(alone ? [] : [check])],
    });
  };
  for (const check of checks) {
    if (check.status === 'unknown' && check.kind !== 'permit') {
      const distinct = new Map(check.missing.map((one) => [JSON.stringify(one), one]));
      const weight = leavesOpen(check) ? requiredWeight : 1;
      const shares = usualShares(check);
      for (const [key, one] of distinct) {
        const share = shares ? (shares.get(key) ?? 1) : 1 / distinct.size;
        if (share >= noticed) add({ ...fact(key, one), worth: weight * share }, check, share > most);
      }
    }
    if (check.status === 'tight' && check.use && loads.from !== 'slip' && doubtful(check)) {
      for (const part of worthWeighing(loads.points, check.use, check.lengths)) {
        add({ ...doubt(part), worth: part.share }, check, false);
      }
    }
  }
  return [...found.values()].sort((a, b) => b.worth / b.minutes - a.worth / a.minutes);
}

/** Less of the doubt than this and nobody would notice it gone; more than this and it settles a check by itself. */
const noticed = 0.05;
const most = 0.9;

/** Of a check that what is usual leaves open: how much of its doubt each fact would take away, 0 to 1. */
function usualShares({ typical, sigma }: Check): ReadonlyMap<string, number> | null {
  if (!typical || !sigma) return null;
  const shares = new Map<string, number>();
  for (const { missing, variance } of typical) {
    const key = JSON.stringify(missing);
    shares.set(key, (shares.get(key) ?? 0) + variance / sigma ** 2);
  }
  return shares;
}

const doubtful = ({ margin, sigma }: Check): boolean => margin !== null && sigma !== null && margin < 2 * sigma;

const fact = (key: string, missing: Missing) => {
  const minutes = minutesFor[missing.code] ?? reading;
  return { key, missing, what: missingMessage(missing), where: whereToFind(missing), by: 'read', minutes } as const;
};

const doubt = ({ body, origin, id, name, byPlace }: Contribution) =>
  ({
    key: `${body}/${origin}/${id}`,
    what: name,
    where: null,
    by: byPlace > 0.5 ? 'tape' : 'weigh',
    minutes: oneThing,
  }) as const;

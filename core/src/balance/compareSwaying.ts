import { typicalSwaying } from '../library/typicalSwaying.data.ts';
import type { TypicalRange } from '../library/typicalRanges.data.ts';
import type { SpeedLaw } from '../jurisdictions/law.ts';
import { metresPerSecond, speedUnit } from '../jurisdictions/speedUnit.ts';
import type { Compiled } from '../loads/compile.ts';
import { leastDamped, swayModes, type SwayModel } from './sway.ts';
import { massAlong } from './yawInertia.ts';
import { swayModelOf, type SwayFacts } from './swayModel.ts';

/** How a loading of a rig swings beside another of the same rig. */
export type Swaying = 'calmer' | 'livelier' | 'alike' | 'cannotTell';

/** Damping of the least damped mode at a speed, by the middle of what is usual. */
interface DampingAt {
  /** In the unit of the comparison, a round number. */
  readonly speed: number;
  readonly before: number;
  readonly after: number;
}

/** Two loadings of one rig side by side. Never a safe speed: it says which of the two is calmer, and how both change with speed. */
export interface SwayComparison {
  readonly verdict: Swaying;
  /** Of the speeds of the curve: as on the speedometer where the rig travels. */
  readonly unit: SpeedLaw['unit'];
  readonly curve: readonly DampingAt[];
  /** The lowest of those speeds (m/s) at which the car would turn away without swinging; null: at none of them. */
  readonly turnsAway: Readonly<Record<'before' | 'after', number | null>>;
}

/** From town to well above what any trailer may do, in round numbers of what a speedometer shows. */
const shown: Readonly<Record<SpeedLaw['unit'], readonly number[]>> = {
  'km/h': [40, 50, 60, 70, 80, 90, 100, 110],
  mph: [25, 30, 35, 40, 45, 50, 55, 60, 65, 70],
};
/** m/s: where a verdict is asked, whatever the speedometer shows. */
const speeds = shown['km/h'].map((speed) => speed * metresPerSecond['km/h']);
/** Of the speeds at which a verdict is given: below, hardly any trailer swings. */
const told = 18;
/** Damping ratios nearer than this are alike: nobody could feel it. */
const alike = 0.002;
/** A swing that dies away within about one of itself: how much faster is nothing anybody could feel. */
const calm = 0.35;

/**
 * Compares two loadings of one rig: tyres and empty bodies are the same in both, whatever they are. A verdict holds only where it is the
 * same at every end of what is usual, and at every speed; else nobody can tell.
 * @returns null where either cannot be reckoned: a mass, a place or a length is not known, or nothing is towed
 */
export function compareSwaying(before: Compiled, after: Compiled): SwayComparison | null {
  const ends = factsOf(before);
  const [middle] = ends;
  if (!middle) return null;
  const pairs = ends.map((facts) => [swayModelOf(before, facts), swayModelOf(after, facts)] as const);
  const whole = pairs.flatMap(([one, other]) => (one && other ? [[one, other] as const] : []));
  const [first] = whole;
  if (!first || whole.length < pairs.length) return null;
  const unit = speedUnit(after.view.situation);
  const ways = new Set(
    whole.flatMap(([one, other]) =>
      speeds.filter((speed) => speed >= told).map((speed) => wayOf(damping(one, speed), damping(other, speed))),
    ),
  );
  return {
    verdict: verdictOf(ways),
    unit,
    curve: shown[unit].map((speed) => {
      const metres = speed * metresPerSecond[unit];
      return { speed, before: damping(first[0], metres), after: damping(first[1], metres) };
    }),
    turnsAway: { before: turnsAwayAt(first[0]), after: turnsAwayAt(first[1]) },
  };
}

/** Of the mode that swings and dies away slowest; 1 where none swings. */
const damping = (model: SwayModel, speed: number): number => leastDamped(swayModes(model, speed))?.dampingRatio ?? 1;

/** An oversteering car diverges without swinging: a mode that grows and has no frequency. */
const turnsAwayAt = (model: SwayModel): number | null =>
  speeds.find((speed) => swayModes(model, speed).some((one) => one.frequencyHz === 0 && one.decay < 0)) ?? null;

const wayOf = (before: number, after: number): Exclude<Swaying, 'cannotTell'> => {
  if (Math.abs(after - before) < alike || Math.min(before, after) > calm) return 'alike';
  return after > before ? 'calmer' : 'livelier';
};

/** What is alike at one end and plain at the others is as plain as they are. */
function verdictOf(ways: ReadonlySet<Swaying>): Swaying {
  if (ways.has('calmer') && ways.has('livelier')) return 'cannotTell';
  return ways.has('calmer') ? 'calmer' : ways.has('livelier') ? 'livelier' : 'alike';
}

/** What is usual of this rig: the middle first, then every combination of its ends. Empty where it has no two known bodies. */
export function factsOf(loads: Compiled): readonly SwayFacts[] {
  const { vehicle, trailer } = { vehicle: massAlong(loads, 'vehicle'), trailer: loads.view.trailer };
  const wheelbase = loads.lengths.vehicle?.wheelbase;
  if (!vehicle || !trailer || wheelbase === undefined) return [];
  const { cornering, vehicleInertia, gyration, anyGyration } = typicalSwaying;
  const length = trailer.geometry.bodyLength;
  const radius = length === undefined ? anyGyration : scaled(gyration, length);
  const own = vehicle.mass * vehicle.centre * (wheelbase - vehicle.centre);
  const empty = loads.bodies[trailer.id]?.bare ?? 0;
  const made = (front: number, ratio: number, behind: number, inertia: number, swing: number): SwayFacts => ({
    vehicleInertia: own * inertia,
    bareInertia: empty * swing ** 2,
    cornering: { front, rear: front * ratio, trailer: front * behind },
  });
  const all = [cornering.front, cornering.rearOverFront, cornering.trailerOverFront, vehicleInertia, radius] as const;
  const corners = Array.from({ length: 2 ** all.length }, (_, corner) =>
    all.map(({ middle, plusMinus }, at) => middle + ((corner >> at) % 2 === 0 ? plusMinus : -plusMinus)),
  );
  return [all.map(({ middle }) => middle), ...corners].map(([a = 0, b = 0, c = 0, d = 0, e = 0]) =>
    made(a, b, c, d, e),
  );
}

const scaled = ({ middle, plusMinus }: TypicalRange, by: number): TypicalRange => ({
  middle: by * middle,
  plusMinus: by * plusMinus,
});

import { withTypical } from '../loading/typical.ts';
import type { RigView } from '../loading/rigView.ts';
import { stateLoads } from '../state/stateLoads.ts';
import { compareSwaying, factsOf, type Swaying } from './compareSwaying.ts';
import { leastDamped, swayModes } from './sway.ts';
import { swayModelOf } from './swayModel.ts';
import { withMassAt } from './withMassAt.ts';

/** What ten kilograms more in a place of the trailer do to its swaying. */
export interface SwayInPlace {
  readonly place: string;
  readonly name: string;
  readonly verdict: Swaying;
}

const asked = 10;

const loadsOf = (view: RigView) => stateLoads(withTypical(view));

/** What 10 kg more do in each place of the trailer whose place is known, front to rear; empty where nothing can be reckoned. */
export function swayByPlace(view: RigView): readonly SwayInPlace[] {
  const before = loadsOf(view);
  const places = (view.trailer?.places ?? []).flatMap(({ id, name, x }) => (x === undefined ? [] : [{ id, name, x }]));
  return places
    .sort((a, b) => a.x - b.x)
    .flatMap(({ id, name, x }) => {
      const found = compareSwaying(before, loadsOf(withMassAt(view, [{ x, mass: asked }])));
      return found ? [{ place: id, name, verdict: found.verdict }] : [];
    });
}

/** How a trailer swings: turns a second, and the share of the damping that would just keep it from swinging. */
interface Swing {
  readonly frequencyHz: number;
  readonly dampingRatio: number;
}

/** The same mass at both ends of the trailer, and over its axles. */
export interface SwayPair {
  readonly mass: number;
  readonly ends: Swing;
  readonly middle: Swing;
}

/** m/s: fast enough for a swing to be seen, and no advice. */
const shownAt = 22;

/**
 * This rig's trailer with 120 kg at its ends and with the same over its axles, by the middle of what is usual: for a picture, whose rates are true
 * beside each other. null where it cannot be reckoned.
 */
export function swayPair(view: RigView): SwayPair | null {
  const { trailer } = view;
  const axle = trailer?.geometry.axlePosition;
  if (!trailer || axle === undefined) return null;
  const mass = 120;
  const reach = (trailer.geometry.bodyLength ?? axle * 1.4) / 2;
  const ends = [axle - reach, axle + reach].map((x) => ({ x, mass: mass / 2 }));
  const swing = (masses: typeof ends): Swing | null => {
    const loads = loadsOf(withMassAt(view, masses));
    const [facts] = factsOf(loads);
    const model = facts && swayModelOf(loads, facts);
    const mode = model && leastDamped(swayModes(model, shownAt));
    return mode ? { frequencyHz: mode.frequencyHz, dampingRatio: mode.dampingRatio } : null;
  };
  const [atEnds, inMiddle] = [swing(ends), swing([{ x: axle, mass }])];
  return atEnds && inMiddle ? { mass, ends: atEnds, middle: inMiddle } : null;
}

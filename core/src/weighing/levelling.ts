import type { ArchHeights } from '../rig/hitch.ts';

/** What the heights say of level, never of loads. m; the share of the front's rise that the bars took back. */
export interface Levelling {
  readonly frontRise: number | null;
  readonly rearDrop: number | null;
  readonly restored: number | null;
  /** The front stands lower with the bars on than by itself: they are too tight. */
  readonly overdone: boolean;
}

/** Less rise than a tape measure can tell, m. */
const tape = 0.003;

/**
 * Wheel-arch heights, alone, coupled, and with the bars on, as an aid to setting a distribution hitch level. Springs differ
 * and stick, so no load follows from them.
 */
export function levelling(front: ArchHeights, rear: ArchHeights): Levelling {
  const rise = between(front.alone, front.coupled);
  const after = between(front.alone, front.bars);
  return {
    frontRise: rise,
    rearDrop: between(rear.coupled, rear.alone),
    restored: rise === null || after === null || rise < tape ? null : (rise - after) / rise,
    overdone: after !== null && after < -tape,
  };
}

const between = (from: number | undefined, to: number | undefined): number | null =>
  from === undefined || to === undefined ? null : to - from;

/** Degrees by which a bar hangs from level: its far end so much higher (m) over its length (m). null: no length. */
export const barAngle = (rise: number, length: number): number | null =>
  length > 0 && Math.abs(rise) <= length ? (Math.asin(rise / length) * 180) / Math.PI : null;

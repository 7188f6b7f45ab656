import type { RigView, Side } from '@wagonomos/core';
import { layoutRig, type DrawingLayout, type FrameName } from '@wagonomos/papers/drawing';

/** The rig from above on the same scale along: the nose to the left of the sheet, so its left side is at the bottom. */
export interface PlanLayout {
  readonly along: DrawingLayout;
  readonly scale: number;
  readonly height: number;
  readonly x: (side: Side, metres: number) => number;
  /** px of so many metres to the left of the centre line. */
  readonly y: (metres: number) => number;
}

/** Room above and below for the words at the wheels, px. */
const room = 46;
const widest = 2.6;

/** Usual widths, m, for what nobody has measured. */
export const usualWidths = { vehicle: 1.9, trailer: 2.3, camper: 2.1 } as const;

export function layoutPlan(view: RigView, width: number, frame: FrameName): PlanLayout {
  const along = layoutRig(view, width, frame);
  const { scale } = along;
  const middle = room + (widest / 2) * scale;
  return { along, scale, height: 2 * middle, x: along.x, y: (metres) => middle + metres * scale };
}

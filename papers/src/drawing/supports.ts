import type { Pillar } from '@wagonomos/core';
import type { DrawingLayout } from './layout.ts';

/** Where a support stands on the drawing, px; one whose place is not known stands where the drawing has it. */
export function supportX({ quantity, side, x }: Pillar, { vehicle, trailer, x: at }: DrawingLayout): number {
  const byEye: Readonly<Partial<Record<Pillar['quantity'], number>>> = {
    rearAxle: vehicle?.wheelbase,
    driveAxle: vehicle?.wheelbase,
    tagAxle: vehicle?.tag ?? vehicle?.wheelbase,
    ballLoad: vehicle?.coupling ?? 0,
  };
  const axles = trailer?.axles ?? [0];
  const centre = axles.reduce((sum, one) => sum + one, 0) / axles.length;
  return at(side, x ?? byEye[quantity] ?? centre);
}

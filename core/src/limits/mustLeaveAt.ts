import type { Check } from '../checks/check.ts';
import { keptRange, limitLine, type Spot } from './limitLine.ts';

/** A kilogram taken away that does less than this does next to nothing. */
const leastLoss = 0.01;

/** kg that must leave a spot for a check that is over; null: no kilogram taken away there brings it right. */
export function mustLeaveAt(check: Check, spot: Spot): number | null {
  const line = limitLine(check, [[{ ...spot, mass: 1 }]]);
  if (!line || line.bounds.every(({ loss: [each = 0] }) => each <= leastLoss)) return null;
  const range = keptRange(line);
  return range && Number.isFinite(range.to) ? -range.to : null;
}

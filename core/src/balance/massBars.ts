import type { Message } from '../messages/message.ts';
import type { MassAlong } from './yawInertia.ts';

/** What is loaded within one step of a body's length: kg, and what it is. */
export interface MassBar {
  /** m, the middle of the step. */
  readonly x: number;
  readonly mass: number;
  readonly names: readonly Message[];
}

/** Points this close together stand as one bar, m. */
const step = 0.25;

/**
 * What was loaded on a body, step by step along its length from the first bar, or the centre where that lies ahead of it, to
 * the last; steps on which nothing lies too, so that an axis is to scale. The empty body is not in it.
 * @returns none where nothing is loaded
 */
export function massBars({ loads, centre }: MassAlong): readonly MassBar[] {
  const found = new Map<number, { mass: number; names: Message[] }>();
  for (const { origin, x, mass, name } of loads) {
    if (origin === 'empty' || origin === 'basis') continue;
    const at = Math.round(x / step);
    const bar = found.get(at) ?? { mass: 0, names: [] };
    bar.mass += mass;
    bar.names.push(name);
    found.set(at, bar);
  }
  const steps = [...found.keys()];
  if (steps.length === 0) return [];
  const first = Math.floor(Math.min(...steps, centre / step));
  const count = Math.max(...steps) - first + 1;
  return Array.from({ length: count }, (_, n) => {
    const at = first + n;
    return { x: at * step, ...(found.get(at) ?? { mass: 0, names: [] }) };
  });
}

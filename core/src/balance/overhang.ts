/** A mass at a distance behind the front axle, m; ahead of it is negative. */
export interface Overhanging {
  readonly mass: number;
  readonly x: number;
}

/** What one mass does to the two axles of a vehicle, kg: together they always carry the mass itself. */
export interface OverhangEffect {
  readonly front: number;
  readonly rear: number;
  /** How far beyond the axle it sits, as a share of the wheelbase; 0 between the axles. */
  readonly share: number;
}

/**
 * rear = m·x/W, front = m·(1 − x/W). Behind the rear axle the rear carries more than the mass and the front gets lighter;
 * ahead of the front axle the other way round.
 * @param wheelbase W, m, above 0
 */
export function overhangEffect({ mass, x }: Overhanging, wheelbase: number): OverhangEffect {
  const rear = (mass * x) / wheelbase;
  const beyond = x < 0 ? -x : Math.max(0, x - wheelbase);
  return { front: mass - rear, rear, share: beyond / wheelbase };
}

/**
 * The same part on a shorter or longer vehicle: what sits ahead of the front axle keeps its distance to it, what sits behind
 * the rear axle keeps its distance to that one, what lies between stays at its share of the wheelbase.
 */
export function onWheelbase(part: Overhanging, from: number, to: number): Overhanging {
  if (part.x <= 0) return part;
  return { ...part, x: part.x >= from ? to + (part.x - from) : (part.x * to) / from };
}

/** A mass with its offset to the left, m. */
export interface SideLoad {
  readonly mass: number;
  readonly x: number;
  readonly y: number;
}

export interface WheelPair {
  readonly left: number;
  readonly right: number;
}

/**
 * Left and right of a trailer. A ball on the centre line carries no roll moment, so the axle takes all of it:
 * left = G/2 + Σ m·y / t.
 */
export function trailerWheelLoads(axleLoad: number, track: number, loads: readonly SideLoad[]): WheelPair {
  const roll = loads.reduce((sum, load) => sum + load.mass * load.y, 0) / track;
  return { left: axleLoad / 2 + roll, right: axleLoad / 2 - roll };
}

/**
 * Left and right of one axle of a vehicle. Four wheels and three equations: how the axles share the roll moment is not
 * determined. Convention: each mass by its share on the axle. The sum over both axles is exact, the split is not.
 * @param share what one kg at x puts on this axle
 */
export function vehicleWheelLoads(
  axleLoad: number,
  track: number,
  loads: readonly SideLoad[],
  share: (x: number) => number,
): WheelPair {
  const roll = loads.reduce((sum, load) => sum + load.mass * share(load.x) * load.y, 0) / track;
  return { left: axleLoad / 2 + roll, right: axleLoad / 2 - roll };
}

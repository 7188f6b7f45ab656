/**
 * Ball load from a scale under the jockey wheel, which stands behind the coupling and therefore reads too much.
 * Moments about the axle: B·A = J·(A − x_j).
 * @param reading J, kg
 * @param jockeyPosition x_j, m behind the coupling
 * @param axlePosition A, m behind the coupling
 */
export const ballLoadFromJockey = (reading: number, jockeyPosition: number, axlePosition: number): number =>
  (reading * (axlePosition - jockeyPosition)) / axlePosition;

/**
 * Ball load through a plank lever when it is too much for the scale: the load at distance a from the far support, the
 * scale at a + b. Moments about that support: B·a = (S − S_plank)·(a + b).
 * @param reading S, kg; @param plankAlone S_plank, the reading with the plank and no load
 * @param near a, m; @param beyond b, m
 */
export const ballLoadFromPlank = (reading: number, plankAlone: number, near: number, beyond: number): number =>
  ((reading - plankAlone) * (near + beyond)) / near;

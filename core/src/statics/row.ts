/** What one kg does at x: `at0 + perMetre * x`, in kg of the quantity. */
export interface Affine {
  readonly at0: number;
  readonly perMetre: number;
}

/**
 * One quantity as a linear function of every mass on both bodies. Value, ±, margin and preview all read this. `fixed` is
 * what stands there without any mass: the couple of a load-distribution hitch set by hand.
 */
export interface Row {
  readonly vehicle: Affine;
  readonly trailer: Affine;
  readonly fixed?: number;
}

export const nothing: Affine = { at0: 0, perMetre: 0 };
export const everything: Affine = { at0: 1, perMetre: 0 };

const scaled = (by: number, part: Affine): Affine => ({
  at0: by * part.at0 + 0,
  perMetre: by * part.perMetre + 0,
});

const added = (a: Affine, b: Affine): Affine => ({ at0: a.at0 + b.at0, perMetre: a.perMetre + b.perMetre });

/** `a + factor * b`, e.g. the ball load less 4 % of the trailer. */
export const combineRows = (a: Row, factor: number, b: Row): Row => ({
  vehicle: added(a.vehicle, scaled(factor, b.vehicle)),
  trailer: added(a.trailer, scaled(factor, b.trailer)),
  fixed: (a.fixed ?? 0) + factor * (b.fixed ?? 0),
});

/** So many times a row. */
export const scaledRow = (by: number, row: Row): Row => ({
  vehicle: scaled(by, row.vehicle),
  trailer: scaled(by, row.trailer),
  fixed: by * (row.fixed ?? 0),
});

/** Change of the quantity for one kg put at `x` of a body. */
export const influenceAt = (row: Row, side: 'vehicle' | 'trailer', x: number): number =>
  row[side].at0 + row[side].perMetre * x;

/** A row of which one body's part may not be known, for want of a length; `null`: nobody knows what a kilogram there does. */
export type PartRow = Readonly<Record<'vehicle' | 'trailer', Affine | null>>;

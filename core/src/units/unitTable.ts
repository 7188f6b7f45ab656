/** The kinds of quantity people type. Inside: kg, m, L, kPa, kN, km along the road; percent stays percent. */
export type QuantityKind = 'mass' | 'length' | 'volume' | 'pressure' | 'force' | 'percent' | 'couple' | 'distance';

interface UnitDef {
  /** What people write, lower case, longest form first where one contains another. */
  readonly names: readonly string[];
  /** One of this unit in the inner unit of its kind. */
  readonly factor: number;
  /** The unit a bare number takes right after this one: 6 ft 2, 12 st 4. */
  readonly then?: string;
}

/** Units by kind. Factors are exact by definition (international pound and inch, US and imperial gallon). */
export const unitTable: Readonly<Record<QuantityKind, Readonly<Record<string, UnitDef>>>> = {
  mass: {
    kg: { names: ['kg', 'kgs', 'kilo', 'kilos'], factor: 1 },
    g: { names: ['g', 'gram', 'grams'], factor: 0.001 },
    t: { names: ['t', 'tonne', 'tonnes'], factor: 1000 },
    lb: { names: ['lb', 'lbs', 'pound', 'pounds'], factor: 0.45359237, then: 'oz' },
    oz: { names: ['oz'], factor: 0.45359237 / 16 },
    st: { names: ['st', 'stone'], factor: 0.45359237 * 14, then: 'lb' },
  },
  length: {
    m: { names: ['m', 'metre', 'metres'], factor: 1 },
    cm: { names: ['cm'], factor: 0.01 },
    mm: { names: ['mm'], factor: 0.001 },
    in: { names: ['in', 'inch', 'inches', '"', '″'], factor: 0.0254 },
    ft: { names: ['ft', 'foot', 'feet', "'", '′'], factor: 0.3048, then: 'in' },
  },
  volume: {
    L: { names: ['l', 'ltr', 'litre', 'litres', 'liter', 'liters'], factor: 1 },
    mL: { names: ['ml'], factor: 0.001 },
    galUs: { names: ['gal us', 'us gal', 'usgal', 'gallon us', 'us gallon'], factor: 3.785411784 },
    galUk: { names: ['gal uk', 'uk gal', 'gal imp', 'imp gal', 'imperial gallon'], factor: 4.54609 },
  },
  pressure: {
    kPa: { names: ['kpa'], factor: 1 },
    bar: { names: ['bar'], factor: 100 },
    psi: { names: ['psi'], factor: 6.894757293168361 },
  },
  force: { kN: { names: ['kn'], factor: 1 }, N: { names: ['n'], factor: 0.001 } },
  couple: { Nm: { names: ['nm'], factor: 1 }, ftlb: { names: ['ftlb', 'lbft'], factor: 1.3558179483314 } },
  distance: {
    km: { names: ['km', 'kms', 'kilometre', 'kilometres', 'kilometer', 'kilometers'], factor: 1 },
    mi: { names: ['mi', 'mile', 'miles'], factor: 1.609344 },
  },
  percent: { '%': { names: ['%', 'percent', 'pc'], factor: 1 } },
};

/** Words that name a unit of the kind but not which one, so the reader must ask. */
export const ambiguousUnits: Readonly<Partial<Record<QuantityKind, readonly string[]>>> = {
  volume: ['gal', 'gallon', 'gallons', 'gals'],
  mass: ['ton', 'tons'],
};

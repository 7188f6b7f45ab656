import type { Check } from '../checks/check.ts';
import type { Vehicle } from '../rig/body.ts';
import type { RigView } from '../loading/rigView.ts';
import { stateLoads } from '../state/stateLoads.ts';
import type { LimitName } from '../rig/limitNames.ts';
import { runRulebook } from '../rulebook/runRulebook.ts';
import type { RuleId } from '../rules/ruleId.ts';
import { caseView, vehicleOf } from './caseRig.ts';
import { onScale, ticketOf } from './weighed.ts';
import { fuelTank, gearOn, made, plateOf, weightless, type Made } from './matrixRigs.ts';

/** What every rule must show. A rule without a line here does not compile. */
export interface Line {
  readonly id?: string;
  readonly passing: RigView;
  readonly failing: RigView;
  readonly missing: RigView;
  /** Where the rule is simply not asked while its figure is not stated. */
  readonly unasked?: true;
  /** Exactly at its threshold, and a little past it; `none` for a yes or no. */
  readonly threshold: { readonly at: RigView; readonly past: RigView } | 'none';
}

const little = 0.001;

/** A plated most or least against a load that is known. */
const limitLine = (
  limit: LimitName,
  load: number,
  of: Made = {},
  sense: 'max' | 'min' = 'max',
  optional = false,
): Line => {
  const sign = sense === 'max' ? 1 : -1;
  const rig = (value: number) => made({ ...of, limits: { ...of.limits, [limit]: value } });
  return {
    passing: rig(load + sign * 100),
    failing: rig(load - sign * 50),
    missing: optional ? weightless(rig(load)) : made(of),
    threshold: { at: rig(load), past: rig(load - sign * little) },
  };
};

const tagRig = (tagAxleMax: number | undefined): RigView =>
  caseView({
    vehicle: { rearGroup: { x_drive: 3.6, x_tag: 4.4, driveShare: 0.5 }, bare: { R_front: 1700, R_rear: 2000 } },
    limits: tagAxleMax === undefined ? {} : { tagAxleMax },
  });

/** Rear 1,050: tyres of index 85 carry 515 each. The load is moved instead of the index, which comes in steps. */
const onGear = (side: 'vehicle' | 'trailer', rest: Parameters<typeof gearOn>[1], mass = 1000): RigView =>
  side === 'vehicle'
    ? made({ vehicle: gearOn('rear', rest) })
    : made({ trailerMass: mass, trailer: gearOn('trailer', rest) });

/** A car of 1.9 m before a trailer of a width. */
const wide = (of: Pick<Vehicle, 'mirrors'>, width: number | undefined = 2.3): RigView => {
  const view = made({ vehicle: of });
  const behind = { ...view.trailer?.geometry, axles: 1, width };
  return {
    ...view,
    vehicle: { ...vehicleOf(view), geometry: { ...vehicleOf(view).geometry, width: 1.9 } },
    trailer: view.trailer && { ...view.trailer, geometry: behind },
  };
};
const longOutfit = (bodyLength: number | undefined): RigView => {
  const view = made({});
  const behind = { ...view.trailer?.geometry, axles: 1, drawbarLength: 1.4, bodyLength };
  return {
    ...view,
    vehicle: { ...vehicleOf(view), geometry: { ...vehicleOf(view).geometry, frontOverhang: 0.9 } },
    trailer: view.trailer && { ...view.trailer, geometry: behind },
  };
};

/** Two axles of 900 together, each stamped, the second read at so much. */
const axlesApart = (second: number, equalises: 'no' | undefined): RigView => {
  const stamps = [1, 2].map((at) => ({ ...plateOf('axle', 'axleGroupMax', 500), id: `axle-${at}` }));
  const view = made({ trailer: { plates: stamps } });
  const towed = view.trailer && { ...view.trailer, geometry: { ...view.trailer.geometry, axles: 2, equalises } };
  const rig = { ...view, trailer: towed };
  const readings = [900 - second, second].map((value, at) => ({
    state: 'coupled' as const,
    on: [at === 0 ? ('axle1' as const) : ('axle2' as const)],
    value,
  }));
  return onScale(rig, [ticketOf(rig, readings, 1, { loadout: rig.loadout })]);
};

const rated = (mass: number, rating: number | undefined): RigView => {
  const view = caseView({
    vehicle: { W: 3, bare: { R_front: 900, R_rear: 900 }, masses: [{ id: 'roof', m: mass, x: 1 }] },
  });
  const places = vehicleOf(view).places.map((place) =>
    rating === undefined ? place : { ...place, rating: { value: rating } },
  );
  return { ...view, vehicle: { ...vehicleOf(view), places } };
};

const camper = (most: number | undefined, known = true): RigView => {
  const view = caseView({
    vehicle: { W: 3, bare: { R_front: 1000, R_rear: 900 }, camper: { x: 2, bare: { m: 600, x: 1 } } },
  });
  const plates = most === undefined ? [] : [plateOf('camperPlate', 'camperMax', most)];
  const emptyMass = known ? view.camper?.emptyMass : undefined;
  return { ...view, camper: view.camper && { ...view.camper, plates, emptyMass } };
};

const coupling = (dValueKn: number, masses = true): RigView =>
  made({
    limits: masses ? { vehicleMax: 2000, trailerMax: 2000 } : {},
    vehicle: masses
      ? { plates: [plateOf('other', 'vehicleMax', 2000), plateOf('towBar', 'dValueKn', dValueKn)] }
      : { plates: [plateOf('towBar', 'dValueKn', dValueKn)] },
  });

const unbraked = (of: Made): RigView => made({ ...of, trailer: { braked: false, ...of.trailer } });
const plated = (trailerAxlesMax: number, of: Made = {}): RigView => made({ ...of, limits: { trailerAxlesMax } });
const crew = (people: number, seats: number): RigView => {
  const view = made({ alone: true });
  const list = Array.from({ length: people }, (_, index) => ({ id: `p${index}`, name: 'p', mass: 75 }));
  const chairs = Array.from({ length: seats }, (_, index) => ({ id: `s${index}`, name: 's', x: 1 }));
  return {
    ...view,
    vehicle: { ...vehicleOf(view), seats: chairs },
    loadout: { ...view.loadout, crew: list },
  };
};
const driven = (vehicleMax: number | undefined, of: Made = {}): RigView =>
  made({
    ...of,
    alone: true,
    country: 'DE',
    limits: vehicleMax === undefined ? {} : { vehicleMax },
    situation: { licence: { issuer: 'DE', classes: ['B'] } },
  });
const novice = (empty: number | undefined): RigView => {
  const view = made({
    state: 'NSW',
    trailerMass: empty ?? 200,
    situation: { licence: { issuer: 'AU', classes: ['auC'], novice: 'p1' } },
  });
  return empty === undefined ? weightless(view) : view;
};
const hundred = (trailerMax: number, of: Partial<Made> = {}): RigView =>
  made({
    country: 'DE',
    situation: { date: '2026-06-01' },
    vehicle: {
      abs: 'present',
      plates: [
        plateOf('registration', 'emptyStated', 1500),
        plateOf('vehiclePlate', 'vehicleMax', 2200),
        plateOf('handbook', 'towBraked', 2000),
      ],
    },
    trailer: {
      dampers: 'present',
      stabiliser: 'present',
      hundredPlate: 'present',
      plates: [plateOf('caravanPlate', 'trailerMax', trailerMax)],
      ...gearOn('trailer', { loadIndex: '100', speedSymbol: 'N', ageCode: '0124' }),
    },
    ...of,
  });
const aged = (date: string | undefined): RigView =>
  made({ trailer: gearOn('trailer', { ageCode: '0219' }), situation: date === undefined ? {} : { date } });
const german: Made = { country: 'DE', trailer: {} };
const sum = (trailerMax: number | undefined): RigView =>
  made({ ...german, limits: { vehicleMax: 2000, ballMax: 100, ...(trailerMax === undefined ? {} : { trailerMax }) } });
const resting = (ballLoad: number): RigView => made({ country: 'DE', trailerMass: 1500, ballLoad });
const shareOf = (trailerMass: number, of: Made): RigView => made({ trailerMass, ...of });

const sticker = (most: number): RigView =>
  made({ vehicle: { plates: [plateOf('doorSticker', 'payloadStated', most)] } });

export const matrix: Readonly<Record<RuleId, Line>> = {
  'vehicle.max': limitLine('vehicleMax', 2000),
  'vehicle.technicalMax': limitLine('vehicleTechnicalMax', 2000, {}, 'max', true),
  'axle.front': limitLine('frontAxleMax', 950),
  'axle.frontMin': limitLine('frontAxleMin', 950, {}, 'min', true),
  'axle.frontShare': {
    // Solo, Britain: 35 % of what stands on the road.
    passing: caseView({ vehicle: { W: 3, bare: { R_front: 500, R_rear: 500 } } }),
    failing: caseView({ vehicle: { W: 3, bare: { R_front: 300, R_rear: 700 } } }),
    missing: weightless(made({ alone: true })),
    threshold: {
      at: caseView({ vehicle: { W: 3, bare: { R_front: 350, R_rear: 650 } } }),
      past: caseView({ vehicle: { W: 3, bare: { R_front: 349.9, R_rear: 650.1 } } }),
    },
  },
  'axle.rear': limitLine('rearAxleMax', 1050),
  'axle.tag': {
    passing: tagRig(1100),
    failing: tagRig(900),
    missing: tagRig(undefined),
    threshold: { at: tagRig(1000), past: tagRig(1000 - little) },
  },
  'trailer.max': limitLine('trailerMax', 1000),
  'trailer.technicalMax': limitLine('trailerTechnicalMax', 1000, {}, 'max', true),
  'trailer.axles': limitLine('trailerAxlesMax', 900),
  'trailer.axleGroup': limitLine('axleGroupMax', 900, {}, 'max', true),
  'combination.max': limitLine('combinationMax', 2900),
  'combination.sum': {
    passing: sum(1200),
    failing: sum(900),
    missing: sum(undefined),
    threshold: { at: sum(1000), past: sum(1000 - little) },
  },
  'tow.braked': limitLine('towBraked', 1000),
  'tow.unbraked': limitLine('towUnbraked', 1000, { trailer: { braked: false } }),
  'tow.half': (() => {
    // Kerb: 1,900 and a tank of 40 kg; half of it is 970.
    const rig = (trailerMass: number, tank = true) =>
      unbraked({ country: 'GB', trailerMass, ...(tank ? { vehicle: fuelTank } : {}) });
    return {
      passing: rig(800),
      failing: rig(1000),
      missing: rig(800, false),
      threshold: { at: rig(970), past: rig(970 + little) },
    };
  })(),
  'tow.fallback': (() => {
    // Tare: 1,900 and ten litres, 8 kg.
    const rig = (trailerMass: number, tank = true) => unbraked({ trailerMass, ...(tank ? { vehicle: fuelTank } : {}) });
    return {
      passing: rig(1800),
      failing: rig(2000),
      missing: rig(1800, false),
      threshold: { at: rig(1908), past: rig(1908 + little) },
    };
  })(),
  'tow.ratio': {
    id: 'tow.ratio:most',
    // Australia compares with the loaded car, 1,900 kg before the trailer.
    passing: shareOf(1500, {}),
    failing: shareOf(2000, {}),
    missing: weightless(made({})),
    threshold: { at: shareOf(1900, {}), past: shareOf(1900 + little, {}) },
  },
  'tow.ownMass': {
    passing: shareOf(2000, { country: 'FR' }),
    failing: shareOf(2600, { country: 'FR' }),
    missing: weightless(made({ country: 'FR' })),
    threshold: { at: shareOf(2470, { country: 'FR' }), past: shareOf(2470.01, { country: 'FR' }) },
  },
  'ball.max': limitLine('ballMax', 100),
  'ball.min': {
    passing: resting(60),
    failing: resting(10),
    missing: weightless(resting(60)),
    threshold: { at: resting(25), past: resting(25 - 0.01) },
  },
  'ball.share': {
    id: 'ball.shareHigh',
    passing: made({ ballLoad: 100 }),
    failing: made({ ballLoad: 200 }),
    missing: weightless(made({})),
    threshold: { at: made({ ballLoad: 120 }), past: made({ ballLoad: 120.01 }) },
  },
  'place.rating': {
    id: 'place.rating:vehicle:roof',
    passing: rated(50, 60),
    failing: rated(80, 60),
    missing: rated(50, undefined),
    unasked: true,
    threshold: { at: rated(60, 60), past: rated(60 + little, 60) },
  },
  'trailer.axleEach': {
    passing: axlesApart(480, 'no'),
    failing: axlesApart(540, 'no'),
    missing: axlesApart(540, undefined),
    threshold: { at: axlesApart(500, 'no'), past: axlesApart(500 + little, 'no') },
  },
  'coupling.part': limitLine('trailerPartMax', 1000, {}, 'max', true),
  'coupling.dValue': {
    // 9.81 · 2 · 2 / 4 = 9.81 kN.
    passing: coupling(10),
    failing: coupling(9),
    missing: coupling(10, false),
    threshold: { at: coupling(9.81), past: coupling(9.8) },
  },
  'vehicle.cargo': {
    // Nothing lies in the car: the ball load, 100 kg, is all that it carries.
    passing: sticker(150),
    failing: sticker(80),
    missing: weightless(sticker(150)),
    threshold: { at: sticker(100), past: sticker(100 - little) },
  },
  'camper.max': {
    passing: camper(700),
    failing: camper(500),
    missing: camper(700, false),
    threshold: { at: camper(600), past: camper(600 - little) },
  },
  'mirrors.wide': {
    passing: wide({ mirrors: 'present' }),
    failing: wide({ mirrors: 'absent' }),
    missing: wide({}),
    threshold: { at: wide({ mirrors: 'absent' }, 1.9), past: wide({ mirrors: 'absent' }, 1.9 + little) },
  },
  'body.width': {
    id: 'body.width:trailer',
    passing: wide({}, 2.4),
    failing: wide({}, 2.6),
    missing: made({}),
    unasked: true,
    threshold: { at: wide({}, 2.5), past: wide({}, 2.5 + little) },
  },
  'body.length': {
    passing: longOutfit(7),
    failing: longOutfit(15),
    missing: longOutfit(undefined),
    unasked: true,
    // 0.9 and 2 and 1 of the car, 1.4 of the drawbar.
    threshold: { at: longOutfit(13.7), past: longOutfit(13.7 + little) },
  },
  'gear.tyres': {
    id: 'gear.tyres:trailer',
    // Two tyres of index 90 carry 1,200; nine tenths of the trailer rest on them.
    passing: onGear('trailer', { loadIndex: '90' }),
    failing: onGear('trailer', { loadIndex: '90' }, 1500),
    missing: weightless(onGear('trailer', { loadIndex: '90' })),
    threshold: {
      at: onGear('trailer', { loadIndex: '90' }, 1200 / 0.9),
      past: onGear('trailer', { loadIndex: '90' }, 1200.01 / 0.9),
    },
  },
  'gear.tyresForPlate': {
    id: 'gear.tyresForPlate:trailer',
    passing: plated(1100, { trailer: gearOn('trailer', { loadIndex: '90' }) }),
    failing: plated(1300, { trailer: gearOn('trailer', { loadIndex: '90' }) }),
    missing: onGear('trailer', { loadIndex: '90' }),
    unasked: true,
    threshold: {
      at: plated(1200, { trailer: gearOn('trailer', { loadIndex: '90' }) }),
      past: plated(1200 + little, { trailer: gearOn('trailer', { loadIndex: '90' }) }),
    },
  },
  'gear.tyreReserve': {
    id: 'gear.tyreReserve:trailer',
    passing: onGear('trailer', { loadIndex: '90' }),
    failing: onGear('trailer', { loadIndex: '90' }, 1300),
    missing: weightless(onGear('trailer', { loadIndex: '90' })),
    threshold: {
      at: onGear('trailer', { loadIndex: '90' }, 1200),
      past: onGear('trailer', { loadIndex: '90' }, 1200.1),
    },
  },
  'gear.wheels': {
    id: 'gear.wheels:rear',
    passing: onGear('vehicle', { wheelRating: 600 }),
    failing: onGear('vehicle', { wheelRating: 500 }),
    missing: weightless(onGear('vehicle', { wheelRating: 600 })),
    threshold: { at: onGear('vehicle', { wheelRating: 525 }), past: onGear('vehicle', { wheelRating: 525 - little }) },
  },
  'gear.springs': {
    id: 'gear.springs:rear',
    passing: onGear('vehicle', { springRating: 1200 }),
    failing: onGear('vehicle', { springRating: 1000 }),
    missing: weightless(onGear('vehicle', { springRating: 1200 })),
    threshold: {
      at: onGear('vehicle', { springRating: 1050 }),
      past: onGear('vehicle', { springRating: 1050 - little }),
    },
  },
  'gear.speed': {
    id: 'gear.speed:trailer',
    passing: onGear('trailer', { speedSymbol: 'N' }),
    failing: onGear('trailer', { speedSymbol: 'F' }),
    missing: onGear('trailer', {}),
    threshold: { at: onGear('trailer', { speedSymbol: 'J' }), past: onGear('trailer', { speedSymbol: 'G' }) },
  },
  'gear.age': {
    id: 'gear.age:trailer',
    // Made in the second week of 2019, from the seventh of January on.
    passing: aged('2023-01-07'),
    failing: aged('2027-01-07'),
    missing: aged(undefined),
    threshold: { at: aged('2026-01-06'), past: aged('2026-01-08') },
  },
  'brakes.required': {
    passing: unbraked({ limits: { trailerAxlesMax: 600 } }),
    failing: unbraked({ limits: { trailerAxlesMax: 1000 } }),
    missing: unbraked({}),
    threshold: {
      at: unbraked({ limits: { trailerAxlesMax: 750 } }),
      past: unbraked({ limits: { trailerAxlesMax: 750 + little } }),
    },
  },
  'brakes.kind': {
    passing: plated(1500, { trailer: { brakeKind: 'overrun' } }),
    failing: plated(2500, { trailer: { brakeKind: 'overrun' } }),
    missing: plated(2500),
    threshold: {
      at: plated(2000, { trailer: { brakeKind: 'overrun' } }),
      past: plated(2000 + little, { trailer: { brakeKind: 'overrun' } }),
    },
  },
  'brakes.controller': {
    passing: made({ trailer: { brakeKind: 'electric' }, vehicle: { brakeController: 'present' } }),
    failing: made({ trailer: { brakeKind: 'electric' }, vehicle: { brakeController: 'absent' } }),
    missing: made({ trailer: { brakeKind: 'electric' } }),
    threshold: 'none',
  },
  'breakaway.required': {
    passing: plated(2500, { trailer: { breakaway: 'present' } }),
    failing: plated(2500, { trailer: { breakaway: 'absent' } }),
    missing: plated(2500),
    threshold: {
      at: plated(2000, { trailer: { breakaway: 'absent' } }),
      past: plated(2000 + little, { trailer: { breakaway: 'absent' } }),
    },
  },
  'chains.required': {
    passing: made({ limits: { trailerMax: 3000 }, trailer: { chains: 'present', chainCount: 2 } }),
    failing: made({ limits: { trailerMax: 3000 }, trailer: { chains: 'present', chainCount: 1 } }),
    missing: made({ limits: { trailerMax: 3000 }, trailer: { chains: 'present' } }),
    threshold: {
      at: made({ limits: { trailerMax: 2500 }, trailer: { chains: 'present', chainCount: 1 } }),
      past: made({ limits: { trailerMax: 2500 + little }, trailer: { chains: 'present', chainCount: 1 } }),
    },
  },
  'people.seats': {
    passing: crew(2, 4),
    failing: crew(6, 4),
    missing: crew(2, 0),
    threshold: { at: crew(4, 4), past: crew(5, 4) },
  },
  'people.licence': {
    passing: driven(3000),
    failing: driven(4000),
    missing: driven(undefined),
    threshold: { at: driven(3500), past: driven(3500 + little) },
  },
  'people.novice': {
    passing: novice(200),
    failing: novice(400),
    missing: novice(undefined),
    threshold: { at: novice(250), past: novice(250 + little) },
  },
  'road.hundred': {
    passing: hundred(1300),
    failing: hundred(1600),
    missing: hundred(1300, { situation: {} }),
    threshold: { at: hundred(1500), past: hundred(1500 + little) },
  },
};

const inBritain: readonly RuleId[] = ['axle.frontShare'];

/** The check a line is about, of a rig in the place the line is asked in. */
export const checkOf = (rule: RuleId, line: Line, view: RigView): Check | undefined => {
  const british = { country: 'GB' } as const;
  const there = inBritain.includes(rule)
    ? { ...view, situation: { ...view.situation, vehicle: british, trailer: british, travel: british } }
    : view;
  return runRulebook(stateLoads(there)).find((check) => check.id === (line.id ?? rule));
};

import type { Check } from '../checks/check.ts';
import type { RigView } from '../loading/rigView.ts';
import { stateLoads } from '../state/stateLoads.ts';
import type { LimitName } from '../rig/limitNames.ts';
import { runRulebook } from '../rulebook/runRulebook.ts';
import type { RuleId } from '../rules/ruleId.ts';
import { caseView } from './caseRig.ts';
import {
  tagRig,
  onGear,
  wide,
  longOutfit,
  axlesApart,
  rated,
  camper,
  coupling,
  unbraked,
  plated,
  crew,
  driven,
  novice,
  hundred,
  aged,
  sum,
  resting,
  shareOf,
  sticker,
} from './ruleRigs.ts';
import { fuelTank, gearOn, made, weightless, type Made } from './matrixRigs.ts';

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

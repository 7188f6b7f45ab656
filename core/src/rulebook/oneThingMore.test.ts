import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Trailer, Vehicle } from '../rig/body.ts';
import type { LimitName } from '../rig/limitNames.ts';
import type { Figure, Plate } from '../rig/plate.ts';
import type { Licence } from '../situation/licence.ts';
import { caseView, vehicleOf } from '../testing/caseRig.ts';
import { checkLine, flat } from '../testing/flat.ts';
import { gearOn, made, plateOf, weightless, type Made } from '../testing/matrixRigs.ts';
import { runRulebook } from './runRulebook.ts';

/** What a rule says, line by line, of a plain rig with one thing more or less; read over, and kept. */
const said = (rule: string, view: RigView): string => {
  const found = runRulebook(compile(view)).filter((check) => check.rule === rule);
  return found.length > 0 ? found.map(checkLine).join(' ; ') : 'not asked';
};
/** Every case a line of one table. */
const table = (rule: string, cases: readonly (readonly [string, RigView])[]): string =>
  cases.map(([name, view]) => `${name}: ${said(rule, view)}`).join('\n');
const readOver = 'says of each what it was last read over to say';
const status = (rule: string, view: RigView) => runRulebook(compile(view)).find((check) => check.rule === rule)?.status;

describe('100 km/h in Germany', () => {
  const papers = [
    plateOf('registration', 'emptyStated', 1500),
    plateOf('vehiclePlate', 'vehicleMax', 2200),
    plateOf('handbook', 'towBraked', 2000),
  ];
  const rig = (vehicle: Partial<Vehicle> = {}, trailer: Partial<Trailer> = {}, date: string | null = '2026-06-01') =>
    made({
      country: 'DE',
      situation: date === null ? {} : { date },
      vehicle: { abs: 'present', plates: papers, ...vehicle },
      trailer: {
        dampers: 'present',
        stabiliser: 'present',
        hundredPlate: 'present',
        plates: [plateOf('caravanPlate', 'trailerMax', 1300)],
        ...gearOn('trailer', { loadIndex: '100', speedSymbol: 'N', ageCode: '0124' }),
        ...trailer,
      },
    });
  const gear = (more: Parameters<typeof gearOn>[1]) => gearOn('trailer', { loadIndex: '100', ...more });

  const cases: readonly (readonly [string, RigView])[] = [
    ['with everything', rig()],
    ['without brakes that hold the wheels free', rig({ abs: 'absent' })],
    ['with brakes nobody has looked at', rig({ abs: 'unknown' })],
    [
      'behind a heavy vehicle',
      rig({
        plates: [...papers.filter((one) => one.source !== 'vehiclePlate'), plateOf('vehiclePlate', 'vehicleMax', 3501)],
      }),
    ],
    [
      'behind one just light enough',
      rig({
        plates: [...papers.filter((one) => one.source !== 'vehiclePlate'), plateOf('vehiclePlate', 'vehicleMax', 3500)],
      }),
    ],
    ['with no empty mass in the papers', rig({ plates: papers.slice(1) })],
    [
      'with an empty mass from elsewhere',
      rig({ plates: [plateOf('handbook', 'emptyStated', 1500), ...papers.slice(1)] }),
    ],
    ['with no total', rig({ plates: [papers[0]!, papers[2]!] })],
    ['with no towing limit', rig({ plates: papers.slice(0, 2) })],
    ['without dampers', rig({}, { dampers: 'absent' })],
    ['with dampers nobody has looked for', rig({}, { dampers: 'unknown' })],
    ['without a stabiliser', rig({}, { stabiliser: 'absent' })],
    [
      'without brakes on the trailer',
      rig({ plates: [...papers, plateOf('towBar', 'towUnbraked', 700)] }, { braked: false }),
    ],
    ['without the plate at its tail', rig({}, { hundredPlate: 'absent' })],
    ['with a plate nobody has looked for', rig({}, { hundredPlate: undefined })],
    ['with tyres of six years', rig({}, gear({ speedSymbol: 'N', ageCode: '2220' }))],
    ['with tyres just under six years', rig({}, gear({ speedSymbol: 'N', ageCode: '2420' }))],
    ['with tyres without a date', rig({}, gear({ speedSymbol: 'N' }))],
    ['on no day', rig({}, {}, null)],
    ['with slow tyres', rig({}, gear({ speedSymbol: 'K', ageCode: '0124' }))],
    ['with tyres just fast enough', rig({}, gear({ speedSymbol: 'L', ageCode: '0124' }))],
    ['with tyres without a symbol', rig({}, gear({ ageCode: '0124' }))],
    ['with tyres nobody has read', rig({}, { gear: [] })],
    ['with nothing towed', made({ country: 'DE', alone: true })],
  ];
  it(readOver, () => expect(table('road.hundred', cases)).toMatchSnapshot());
});

describe('limits with a condition or an allowance', () => {
  const figure = (limit: LimitName, value: number, more: Partial<Figure> = {}): Figure => ({
    limit,
    value,
    typed: '',
    ...more,
  });
  const plate = (source: Plate['source'], ...figures: Figure[]): Plate => ({ id: source, source, figures });
  const may = (
    kind: 'variant' | 'withDistribution' | 'withoutDistribution',
    met: 'yes' | 'no' | 'unknown' = 'unknown',
  ) => ({
    conditions: [{ kind, met, text: 'X' }],
  });
  const rig = (vehicle: Plate[], of: Made = {}) => made({ ...of, vehicle: { plates: vehicle, ...of.vehicle } });
  const bars = (view: RigView): RigView => ({
    ...view,
    rig: { ...view.rig, hitch: { distribution: { kind: 'fraction', fraction: 0 }, distributionAllowed: 'yes' } },
  });
  const two = [
    plate(
      'handbook',
      figure('ballMax', 90, may('withoutDistribution')),
      figure('ballMax', 150, may('withDistribution')),
    ),
  ];

  const cases: readonly (readonly [string, string, RigView])[] = [
    [
      'a lower figure unconfirmed, where it decides',
      'vehicle.max',
      rig([
        plate('vehiclePlate', figure('vehicleMax', 2100)),
        plate('handbook', figure('vehicleMax', 1900, may('variant'))),
      ]),
    ],
    [
      'a lower figure unconfirmed, where it does not',
      'vehicle.max',
      rig([
        plate('vehiclePlate', figure('vehicleMax', 2100)),
        plate('handbook', figure('vehicleMax', 2050, may('variant'))),
      ]),
    ],
    [
      'a figure unconfirmed and none beside it',
      'vehicle.max',
      rig([plate('handbook', figure('vehicleMax', 2050, may('variant')))]),
    ],
    ['a figure that holds', 'vehicle.max', rig([plate('handbook', figure('vehicleMax', 2050, may('variant', 'yes')))])],
    [
      'a figure that does not',
      'vehicle.max',
      rig([plate('handbook', figure('vehicleMax', 2050, may('variant', 'no')))]),
    ],
    [
      'equal figures, one unconfirmed',
      'vehicle.max',
      rig([
        plate('vehiclePlate', figure('vehicleMax', 2000)),
        plate('handbook', figure('vehicleMax', 2000, may('variant'))),
      ]),
    ],
    ['bars off', 'ball.max', rig(two)],
    ['bars on', 'ball.max', bars(rig(two))],
    [
      'an allowance above a tenth',
      'vehicle.max',
      rig([plate('handbook', figure('vehicleMax', 1900), figure('vehicleMaxTowing', 2100))], {
        country: 'DE',
      }),
    ],
    [
      'an allowance above fifteen hundredths on the axle',
      'axle.rear',
      rig([plate('handbook', figure('rearAxleMax', 1000), figure('rearAxleMaxTowing', 1300))], { country: 'DE' }),
    ],
    [
      'an allowance inside what may be allowed',
      'axle.rear',
      rig([plate('handbook', figure('rearAxleMax', 1000), figure('rearAxleMaxTowing', 1100))], { country: 'DE' }),
    ],
    [
      'an allowance in Australia',
      'axle.rear',
      rig([plate('handbook', figure('rearAxleMax', 1000), figure('rearAxleMaxTowing', 1100))]),
    ],
    [
      'towing by total and by axle, Germany',
      'tow.braked',
      rig([plate('registration', figure('towBraked', 950))], { country: 'DE' }),
    ],
    [
      'towing by total and by axle, Britain',
      'tow.braked',
      rig([plate('registration', figure('towBraked', 950))], { country: 'GB' }),
    ],
    ['towing by total and by axle, Australia', 'tow.braked', rig([plate('registration', figure('towBraked', 950))])],
    [
      'towing where both pass',
      'tow.braked',
      rig([plate('registration', figure('towBraked', 1000))], { country: 'DE' }),
    ],
    ['towing where both fail', 'tow.braked', rig([plate('registration', figure('towBraked', 899))], { country: 'DE' })],
    [
      'towing where the axle load just passes',
      'tow.braked',
      rig([plate('registration', figure('towBraked', 900))], { country: 'DE' }),
    ],
    [
      'towing without weights',
      'tow.braked',
      weightless(rig([plate('registration', figure('towBraked', 900))], { country: 'DE' })),
    ],
    ['a trailer by itself: its coupling', 'ball.max', trailerAlone([plate('couplingHead', figure('ballMax', 120))])],
    ['a trailer by itself: no coupling read', 'ball.max', trailerAlone([])],
    ['a trailer by itself: no vehicle', 'vehicle.max', trailerAlone([])],
    ['a vehicle by itself: no combination', 'combination.max', made({ alone: true, limits: { combinationMax: 3000 } })],
    ['no tag axle', 'axle.tag', made({ limits: { tagAxleMax: 900 } })],
  ];
  it(readOver, () => {
    const rows = cases.map(([name, rule, view]) => `${name}: ${said(rule, view)}`);
    expect(rows.join('\n')).toMatchSnapshot();
  });

  function trailerAlone(plates: Plate[]): RigView {
    const view = made({ trailer: { plates } });
    return {
      ...view,
      vehicle: undefined,
      rig: { id: 'r', name: 'r', trailer: view.trailer?.id ?? '', situation: 'here', loadout: view.loadout.id },
    };
  }
});

describe('the D-value', () => {
  const rig = (
    d: number,
    of: { axles?: number; pin?: number; fifthWheel?: true; vehicle?: number; trailer?: number } = {},
  ) =>
    made({
      country: 'DE',
      vehicle: {
        plates: [
          ...(of.vehicle === undefined ? [] : [plateOf('vehiclePlate', 'vehicleMax', of.vehicle)]),
          plateOf('towBar', 'dValueKn', d),
          ...(of.pin === undefined ? [] : [plateOf('handbook', 'ballMax', of.pin)]),
        ],
      },
      trailer: {
        ...(of.fifthWheel ? { coupling: 'fifthWheel' } : {}),
        plates: [
          ...(of.trailer === undefined ? [] : [plateOf('caravanPlate', 'trailerMax', of.trailer)]),
          ...(of.axles === undefined ? [] : [plateOf('axle', 'trailerAxlesMax', of.axles)]),
        ],
      },
    });
  const known = { vehicle: 2000, trailer: 2000 };
  const cases: readonly (readonly [string, RigView])[] = [
    ['by the totals', rig(10, known)],
    ['with a lighter axle load beside', rig(9.7, { ...known, axles: 1900 })],
    ['with an axle load as heavy as the whole', rig(10, { ...known, axles: 2000 })],
    ['without the vehicle’s total', rig(10, { trailer: 2000 })],
    ['without the trailer’s', rig(10, { vehicle: 2000 })],
    ['of a fifth wheel', rig(10, { ...known, fifthWheel: true, pin: 400 })],
    ['of a fifth wheel whose pin load nobody has read', rig(10, { ...known, fifthWheel: true })],
    ['of no coupling', made({ alone: true, vehicle: { plates: [plateOf('towBar', 'dValueKn', 9)] } })],
    ['of nobody who has read one', made({ limits: { vehicleMax: 2000, trailerMax: 2000 } })],
  ];
  it(readOver, () => expect(table('coupling.dValue', cases)).toMatchSnapshot());
});

describe('a new driver', () => {
  const drives = (state: NonNullable<Made['state']>, novice: NonNullable<Licence['novice']>, of: Made = {}) =>
    made({ ...of, state, situation: { licence: { issuer: 'AU', classes: ['auC'], novice } } });
  const stages = ['learner', 'p1', 'p2'] as const;
  const cells = (['NSW', 'VIC', 'QLD', 'SA', 'WA', 'TAS', 'ACT', 'NT'] as const).flatMap((state) =>
    stages.map((stage) => [state, stage] as const),
  );
  it(readOver, () => {
    const rows = cells.map(([state, stage]) => {
      const plated = (mass: number) =>
        drives(state, stage, { trailerMass: mass, trailer: { plates: [plateOf('caravanPlate', 'trailerMax', mass)] } });
      const asked = [plated(240), plated(250), plated(251), plated(1000)].map(
        (view) => status('people.novice', view) ?? 'not asked',
      );
      const unread = said('people.novice', drives(state, stage));
      const light = [weightless(drives(state, stage)), drives(state, stage, { alone: true })].map(
        (view) => status('people.novice', view) ?? 'not asked',
      );
      return `${state} ${stage}: 240, 250, 251, 1,000 kg ${asked.join(', ')}; unread, weightless, solo ${[status('people.novice', drives(state, stage)) ?? 'not asked', ...light].join(', ')}; ${unread}`;
    });
    expect(rows.join('\n')).toMatchSnapshot();
  });
});

describe('a licence', () => {
  const drives = (licence: Licence, limits: Made['limits'], of: Made = {}) =>
    made({ ...of, country: 'DE', limits: limits ?? {}, situation: { licence } });
  const b: Licence = { issuer: 'DE', classes: ['B'] };
  const cases: readonly (readonly [string, RigView])[] = [
    ['for a light vehicle', drives(b, { vehicleMax: 3500 }, { alone: true })],
    ['for a heavy one', drives(b, { vehicleMax: 3501 }, { alone: true })],
    ['with a small trailer', drives(b, { vehicleMax: 3500, trailerMax: 750 })],
    ['with a trailer too many', drives(b, { vehicleMax: 2500, trailerMax: 1100 })],
    ['with a trailer of which nobody has read the total', drives(b, { vehicleMax: 2500 })],
    [
      'of class C1 growing old',
      drives({ issuer: 'DE', classes: ['C1'], age: 70 }, { vehicleMax: 4500 }, { alone: true }),
    ],
    ['of class C1, young', drives({ issuer: 'DE', classes: ['C1'], age: 40 }, { vehicleMax: 4500 }, { alone: true })],
    [
      'of an old British test, seventy',
      made({
        country: 'GB',
        alone: true,
        limits: { vehicleMax: 4500 },
        situation: { licence: { issuer: 'GB', classes: ['B', 'C1'], tested: 'before1997', age: 70 } },
      }),
    ],
    [
      'of an old British test, sixty-nine',
      made({
        country: 'GB',
        alone: true,
        limits: { vehicleMax: 4500 },
        situation: { licence: { issuer: 'GB', classes: ['B', 'C1'], tested: 'before1997', age: 69 } },
      }),
    ],
    ['nobody has told of', made({ country: 'DE', alone: true, limits: { vehicleMax: 4500 } })],
  ];
  it(readOver, () => expect(table('people.licence', cases)).toMatchSnapshot());
});

describe('the wording of what is there', () => {
  it('of a plain car by itself names every check it was asked', () => {
    const view = caseView({ vehicle: { W: 3, bare: { R_front: 900, R_rear: 900 } } });
    const names = runRulebook(
      compile({ ...view, vehicle: { ...vehicleOf(view), plates: [plateOf('other', 'vehicleMax', 2000)] } }),
    );
    expect(names.map((check) => `${check.id} ${check.status} ${flat(check.name)}`).join('\n')).toMatchSnapshot();
  });
});

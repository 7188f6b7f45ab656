import { describe, expect, it } from 'vitest';
import { buyersPayload } from '../loading/buyersPayload.ts';
import { compile } from '../loads/compile.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Trailer, Vehicle } from '../rig/body.ts';
import type { Plate } from '../rig/plate.ts';
import { caseView, vehicleOf } from '../testing/caseRig.ts';
import { exampleView } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';
import { findings } from './findings.ts';
import { hitchMoment } from './hitchMoment.ts';
import { plateQuestions } from './questions.ts';

const base = caseView({
  vehicle: { W: 3, h: 1, bare: { R_front: 1000, R_rear: 900 } },
  trailer: { A: 4, axles: 1, bare: { m: 1000, x: 3.6 } },
});
type Limits = Readonly<Partial<Record<Plate['figures'][number]['limit'], number>>>;
const plate = (source: Plate['source'], limits: Limits): Plate => ({
  id: source,
  source,
  figures: Object.entries(limits).map(([limit, value]) => ({ limit: limit as keyof Limits, value, typed: `${value}` })),
});
const withBodies = (vehicle: Partial<Vehicle>, trailer: Partial<Trailer>): RigView => ({
  ...base,
  vehicle: { ...vehicleOf(base), ...vehicle },
  trailer: base.trailer && { ...base.trailer, ...trailer },
});
const codes = (view: RigView) => findings(compile(view)).map((one) => one.code);

describe('a stamp on each axle beam of a group', () => {
  const stamp = (id: string, value: number): Plate => ({ ...plate('axle', { axleGroupMax: value }), id });
  const tandem = (...stamps: readonly number[]) =>
    withBodies(
      {},
      {
        geometry: { axlePosition: 4, axles: 2 },
        plates: [plate('caravanPlate', { trailerMax: 2300 }), ...stamps.map((value, at) => stamp(`beam${at}`, value))],
      },
    );
  it('is for its own axle: two of 1,250 bear a trailer of 2,300', () => {
    expect(codes(tandem(1250, 1250))).not.toContain('partBelowPlate');
  });
  it('lets the weaker of two decide for both', () => {
    expect(codes(tandem(1250, 1000))).toContain('partBelowPlate');
  });
  it('alone may be each axle’s, and is asked about where two such axles would bear the plate', () => {
    expect(codes(tandem(1250))).toContain('oneStamp');
    expect(codes(tandem(1250))).not.toContain('partBelowPlate');
    // Two of 1,000 would not bear it either.
    expect(codes(tandem(1000))).toContain('partBelowPlate');
    expect(codes(tandem(1000))).not.toContain('oneStamp');
  });
});

describe('what the plates say of each other', () => {
  it.each<[string, Partial<Vehicle>, Partial<Trailer>, readonly string[]]>([
    ['nothing where nothing is read', {}, {}, []],
    [
      'axles that together carry less than the total',
      { plates: [plate('vehiclePlate', { vehicleMax: 2500, frontAxleMax: 1200, rearAxleMax: 1250 })] },
      {},
      ['axlesBelowTotal'],
    ],
    [
      'axles that just carry it',
      { plates: [plate('vehiclePlate', { vehicleMax: 2450, frontAxleMax: 1200, rearAxleMax: 1250 })] },
      {},
      [],
    ],
    [
      'more empty than loaded',
      {},
      { plates: [plate('caravanPlate', { trailerMax: 900, emptyStated: 950 })] },
      ['emptyAboveGross'],
    ],
    [
      'a stated load that implies another empty mass',
      {},
      { plates: [plate('caravanPlate', { trailerMax: 1400, emptyStated: 1050, payloadStated: 300 })] },
      ['emptyContradicted'],
    ],
    [
      'a stated load alone',
      {},
      { emptyMass: undefined, plates: [plate('caravanPlate', { trailerMax: 1400, payloadStated: 300 })] },
      ['impliedEmpty'],
    ],
    [
      'axles above the plate',
      {},
      { plates: [plate('caravanPlate', { trailerMax: 1400, trailerAxlesMax: 1500 })] },
      ['axlesAbovePlate'],
    ],
    [
      'a plate that needs more on the coupling than the coupling bears',
      {},
      {
        plates: [
          plate('caravanPlate', { trailerMax: 1500, trailerAxlesMax: 1300 }),
          plate('couplingHead', { ballMax: 150 }),
        ],
      },
      ['plateNeedsBall'],
    ],
    [
      'a part weaker than the plate',
      {},
      { plates: [plate('caravanPlate', { trailerMax: 1500 }), plate('couplingHead', { trailerPartMax: 1400 })] },
      ['partBelowPlate'],
    ],
    [
      'a plate far below every part',
      {},
      {
        plates: [
          plate('caravanPlate', { trailerMax: 1300 }),
          plate('couplingHead', { trailerPartMax: 2000 }),
          plate('brakes', { trailerPartMax: 1600 }),
          plate('chassis', { trailerPartMax: 1700 }),
        ],
      },
      ['plateFarBelow'],
    ],
    [
      'tyres below the plate and below the index asked for',
      {},
      {
        plates: [plate('caravanPlate', { trailerAxlesMax: 1500 })],
        gear: [{ id: 'g', axle: 'trailer', wheels: 2, loadIndex: '97', platedLoadIndex: '99' }],
      },
      ['tyresBelowPlate', 'tyresBelowPlated'],
    ],
  ])('%s', (_title, vehicle, trailer, want) => {
    expect(codes(withBodies(vehicle, trailer))).toEqual(want);
  });

  it('a pressure below the maker’s table for the load there now', () => {
    // Rear axle 1,033 kg: the line up to 1,050 asks for 260 kPa, and nothing in between the lines is read.
    const pressureTable = [
      { load: 1200, pressureKpa: 300 },
      { load: 900, pressureKpa: 220 },
      { load: 1050, pressureKpa: 260 },
    ];
    const set = (pressureKpa: number) =>
      codes(withBodies({ gear: [{ id: 'g', axle: 'rear', wheels: 2, pressureKpa, pressureTable }] }, {}));
    expect(set(255)).toEqual(['pressureLow']);
    expect(set(260)).toEqual([]);
  });

  it('a distribution hitch a maker forbids, or nobody asked about, and an extension unseen in a turn', () => {
    const hitched = (hitch: NonNullable<RigView['rig']['hitch']>) => codes({ ...base, rig: { ...base.rig, hitch } });
    const distribution = { kind: 'fraction', fraction: 0.5 } as const;
    expect(hitched({ distribution, distributionAllowed: 'no' })).toEqual(['distributionForbidden']);
    expect(hitched({ distribution })).toEqual(['distributionUnasked']);
    expect(hitched({ distribution, distributionAllowed: 'yes', extension: 0.3 })).toEqual(['turnUnseen']);
    expect(hitched({ extension: 0.3, turningClearance: 0.1 })).toEqual([]);
  });

  it('of the second-hand example: a weak coupling, lesser tyres, an empty mass that does not fit', () => {
    expect(codes(exampleView('second-hand-caravan-alone'))).toEqual([
      'emptyContradicted',
      'tyresBelowPlated',
      'partBelowPlate',
    ]);
  });
});

describe('a figure that cannot be', () => {
  const ask = (limits: Limits, kind: 'vehicle' | 'trailer' = 'vehicle') =>
    plateQuestions((kind === 'vehicle' ? base.vehicle : base.trailer)!, plate('vehiclePlate', limits)).map((one) => [
      one.limit,
      one.message.key,
    ]);

  it.each<[string, Limits, readonly (readonly [string, string])[]]>([
    ['an axle above the total', { vehicleMax: 2000, rearAxleMax: 2100 }, [['rearAxleMax', 'question.aboveOther']]],
    [
      'axles below the total',
      { vehicleMax: 2000, frontAxleMax: 900, rearAxleMax: 900 },
      [['vehicleMax', 'question.axlesBelow']],
    ],
    ['a D-value in kilograms', { dValueKn: 1500 }, [['dValueKn', 'question.massForForce']]],
    ['a total in tonnes without the unit', { vehicleMax: 3.5 }, [['vehicleMax', 'question.tooLight']]],
    ['tare above gross', { emptyStated: 2100, vehicleMax: 2000 }, [['emptyStated', 'question.aboveOther']]],
    ['a plate that can be', { vehicleMax: 2000, frontAxleMax: 1000, rearAxleMax: 1100, combinationMax: 3500 }, []],
    ['equal figures', { vehicleMax: 2000, vehicleTechnicalMax: 2000 }, []],
  ])('%s', (_title, limits, want) => {
    expect(ask(limits)).toEqual(want);
  });
});

describe('the buyer’s least payload', () => {
  const caravan = (berths: number, total: number) =>
    buyersPayload(
      withBodies(
        {},
        {
          berths,
          geometry: { axles: 1, bodyLength: 5 },
          emptyMass: { basis: 'running-order', total, source: 'plate' },
          plates: [plate('caravanPlate', { trailerMax: 1300 })],
        },
      ),
      'trailer',
    );

  it('is ten for each berth and metre, and only information', () => {
    // 10·(4 + 5) = 90 kg; 1,300 − 1,210 = 90 leaves just that.
    expect(caravan(4, 1210)).toMatchObject({
      key: 'buyer.meets',
      params: { least: { value: 90 }, left: { value: 90 } },
    });
    expect(caravan(4, 1211)).toMatchObject({ key: 'buyer.short' });
  });

  it('of a motor caravan is what passengers at 75 kg leave: everybody but the driver, who is in the figure', () => {
    const seat = (id: string, driver = false) => ({ id, name: id, ...(driver ? { driver } : {}) });
    const home = (total: number) =>
      buyersPayload(
        withBodies(
          {
            build: 'motorhome',
            seats: [seat('a', true), seat('b'), seat('c'), seat('d')],
            geometry: { frontOverhang: 0.9, wheelbase: 3.5, rearOverhang: 1.6 },
            emptyMass: { basis: 'running-order', total, source: 'plate' },
            plates: [plate('vehiclePlate', { vehicleMax: 3500 })],
          },
          {},
        ),
        'vehicle',
      );
    // 10·(4 + 6) = 100 kg; 3,500 − 3,175 − 3·75 = 100 leaves just that.
    expect(home(3175)).toMatchObject({ key: 'buyer.meets', params: { least: { value: 100 }, left: { value: 100 } } });
    expect(home(3176)).toMatchObject({ key: 'buyer.short' });
  });

  it('says nothing where it does not apply', () => {
    expect(buyersPayload(base, 'trailer')).toBeNull();
    expect(buyersPayload(base, 'vehicle')).toBeNull();
  });
});

describe('the moment at the receiver', () => {
  const hitch = (patch: NonNullable<RigView['rig']['hitch']>) =>
    hitchMoment(compile({ ...base, rig: { ...base.rig, hitch: patch } }));

  it('is the ball load times its lever, with the extension and without', () => {
    // 100 kg on the ball: 9.81·100·0.2 = 196.2 N·m, and 686.7 at 0.7 m.
    expect(hitch({ extension: 0.5, ballMount: 0.2 })).toMatchObject({
      key: 'hitch.moment',
      params: {
        with: { value: expect.closeTo(686.7, 6) as number },
        without: { value: expect.closeTo(196.2, 6) as number },
      },
    });
    expect(hitch({ extension: 0.5 })).toMatchObject({
      params: { more: { value: expect.closeTo(490.5, 6) as number } },
    });
    expect(hitch({})).toBeNull();
  });
});

describe('a stronger part', () => {
  const of = (...plates: readonly Plate[]) => codes(withBodies({ plates: [...plates] }, {}));
  const handbook = plate('handbook', { towBraked: 2000, ballMax: 80 });

  it('raises nothing by itself, whichever part it is; one that bears as much or less is no news', () => {
    for (const source of ['towBar', 'receiver', 'ball', 'extension', 'distributionHitch'] as const) {
      expect(of(handbook, plate(source, { ballMax: 100 })), source).toContain('partAboveMaker');
      expect(of(handbook, plate(source, { ballMax: 80 })), source).not.toContain('partAboveMaker');
      const judged = assess(withBodies({ plates: [handbook, plate(source, { ballMax: 100 })] }, {}));
      expect(judged.checks.find(({ id }) => id === 'ball.max')?.limit).toBe(80);
    }
    const found = findings(compile(withBodies({ plates: [handbook, plate('towBar', { towBraked: 2600 })] }, {})));
    const told = found.find(({ code }) => code === 'partAboveMaker');
    expect(told?.severity).toBe('note');
    expect(told?.message.params).toMatchObject({
      rating: { value: 2600 },
      allowed: { value: 2000 },
      who: { key: 'ask.AU' },
    });
  });

  it('says nothing of a vehicle whose maker is not known: that is asked', () => {
    expect(of(plate('towBar', { towBraked: 2600 }))).toEqual(['partWithoutMaker']);
    expect(of(handbook)).toEqual([]);
  });
});

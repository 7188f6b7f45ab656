import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Trailer, Vehicle } from '../rig/body.ts';
import type { LimitName } from '../rig/limitNames.ts';
import type { Plate } from '../rig/plate.ts';
import type { RunningGear } from '../rig/runningGear.ts';
import type { Check } from '../checks/check.ts';
import { flat } from '../testing/flat.ts';
import { made, weightless } from '../testing/matrixRigs.ts';
import { assess } from '../verdict/assess.ts';
import { findings } from './findings.ts';
import { hitchMoment } from './hitchMoment.ts';
import { plateQuestions } from './questions.ts';
import { roomAt } from './roomAt.ts';

type Limits = Readonly<Partial<Record<LimitName, number>>>;
const plate = (limits: Limits, source: Plate['source'] = 'other', id = 'p'): Plate => ({
  id,
  source,
  figures: Object.entries(limits).map(([limit, value]) => ({ limit: limit as LimitName, value, typed: `${value}` })),
});
const gear = (axle: RunningGear['axle'], more: Partial<RunningGear>): RunningGear => ({
  id: axle,
  axle,
  wheels: 2,
  ...more,
});
const named = (view: RigView): RigView => ({
  ...view,
  ...(view.vehicle ? { vehicle: { ...view.vehicle, id: 'car', name: 'Car' } } : {}),
  ...(view.trailer ? { trailer: { ...view.trailer, id: 'van', name: 'Van' } } : {}),
});
const told = (vehicle: Partial<Vehicle>, trailer: Partial<Trailer> = {}, alone = false) =>
  findings(compile(named(made({ vehicle, trailer, alone })))).map(
    ({ severity, body, message }) => `${severity} ${body}: ${flat(message)}`,
  );

describe('a finding says the figures it stands on', () => {
  const sum = 'question car: finding.axlesBelowTotal body=Car sum=2000kg/nearest total=2001kg/nearest';

  it('of axles below the total, the tag axle among them where there is one', () => {
    const axles = { frontAxleMax: 900, rearAxleMax: 1100 };
    expect(told({ plates: [plate({ ...axles, vehicleMax: 2001 })] })).toEqual([sum]);
    expect(told({ plates: [plate({ ...axles, vehicleMax: 2000 })] })).toEqual([]);
    expect(told({ plates: [plate({ frontAxleMax: 900, vehicleMax: 2001 })] })).toEqual([]);
    expect(told({ plates: [plate(axles)] })).toEqual([]);
    const geometry = { wheelbase: 2, couplingOverhang: 1, tagAxle: { offset: 0.8, driveShare: 0.5 } };
    expect(told({ geometry, plates: [plate({ ...axles, vehicleMax: 2001 })] })).toEqual([]);
    expect(told({ geometry, plates: [plate({ ...axles, tagAxleMax: 500, vehicleMax: 2501 })] })).toEqual([
      'question car: finding.axlesBelowTotal body=Car sum=2500kg/nearest total=2501kg/nearest',
    ]);
  });

  it('of a plate above what its maker calls technically permissible: the end, and what of it cannot be used', () => {
    expect(told({ plates: [plate({ vehicleMax: 2250, vehicleTechnicalMax: 2100 })] })).toEqual([
      'warning car: finding.plateAboveMaker body=Car plate=2250kg/nearest most=2100kg/nearest short=150kg/nearest',
    ]);
    expect(told({}, { plates: [plate({ trailerMax: 1301, trailerTechnicalMax: 1300 })] })).toEqual([
      'warning van: finding.plateAboveMaker body=Van plate=1301kg/nearest most=1300kg/nearest short=1kg/nearest',
    ]);
    expect(told({ plates: [plate({ vehicleMax: 2100, vehicleTechnicalMax: 2100 })] })).toEqual([]);
  });

  it('of stated masses that cannot stand beside each other', () => {
    expect(told({ plates: [plate({ vehicleMax: 2000, emptyStated: 2001 })] })).toEqual([
      'question car: finding.emptyAboveGross body=Car empty=2001kg/nearest gross=2000kg/nearest',
    ]);
    expect(told({ plates: [plate({ vehicleMax: 2000, emptyStated: 2000 })] })).toEqual([]);
    expect(told({ plates: [plate({ emptyStated: 2001 })] })).toEqual([]);
    const trailer = (limits: Limits, total?: number): Partial<Trailer> => ({
      plates: [plate(limits)],
      emptyMass: total === undefined ? undefined : { basis: 'dry', total, source: 'plate' },
    });
    expect(told({}, trailer({ trailerMax: 1300, payloadStated: 300 }))).toEqual([
      'note van: finding.impliedEmpty body=Van implied=1000kg/nearest',
    ]);
    expect(told({}, trailer({ trailerMax: 1300, payloadStated: 300 }, 1001))).toEqual([]);
    expect(told({}, trailer({ trailerMax: 1300, payloadStated: 300 }, 1002))).toEqual([
      'question van: finding.emptyContradicted body=Van implied=1000kg/nearest empty=1002kg/nearest load=300kg/nearest',
    ]);
    // What is stated on a plate goes before what was weighed.
    expect(told({}, trailer({ trailerMax: 1300, payloadStated: 300, emptyStated: 1000 }, 1100))).toEqual([]);
  });

  it('of tyres that carry less than the plate, or less than the papers ask for', () => {
    const tyres = (index: string, more: Partial<RunningGear> = {}) => gear('front', { loadIndex: index, ...more });
    const front = (index: string, more?: Partial<RunningGear>) =>
      told({ plates: [plate({ frontAxleMax: 1230 })], gear: [tyres(index, more)] });
    expect(front('91')).toEqual([]);
    expect(front('90')).toEqual([
      'warning car: finding.tyresBelowPlate body=Car axle=gearAxle.front capacity=1200kg/nearest plate=1230kg/nearest',
    ]);
    expect(front('91', { platedLoadIndex: '91' })).toEqual([]);
    expect(front('91', { platedLoadIndex: '93' })).toEqual([
      'warning car: finding.tyresBelowPlated body=Car axle=gearAxle.front fitted=91 wanted=93',
    ]);
    expect(front('107/105', { twinned: true, platedLoadIndex: '109/105' })).toEqual([]);
    expect(front('107/105', { twinned: true, platedLoadIndex: '107/107' })).toHaveLength(1);
    expect(told({ gear: [tyres('90')] })).toEqual([]);
    expect(told({ gear: [gear('front', { platedLoadIndex: '93' })] })).toEqual([]);
    expect(told({ plates: [plate({ rearAxleMax: 3000 })], gear: [gear('rear', { loadIndex: '91' })] })).toHaveLength(1);
    expect(
      told({}, { plates: [plate({ trailerAxlesMax: 1231 })], gear: [gear('trailer', { loadIndex: '91' })] }),
    ).toEqual([
      'warning van: finding.tyresBelowPlate body=Van axle=gearAxle.trailer capacity=1230kg/nearest plate=1231kg/nearest',
    ]);
  });

  it('of a pressure below the maker’s table, each axle by its own load', () => {
    const pressureTable = [
      { load: 955, pressureKpa: 200 },
      { load: 1060, pressureKpa: 250 },
    ];
    const low = (axle: RunningGear['axle'], load: number, asked: number, set: number) =>
      `warning ${axle === 'trailer' ? 'van' : 'car'}: finding.pressureLow body=${axle === 'trailer' ? 'Van' : 'Car'} axle=gearAxle.${axle} set=${set}kPa/nearest asked=${asked}kPa/nearest load=${load}kg/load`;
    const set = (axle: RunningGear['axle'], pressureKpa: number, more: Partial<Vehicle> = {}) =>
      axle === 'trailer'
        ? told({}, { gear: [gear(axle, { pressureKpa, pressureTable })] })
        : told({ ...more, gear: [gear(axle, { pressureKpa, pressureTable })] });
    expect(set('front', 199)).toEqual([low('front', 950, 200, 199)]);
    expect(set('front', 200)).toEqual([]);
    expect(set('rear', 249)).toEqual([low('rear', 1050, 250, 249)]);
    expect(set('trailer', 199)).toEqual([low('trailer', 900, 200, 199)]);
    const geometry = { wheelbase: 2, couplingOverhang: 1, tagAxle: { offset: 0.8, driveShare: 0.5 } };
    // Behind a tag axle the drive axle carries half of the group: the first line is enough for it.
    expect(set('rear', 200, { geometry })).toEqual([]);
    expect(set('front', 199, { geometry: {} })).toEqual([]);
    expect(told({ gear: [gear('front', { pressureKpa: 100 }), gear('rear', { pressureTable })] })).toEqual([]);
    expect(
      told({ gear: [gear('front', { pressureKpa: 100, pressureTable: [{ load: 900, pressureKpa: 300 }] })] }),
    ).toEqual([]);
  });

  it('of a trailer’s plate against axles, coupling and parts', () => {
    const of = (...plates: Plate[]) => told({}, { plates });
    expect(of(plate({ trailerMax: 1300, trailerAxlesMax: 1301 }))).toEqual([
      'question van: finding.axlesAbovePlate body=Van axles=1301kg/nearest plate=1300kg/nearest',
    ]);
    expect(of(plate({ trailerMax: 1300, trailerAxlesMax: 1300 }))).toEqual([]);
    expect(of(plate({ trailerMax: 1300, trailerAxlesMax: 1200, ballMax: 99 }))).toEqual([
      'warning van: finding.plateNeedsBall body=Van needed=100kg/nearest ball=99kg/nearest plate=1300kg/nearest',
    ]);
    expect(of(plate({ trailerMax: 1300, trailerAxlesMax: 1200, ballMax: 100 }))).toEqual([]);
    expect(of(plate({ trailerMax: 1300, ballMax: 10 }))).toEqual([]);
    const weak = plate({ trailerPartMax: 1299 }, 'couplingHead', 'k');
    expect(of(plate({ trailerMax: 1300 }), weak)).toEqual([
      'warning van: finding.partBelowPlate body=Van part=plateSource.couplingHead rating=1299kg/nearest plate=1300kg/nearest short=1kg/nearest',
    ]);
    expect(of(plate({ trailerMax: 1299 }), weak)).toEqual([]);
    expect(of(weak)).toEqual([]);
    const strong = [1450, 1500, 1600].map((value, at) => plate({ trailerPartMax: value }, 'chassis', `s${at}`));
    expect(of(plate({ trailerMax: 1300 }), ...strong)).toEqual([
      'note van: finding.plateFarBelow body=Van plate=1300kg/nearest part=plateSource.chassis rating=1450kg/nearest',
    ]);
    expect(of(plate({ trailerMax: 1301 }), ...strong)).toEqual([]);
    expect(of(plate({ trailerMax: 1300 }), ...strong.slice(1))).toEqual([]);
  });

  it('of a hitch only where something is towed on one', () => {
    const distribution = { kind: 'fraction', fraction: 0.5 } as const;
    const hitched = (hitch: NonNullable<RigView['rig']['hitch']>, alone = false) => {
      const view = named(made({ alone }));
      return findings(compile({ ...view, rig: { ...view.rig, hitch } })).map(
        ({ severity, body, message }) => `${severity} ${body}: ${flat(message)}`,
      );
    };
    expect(hitched({ distribution, distributionAllowed: 'no' })).toEqual([
      'warning car: finding.distributionForbidden body=Car',
    ]);
    expect(hitched({ distribution })).toEqual(['question car: finding.distributionUnasked body=Car']);
    expect(hitched({ extension: 0.3 })).toEqual(['question car: finding.turnUnseen body=Car']);
    expect(hitched({ distributionAllowed: 'no' })).toEqual([]);
    expect(hitched({ extension: 0.3, distribution }, true)).toEqual([]);
  });
});

describe('a question about a plate', () => {
  const ask = (limits: Limits, more: Partial<Vehicle> = {}) =>
    plateQuestions({ ...made({}).vehicle!, ...more }, plate(limits)).map((one) => `${one.limit} ${flat(one.message)}`);
  const askTrailer = (limits: Limits) =>
    plateQuestions(made({}).trailer!, plate(limits)).map((one) => `${one.limit} ${flat(one.message)}`);

  it('names both figures that cannot stand beside each other', () => {
    expect(ask({ vehicleMax: 2000, frontAxleMax: 2001 })).toEqual([
      'frontAxleMax question.aboveOther limit=<frontAxleMax> other=<vehicleMax>',
    ]);
    expect(ask({ vehicleMax: 2000, frontAxleMax: 2000 })).toEqual([]);
    expect(ask({ frontAxleMax: 2001 })).toEqual([]);
  });

  it('is asked of a force typed as a mass and of a gross mass too light to be one, at its threshold not yet', () => {
    expect(ask({ dValueKn: 300 })).toEqual([]);
    expect(ask({ dValueKn: 300.1 })).toEqual(['dValueKn question.massForForce limit=<dValueKn>']);
    expect(ask({ vehicleMax: 80 })).toEqual([]);
    expect(ask({ vehicleMax: 79 })).toEqual(['vehicleMax question.tooLight limit=<vehicleMax>']);
    expect(ask({ combinationMax: 79 })).toEqual(['combinationMax question.tooLight limit=<combinationMax>']);
    expect(askTrailer({ trailerMax: 79 })).toEqual(['trailerMax question.tooLight limit=<trailerMax>']);
    expect(ask({ ballMax: 50 })).toEqual([]);
    expect(ask({ dValueKn: 9 })).toEqual([]);
  });

  it('counts a tag axle where there is one, and asks nothing of a trailer’s axles', () => {
    const tag = { geometry: { tagAxle: { offset: 0.8, driveShare: 0.5 } } };
    const axles = { frontAxleMax: 900, rearAxleMax: 1000 };
    expect(ask({ ...axles, vehicleMax: 1900 })).toEqual([]);
    expect(ask({ ...axles, vehicleMax: 1901 })).toEqual(['vehicleMax question.axlesBelow limit=<vehicleMax>']);
    expect(ask({ ...axles, vehicleMax: 1901 }, tag)).toEqual([]);
    expect(ask({ ...axles, tagAxleMax: 700, vehicleMax: 2601 }, tag)).toHaveLength(1);
    expect(ask(axles)).toEqual([]);
    expect(ask({ frontAxleMax: 900, vehicleMax: 1901 })).toEqual([]);
    expect(askTrailer({ ...axles, vehicleMax: 1901 })).toEqual([]);
  });
});

describe('room at a point', () => {
  const [whole] = assess(made({ alone: true, limits: { vehicleMax: 2000 } })).checks.filter(
    (one) => one.id === 'vehicle.max',
  );
  if (!whole) throw new Error('the plain car has a total');
  const with_ = (more: Partial<Check>): Check => ({ ...whole, ...more });
  const perKg = (kg: number) => ({ vehicle: { at0: kg, perMetre: 0 }, trailer: { at0: 0, perMetre: 0 } });

  it('asks only checks that bind, are known and have a lever', () => {
    const room = (check: Check) => roomAt([check], { side: 'vehicle', x: 0 });
    const free = { kind: 'room', least: 0, mends: null, most: null, binding: null };
    expect(room(with_({ margin: 100, use: perKg(1) }))).toMatchObject({ most: 100, binding: { id: 'vehicle.max' } });
    expect(room(with_({ margin: null }))).toEqual(free);
    expect(room(with_({ use: null }))).toEqual(free);
    expect(room(with_({ kind: 'guidance', margin: -5 }))).toEqual(free);
    expect(room(with_({ margin: 0, use: perKg(1) }))).toMatchObject({ kind: 'room', most: 0 });
    expect(room(with_({ margin: 0, use: perKg(0) }))).toEqual(free);
    expect(room(with_({ margin: -1, use: perKg(0) }))).toMatchObject({ kind: 'none' });
    expect(room(with_({ margin: -1, use: perKg(1) }))).toMatchObject({ kind: 'none' });
    expect(room(with_({ margin: -1, use: perKg(-1e-9) }))).toMatchObject({ kind: 'none' });
    expect(room(with_({ margin: 1, use: perKg(1e-9) }))).toEqual(free);
    expect(room(with_({ margin: -10, use: perKg(-0.5) }))).toMatchObject({ kind: 'room', least: 20, most: null });
  });

  it('is an interval between what mends one limit and what breaks another, and none where they cross', () => {
    const mends = with_({ id: 'rear', margin: -10, use: perKg(-1) });
    const breaks = (margin: number) => with_({ id: 'front', margin, use: perKg(1) });
    expect(roomAt([mends, breaks(30)], { side: 'vehicle', x: 0 })).toMatchObject({
      least: 10,
      most: 30,
      mends: { id: 'rear' },
    });
    expect(roomAt([mends, breaks(10)], { side: 'vehicle', x: 0 })).toMatchObject({ kind: 'room', least: 10, most: 10 });
    expect(roomAt([mends, breaks(9)], { side: 'vehicle', x: 0 })).toEqual({ kind: 'none', binding: breaks(9) });
    const second = with_({ id: 'other', margin: -4, use: perKg(-1) });
    expect(roomAt([mends, second], { side: 'vehicle', x: 0 })).toMatchObject({ least: 10, mends: { id: 'rear' } });
    expect(roomAt([second, mends], { side: 'vehicle', x: 0 })).toMatchObject({ least: 10, mends: { id: 'rear' } });
    const same = with_({ id: 'same', margin: 30, use: perKg(1) });
    expect(roomAt([breaks(30), same], { side: 'vehicle', x: 0 })).toMatchObject({ binding: { id: 'front' } });
  });

  it('of a check that either of two bounds keeps is the better one', () => {
    const either = (margin: number, second: number, use = perKg(1)) =>
      with_({ margin, use: perKg(1), either: { margin: second, use } });
    expect(roomAt([either(10, 40)], { side: 'vehicle', x: 0 })).toMatchObject({ least: 0, most: 40 });
    expect(roomAt([either(40, 10)], { side: 'vehicle', x: 0 })).toMatchObject({ least: 0, most: 40 });
    expect(roomAt([either(-1, 10)], { side: 'vehicle', x: 0 })).toMatchObject({ most: 10 });
    expect(roomAt([either(10, -1)], { side: 'vehicle', x: 0 })).toMatchObject({ most: 10 });
    expect(roomAt([either(-1, -2)], { side: 'vehicle', x: 0 })).toMatchObject({ kind: 'none' });
    expect(roomAt([either(10, -5, perKg(-1))], { side: 'vehicle', x: 0 })).toMatchObject({ least: 0, most: null });
  });

  it('asks for no moment at a receiver without an extension, nor without a hitch', () => {
    const view = made({});
    expect(hitchMoment(compile(view))).toBeNull();
    const unknown = weightless(made({ trailer: { geometry: { axles: 1 } } }));
    expect(hitchMoment(compile({ ...unknown, rig: { ...unknown.rig, hitch: { extension: 0.4 } } }))).toBeNull();
    expect(flat(hitchMoment(compile({ ...view, rig: { ...view.rig, hitch: { extension: 1 } } }))!)).toBe(
      'hitch.moreMoment more=981Nm/nearest',
    );
  });
});

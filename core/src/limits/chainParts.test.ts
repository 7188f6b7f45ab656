import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import type { Trailer, Vehicle } from '../rig/body.ts';
import type { Figure, Plate } from '../rig/plate.ts';
import type { RunningGear } from '../rig/runningGear.ts';
import { flat } from '../testing/flat.ts';
import { made } from '../testing/matrixRigs.ts';
import { chains, type ChainName } from './chains.ts';
import { dValueKn, fifthWheelDValueKn, heaviestTrailer } from './dValue.ts';
import { roomInPlaces } from './roomInPlaces.ts';
import { speedOfSymbol } from './tyreMarks.ts';
import { assess } from '../verdict/assess.ts';

const figure = (limit: Figure['limit'], value: number, more: Partial<Figure> = {}): Figure => ({
  limit,
  value,
  typed: `${value}`,
  ...more,
});
const plate = (id: string, source: Plate['source'], ...figures: Figure[]): Plate => ({ id, source, figures });
const doubtful: Partial<Figure> = { conditions: [{ kind: 'variant', text: 'X', met: 'unknown' }] };
const otherwise: Partial<Figure> = { conditions: [{ kind: 'variant', text: 'X', met: 'no' }] };
const gear = (axle: RunningGear['axle'], more: Partial<RunningGear>): RunningGear => ({
  id: axle,
  axle,
  wheels: 2,
  ...more,
});

/** Every chain with its parts, as `id rating` and how they came about, and what it carries. */
const told = (of: Parameters<typeof made>[0]) =>
  chains(compile(made(of))).map(({ name, parts, load }) => [
    name,
    load === null ? null : Math.round(load),
    parts.map(
      (part) =>
        `${part.id} ${part.name.key} ${Math.round(part.rating * 10) / 10}${part.how ? ` (${flat(part.how)})` : ''}${part.unconfirmed ? ' ?' : ''}`,
    ),
  ]);
const parts = (name: ChainName, vehicle: Partial<Vehicle>, trailer: Partial<Trailer> = {}) =>
  told({ vehicle, trailer }).find(([which]) => which === name)?.[2] ?? null;

describe('a chain', () => {
  it('is not there where nothing of it is known', () => {
    expect(told({})).toEqual([]);
    expect(
      told({ alone: true, vehicle: { plates: [plate('v', 'vehiclePlate', figure('vehicleMax', 2000))] } }),
    ).toEqual([]);
  });

  it('of the trailer counts its plate and parts as they are, and what stands on the axles brought up by a tenth', () => {
    const trailer = {
      plates: [
        plate('c', 'caravanPlate', figure('trailerMax', 1300)),
        plate('h', 'couplingHead', figure('trailerPartMax', 1400)),
        plate('a', 'axle', figure('axleGroupMax', 1080)),
      ],
      gear: [gear('trailer', { loadIndex: '91', wheelRating: 650, springRating: 1350 })],
    };
    expect(told({ trailer })).toEqual([
      [
        'trailer',
        1000,
        [
          'trailer.a.axleGroupMax plateSource.axle 1200 (chain.byAxles rating=1080kg/nearest share=10percent/nearest)',
          'trailer.c.trailerMax plateSource.caravanPlate 1300',
          'trailer.tyres gearPart.tyres 1366.7 (chain.byAxles rating=1230kg/nearest share=10percent/nearest)',
          'trailer.h.trailerPartMax plateSource.couplingHead 1400',
          'trailer.wheels gearPart.wheels 1444.4 (chain.byAxles rating=1300kg/nearest share=10percent/nearest)',
          'trailer.springs gearPart.springs 1500 (chain.byAxles rating=1350kg/nearest share=10percent/nearest)',
        ],
      ],
      ['towing', 1000, ['trailer.h.trailerPartMax plateSource.couplingHead 1400']],
    ]);
  });

  it('of the trailer takes the rating itself where the share on the coupling is not known, or is none', () => {
    const plates = [plate('a', 'axle', figure('axleGroupMax', 1080))];
    const plain = [['trailer', 1000, ['trailer.a.axleGroupMax plateSource.axle 1080']]];
    expect(told({ ballLoad: 0, trailer: { plates } })).toEqual(plain);
    expect(told({ trailer: { plates, emptyMass: { basis: 'dry', total: 1000, source: 'plate' } } })).toEqual(plain);
    // Half the trailer at most: more than that is a mistake somewhere.
    expect(told({ ballLoad: 700, trailer: { plates } })[0]?.[2]).toEqual([
      'trailer.a.axleGroupMax plateSource.axle 2160 (chain.byAxles rating=1080kg/nearest share=50percent/nearest)',
    ]);
  });

  it('of towing asks for the limit with brakes or without, and only the head of the trailer’s parts', () => {
    const vehicle = { plates: [plate('h', 'handbook', figure('towBraked', 1500), figure('towUnbraked', 700))] };
    const others = [
      plate('f', 'chassis', figure('trailerPartMax', 900)),
      plate('k', 'couplingHead', figure('trailerPartMax', 1200)),
    ];
    expect(parts('towing', vehicle, { plates: others })).toEqual([
      'trailer.k.trailerPartMax plateSource.couplingHead 1200',
      'vehicle.h.towBraked plateSource.handbook 1500',
    ]);
    expect(parts('towing', vehicle, { braked: false })).toEqual(['vehicle.h.towUnbraked plateSource.handbook 700']);
    expect(told({ alone: true, vehicle })).toEqual([]);
  });

  it('of towing reads D-values against a permitted mass that holds, and leaves out one that allows anything', () => {
    const bar = plate('b', 'towBar', figure('dValueKn', 9.6), figure('dValueKn', 30));
    const by = (max: Partial<Figure>) =>
      parts('towing', { plates: [plate('v', 'vehiclePlate', figure('vehicleMax', 2280, max)), bar] });
    expect(by({})).toEqual(['vehicle.b.dValueKn plateSource.towBar 1714.4 (chain.byDValue d=9.6kN/nearest)']);
    expect(by(doubtful)).toBeNull();
    expect(by(otherwise)).toBeNull();
    expect(parts('towing', { plates: [bar] })).toBeNull();
    const pin = { coupling: 'fifthWheel' as const };
    expect(parts('towing', { plates: [plate('v', 'vehiclePlate', figure('vehicleMax', 2280)), bar] }, pin)).toBeNull();
  });

  it('of the ball load names every part on the way, and shows what nobody has confirmed', () => {
    const vehicle = {
      plates: [
        plate('h', 'handbook', figure('ballMax', 90, doubtful)),
        plate('t', 'towBar', figure('ballMax', 80, otherwise)),
      ],
    };
    const trailer = { plates: [plate('k', 'couplingHead', figure('ballMax', 100))] };
    expect(told({ vehicle, trailer })).toEqual([
      ['ball', 100, ['vehicle.h.ballMax plateSource.handbook 90 ?', 'trailer.k.ballMax plateSource.couplingHead 100']],
    ]);
  });

  it('of each powered axle counts its plate, tyres, wheels and springs, a pair side by side by the second index', () => {
    const vehicle = {
      plates: [
        plate(
          'v',
          'vehiclePlate',
          figure('frontAxleMax', 1100),
          figure('rearAxleMax', 1300),
          figure('tagAxleMax', 900),
        ),
      ],
      gear: [
        gear('front', { loadIndex: '91', wheelRating: 640 }),
        gear('rear', { wheels: 4, twinned: true, loadIndex: '107/105', springRating: 1250 }),
        gear('tag', { springRating: 800 }),
      ],
    };
    expect(told({ vehicle })).toEqual([
      [
        'frontAxle',
        950,
        [
          'vehicle.v.frontAxleMax plateSource.vehiclePlate 1100',
          'front.tyres gearPart.tyres 1230',
          'front.wheels gearPart.wheels 1280',
        ],
      ],
      [
        'rearAxle',
        1050,
        [
          'rear.springs gearPart.springs 1250',
          'vehicle.v.rearAxleMax plateSource.vehiclePlate 1300',
          'rear.tyres gearPart.tyres 3700',
        ],
      ],
    ]);
    const geometry = { wheelbase: 2, couplingOverhang: 1, tagAxle: { offset: 0.8, driveShare: 0.5 } };
    const tagged = told({ vehicle: { ...vehicle, geometry } });
    expect(tagged.map(([name]) => name)).toEqual(['frontAxle', 'rearAxle', 'tagAxle']);
    expect(tagged[1]?.[1]).toBe(tagged[2]?.[1]);
    expect(tagged[2]?.[2]).toEqual([
      'tag.springs gearPart.springs 800',
      'vehicle.v.tagAxleMax plateSource.vehiclePlate 900',
    ]);
    const unmeasured = told({ vehicle: { ...vehicle, geometry: {} } });
    expect(unmeasured.map(([, load]) => load)).toEqual([null, null]);
  });
});

describe('a D-value', () => {
  it('of a fifth wheel takes six tenths and leaves the pin load out of the sum', () => {
    // 9.81·0.6·3.5·2.5 / (3.5 + 2.5 − 0.5)
    expect(fifthWheelDValueKn(3500, 2500, 500)).toBeCloseTo(9.364090909, 8);
    expect(dValueKn(2000, 2000)).toBeCloseTo(9.81, 9);
  });

  it('that reaches the weight of the vehicle allows any trailer', () => {
    expect(heaviestTrailer(9.81, 1000)).toBe(Infinity);
    expect(heaviestTrailer(12, 1000)).toBe(Infinity);
    expect(heaviestTrailer(9.8, 1000)).toBeCloseTo(980_000, 3);
  });
});

describe('a speed symbol', () => {
  it.each([
    ['A1', 5],
    ['A8', 40],
    ['T', 190],
    ['A9', null],
    ['XA1', null],
    ['A12', null],
    ['', null],
  ] as const)('%s', (symbol, speed) => expect(speedOfSymbol(symbol)).toBe(speed));
});

describe('room in places', () => {
  const place = (id: string, x: number | undefined, rating?: number) => ({
    id,
    name: id,
    kind: 'boot' as const,
    ...(x === undefined ? {} : { x }),
    ...(rating === undefined ? {} : { rating: { value: rating } }),
  });
  const rooms = (limits: Parameters<typeof made>[0]['limits'], ...places: ReturnType<typeof place>[]) => {
    const view = made({ alone: true, limits: limits ?? {}, vehicle: {} });
    const vehicle = { ...view.vehicle!, places };
    const things = new Map([['box', { id: 'box', name: 'Box', mass: 30 }]]);
    const placements = places.some(({ id }) => id === 'boot')
      ? [{ thing: 'box', count: 1, body: vehicle.id, place: 'boot' }]
      : [];
    const loaded = { ...view, vehicle, things, loadout: { ...view.loadout, placements } };
    return roomInPlaces(loaded, assess(loaded).checks).map((one) => ({
      place: one.place.id,
      x: one.x,
      kind: one.room.kind,
      ...(one.room.kind === 'room'
        ? { most: one.room.most === null ? null : Math.round(one.room.most), by: one.room.binding?.id ?? null }
        : {}),
      ...(one.room.kind === 'none' ? { by: one.room.binding.id } : {}),
    }));
  };

  it('is the place’s own rating where that is less, and the rig’s where it is not', () => {
    const own = `place.rating:${made({ alone: true }).vehicle?.id}:boot`;
    expect(rooms({ vehicleMax: 2030 }, place('boot', 1, 100), place('shelf', 1))).toEqual([
      { place: 'boot', x: 1, kind: 'room', most: 70, by: own },
      { place: 'shelf', x: 1, kind: 'room', most: 100, by: 'vehicle.max' },
    ]);
    expect(rooms({ vehicleMax: 1950 }, place('boot', 1, 100))).toEqual([
      { place: 'boot', x: 1, kind: 'room', most: 20, by: 'vehicle.max' },
    ]);
    expect(rooms({}, place('boot', 1, 100))).toEqual([{ place: 'boot', x: 1, kind: 'room', most: 70, by: own }]);
    expect(rooms({}, place('shelf', 1))).toEqual([{ place: 'shelf', x: 1, kind: 'room', most: null, by: null }]);
  });

  it('is none in a place that holds too much already, though the rig has room', () => {
    const own = `place.rating:${made({ alone: true }).vehicle?.id}:boot`;
    expect(rooms({ vehicleMax: 2030 }, place('boot', 1, 25))).toEqual([{ place: 'boot', x: 1, kind: 'none', by: own }]);
    expect(rooms({ vehicleMax: 1900 }, place('boot', 1, 100))).toEqual([
      { place: 'boot', x: 1, kind: 'none', by: 'vehicle.max' },
    ]);
  });

  it('is not known where nobody has said where the place is', () => {
    expect(rooms({ vehicleMax: 2030 }, place('shelf', undefined))).toEqual([
      { place: 'shelf', x: null, kind: 'unknown' },
    ]);
  });
});

import { describe, expect, it } from 'vitest';
import type { Place } from '../rig/equipment.ts';
import { exampleNames, exampleWorkspace } from '../testing/examples.ts';
import { saidTrailer, saidVehicle, spotsIn, usualTrailers, usualVehicles } from '../testing/usualBodies.ts';
import type { TypicalRange } from './typicalRanges.data.ts';
import {
  typicalAxlePosition,
  typicalEmptyBall,
  typicalFrontSeats,
  typicalFrontShare,
  typicalOverhang,
  typicalTrailerFrame,
  typicalVehicleFrame,
  typicalWheelbase,
} from './typicalRanges.ts';

interface Held {
  readonly fact: string;
  readonly value: number;
  readonly range: TypicalRange;
}

const place = (kind: Place['kind']): Place => ({ id: kind, name: kind, kind });

/** Every fact of every body, with what is taken as usual where it is not said: nothing but kind and plate known, or the lengths as well. */
function everyFact(lengths: boolean): readonly Held[] {
  const vehicles = usualVehicles.flatMap((one): readonly Held[] => {
    const said = saidVehicle(one, lengths);
    const frame = typicalVehicleFrame(said);
    return [
      ...(lengths ? [] : [{ fact: 'wheelbase', value: one.wheelbase, range: typicalWheelbase(said) }]),
      { fact: 'couplingOverhang', value: one.couplingOverhang, range: typicalOverhang(said) },
      { fact: 'frontShare', value: one.frontShare, range: typicalFrontShare(said) },
      { fact: 'frontSeats', value: one.frontSeats, range: typicalFrontSeats(said) },
      ...spotsIn(one.places).map(([kind, value]) => ({
        fact: `vehicle ${kind}`,
        value,
        range: frame.place(place(kind)),
      })),
      ...spotsIn(one.tanks).map(([kind, value]) => ({ fact: 'vehicle tank', value, range: frame.tank(kind) })),
    ];
  });
  const trailers = usualTrailers.flatMap((one): readonly Held[] => {
    const said = saidTrailer(one, lengths);
    const frame = typicalTrailerFrame(said);
    return [
      ...(lengths ? [] : [{ fact: 'axlePosition', value: one.axlePosition, range: typicalAxlePosition(said) }]),
      { fact: 'emptyBall', value: one.emptyBall, range: typicalEmptyBall(said) },
      ...spotsIn(one.places).map(([kind, value]) => ({
        fact: `trailer ${kind}`,
        value,
        range: frame.place(place(kind)),
      })),
      ...spotsIn(one.tanks).map(([kind, value]) => ({ fact: 'trailer tank', value, range: frame.tank(kind) })),
    ];
  });
  return [...vehicles, ...trailers];
}

const holds = ({ value, range }: Held): boolean => Math.abs(value - range.middle) <= range.plusMinus + 1e-9;

describe('what is taken as usual', () => {
  it('is held against many kinds of bodies', () => {
    expect(usualVehicles.length + usualTrailers.length).toBeGreaterThanOrEqual(60);
  });

  it.each([
    ['of bodies of which kind and plate are known', false],
    ['of bodies of which the lengths are known as well', true],
  ])('%s holds 97 of 100 facts, and of each kind of fact at least 94', (_title, lengths) => {
    const all = everyFact(lengths);
    const out = all.filter((one) => !holds(one));
    const told = out.map(({ fact, value, range }) => `${fact} ${value}: ${range.middle} ± ${range.plusMinus}`);
    expect(out.length / all.length, told.join('\n')).toBeLessThanOrEqual(0.03);
    for (const fact of new Set(all.map((one) => one.fact))) {
      const own = all.filter((one) => one.fact === fact);
      const held = own.filter(holds).length / own.length;
      expect(held, `${fact}\n${told.join('\n')}`).toBeGreaterThanOrEqual(0.94);
    }
  });

  it('holds what is measured of the bodies of the examples, which nobody drew it from', () => {
    const bodies = exampleNames.flatMap((name) => exampleWorkspace(name).bodies);
    const all = bodies.flatMap((body): readonly Held[] => {
      if (body.kind === 'camper') return [];
      const frame =
        body.kind === 'vehicle'
          ? typicalVehicleFrame({ ...body, geometry: {} })
          : typicalTrailerFrame({ ...body, geometry: { axles: body.geometry.axles } });
      const spots = [
        ...body.places.map((one) => ({ fact: `${body.name} ${one.name}`, value: one.x, range: frame.place(one) })),
        ...body.tanks.map((one) => ({ fact: `${body.name} ${one.name}`, value: one.x, range: frame.tank(one.kind) })),
      ];
      return spots.flatMap(({ fact, value, range }) => (value === undefined ? [] : [{ fact, value, range }]));
    });
    const out = all.filter((one) => !holds(one));
    const told = out.map(({ fact, value, range }) => `${fact} ${value}: ${range.middle} ± ${range.plusMinus}`);
    expect(all.length).toBeGreaterThan(40);
    expect(out.length / all.length, told.join('\n')).toBeLessThanOrEqual(0.06);
  });
});

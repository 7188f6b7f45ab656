import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import type { Country } from '../situation/countries.ts';
import { situationIn } from '../situation/situation.ts';
import { caseView } from '../testing/caseRig.ts';
import { speedRule } from './speeds.ts';

const rig = (travel: Country, vehicleMax: number, trailerMax?: number) => {
  const view = caseView({
    vehicle: { W: 3, h: 1, bare: { R_front: 900, R_rear: 800 } },
    ...(trailerMax === undefined ? {} : { trailer: { A: 4, axles: 1, bare: { m: 600, x: 3.7 } } }),
    limits: { vehicleMax, ...(trailerMax === undefined ? {} : { trailerMax }) },
  });
  return speedRule(compile({ ...view, situation: situationIn('here', 'here', 'DE') }), { country: travel });
};

describe('speeds on the road', () => {
  it.each<[Country, number, number | undefined, string, readonly (number | null)[]]>([
    ['DE', 2000, 1400, 'towing', [80, 80, 80]],
    ['DE', 3850, undefined, 'heavy', [80, 100, 100]],
    ['DE', 3501, 1000, 'heavyTowing', [60, 80, 80]],
    ['FR', 2000, 1500, 'towing', [80, 110, 130]],
    ['FR', 2000, 1501, 'heavyTowing', [80, 90, 90]],
    ['IT', 2000, 1400, 'towing', [70, 70, 80]],
    ['AT', 2000, 750, 'lightTrailer', [100, 100, 100]],
    ['AT', 2000, 751, 'towing', [80, 100, 100]],
    ['AT', 2000, 1400, 'towing', [80, 100, 100]],
    ['AT', 2200, 1400, 'heavyTowing', [70, 80, 80]],
    ['CH', 2000, 1400, 'towing', [80, null, 100]],
    ['GB', 2000, 1400, 'towing', [50, 60, 60]],
    ['NL', 3500, undefined, 'car', [80, 100, 100]],
    ['NL', 3501, undefined, 'heavy', [80, 80, 80]],
  ])('%s with %d and %s: %s', (country, vehicle, trailer, as, want) => {
    const found = rig(country, vehicle, trailer);
    expect(found).toMatchObject({ country, as, unit: country === 'GB' ? 'mph' : 'km/h' });
    expect([found?.rural, found?.dual, found?.motorway]).toEqual(want);
  });

  it.each([
    [3050, 'car', [60, 70, 70]],
    [3051, 'heavy', [50, 60, 70]],
  ])('of a van of %d kg unladen are those of a %s in Britain, whatever its plate says', (bare, as, want) => {
    const view = caseView({
      vehicle: { W: 3, bare: { R_front: bare - 1500, R_rear: 1500 } },
      limits: { vehicleMax: 4000 },
    });
    const found = speedRule(compile(view), { country: 'GB' });
    expect([found?.as, [found?.rural, found?.dual, found?.motorway]]).toEqual([as, want]);
  });

  it('are not said for Australia, nor where a plate that decides is missing', () => {
    expect(rig('AU', 2000, 1400)).toBeNull();
    const view = caseView({ vehicle: { W: 3, bare: { R_front: 900, R_rear: 800 } } });
    expect(speedRule(compile(view), { country: 'IT' })).toBeNull();
  });
});

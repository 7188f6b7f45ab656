import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import type { Country } from '../situation/countries.ts';
import type { AustralianState } from '../situation/situation.ts';
import { made, type Made } from '../testing/matrixRigs.ts';
import { informationFor, worstFirst } from './information.ts';

/** What is told of a journey to one place on one day, the worst first; each list worked out by hand from the notes of the places. */
const told = (
  home: Country,
  travel: Country,
  date: string,
  of: Made = {},
  state?: AustralianState,
): readonly string[] => {
  const there = { country: travel, ...(state ? { state } : {}) };
  const loads = compile(made({ ...of, country: home, situation: { date, travel: there, ...of.situation } }));
  return worstFirst(informationFor(loads))
    .filter(({ bears }) => bears === 'yes')
    .map(({ facts }) => facts.id);
};
/** 12.1 m together: 0.9 + 2 + 1 of the car, 1.4 + 6.8 of the trailer. */
const long: Made = {
  limits: { vehicleMax: 2200, trailerMax: 1800 },
  vehicle: { build: 'wagon', geometry: { frontOverhang: 0.9, wheelbase: 2, couplingOverhang: 1 } },
  trailer: { geometry: { axles: 1, axlePosition: 4, drawbarLength: 1.4, bodyLength: 6.8 } },
};

describe('what is worth knowing on the way', () => {
  it('of Austria in January is the winter, after what can hurt somebody', () => {
    expect(told('DE', 'AT', '2027-01-10')).toEqual([
      'euNobodyInside',
      'atWinter',
      'fixedEye',
      'widerThanCar',
      'euPlates',
    ]);
    expect(told('DE', 'AT', '2027-06-10')).not.toContain('atWinter');
  });

  it('of Spain with a long outfit is its lanes, its panel and its papers', () => {
    expect(told('DE', 'ES', '2027-06-10', long)).toEqual([
      'euNobodyInside',
      'esLanes',
      'esPanel',
      'esTrailerPapers',
      'itPanel',
      'widerThanCar',
      'euPlates',
      'esTolls',
    ]);
  });

  it('of France behind a long caravan is distance, overtaking and registration', () => {
    expect(told('DE', 'FR', '2027-06-10', long)).toEqual([
      'euNobodyInside',
      'frFollowing',
      'frOvertaking',
      'frRegistration',
      'widerThanCar',
      'euPlates',
    ]);
  });

  it('is mirrors only as long as nobody knows whether the trailer is wider, or whether they are there', () => {
    const wide = (width: number | undefined, mirrors?: 'present') =>
      told('FR', 'FR', '2027-06-10', {
        vehicle: { geometry: { wheelbase: 2, couplingOverhang: 1, width: 1.9 }, ...(mirrors ? { mirrors } : {}) },
        trailer: { geometry: { axles: 1, axlePosition: 4, width } },
      });
    expect(wide(undefined)).toContain('widerThanCar');
    expect(wide(2.3)).not.toContain('widerThanCar');
    expect(wide(undefined, 'present')).not.toContain('widerThanCar');
  });

  it('is a step less sure, with the day, once it was to be gone through again, and little sure before it is known', () => {
    const of = (date: string) => {
      const loads = compile(made({ country: 'DE', limits: { vehicleMax: 3600 }, situation: { date } }));
      return informationFor(loads).find(({ facts }) => facts.id === 'deSigns')?.facts;
    };
    expect(of('2028-11-28')).toMatchObject({ confidence: 'high' });
    expect(of('2028-11-28')).not.toHaveProperty('overdueSince');
    expect(of('2028-11-29')).toMatchObject({ confidence: 'medium', overdueSince: '2028-11-28' });
    expect(of('2022-12-31')).toMatchObject({ confidence: 'low', notKnownBefore: '2023-01-01' });
  });

  it('of Britain with a panel van and no trailer is little', () => {
    expect(told('GB', 'GB', '2027-06-10', { alone: true, vehicle: { build: 'van' } })).toEqual(['ukNoTolerance']);
  });

  it('of Switzerland is the lane, and that the head of a stabiliser wants a clean ball', () => {
    const at = told('DE', 'CH', '2027-06-10', { trailer: { stabiliser: 'present' } });
    expect(at).toEqual(['euNobodyInside', 'euStabiliserBall', 'chLanes', 'fixedEye', 'widerThanCar', 'euPlates']);
  });

  it('of the Netherlands with a long outfit is its lanes', () => {
    expect(told('DE', 'NL', '2027-06-10', long)).toEqual([
      'euNobodyInside',
      'nlLanes',
      'fixedEye',
      'widerThanCar',
      'euPlates',
    ]);
  });

  it('of New South Wales with a novice from Victoria is speed and shackles', () => {
    const novice = {
      situation: { licence: { issuer: 'AU' as const, classes: ['auC' as const], novice: 'p1' as const } },
    };
    const at = told('AU', 'AU', '2027-06-10', novice, 'NSW');
    expect(at.slice(0, 2)).toEqual(['auNobodyInside', 'auShackles']);
    expect(at).toContain('auNoviceSpeeds');
    expect(told('AU', 'AU', '2027-06-10', {}, 'NSW')).not.toContain('auNoviceSpeeds');
  });

  it('of Germany in 2031 is the winter and the lane of a long outfit', () => {
    expect(told('DE', 'DE', '2031-12-01', long)).toEqual([
      'euNobodyInside',
      'deLanes',
      'deWinter',
      'widerThanCar',
      'euPlates',
    ]);
  });
});

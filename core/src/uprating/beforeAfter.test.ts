import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { onDay, type RigView } from '../loading/rigView.ts';
import { message } from '../messages/message.ts';
import { exampleView } from '../testing/examples.ts';
import { made } from '../testing/matrixRigs.ts';
import { hasWord } from '../testing/words.ts';
import { assess } from '../verdict/assess.ts';
import { applyPackage } from './applyPackage.ts';
import { beforeAfter } from './beforeAfter.ts';
import { allLaws, lawOf } from '../jurisdictions/laws.ts';
import type { UpratePackage } from './upratePackage.ts';

const setTo = (to: number, of: 'vehicle' | 'trailer' = 'vehicle'): UpratePackage => ({
  id: 'set',
  name: 'set',
  kind: 'paper',
  of,
  limits: [{ limit: of === 'vehicle' ? 'vehicleMax' : 'trailerMax', to }],
  adds: [],
  costs: [],
  currency: 'EUR',
});
const sheet = (view: RigView, one: UpratePackage) => beforeAfter(assess(view), assess(applyPackage(view, one)));
const van = onDay(exampleView('british-van-with-scooter'), '2026-06-01');
const motorhome = onDay(exampleView('german-motorhome'), '2026-06-01');
const find = (list: ReturnType<typeof beforeAfter>, id: string) => list.find((one) => one.id === id);

describe('a rule that is expected', () => {
  const german = made({ country: 'DE', alone: true, limits: { vehicleMax: 3300 }, vehicle: { build: 'motorhome' } });
  it('is told as coming from 3,500 kg to 4,250, and covers nobody', () => {
    const told = (to: number) => find(sheet(german, setTo(to)), 'coming.euLicenceToCome');
    expect(told(3499)).toBeUndefined();
    expect(told(3500)).toMatchObject({ change: 'note', confidence: 'low', says: { key: 'uprate.coming' } });
    expect(told(4250)).toBeDefined();
    expect(told(4251)).toBeUndefined();
    const driven = {
      ...german,
      situation: { ...german.situation, licence: { issuer: 'DE', classes: ['B'] } },
    } as RigView;
    expect(find(sheet(driven, setTo(3850)), 'licence.driver')).toMatchObject({ change: 'lost' });
  });
});

describe('before and after a van passes 3,500 kg', () => {
  const found = sheet(van, setTo(3580));

  it('asks every named driver: an old test still covers it, a new one needs C1', () => {
    expect(find(found, 'licence.driver')).toMatchObject({ change: 'same', after: message('uprate.licence.yes') });
    expect(find(found, 'licence.ines')).toMatchObject({
      change: 'lost',
      before: message('uprate.licence.yes'),
      after: message('uprate.licence.needs', { needed: message('licence.class.C1') }),
      about: { params: { text: 'Ines' } },
    });
  });

  it('names tax and zone, each on its own figure, and no speed: that goes by unladen mass here', () => {
    expect(find(found, 'mark.ukTax')).toMatchObject({ mark: { of: 'vehicleMax', from: 3300, to: 3580, at: 3500 } });
    expect(find(found, 'mark.ukZone')).toMatchObject({ topic: 'zones', confidence: 'medium' });
    expect(found.some(({ topic }) => topic === 'speed')).toBe(false);
  });

  it('names the figure itself, and an axle that goes with it', () => {
    expect(find(found, 'figure.vehicle.vehicleMax')).toMatchObject({
      topic: 'limits',
      change: 'differs',
      before: { params: { figure: { value: 3300 } } },
      after: { params: { figure: { value: 3580 } } },
    });
    const axle = { ...setTo(3580), limits: [...setTo(3580).limits, { limit: 'rearAxleMax' as const, by: 120 }] };
    const both = sheet(van, axle).filter(({ id }) => id.startsWith('figure.'));
    expect(both.map(({ id }) => id)).toEqual(['figure.vehicle.vehicleMax', 'figure.vehicle.rearAxleMax']);
  });

  it('says what goes with a heavier car only once it is above 3,500 kg', () => {
    const aboveCar = (lawOf('GB').uprating?.facts ?? []).filter(({ when }) => when === 'aboveCar');
    expect(aboveCar.length).toBeGreaterThan(0);
    const ids = (to: number) => sheet(van, setTo(to)).map(({ id }) => id);
    for (const { id } of aboveCar) {
      expect(ids(3500)).not.toContain(`fact.vehicle.${id}`);
      expect(ids(3501)).toContain(`fact.vehicle.${id}`);
    }
  });

  it('says nothing of marks that are not passed, and stays quiet where nothing changes', () => {
    expect(sheet(van, setTo(3490)).some(({ id }) => id.startsWith('mark.'))).toBe(false);
    expect(sheet(van, setTo(3300)).filter(({ change }) => change !== 'same')).toEqual([]);
  });
});

describe('before and after a motorhome is set down to 3,500 kg', () => {
  const found = sheet(motorhome, setTo(3500));

  it('gives the driver with B back the wheel, and the load that is then over', () => {
    expect(find(found, 'licence.teo')).toMatchObject({ change: 'gained' });
    expect(find(found, 'check.vehicle.max')).toMatchObject({ topic: 'limits', change: 'begins' });
    expect(find(found, 'fact.vehicle.emptyStays')).toBeDefined();
  });

  it('changes speeds in every country of the journey', () => {
    const speeds = found.filter(({ id }) => id.startsWith('speed.'));
    expect(speeds.map(({ place }) => place?.country)).toEqual(['DE', 'AT', 'IT']);
    expect(speeds[0]).toMatchObject({ before: { params: { rural: 80 } }, after: { params: { rural: 100 } } });
  });

  it('leaves the Austrian toll where it was, since F.1 stays; where F.1 is on no plate, that is said', () => {
    expect(find(found, 'mark.atToll')).toBeUndefined();
    expect(find(found, 'mark.atTollUnknown')).toBeUndefined();
    const { vehicle } = motorhome;
    if (!vehicle) throw new Error('no vehicle');
    const plates = vehicle.plates.map((plate) => ({
      ...plate,
      figures: plate.figures.filter(({ limit }) => limit !== 'vehicleTechnicalMax'),
    }));
    const unstated = sheet({ ...motorhome, vehicle: { ...vehicle, plates } }, setTo(3500));
    expect(find(unstated, 'mark.atTollUnknown')).toMatchObject({ change: 'open', confidence: 'medium' });
  });
});

it('a trailer that passes its marks needs brakes by GTM and a second chain by ATM, never by one list for all', () => {
  const view = made({ limits: { trailerMax: 2450, trailerAxlesMax: 1900, vehicleMax: 3000 } });
  expect(sheet(view, setTo(2600, 'trailer')).map(({ id }) => id)).toContain('mark.auSecondChain');
  const axles: UpratePackage = { ...setTo(0, 'trailer'), limits: [{ limit: 'trailerAxlesMax', to: 2100 }] };
  const ids = sheet(view, axles).map(({ id }) => id);
  expect(ids).toContain('mark.auAllBrakes');
  expect(ids).not.toContain('mark.auSecondChain');
});

describe('every consequence', () => {
  const all = [
    ...sheet(van, setTo(3580)),
    ...sheet(motorhome, setTo(3500)),
    ...sheet(onDay(exampleView('australian-wagon-and-tandem'), '2026-06-01'), setTo(3600)),
  ];

  it('has a source, a confidence and somebody to ask, all in the catalogue', () => {
    expect(all.length).toBeGreaterThan(20);
    for (const one of all) {
      expect(hasWord(`source.${one.source}`), one.id).toBe(true);
      expect(hasWord(`ask.${one.ask}`), one.id).toBe(true);
      expect(['high', 'medium', 'low']).toContain(one.confidence);
      if (one.says.key !== 'check.limit') expect(hasWord(one.says.key), one.says.key).toBe(true);
    }
    for (const facts of allLaws.flatMap(({ uprating }) => uprating?.facts ?? [])) {
      expect(hasWord(`uprate.fact.${facts.id}`), facts.id).toBe(true);
      expect(hasWord(`source.${facts.source}`), facts.source).toBe(true);
    }
  });

  it('of a mark passed on the way up is passed again on the way down', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2500, max: 8000 }),
        fc.integer({ min: 2500, max: 8000 }),
        fc.constantFrom('DE' as const, 'FR' as const, 'GB' as const, 'AU' as const, 'CH' as const),
        (a, b, country) => {
          const at = (value: number) => made({ country, alone: true, limits: { vehicleMax: value } });
          const marks = (from: number, to: number) =>
            sheet(at(from), setTo(to)).filter(({ id }) => id.startsWith('mark.') && !id.endsWith('Unknown'));
          const [up, down] = [marks(a, b), marks(b, a)];
          expect(up.map(({ id }) => id).sort()).toEqual(down.map(({ id }) => id).sort());
          expect(up.every(({ change }) => change === (b > a ? 'begins' : 'ends'))).toBe(true);
        },
      ),
      { numRuns: 60 },
    );
  });
});

import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import { runRulebook } from './runRulebook.ts';
import { factsIn } from '../jurisdictions/inForce.ts';
import { made, plateOf, type Made } from '../testing/matrixRigs.ts';
import { assess } from '../verdict/assess.ts';
import { remedies } from '../verdict/remedies.ts';
import { exampleView } from '../testing/examples.ts';
import { informationFor } from './information.ts';
import { journeyStops } from './journey.ts';
import { ruleList } from './ruleList.ts';
import { sanctions } from './sanctions.ts';
import { speedRule } from './speeds.ts';
import { nearThresholds, thresholdsOf } from './thresholds.ts';

const marks = (of: Made) => nearThresholds(compile(made(of))).map(({ facts, passed }) => [facts.id, passed]);

describe('marks near by', () => {
  it('go by the plates, nearest first, and say on which side the rig lies', () => {
    expect(marks({ limits: { trailerMax: 2450, trailerAxlesMax: 2010 } })).toEqual([
      ['auAllBrakes', true],
      ['auSecondChain', false],
    ]);
    expect(marks({ limits: { trailerMax: 2500, trailerAxlesMax: 1500 } })).toEqual([['auSecondChain', false]]);
  });

  it('are those of whoever decides: registration, licence, journey', () => {
    const camper = { alone: true, limits: { vehicleMax: 3500 } } as const;
    expect(marks({ ...camper, country: 'DE' })).toEqual([
      ['euLicence', false],
      ['deInspection', false],
      ['euSpeed', false],
      ['deSign', false],
    ]);
    const british: Made['situation'] = { licence: { issuer: 'GB', classes: ['B'] } };
    expect(marks({ ...camper, country: 'DE', situation: { ...british } }).map(([id]) => id)).toEqual([
      'ukLicence',
      'deInspection',
      'euSpeed',
      'deSign',
    ]);
    const inWales = { travel: { country: 'AU', state: 'NSW' } } as const;
    const heavy = { limits: { combinationMax: 4600 }, situation: inWales } as const;
    expect(marks(heavy)).toEqual([['nswSpeed', true]]);
    expect(marks({ ...heavy, situation: { travel: { country: 'AU', state: 'VIC' } } })).toEqual([]);
  });

  it('say nothing of what no plate states, nor of what is far away', () => {
    expect(marks({ country: 'DE' })).toEqual([]);
    expect(marks({ country: 'DE', limits: { vehicleMax: 1900, trailerMax: 1000 } })).toEqual([]);
    const all = thresholdsOf(compile(made({ country: 'DE', limits: { vehicleMax: 1900, trailerMax: 1000 } })));
    expect(all.find(({ facts }) => facts.id === 'euSum')).toMatchObject({ value: 2900, passed: false });
  });
});

describe('information of a place', () => {
  const bears = (of: Made, id: string) => informationFor(compile(made(of))).find((one) => one.facts.id === id)?.bears;

  it('is that of the journey or of home, and says whether it bears on this rig', () => {
    expect(bears({ country: 'DE', limits: { vehicleMax: 3850 } }, 'deSigns')).toBe('yes');
    expect(bears({ country: 'DE', limits: { vehicleMax: 3500 } }, 'deSigns')).toBe('no');
    expect(bears({ country: 'DE' }, 'deSigns')).toBe('unknown');
    expect(bears({ country: 'DE', situation: { travel: { country: 'AT' } } }, 'deSigns')).toBeUndefined();
    expect(bears({ country: 'DE', situation: { through: [{ country: 'FR' }] } }, 'frOvertaking')).toBe('unknown');
    expect(bears({ country: 'GB', alone: true, limits: { vehicleMax: 2000 } }, 'ukRightLane')).toBe('no');
    expect(bears({ country: 'GB', limits: { vehicleMax: 3501 } }, 'ukTrailerLength')).toBe('no');
    expect(bears({ country: 'GB', alone: true, vehicle: { build: 'motorhome' } }, 'ukCabHeight')).toBe('yes');
    const caravan = (vehicleMax: number): Made => ({
      country: 'DE',
      limits: { vehicleMax },
      vehicle: { build: 'motorhome' },
    });
    expect(bears(caravan(4250), 'euLicenceToCome')).toBe('yes');
    expect(bears(caravan(4251), 'euLicenceToCome')).toBe('no');
    expect(bears(caravan(3500), 'euLicenceToCome')).toBe('yes');
    expect(bears(caravan(3000), 'euLicenceToCome')).toBe('no');
    expect(bears({ ...caravan(4250), vehicle: { build: 'van' } }, 'euLicenceToCome')).toBe('no');
  });

  it('differs by state', () => {
    expect(bears({ state: 'NSW', limits: { trailerAxlesMax: 2001 } }, 'auBatteryMonitor')).toBe('yes');
    expect(bears({ state: 'NSW', limits: { trailerAxlesMax: 2000 } }, 'auBatteryMonitor')).toBe('no');
    expect(bears({ state: 'VIC', limits: { trailerAxlesMax: 2001 } }, 'auBatteryMonitor')).toBeUndefined();
    expect(bears({ state: 'VIC' }, 'auSchemeVic')).toBe('yes');
    expect(bears({ state: 'TAS' }, 'auSchemeOther')).toBe('yes');
    expect(bears({ limits: { vehicleMax: 3000, trailerMax: 4501 } }, 'auHeavyBands')).toBe('yes');
    expect(bears({ limits: { vehicleMax: 3000, trailerMax: 4500 } }, 'auHeavyBands')).toBe('no');
  });
});

describe('sanctions', () => {
  const costs = (country: Made['country'], share: number) => {
    const { loads, checks } = assess(made({ country, alone: true, limits: { vehicleMax: 1900 / (1 + share) } }));
    return sanctions(loads, checks).map(({ band, times, facts }) => [facts.how, band?.amount ?? null, times]);
  };

  it('are indications by share, by tranche or not known, and never for what is within', () => {
    expect(costs('DE', 0.06)).toEqual([['bands', 10, 1]]);
    expect(costs('DE', 0.31)).toEqual([['bands', 235, 1]]);
    expect(costs('DE', 0.04)).toEqual([['bands', null, 1]]);
    expect(costs('IT', 0.12)).toEqual([['bands', 87, 1]]);
    expect(costs('FR', 0.5)).toEqual([['tranche', 135, 2]]);
    expect(costs('GB', 0.12)).toEqual([['bands', 200, 1]]);
    expect(costs('AU', 0.12)).toEqual([['none', null, 1]]);
    expect(costs('DE', -0.1)).toEqual([]);
  });
});

describe('the harsher German bands', () => {
  // 8 % over: 10 euros for a light rig, 80 and a point for a heavy one.
  const amount = (limits: Partial<Record<'vehicleMax' | 'trailerMax', number>>) => {
    const loads = compile(made({ country: 'DE', limits }));
    const [first] = runRulebook(loads).filter(({ margin }) => margin !== null);
    const over = { ...first!, kind: 'legal', status: 'over', sense: 'max', limit: 1000, margin: -80 } as const;
    return sanctions(loads, [{ ...over, quantity: 'trailerTotal', unit: undefined }])[0]?.band?.amount;
  };

  it.each([
    [{ vehicleMax: 3000, trailerMax: 2000 }, 10],
    [{ vehicleMax: 3000, trailerMax: 2001 }, 80],
    [{ vehicleMax: 7500, trailerMax: 1000 }, 10],
    [{ vehicleMax: 7501, trailerMax: 1000 }, 80],
  ])('begin above 7,500 kg, or with a trailer above 2,000: %o', (limits, want) => {
    expect(amount(limits)).toBe(want);
  });
});

describe('a journey', () => {
  it('sets home and every place side by side, each once', () => {
    const rig = made({
      country: 'DE',
      limits: { vehicleMax: 2000, trailerMax: 1400 },
      situation: { travel: { country: 'IT' }, through: [{ country: 'AT' }, { country: 'IT' }, { country: 'DE' }] },
    });
    const stops = journeyStops(compile(rig));
    expect(stops.map((stop) => [stop.place.country, stop.home, stop.speed?.motorway, stop.leastBall])).toEqual([
      ['DE', true, 80, 'legal'],
      ['IT', false, 80, 'guidance'],
      ['AT', false, 100, 'guidance'],
    ]);
  });

  it('knows what two Australian states and new drivers are asked for', () => {
    const speed = (of: Made, state: 'NSW' | 'WA' | 'QLD') => speedRule(compile(made(of)), { country: 'AU', state });
    expect(speed({ limits: { combinationMax: 4501 } }, 'NSW')).toMatchObject({ motorway: 100, confidence: 'medium' });
    expect(speed({ limits: { combinationMax: 4500 } }, 'NSW')).toBeNull();
    expect(speed({}, 'WA')).toMatchObject({ motorway: 100, confidence: 'low' });
    expect(speed({ alone: true }, 'WA')).toBeNull();
    expect(speed({}, 'QLD')).toBeNull();
    const p1: Made = { situation: { licence: { issuer: 'AU', classes: ['auC'], novice: 'p1' } } };
    expect(speed(p1, 'NSW')).toMatchObject({ novice: 90, motorway: null });
    expect(speed(p1, 'QLD')).toBeNull();
    const stage = (novice: 'learner' | 'p2'): Made => ({
      situation: { licence: { issuer: 'AU', classes: ['auC'], novice } },
    });
    expect(speed(stage('learner'), 'NSW')).toMatchObject({ novice: 90 });
    expect(speed(stage('p2'), 'NSW')).toMatchObject({ novice: 100 });
  });
});

describe('layers', () => {
  it('go from common to country to state, each with its review and who knows', () => {
    expect(factsIn({ country: 'AU' })['people.novice']).toMatchObject({ confidence: 'low', ask: 'AU' });
    expect(factsIn({ country: 'AU', state: 'NSW' })['people.novice']).toMatchObject({ confidence: 'medium' });
    expect(factsIn({ country: 'AU', state: 'NSW' })['vehicle.max']).toEqual(factsIn({ country: 'AU' })['vehicle.max']);
    expect(factsIn({ country: 'GB' })['tow.half']).toMatchObject({ confidence: 'high' });
    expect(factsIn({ country: 'GB-NIR' })['tow.half']).toMatchObject({ confidence: 'medium' });
    expect(factsIn({ country: 'GB-NIR' })['people.licence']).toMatchObject({ source: 'niLicence' });
    expect(factsIn({ country: 'CH' })['tow.half']).toBeUndefined();
    expect(factsIn({ country: 'GB' })['tow.braked']).toMatchObject({ kind: 'maker', ask: 'maker' });
  });

  it('word what is of low confidence as something to check, never as law', () => {
    const french = assess(
      made({
        country: 'FR',
        trailerMass: 2600,
        limits: {
          vehicleMax: 4000,
          frontAxleMax: 2000,
          rearAxleMax: 2000,
          trailerMax: 3000,
          trailerAxlesMax: 3000,
          combinationMax: 6000,
          ballMax: 300,
          towBraked: 3000,
        },
        vehicle: {},
      }),
    );
    expect(french.checks.find((one) => one.id === 'tow.ownMass')?.status).toBe('over');
    expect(french.legal).toBeNull();
    expect(french.sentence).toMatchObject({ key: 'verdict.checkWith', params: { whom: { key: 'ask.FR' } } });
  });

  it('list the rules of home, journey and licence, each once', () => {
    const { loads, checks } = assess(made({ country: 'GB', situation: { travel: { country: 'DE' } } }));
    const rules = ruleList(loads, checks).map((one) => one.rule);
    expect(rules).toContain('road.hundred');
    expect(new Set(rules).size).toBe(rules.length);
  });
});

describe('what would bring it right', () => {
  it('takes away just enough where it passes no other limit, the least first', () => {
    const found = assess(exampleView('australian-wagon-and-tandem'));
    const rear = found.checks.find((one) => one.id === 'axle.rear');
    const list = rear ? remedies(found, rear) : [];
    expect(list.length).toBeGreaterThan(0);
    expect(list.map((one) => one.mass)).toEqual(list.map((one) => one.mass).sort((a, b) => a - b));
    for (const one of list) expect(one.mass).toBeGreaterThan(0);
  });

  it('lightens the nose of the trailer only as far as the usual band on the coupling allows', () => {
    const found = assess(exampleView('australian-wagon-and-tandem'));
    const { view } = found.loads;
    const placements = view.loadout.placements.filter((one) => one.body === view.trailer?.id);
    const loads = { ...found.loads, view: { ...view, loadout: { ...view.loadout, placements } } };
    /** Only the trailer is loaded, 3 kg are over at the car's rear axle, and the band has so much room. */
    const helps = (room: number) => {
      const checks = found.checks.map((one) => {
        if (one.id === 'axle.rear') return { ...one, margin: -3 };
        return one.id === 'ball.shareLow' ? { ...one, margin: room } : one;
      });
      const rear = checks.find((one) => one.id === 'axle.rear');
      return rear ? remedies({ ...found, loads, checks }, rear) : [];
    };
    expect(helps(50).length).toBeGreaterThan(0);
    expect(helps(0.1)).toEqual([]);
  });

  it('has nothing to say of what is kept, or follows from plates alone', () => {
    const found = assess(
      made({ limits: { vehicleMax: 3000, trailerAxlesMax: 2500 }, trailer: { brakeKind: 'overrun' } }),
    );
    for (const check of found.checks) expect(remedies(found, check)).toEqual([]);
  });

  it('heals the check it is for when it is done', () => {
    const view = made({ limits: { trailerMax: 1000, trailerAxlesMax: 2000, ballMax: 400 } });
    const place = { id: 'box', name: 'box', kind: 'locker' as const, x: 2 };
    const load = (mass: number) => ({
      ...view,
      trailer: view.trailer && { ...view.trailer, places: [place] },
      things: new Map([['stone', { id: 'stone', name: 'stone', mass }]]),
      loadout: { ...view.loadout, placements: [{ thing: 'stone', count: 1, body: 'trailer', place: 'box' }] },
    });
    const heavy = assess(load(70));
    const check = heavy.checks.find((one) => one.id === 'trailer.max');
    const [first] = check ? remedies(heavy, check) : [];
    expect(first).toMatchObject({ kind: 'takeOut', name: 'box' });
    expect(first?.mass).toBeCloseTo(70, 6);
    const healed = assess(load(70 - (first?.mass ?? 0)));
    expect(healed.checks.find((one) => one.id === 'trailer.max')?.status).toBe('within');
  });

  it('is refused where it would pass another limit', () => {
    const plates = [plateOf('caravanPlate', 'trailerMax', 1000)];
    const view = made({ country: 'DE', ballLoad: 20, trailer: { plates } });
    const nose = { id: 'nose', name: 'nose', kind: 'locker' as const, x: 0.2 };
    const loaded = {
      ...view,
      trailer: view.trailer && { ...view.trailer, places: [nose] },
      things: new Map([['stone', { id: 'stone', name: 'stone', mass: 20 }]]),
      loadout: { ...view.loadout, placements: [{ thing: 'stone', count: 1, body: 'trailer', place: 'nose' }] },
    };
    const found = assess(loaded);
    const check = found.checks.find((one) => one.id === 'trailer.max');
    expect(check?.status).toBe('over');
    // Taken out of the nose, what rests on the coupling would fall under the legal least.
    expect(check && remedies(found, check)).toEqual([]);
  });
});

import { describe, expect, it } from 'vitest';
import type { RigView } from '../loading/rigView.ts';
import { caseView } from '../testing/caseRig.ts';
import { exampleNames, exampleWorkspace } from '../testing/examples.ts';
import { viewRig } from '../document/viewRig.ts';
import { carNeeds } from './carNeeds.ts';
import { assess } from '../verdict/assess.ts';
import { rulesOfThumb, type ThumbName } from './rulesOfThumb.ts';
import type { Family } from './family.ts';
import { trailersBehind } from './pairFit.ts';

/** 1,500 kg behind the car, 80 kg of it on the ball, by hand. */
const pair = caseView({
  vehicle: { W: 2.8, h: 1.1, bare: { R_front: 900, R_rear: 800 } },
  trailer: { A: 4, axles: 1, bare: { m: 1200, B: 80 }, masses: [{ id: 'things', m: 300, x: 4 }] },
  limits: { towBraked: 1800, trailerMax: 1700, vehicleMax: 2300, ballMax: 90 },
});
/** Nobody in the car, and so much in the trailer. */
const only = (inTrailer: number): Family => ({ people: [], inCar: 0, inTrailer });
const thumb = (view: RigView, name: ThumbName) => rulesOfThumb(view).find((one) => one.name === name)!;

describe('rules of thumb', () => {
  it('say what people say, beside what this pair comes to', () => {
    // 1,200 + 453.6 against 1,500: too much, which hurts nobody.
    expect(thumb(pair, 'thousandMore')).toMatchObject({ outcome: 'tooMuch', dangerous: false });
    expect(thumb(pair, 'thousandMore').says).toBeCloseTo(1653.592, 3);
    // A tenth is 150 kg; the ball limit, 90 kg, ends it below the usual band.
    expect(thumb(pair, 'tenPerCent')).toEqual({
      name: 'tenPerCent',
      says: 150,
      reckoned: { from: 90, to: 90 },
      outcome: 'tooMuch',
      dangerous: true,
    });
    // 1,800 − 453.6 = 1,346 kg; with a tenth on the ball its limit ends it at 900 kg.
    const safe = thumb(pair, 'limitLessThousand');
    expect(safe).toMatchObject({ outcome: 'tooMuch', dangerous: true });
    expect(safe.reckoned?.to).toBeCloseTo(900, 6);
  });

  it('cannot be told right or wrong by what nobody knows', () => {
    // No fuel tank, so no kerb mass.
    expect(thumb(pair, 'eightyFive')).toMatchObject({ says: null, outcome: 'unknown' });
    // Below what is known to end it, while the axles have no plate: it may be right or not.
    const strong: RigView = {
      ...pair,
      vehicle: {
        ...pair.vehicle!,
        plates: pair.vehicle!.plates.map((plate) => ({
          ...plate,
          figures: plate.figures.filter(({ limit }) => limit !== 'ballMax'),
        })),
      },
    };
    expect(thumb(strong, 'limitLessThousand')).toMatchObject({
      outcome: 'unknown',
      reckoned: { atMost: true },
      dangerous: false,
    });
    const nothing: RigView = { ...pair, trailer: undefined, rig: { ...pair.rig, trailer: undefined } };
    expect(
      rulesOfThumb(nothing)
        .slice(0, 3)
        .map(({ outcome }) => outcome),
    ).toEqual(['unknown', 'unknown', 'unknown']);
  });

  it('are told of every demo rig, right or wrong only where both sides are known', () => {
    for (const name of exampleNames) {
      const workspace = exampleWorkspace(name);
      for (const { id } of workspace.rigs) {
        for (const one of rulesOfThumb(viewRig(workspace, id)!)) {
          if (one.says === null || one.reckoned === null) expect(one.outcome, one.name).toBe('unknown');
          if (one.dangerous) expect(['tooMuch', 'tooLittle']).toContain(one.outcome);
        }
      }
    }
  });
});

describe('what a car must be able to do', () => {
  it('is the trailer as it is loaded and as it is plated, and what its nose does to the rear axle', () => {
    const { needs, dValueFor } = carNeeds(pair)!;
    const of = (name: string) => needs.find((one) => one.name === name)!;
    expect(of('towing')).toMatchObject({ loaded: 1500, plated: 1700 });
    expect(of('ball').loaded).toBeCloseTo(80, 9);
    expect(of('ball').plated).toBeCloseTo(0.12 * 1700, 9);
    // 80·(2.8 + 1.1)/2.8 by hand.
    expect(of('rearAxle').loaded).toBeCloseTo(111.4286, 4);
    expect(of('rearAxle').usual).toBe(false);
    expect(dValueFor).toBe(2300);
    // 9.81·2.3·1.5/3.8 and 9.81·2.3·1.7/4.0 kN.
    expect(of('dValue').loaded).toBeCloseTo(8.9064, 3);
    expect(of('dValue').plated).toBeCloseTo(9.5893, 3);
  });

  it('of a trailer alone of which a plate is known says that, and leaves the rest open', () => {
    const trailer = { ...pair.trailer!, emptyMass: undefined, geometry: { axles: 1 } };
    const alone: RigView = {
      ...pair,
      trailer,
      vehicle: undefined,
      rig: { ...pair.rig, vehicle: undefined },
      loadout: { ...pair.loadout, placements: [] },
    };
    const { needs } = carNeeds(alone)!;
    const of = (name: string) => needs.find((one) => one.name === name)!;
    expect(of('towing')).toMatchObject({ loaded: null, plated: 1700 });
    expect(of('rearAxle')).toMatchObject({ loaded: null, usual: true });
    expect(of('rearAxle').plated).toBeGreaterThan(of('ball').plated!);
    expect(of('dValue').plated).toBeGreaterThan(0);
    expect(carNeeds({ ...alone, trailer: undefined })).toBeNull();
  });
});

describe('trailers side by side', () => {
  const trailer = pair.trailer!;
  const weak = {
    ...trailer,
    id: 'weak',
    plates: [
      ...trailer.plates,
      {
        id: 'head',
        source: 'couplingHead' as const,
        figures: [{ limit: 'trailerPartMax' as const, value: 1300, typed: '1300' }],
      },
    ],
  };
  const unknown = { ...trailer, id: 'unknown', emptyMass: undefined };
  const [own, other, third] = trailersBehind(pair, [trailer, weak, unknown], only(300));

  it('carry the same load, at the share of their empty figure', () => {
    // 1,200 + 300 kg; 80 of 1,200 kg on the ball, so 100 of 1,500: 10 over its limit of 90.
    expect(own).toMatchObject({ empty: { trailer: 1200 }, laden: 1500, plateLeft: 200 });
    expect(own?.ball?.value).toBeCloseTo(100, 9);
    expect(own?.over.map(({ id }) => id)).toEqual(['ball.max']);
    expect(own?.over[0]?.margin).toBeCloseTo(-10, 9);
    expect(own?.warnings).toEqual([]);
  });

  it('find out the one whose coupling is weak, by its plates and by the load', () => {
    expect(other?.over.map(({ id }) => id)).toEqual(['coupling.part', 'ball.max']);
    expect(other?.warnings.map(({ key }) => key)).toEqual(['finding.partBelowPlate']);
  });

  it('say of one of which no empty figure is known that it is not known, and nothing else', () => {
    expect(third).toMatchObject({
      empty: { trailer: null },
      laden: null,
      plateLeft: null,
      ball: null,
      over: [],
      room: null,
    });
  });

  it('tell a trailer that needs a fifth wheel from one that hangs on a ball', () => {
    const [onPin] = trailersBehind(pair, [{ ...trailer, coupling: 'fifthWheel' }], only(300));
    expect([own?.noFifthWheel, onPin?.noFifthWheel]).toEqual([false, true]);
    const carries = { ...pair.vehicle!, geometry: { ...pair.vehicle!.geometry, pinOverhang: -0.1 } };
    const [fits] = trailersBehind({ ...pair, vehicle: carries }, [{ ...trailer, coupling: 'fifthWheel' }], only(300));
    expect(fits?.noFifthWheel).toBe(false);
  });

  it('are judged as the same rig is with that load at the centre of the empty trailer', () => {
    const centre = 4 * (1 - 80 / 1200);
    const real = caseView({
      vehicle: { W: 2.8, h: 1.1, bare: { R_front: 900, R_rear: 800 } },
      trailer: { A: 4, axles: 1, bare: { m: 1200, B: 80 }, masses: [{ id: 'things', m: 300, x: centre }] },
      limits: { towBraked: 1800, trailerMax: 1700, vehicleMax: 2300, ballMax: 110 },
    });
    const [fit] = trailersBehind(real, [real.trailer!], only(300));
    const checks = new Map(assess(real).checks.map((check) => [check.id, check]));
    expect(fit?.over).toEqual([]);
    expect(fit?.room).toMatchObject({ kind: 'room' });
    // Room at the same centre: the ball limit, (110 − 100)/(80/1200) = 150 kg, before the plate's 200.
    expect(fit?.room).toMatchObject({ most: expect.closeTo(150, 6) as number, binding: { id: 'ball.max' } });
    expect(checks.get('ball.max')?.margin).toBeCloseTo(10, 9);
    expect(checks.get('trailer.max')?.margin).toBeCloseTo(fit!.plateLeft!, 9);
  });
});

import { describe, expect, it } from 'vitest';
import { viewRig } from '../document/viewRig.ts';
import { emptyWorkspace } from '../document/emptyWorkspace.ts';
import type { KnownFigure } from '../edits/knownFigures.ts';
import { addOffer } from '../edits/offerEdits.ts';
import { bindsLoad } from '../checks/check.ts';
import type { Body, Vehicle } from '../rig/body.ts';
import { caseView } from '../testing/caseRig.ts';
import { exampleNames, exampleWorkspace } from '../testing/examples.ts';
import { byTheList } from '../loading/rigView.ts';
import { assess } from '../verdict/assess.ts';
import { familyView, plannedFamily, typicalFamily, type Family } from './family.ts';
import { carsBefore, trailersBehind, type PairFit } from './pairFit.ts';

const kg = (value: number): KnownFigure => ({ value, typed: `${value} kg` });
let ids = 0;
const tools = { newId: () => `new${(ids += 1)}`, word: ({ key }: { key: string }) => key };
/** A body out of brochure figures alone. */
function brochure(known: Omit<Parameters<typeof addOffer>[1], 'country'>): Body {
  const { workspace, bodyId } = addOffer(emptyWorkspace('w', 'w'), { country: 'AU', ...known }, tools);
  return workspace.bodies.find(({ id }) => id === bodyId)!;
}
/** A car of 1,700 kg kerb and a trailer of 1,200 kg with 80 kg on the ball, lengths known. */
const view = caseView({
  vehicle: { W: 2.8, h: 1.1, bare: { R_front: 900, R_rear: 800 } },
  trailer: { A: 4, axles: 1, bare: { m: 1200, B: 80 } },
  limits: { towBraked: 1800, trailerMax: 1700, vehicleMax: 2300, ballMax: 90 },
});
/** Two of 90 kg and two of 40, 80 kg in the boot, 300 kg in the trailer. */
const family: Family = {
  people: [{ mass: 90 }, { mass: 90 }, { mass: 40 }, { mass: 40 }],
  inCar: 80,
  inTrailer: 300,
};
const left = (fit: PairFit | undefined, id: string) => fit?.limits.find((check) => check.id === id)?.margin;

describe('cars side by side before one trailer', () => {
  const wagon = brochure({
    kind: 'vehicle',
    name: 'Wagon',
    empty: kg(1900),
    basis: 'kerb',
    limits: {
      vehicleMax: kg(2500),
      combinationMax: kg(3700),
      towBraked: kg(1600),
      ballMax: kg(120),
      payloadStated: kg(650),
    },
  }) as Vehicle;
  const nameless = brochure({ kind: 'vehicle', name: 'Nameless', limits: { towBraked: kg(1400) } }) as Vehicle;
  const [own, other, third] = carsBefore(view, [view.vehicle!, wagon, nameless], family);

  it('hold the same people and things, with the trailer at the share of its empty figure', () => {
    // 300 kg in 1,200 kg: 1,500 kg, and 80/1200 of it on the ball: 100 kg.
    expect([own?.laden, own?.ball?.value]).toEqual([1500, expect.closeTo(100, 9)]);
    // 1,700 + 260 + 80 + 100 = 2,140 of 2,300.
    expect(left(own, 'vehicle.max')).toBeCloseTo(160, 6);
    expect(own?.over.map(({ id }) => id)).toEqual(['ball.max']);
  });

  it('of one known by six figures are judged by those, and the rest is open', () => {
    // 1,900 + 260 + 80 + 100 = 2,340 of 2,500; 2,240 + 1,500 = 3,740 of 3,700; people, things and ball 440 of 650.
    expect(left(other, 'vehicle.max')).toBeCloseTo(160, 6);
    expect(left(other, 'tow.braked')).toBeCloseTo(100, 6);
    expect(left(other, 'ball.max')).toBeCloseTo(20, 6);
    expect(left(other, 'vehicle.cargo')).toBeCloseTo(210, 6);
    expect(other?.over.map(({ id, margin }) => [id, Math.round(margin!)])).toEqual([['combination.max', -40]]);
    expect(left(other, 'axle.rear')).toBeNull();
    expect(other?.empty.car).toBe(1900);
  });

  it('of which one figure is known say what that one comes to, and of nothing else that it is passed', () => {
    expect(third?.over.map(({ id, margin }) => [id, Math.round(margin!)])).toEqual([['tow.braked', -100]]);
    expect(third?.empty.car).toBeNull();
    expect(left(third, 'vehicle.max')).toBeNull();
    expect(third?.open.map(({ id }) => id)).toContain('people.seats');
  });

  it('hang the trailer on as it is planned, where that is asked: of what is said of it no empty figure is needed', () => {
    const said = [{ body: view.trailer!.id, total: 1400, ballLoad: 98, listed: 0 }];
    const heavy = {
      ...view,
      trailer: { ...view.trailer!, emptyMass: undefined },
      loadout: { ...view.loadout, said },
    };
    for (const who of [null, { ...family, inTrailer: null }]) {
      const [, fit] = carsBefore(heavy, [view.vehicle!, wagon], who);
      expect(fit).toMatchObject({ laden: 1400, ball: { from: 'plan' } });
      expect(left(fit, 'tow.braked')).toBeCloseTo(200, 6);
      expect(left(fit, 'ball.max')).toBeCloseTo(22, 6);
    }
    expect(carsBefore(heavy, [wagon], family)[0]?.laden).toBeNull();
  });

  it('need a trailer', () => {
    expect(carsBefore({ ...view, trailer: undefined }, [wagon], family)).toEqual([]);
  });

  it('lose nobody and nothing in a car of which no place and no seat is known', () => {
    const bare = { ...wagon, places: [], seats: [] };
    const [fit] = carsBefore(view, [bare], family);
    expect(left(fit, 'vehicle.max')).toBeCloseTo(160, 6);
  });
});

describe('a trailer out of a brochure', () => {
  it('weighs what it leaves out as well', () => {
    const trailer = brochure({
      kind: 'trailer',
      name: 'Gull',
      empty: kg(1100),
      basis: 'dry',
      emptyBall: kg(66),
      leftOut: { battery: 25, gas: 18, options: 57 },
      limits: { trailerMax: kg(1600) },
    });
    const [fit] = trailersBehind(view, [trailer as never], family);
    expect(fit).toMatchObject({ empty: { trailer: 1200 }, laden: 1500, plateLeft: 100 });
    // The share is that of the empty figure, 66 of 1,100.
    expect(fit?.ball?.value).toBeCloseTo(90, 9);
    expect(fit?.ball?.from).toBe('brochure');
  });

  it('of which the ball load is not known has what is usual there, as a range', () => {
    const trailer = brochure({ kind: 'trailer', name: 'Gull', empty: kg(1200), basis: 'dry', limits: {} });
    const [fit] = trailersBehind(view, [trailer as never], family);
    expect(fit?.plateLeft).toBeNull();
    expect(fit?.ball?.from).toBe('band');
    expect(fit?.ball?.plusMinus).toBeGreaterThan(15);
  });
});

describe('who and what comes along', () => {
  it('of so many people grows with each', () => {
    const [two, five] = [typicalFamily(2), typicalFamily(5)];
    expect(five.people).toHaveLength(5);
    expect(five.inTrailer).toBeGreaterThan(two.inTrailer);
    expect(five.inCar).toBeGreaterThan(two.inCar);
  });

  it.each(exampleNames)('as planned in %s stands as the verdict has it, whichever table it is in', (name) => {
    const workspace = exampleWorkspace(name);
    const planned = viewRig(workspace, workspace.rigs[0]!.id)!;
    const { vehicle, trailer } = planned;
    if (!vehicle || !trailer) return;
    const verdict = new Map(assess(planned).checks.map((check) => [check.id, check.margin]));
    const [asTrailer] = trailersBehind(planned, [trailer], null);
    const [asCar] = carsBefore(planned, [vehicle], null);
    for (const fit of [asTrailer, asCar]) {
      expect(fit?.ball?.from).toBe('plan');
      for (const check of fit!.limits) expect(check.margin).toBeCloseTo(verdict.get(check.id) ?? NaN, 6);
      expect(fit!.over.length).toBe(
        assess(planned)
          .checks.filter(bindsLoad)
          .filter(({ margin }) => margin < 0).length,
      );
    }
  });

  it.each(exampleNames)('moved into another car of the same figures weighs the same there: %s', (name) => {
    const workspace = exampleWorkspace(name);
    const planned = byTheList(viewRig(workspace, workspace.rigs[0]!.id)!);
    if (!planned.vehicle || planned.camper) return;
    const twin = { ...planned.vehicle, id: 'twin' };
    const fuel = planned.loadout.tankLevels.filter(({ body, tank }) =>
      planned.vehicle!.tanks.some((one) => body === planned.vehicle!.id && one.id === tank && one.kind === 'fuel'),
    );
    // Fuel stays with the car it is in; without it both weigh the same.
    const dry = { ...planned.loadout, tankLevels: planned.loadout.tankLevels.filter((one) => !fuel.includes(one)) };
    const before = { ...planned, loadout: dry };
    const total = (of: typeof planned) => {
      const { vehicleTotal } = assess(of).loads.values;
      return vehicleTotal.kind === 'known' ? vehicleTotal.value : null;
    };
    const moved = total(familyView(before, twin, plannedFamily(before)));
    if (total(before) !== null && moved !== null) expect(moved).toBeCloseTo(total(before)!, 6);
  });
});

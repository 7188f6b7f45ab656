import { describe, expect, it } from 'vitest';
import { emptyWorkspace } from '../document/emptyWorkspace.ts';
import { viewRig } from '../document/viewRig.ts';
import type { Workspace } from '../document/workspace.ts';
import { byTheList, type RigView } from '../loading/rigView.ts';
import type { Reading, Ticket } from '../loading/ticket.ts';
import { assess } from '../verdict/assess.ts';
import { whatIsOver } from '../verdict/whatIsOver.ts';
import { assessTicket } from '../weighing/measured.ts';
import { exampleNames, exampleView, exampleWorkspace } from '../testing/examples.ts';
import { made } from '../testing/matrixRigs.ts';
import { fullWeighing as full, onScale, slipOf, ticketOf, type Stood } from '../testing/weighed.ts';
import { addKnownRig } from '../edits/startRig.ts';
import type { QuantityName } from '../statics/rigRows.ts';

const wagon = exampleView('australian-wagon-and-tandem');
const coupled: readonly Stood[] = [
  { state: 'coupled', on: ['front'] },
  { state: 'coupled', on: ['rear'] },
  { state: 'coupled', on: ['trailer'] },
];
const load = (view: RigView, name: QuantityName): number | null => {
  const value = assess(view).loads.values[name];
  return value.kind === 'known' ? value.value : null;
};
const check = (view: RigView, id: string) => assess(view).checks.find((one) => one.id === id);
const kept = (view: RigView, date: string): Partial<Ticket> => ({ id: date, date, loadout: view.loadout });

describe('one state from all that is known', () => {
  it.each(exampleNames.filter((name) => name !== 'british-van-with-scooter'))(
    'of %s without a slip is its list',
    (name) => {
      const view = exampleView(name);
      expect(view.slips).toBeUndefined();
      expect(assess(view).checks).toEqual(assess(byTheList(view)).checks);
    },
  );

  it('is the slip, where a complete one was taken and nothing has changed', () => {
    const ticket = slipOf(wagon, full, 1, kept(wagon, '2026-05-03'), [12, -7, 20, 31]);
    const [state, alone] = [assess(onScale(wagon, [ticket])), assessTicket(wagon, ticket)];
    for (const name of ['vehicleTotal', 'frontAxle', 'rearAxle', 'trailerTotal', 'ballLoad', 'combination'] as const) {
      const [a, b] = [state.loads.values[name], alone.loads.values[name]];
      if (a.kind !== 'known' || b.kind !== 'known') throw new Error(name);
      expect(a.value, name).toBeCloseTo(b.value, 6);
      expect(a.sigma, name).toBeCloseTo(b.sigma, 6);
    }
  });

  it('takes the axles of June, and of May what June leaves open', () => {
    const may = slipOf(wagon, full, 1, kept(wagon, '2026-05-03'));
    const june = slipOf(wagon, [{ state: 'coupled', on: ['trailer'] }], 1, kept(wagon, '2026-06-14'), [60]);
    const view = onScale(wagon, [may, june]);
    const planned = (name: QuantityName) => load(byTheList(wagon), name) ?? NaN;
    expect(load(view, 'trailerAxles')).toBeCloseTo(planned('trailerAxles') + 60, 3);
    expect(load(view, 'ballLoad')).toBeCloseTo(planned('ballLoad'), 3);
    expect(load(view, 'trailerTotal')).toBeCloseTo(planned('trailerTotal') + 60, 3);
    expect(load(view, 'frontAxle')).toBeCloseTo(planned('frontAxle'), 3);
  });

  it('does not let a hitch that is declared later talk away what was read with its bars off', () => {
    const ticket = slipOf(wagon, coupled, 1, kept(wagon, '2026-05-03'), [0, 250, 0]);
    const rear = (load(byTheList(wagon), 'rearAxle') ?? NaN) + 250;
    expect(load(onScale(wagon, [ticket]), 'rearAxle')).toBeCloseTo(rear, 3);
    const restored = { kind: 'fraction', fraction: 1 } as const;
    const declared: RigView = {
      ...wagon,
      rig: { ...wagon.rig, hitch: { ...wagon.rig.hitch, distribution: restored } },
    };
    const found = check(onScale(declared, [ticket]), 'axle.rear');
    expect(['unknown', 'over']).toContain(found?.status);
  });

  it('is as doubtful as its lengths, where loads are put together by them, and not where an axle itself was read', () => {
    if (!wagon.vehicle) throw new Error('no car');
    const { geometry } = wagon.vehicle;
    const plusMinus = 0.4;
    const vague: RigView = {
      ...wagon,
      vehicle: { ...wagon.vehicle, geometry: { ...geometry, plusMinus: { couplingOverhang: plusMinus } } },
    };
    const sigma = (stood: readonly Stood[], of: RigView) => {
      const value = assess(onScale(of, [slipOf(of, stood, 1, kept(of, '2026-05-03'))])).loads.values.rearAxle;
      if (value.kind !== 'known') throw new Error('not known');
      return value.sigma;
    };
    // The rear axle gains B/W for a metre more of overhang.
    const byLength = ((load(byTheList(wagon), 'ballLoad') ?? NaN) / (geometry.wheelbase ?? NaN)) * (plusMinus / 2);
    expect(sigma(full, vague)).toBeCloseTo(Math.hypot(sigma(full, wagon), byLength), 3);
    expect(sigma(coupled, vague)).toBeCloseTo(sigma(coupled, wagon), 6);
  });

  it('of a tank nobody looked at on the day of the slip is anything from empty to full', () => {
    const tank = wagon.trailer?.tanks.find(({ kind }) => kind === 'fresh');
    if (!wagon.trailer || !tank?.capacityL) throw new Error('no tank');
    const body = wagon.trailer.id;
    const others = wagon.loadout.tankLevels.filter((one) => one.body !== body || one.tank !== tank.id);
    const unseen: RigView = { ...wagon, loadout: { ...wagon.loadout, tankLevels: others } };
    const half: RigView = {
      ...wagon,
      loadout: { ...wagon.loadout, tankLevels: [...others, { body, tank: tank.id, fraction: 0.5 }] },
    };
    const ticket = slipOf(unseen, full, 1, kept(unseen, '2026-05-03'));
    const now: RigView = { ...half, slips: onScale(unseen, [ticket]).slips };
    const value = assess(now).loads.values.trailerTotal;
    if (value.kind !== 'known') throw new Error('not known');
    // Half full now, and half full as good as anything then: nothing on balance, and doubtful by a tank over √12.
    expect(value.value).toBeCloseTo(load(byTheList(unseen), 'trailerTotal') ?? NaN, 3);
    expect(value.sigma).toBeGreaterThan(tank.capacityL / Math.sqrt(12));
    expect(value.sigma).toBeLessThan(tank.capacityL / Math.sqrt(12) + 4);
  });

  it('of a driver whom the empty figure counts, and nobody listed on the day of the slip, stood on the plate or did not', () => {
    const figure = { basis: 'running-order' as const, frontAxle: 1250, rearAxle: 1050, source: 'other' as const };
    const vehicle = wagon.vehicle && { ...wagon.vehicle, emptyMass: figure };
    const nobody: RigView = { ...wagon, vehicle, loadout: { ...wagon.loadout, crew: [] } };
    const ticket = slipOf(nobody, full, 1, kept(nobody, '2026-05-03'));
    const weighed = load(byTheList(nobody), 'vehicleSolo') ?? NaN;
    const solo = (crew: RigView['loadout']['crew']) => {
      const now = { ...nobody, loadout: { ...nobody.loadout, crew }, slips: onScale(nobody, [ticket]).slips };
      const value = assess(now).loads.values.vehicleSolo;
      if (value.kind !== 'known') throw new Error('not known');
      return value;
    };
    expect(solo([]).value).toBeCloseTo(weighed, 3);
    const [seat] = wagon.vehicle?.seats ?? [];
    const two = solo([{ id: 'two', name: 'Two', mass: 150, seat: seat?.id }]);
    expect(two.value).toBeCloseTo(weighed + 150 - 37.5, 3);
    expect(two.sigma).toBeGreaterThan(37.5);
    expect(two.sigma).toBeLessThan(39);
  });

  it('hears a slip in every rig that has the body', () => {
    const document = exampleWorkspace('australian-wagon-and-tandem');
    const [rig] = document.rigs;
    if (!rig || !wagon.vehicle) throw new Error('no rig');
    const alone = { ...rig, id: 'alone', name: 'Alone', trailer: undefined, hitch: undefined };
    const reading: Reading = { id: 'r', state: 'uncoupled', on: ['front', 'rear'], value: 2400 };
    const ticket = { ...ticketOf(wagon, [reading], 10, kept(wagon, '2026-05-03')), rig: rig.id };
    const towing = {
      ...ticketOf(wagon, [{ ...reading, state: 'coupled' }], 10, kept(wagon, '2026-06-03')),
      rig: rig.id,
    };
    const shared: Workspace = { ...document, rigs: [rig, alone], tickets: [ticket, towing] };
    const view = viewRig(shared, 'alone');
    if (!view) throw new Error('no view');
    // What was read with the trailer on says nothing of the car by itself.
    expect(load(view, 'vehicleSolo')).toBeCloseTo(2400, 6);
  });
});

describe('who was not on the plate', () => {
  const [driver] = wagon.loadout.crew;
  if (!driver) throw new Error('nobody drives');
  const without: RigView = { ...wagon, loadout: { ...wagon.loadout, crew: wagon.loadout.crew.slice(1) } };
  /** The driver got out for the rear axle and for the whole rig coupled. */
  const readings = slipOf(wagon, full, 1).readings.map((one, at) => {
    const [out] = slipOf(without, [one], 1).readings;
    return at % 2 === 1 && out ? { ...one, value: out.value, without: [driver.id] } : one;
  });
  const ticket: Ticket = { ...slipOf(wagon, full, 1, kept(wagon, '2026-05-03')), readings };

  it('is added to the reading, on his seat: the rig is as it drives', () => {
    for (const name of ['frontAxle', 'rearAxle', 'vehicleTotal', 'ballLoad', 'trailerTotal'] as const)
      expect(load(onScale(wagon, [ticket]), name), name).toBeCloseTo(load(byTheList(wagon), name) ?? NaN, 6);
    const alone = assessTicket(wagon, ticket).loads.values.rearAxle;
    expect(alone.kind === 'known' && alone.value).toBeCloseTo(load(byTheList(wagon), 'rearAxle') ?? NaN, 6);
    // Told nothing of him, the car by itself weighs less than it does.
    const untold = { ...ticket, readings: readings.map((one) => ({ ...one, without: undefined })) };
    const solo = (slip: Ticket) => load(onScale(wagon, [slip]), 'vehicleSolo') ?? NaN;
    expect(solo(untold)).toBeLessThan(solo(ticket) - 5);
  });

  it('settles nothing by a reading of an axle while nobody knows where he sits', () => {
    const seatless = { ...wagon.loadout, crew: wagon.loadout.crew.map((one) => ({ ...one, seat: undefined })) };
    const rear: Reading = { id: 'r', state: 'coupled', on: ['rear'], value: 1900, without: [driver.id] };
    const slip = { ...ticketOf(wagon, [rear], 10, kept(wagon, '2026-05-03')), loadout: seatless };
    expect(assess(onScale(wagon, [slip])).loads.from).toBe('plan');
  });
});

describe('another loadout than the one on the slip', () => {
  const family = { ...wagon.loadout, id: 'family', placements: wagon.loadout.placements.slice(1) };
  const onSlip = (off: readonly number[]): RigView =>
    onScale(wagon, [slipOf(wagon, full, 1, kept(wagon, '2026-05-03'), off)]);
  const inFamily = (view: RigView): RigView => ({ ...view, loadout: family });
  // 40 kg less on the trailer than listed, 10 of them off the coupling: coupled, the car's two axles show it.
  const less = [0, 0, -10, -30];

  it('is the slip and the difference of the two lists, and what it is without what nobody listed', () => {
    const [found, asListed] = [assess(inFamily(onSlip(less))), assess(inFamily(onSlip([0, 0, 0, 0])))];
    for (const name of [
      'trailerTotal',
      'ballLoad',
      'trailerAxles',
      'combination',
      'rearAxle',
      'vehicleTotal',
    ] as const) {
      const [value, listed] = [found.loads.values[name], asListed.loads.values[name]];
      if (value.kind !== 'known' || listed.kind !== 'known') throw new Error(name);
      expect(value.otherwise?.values[0] ?? value.value, name).toBeCloseTo(listed.value, 6);
    }
    const total = found.loads.values.trailerTotal;
    expect(total.kind === 'known' && (total.otherwise?.values[0] ?? NaN) - total.value).toBeCloseTo(40, 6);
  });

  it('is within only where it is so both ways', () => {
    const plated = (view: RigView, spare: number): RigView => {
      const total = load(inFamily(onSlip(less)), 'trailerTotal') ?? NaN;
      if (!view.trailer) throw new Error('no trailer');
      const plates = view.trailer.plates.map((plate) => ({
        ...plate,
        figures: plate.figures.map((one) => (one.limit === 'trailerMax' ? { ...one, value: total + spare } : one)),
      }));
      return { ...view, trailer: { ...view.trailer, plates } };
    };
    const judged = (spare: number, view: RigView) => check(plated(view, spare), 'trailer.max');
    const there = onSlip(less);
    expect(judged(30, inFamily(there))).toMatchObject({ status: 'unknown', missing: [{ code: 'unlistedAboard' }] });
    expect(judged(50, inFamily(there))?.margin).toBeCloseTo(50, 6);
    expect(judged(-20, inFamily(there))).toMatchObject({ status: 'over', missing: [] });
    // A least is kept with 40 kg more on the front axle than listed, and not without them.
    const front = onScale(wagon, [slipOf(wagon, full, 1, kept(wagon, '2026-05-03'), [40, 0, 40, 0])]);
    const stands = load(inFamily(front), 'frontAxle') ?? NaN;
    const least = (value: number): RigView => {
      const figure = { limit: 'frontAxleMin' as const, value, typed: String(value) };
      const own = front.vehicle;
      if (!own) throw new Error('no car');
      return inFamily({
        ...front,
        vehicle: {
          ...own,
          plates: own.plates.map((plate, at) => (at === 0 ? { ...plate, figures: [...plate.figures, figure] } : plate)),
        },
      });
    };
    const kept20 = assess(least(stands - 20)).checks.find(
      ({ sense, quantity, kind }) => sense === 'min' && quantity === 'frontAxle' && kind === 'maker',
    );
    expect(kept20).toMatchObject({ status: 'unknown', missing: [{ code: 'unlistedAboard' }] });
    const kept60 = assess(least(stands - 60)).checks.find(({ id }) => id === kept20?.id);
    expect(kept60?.margin).toBeCloseTo(60, 6);
    // Of the list that was weighed itself nothing is open.
    const same = judged(200, there);
    expect(same?.missing).toEqual([]);
  });
});

describe('a rig known by its plates and one ticket taken in passing', () => {
  const kg = (value: number) => ({ value, typed: String(value) });
  let n = 0;
  const tools = { newId: () => `id-${(n += 1)}`, word: ({ key }: { key: string }) => key };
  const { workspace, rigId } = addKnownRig(
    emptyWorkspace('w', 'w'),
    {
      build: 'car',
      country: 'AU',
      today: '2026-12-01',
      vehicle: { limits: { vehicleMax: kg(3150), rearAxleMax: kg(1870), towBraked: kg(3500), ballMax: kg(300) } },
      trailer: { limits: { trailerMax: kg(2750) }, empty: kg(2240), basis: 'dry' },
    },
    tools,
  );
  const readings = [
    { id: 'f', state: 'coupled' as const, on: ['front' as const], value: 1310 },
    { id: 'r', state: 'coupled' as const, on: ['rear' as const], value: 1935 },
    { id: 't', state: 'coupled' as const, on: ['trailer' as const], value: 2455 },
  ];
  const [loadout] = workspace.loadouts;
  const ticket: Ticket = { id: 'x', rig: rigId, name: 'x', date: '2026-12-01', graduation: 5, readings, loadout };
  const view = viewRig({ ...workspace, tickets: [ticket] }, rigId);
  if (!view) throw new Error('no view');

  it('is over where the ticket says so, by as much', () => {
    expect(check(view, 'vehicle.max')).toMatchObject({ status: 'over', margin: -95 });
    expect(check(view, 'axle.rear')?.status).toBe('over');
    expect(check(view, 'axle.rear')?.margin).toBeCloseTo(-65, 6);
    expect(assess(view).legal).toBe(false);
  });

  it('says how many kilograms must go, and nothing of places that nobody knows', () => {
    const assessment = assess(view);
    const says = whatIsOver(assessment).map(({ check: { id }, mend }) => [id, mend?.key, mend?.params?.['mass']]);
    expect(says).toMatchObject([
      ['vehicle.max', 'leave.body', { value: 95 }],
      ['axle.rear', 'leave.only', { value: expect.closeTo(65, 6) as number }],
    ]);
  });

  it('is never within its plate by a list in which nothing lies', () => {
    expect(load(byTheList(view), 'trailerTotal')).toBeCloseTo(2240, 0);
    expect(load(view, 'trailerAxles')).toBeCloseTo(2455, 6);
    expect(check(view, 'trailer.max')).toMatchObject({ status: 'unknown', margin: null });
  });

  it('knows what a part in the car changes, and forgets nothing of the trailer for it', () => {
    if (!view.vehicle) throw new Error('no car');
    const part = { id: 'springs', name: 'Springs', on: { mass: 24, x: 2.8 }, inEmptyMass: 'no' as const };
    const fitted: RigView = { ...view, vehicle: { ...view.vehicle, fitted: [...view.vehicle.fitted, part] } };
    expect(load(fitted, 'vehicleTotal')).toBeCloseTo(3269, 6);
    expect(load(fitted, 'trailerAxles')).toBeCloseTo(2455, 6);
    // Where the axles stand nobody has said: what the part does to one of them is not known.
    expect(load(fitted, 'rearAxle')).toBeNull();
    expect(check(fitted, 'trailer.max')).toMatchObject({ status: 'unknown', margin: null });
  });

  it('is over its plate too where the wheels alone are', () => {
    const heavy = { ...ticket, readings: readings.map((one) => (one.id === 't' ? { ...one, value: 2800 } : one)) };
    const found = viewRig({ ...workspace, tickets: [heavy] }, rigId);
    expect(found && check(found, 'trailer.max')).toMatchObject({ status: 'over' });
  });
});

describe('a motorhome known by its plate, one total and a list', () => {
  const kg = (value: number) => ({ value, typed: String(value) });
  let n = 0;
  const tools = { newId: () => `home-${(n += 1)}`, word: ({ key }: { key: string }) => key };
  const { workspace, rigId } = addKnownRig(
    emptyWorkspace('w', 'w'),
    {
      build: 'motorhome',
      country: 'DE',
      today: '2026-12-01',
      vehicle: { limits: { vehicleMax: kg(3500) } },
      trailer: null,
    },
    tools,
  );
  const vehicle = workspace.bodies.find(({ kind }) => kind === 'vehicle');
  const [loadout] = workspace.loadouts;
  if (!vehicle || !loadout) throw new Error('no motorhome');
  /** A table nobody has given a place along the body, in a locker. */
  const locker = { id: 'locker', name: 'Locker', kind: 'locker' as const };
  const placed = { thing: 'table', count: 1, body: vehicle.id, place: locker.id };
  const table = { id: 'table', name: 'Table', mass: 12 };
  const all = { id: 'all', state: 'uncoupled' as const, on: ['front' as const, 'rear' as const], value: 3480 };
  const ticket: Ticket = {
    id: 't',
    rig: rigId,
    name: 't',
    date: '2026-11-20',
    graduation: 10,
    readings: [all],
    loadout,
  };
  const now = (placements: readonly (typeof placed)[], mass = table.mass): RigView => {
    const found = viewRig(
      {
        ...workspace,
        things: [{ ...table, mass }],
        bodies: workspace.bodies.map((body) => (body.id === vehicle.id ? { ...body, places: [locker] } : body)),
        loadouts: [{ ...loadout, placements: [...placements] }],
        tickets: [ticket],
      },
      rigId,
    );
    if (!found) throw new Error('no view');
    return found;
  };

  it('has 20 kg left on the day, and what comes since is taken off them', () => {
    expect(check(now([]), 'vehicle.max')?.margin).toBeCloseTo(20, 6);
    expect(check(now([placed]), 'vehicle.max')?.margin).toBeCloseTo(8, 6);
    expect(check(now([placed], 33), 'vehicle.max')).toMatchObject({ status: 'over' });
    expect(check(now([placed], 33), 'vehicle.max')?.margin).toBeCloseTo(-13, 6);
  });

  it('says of its axles nothing that nobody knows', () => {
    const { checks, loads } = assess(now([placed]));
    expect(loads.values.rearAxle.kind).toBe('unknown');
    expect(
      checks.filter(({ status, group }) => group === 'axles' && (status === 'within' || status === 'over')),
    ).toEqual([]);
  });
});

describe('readings that cannot all be right', () => {
  /** A car by itself, 1,000 on each axle, and 1,900 with all its wheels on the plate: each may be the wrong one. */
  const solo = (limit: number, axle = 1500) => {
    const view = made({ alone: true, limits: { vehicleMax: limit, frontAxleMax: axle } });
    const readings: readonly (Stood & { readonly value: number })[] = [
      { state: 'uncoupled', on: ['front'], value: 1000 },
      { state: 'uncoupled', on: ['rear'], value: 1000 },
      { state: 'uncoupled', on: ['front', 'rear'], value: 1900 },
    ];
    return onScale(view, [ticketOf(view, readings, 5, kept(view, '2026-05-03'))]);
  };

  it('are candidates: undecided where the limit lies between them, and both are told', () => {
    const found = check(solo(1950), 'vehicle.max');
    expect(found).toMatchObject({ status: 'unknown', margin: null, missing: [{ code: 'contradiction' }] });
    // The total, or the two axles together.
    expect(found?.ways?.map((kg) => Math.round(kg))).toEqual([1900, 2000]);
    expect(check(solo(2500, 950), 'axle.front')?.ways?.map((kg) => Math.round(kg))).toEqual([900, 1000]);
  });

  it('pass a limit that all of them keep, with what the stricter leaves', () => {
    expect(check(solo(2100), 'vehicle.max')).toMatchObject({ status: 'within', missing: [] });
    expect(check(solo(2100), 'vehicle.max')?.margin).toBeCloseTo(100, 6);
  });

  it('pass a least with the figure that leaves least, as it is shown', () => {
    const view = made({ alone: true, limits: { vehicleMax: 2500, frontAxleMax: 1500, frontAxleMin: 850 } });
    const slip = { ...solo(2500), vehicle: view.vehicle };
    const found = assess(slip).checks.find(
      ({ sense, quantity, kind }) => sense === 'min' && quantity === 'frontAxle' && kind === 'maker',
    );
    expect(found?.demand).toBeCloseTo(900, 6);
    expect(found?.margin).toBeCloseTo(50, 6);
  });

  it('are over only where they are so by each, by no more than the milder says', () => {
    expect(check(solo(1880), 'vehicle.max')).toMatchObject({ status: 'over' });
    expect(check(solo(1880), 'vehicle.max')?.margin).toBeCloseTo(-20, 6);
    expect(check(solo(2500, 880), 'axle.front')?.margin).toBeCloseTo(-20, 6);
  });
});

describe('a camper on a tray', () => {
  const ute = exampleView('australian-ute-camper-and-boat');

  it('is over its own plate by what is listed on it, whatever the scale found nowhere in particular', () => {
    const { camper } = ute;
    if (!camper) throw new Error('no camper');
    const own = assess(byTheList(ute)).checks.find(({ quantity }) => quantity === 'camper');
    const most = (own?.demand ?? NaN) - 30;
    const plates = camper.plates.map((plate) => ({
      ...plate,
      figures: plate.figures.map((one) => (one.limit === 'camperMax' ? { ...one, value: most } : one)),
    }));
    const heavy: RigView = { ...ute, camper: { ...camper, plates } };
    const stood: readonly Stood[] = [
      { state: 'uncoupled', on: ['front'] },
      { state: 'uncoupled', on: ['rear'] },
    ];
    const slip = (off: readonly number[]) => slipOf(heavy, stood, 1, kept(heavy, '2026-05-03'), off);
    const judged = (off: readonly number[], view = heavy) =>
      assess(onScale(view, [slip(off)])).checks.find(({ quantity }) => quantity === 'camper');
    expect(judged([0, 0])).toMatchObject({ status: 'over' });
    expect(judged([0, 0])?.margin).toBeCloseTo(-30, 6);
    expect(judged([0, 80])).toMatchObject({ status: 'over' });
    // With its own plate kept by the list, 80 kg that lie nobody knows where leave it open.
    expect(judged([0, 0], ute)?.status).not.toBe('over');
    expect(judged([0, 80], ute)).toMatchObject({ status: 'unknown', missing: [{ code: 'unlisted' }] });
  });
});

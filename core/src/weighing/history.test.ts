import { describe, expect, it } from 'vitest';
import { emptyWorkspace } from '../document/emptyWorkspace.ts';
import { viewRig } from '../document/viewRig.ts';
import { addKnownRig } from '../edits/startRig.ts';
import { addBareTotal } from '../edits/ticketEdits.ts';
import { onDay, type RigView } from '../loading/rigView.ts';
import type { FittedPart } from '../rig/equipment.ts';
import { exampleView } from '../testing/examples.ts';
import { fullWeighing as all, onScale, slipOf, type Stood } from '../testing/weighed.ts';
import { betweenSlips } from './betweenSlips.ts';
import { guesses, ownGuesses, planQuality } from './guesses.ts';
import { mightBe } from './mightBe.ts';
import { scaleHistory, scalePairs } from './scaleHistory.ts';
import type { Ticket } from '../loading/ticket.ts';
import { trend } from './trend.ts';
import { unlistedOn } from './unlisted.ts';
import { verdictFrom } from './verdictFrom.ts';

const example: RigView = onDay(exampleView('australian-wagon-and-tandem'), '2026-06-01');
/** Whatever was fitted has always been there. */
const undated = (fitted: readonly FittedPart[]): FittedPart[] => fitted.map((part) => ({ ...part, date: undefined }));
const wagon: RigView = {
  ...example,
  vehicle: example.vehicle && { ...example.vehicle, fitted: undated(example.vehicle.fitted) },
  trailer: example.trailer && { ...example.trailer, fitted: undated(example.trailer.fitted) },
};
const weighed = (id: string, date: string, of: RigView, more: Partial<Ticket> = {}, off: readonly number[] = []) =>
  slipOf(of, all, 1, { id, date, loadout: wagon.loadout, ...more }, off);
/** The wagon with so much more at x that no list knows. */
const secretly = (mass: number, x: number, part: Partial<FittedPart> = {}): RigView => ({
  ...wagon,
  vehicle: wagon.vehicle && {
    ...wagon.vehicle,
    fitted: [...wagon.vehicle.fitted, { id: 'secret', name: 'Secret', on: { mass, x }, inEmptyMass: 'no', ...part }],
  },
});

describe('the plan beside its slips', () => {
  it('foretells exactly what a scale shows of it', () => {
    const found = guesses(wagon, [weighed('a', '2026-04-05', wagon)]);
    expect(found.map(({ quantity }) => quantity)).toContain('ballLoad');
    for (const one of found) expect(one.missedBy).toBeCloseTo(0, 4);
    expect(planQuality(found)).toMatchObject({ guesses: found.length, inside: found.length });
  });

  it('is told by how much it missed, and in which direction', () => {
    const found = guesses(wagon, [weighed('a', '2026-04-05', secretly(400, 1.4))]);
    const total = found.find(({ quantity }) => quantity === 'vehicleTotal');
    expect(total?.missedBy).toBeCloseTo(400, 3);
    expect(total?.inside).toBe(false);
    expect(planQuality(found)?.bias).toBeGreaterThan(0);
  });

  it('does not know what the slip itself has found, but learns from it for the next', () => {
    const learnt = secretly(60, 1.4, { foundBy: 'a', date: '2026-04-05' });
    const slips = [weighed('a', '2026-04-05', learnt), weighed('b', '2026-05-05', learnt)];
    const totals = guesses(learnt, slips).filter(({ quantity }) => quantity === 'vehicleTotal');
    expect(totals.map(({ missedBy }) => Math.round(missedBy))).toEqual([60, 0]);
  });

  it('says nothing of slips of which nobody kept what was on board', () => {
    expect(guesses(wagon, [slipOf(wagon, all, 1, { date: '2026-04-05' })])).toEqual([]);
    expect(planQuality([])).toBeNull();
  });
});

describe('two scales over time', () => {
  it('show which reads short, whatever was on board', () => {
    const short = [-19, -22, -46, -35];
    const slips = [
      weighed('a', '2026-04-05', wagon, { scale: 'Quarry' }),
      weighed('b', '2026-04-20', wagon, { scale: 'Depot' }, short),
      weighed('c', '2026-05-05', wagon, { scale: 'Depot' }, short),
    ];
    const [pair] = scalePairs(scaleHistory(wagon, slips));
    expect(pair?.lower).toMatchObject({ scale: 'Depot', slips: 2 });
    expect(pair?.differ).toBe(true);
    expect(pair?.share).toBeCloseTo((46 + 35) / 5478, 3);
  });

  it('say nothing where they agree', () => {
    const slips = [
      weighed('a', '2026-04-05', wagon, { scale: 'Quarry' }),
      weighed('b', '2026-04-20', wagon, { scale: 'Depot' }),
    ];
    expect(scalePairs(scaleHistory(wagon, slips))[0]?.differ).toBe(false);
  });
});

describe('before and after a modification', () => {
  const bar: FittedPart = { id: 'bar', name: 'Bar', on: { mass: 48, x: -0.7 }, inEmptyMass: 'no', date: '2026-04-15' };
  const withBar: RigView = {
    ...wagon,
    vehicle: wagon.vehicle && { ...wagon.vehicle, fitted: [...wagon.vehicle.fitted, bar] },
  };

  it('is what the ledger says where the ledger is right', () => {
    const [vehicle, trailer] = betweenSlips(
      withBar,
      weighed('a', '2026-04-05', wagon),
      weighed('b', '2026-05-05', withBar),
    );
    expect(vehicle?.weighed.value).toBeCloseTo(48, 4);
    expect(vehicle?.parts).toMatchObject([{ id: 'bar', mass: 48 }]);
    expect(vehicle?.load.mass).toBeCloseTo(0, 6);
    expect(vehicle?.unexplained.mass).toBeCloseTo(0, 4);
    expect(trailer?.unexplained.mass).toBeCloseTo(0, 4);
  });

  it('leaves what nobody wrote down, and says where it must sit', () => {
    const heavier: RigView = {
      ...withBar,
      vehicle: withBar.vehicle && {
        ...withBar.vehicle,
        fitted: [...withBar.vehicle.fitted, { id: 'x', name: 'Drawers', on: { mass: 35, x: 2.9 }, inEmptyMass: 'no' }],
      },
    };
    const [vehicle] = betweenSlips(withBar, weighed('a', '2026-04-05', wagon), weighed('b', '2026-05-05', heavier));
    expect(vehicle?.unexplained.mass).toBeCloseTo(35, 4);
    expect(vehicle?.unexplained.x).toBeCloseTo(2.9, 3);
  });

  it('takes out what was loaded differently', () => {
    const emptier: RigView = { ...wagon, loadout: { ...wagon.loadout, crew: wagon.loadout.crew.slice(0, 1) } };
    const later = weighed('b', '2026-05-05', emptier, { loadout: emptier.loadout });
    const [vehicle] = betweenSlips(wagon, weighed('a', '2026-04-05', wagon), later);
    expect(vehicle?.weighed.value).toBeLessThan(-50);
    expect(vehicle?.load.mass).toBeCloseTo(vehicle?.weighed.value ?? NaN, 4);
    expect(vehicle?.unexplained.mass).toBeCloseTo(0, 4);
  });
});

describe('a rig over the years', () => {
  it('shows its empty mass creep, and what was left to each limit', () => {
    const slips = [weighed('b', '2027-01-05', secretly(30, 1)), weighed('a', '2026-04-05', wagon)];
    const points = trend(wagon, slips);
    expect(points.map(({ ticket }) => ticket.id)).toEqual(['a', 'b']);
    const [first, second] = points.map(({ empty }) => empty.vehicle?.value ?? NaN);
    expect((second ?? 0) - (first ?? 0)).toBeCloseTo(30, 3);
    const margin = (at: number) => points[at]?.margins.find(({ id }) => id === 'vehicle.max')?.margin ?? NaN;
    expect(margin(0) - margin(1)).toBeCloseTo(30, 3);
  });
});

describe('what a verdict is drawn from', () => {
  const slip = weighed('a', '2026-05-05', secretly(60, 1.9));
  const demand = (of: ReturnType<typeof verdictFrom>, id = 'vehicle.max') =>
    of.assessment.checks.find((check) => check.id === id)?.demand ?? NaN;
  const known = (of: RigView, tickets: readonly Ticket[]) => verdictFrom(onScale(of, tickets), tickets, 'known');
  const listed = (of: RigView, id?: string) => demand(verdictFrom(of, [], 'plan'), id);

  it('is all that is known, and as views of their own the list or the slip alone', () => {
    const view = onScale(wagon, [slip]);
    expect(verdictFrom(view, [slip], 'plan').from).toBe('plan');
    expect(demand(verdictFrom(view, [slip], 'plan'))).toBeCloseTo(listed(wagon), 6);
    const [best, measured] = [known(wagon, [slip]), verdictFrom(view, [slip], { slip: 'a' })];
    expect([best.from, measured.from]).toEqual(['known', 'slip']);
    expect(demand(best) - listed(wagon)).toBeCloseTo(60, 3);
    const settled = measured.assessment.checks.filter(({ id, demand: of }) => of !== null && id.startsWith('axle.'));
    expect(settled.length).toBeGreaterThan(1);
    for (const { id } of settled) expect(demand(best, id)).toBeCloseTo(demand(measured, id), 3);
  });

  it('carries what was weighed over to another load', () => {
    const light: RigView = { ...wagon, loadout: { ...wagon.loadout, crew: [] } };
    expect(demand(known(light, [slip])) - listed(light)).toBeCloseTo(60, 3);
    expect(demand(known(light, [slip]), 'axle.rear') - listed(light, 'axle.rear')).toBeGreaterThan(30);
  });

  it('is led by the latest slip', () => {
    const older = weighed('old', '2025-05-05', secretly(200, 1.9));
    expect(demand(known(wagon, [slip, older])) - listed(wagon)).toBeCloseTo(60, 3);
  });

  it('counts nothing twice once it is in the ledger', () => {
    const adopted = secretly(60, 1.9, { foundBy: 'a', date: '2026-05-05' });
    expect(demand(known(adopted, [slip]))).toBeCloseTo(listed(adopted), 3);
  });

  it('lets nothing pass by a slip of which nobody knows how the rig was loaded, nor by readings that contradict each other', () => {
    const status = (tickets: readonly Ticket[], asked = 'vehicle.max') =>
      known(wagon, tickets).assessment.checks.find(({ id }) => id === asked);
    expect(status([slip])?.status).toBe('within');
    expect(status([{ ...slip, loadout: undefined }])).toMatchObject({
      status: 'unknown',
      missing: [{ code: 'loadState' }],
    });
    const readings: readonly Stood[] = [...all, { state: 'uncoupled', on: ['front', 'rear'] }];
    const torn = slipOf(wagon, readings, 1, { date: '2026-04-05', loadout: wagon.loadout }, [0, 0, 0, 0, -400]);
    // By the car alone without one of its three readings the coupling bears 400 kg more, or what it bore.
    expect(status([torn], 'ball.max')).toMatchObject({ status: 'unknown', missing: [{ code: 'contradiction' }] });
    const [low = NaN, high = NaN] = status([torn], 'ball.max')?.ways ?? [];
    expect(high - low).toBeCloseTo(400, 0);
    // What it weighs coupled was read by itself: every candidate says the same.
    expect(status([torn])?.status).toBe('within');
  });

  it('falls back to the list, and says so, where there is no slip', () => {
    expect(verdictFrom(wagon, [], 'known').from).toBe('plan');
    expect(verdictFrom(wagon, [], { slip: 'gone' }).from).toBe('plan');
  });
});

describe('what the unlisted mass might be', () => {
  const found = (mass: number, x: number) => {
    const [vehicle] = unlistedOn(wagon, weighed('a', '2026-05-05', secretly(mass, x)));
    if (!vehicle) throw new Error('nothing found');
    return vehicle;
  };

  it('is a part of which nobody knows whether the empty figure contains it, when mass and place fit', () => {
    const unsure: RigView = {
      ...wagon,
      vehicle: wagon.vehicle && {
        ...wagon.vehicle,
        fitted: [{ id: 'winch', name: 'Winch', on: { mass: 80, x: -0.6 }, inEmptyMass: 'unknown' }],
      },
    };
    const [first] = mightBe(unsure, found(40, -0.6));
    expect(first).toMatchObject({ kind: 'fitted', id: 'winch' });
  });

  it('is somebody on a free seat before it is something 2 m away', () => {
    const alone: RigView = { ...wagon, loadout: { ...wagon.loadout, crew: wagon.loadout.crew.slice(0, 1) } };
    const seat = alone.vehicle?.seats.find(({ id }) => alone.loadout.crew.every((one) => one.seat !== id));
    if (seat?.x === undefined) throw new Error('no free seat');
    const list = mightBe(alone, found(75, seat.x));
    expect(list[0]?.kind).toBe('seat');
    expect(list.every(({ distance }, at) => distance >= (list[at - 1]?.distance ?? 0))).toBe(true);
  });

  it('is never more than a tank can hold, and less only where less was found', () => {
    for (const one of mightBe(wagon, found(-30, 2))) expect(one.mass).toBeLessThan(0);
    expect(mightBe(wagon, found(5000, 1)).filter(({ kind }) => kind !== 'tank')).toEqual([]);
  });
});

describe('weighings of which little is left', () => {
  const tools = (name: string) => ({ newId: () => name, name });
  /** A van of which nobody knows the empty mass, weighed as a whole years ago and now. */
  const document = (() => {
    const { workspace, rigId } = addKnownRig(
      emptyWorkspace('a', 'a'),
      { build: 'van', country: 'GB', axles: 1, today: '2026-06-01', vehicle: { limits: {} }, trailer: null },
      {
        newId: (() => {
          let at = 0;
          return () => `id${(at += 1)}`;
        })(),
        word: ({ key }) => key,
      },
    );
    const before = addBareTotal(
      workspace,
      { rig: rigId, side: 'vehicle', value: 2640, date: '2021-05-01' },
      tools('before'),
    );
    return addBareTotal(before, { rig: rigId, side: 'vehicle', value: 2810, date: '2026-05-01' }, tools('after'));
  })();
  const view = viewRig(document, document.rigs[0]?.id ?? '');

  it('make a before and after of two bare totals', () => {
    const [earlier, later] = document.tickets;
    if (!view || !earlier || !later) throw new Error('no slips');
    const [change, ...more] = betweenSlips(view, earlier, later);
    expect(more).toEqual([]);
    expect(change).toMatchObject({ side: 'vehicle', load: { mass: 0 }, unexplained: { x: null } });
    // Steps of 10 kg, a scale in service off by one of them at most: 5 kg one standard deviation, two weighings √2 of that.
    expect(change?.weighed.value).toBe(170);
    expect(change?.weighed.se).toBeCloseTo(5 * Math.SQRT2, 6);
  });

  it('keep a guess as it was, beside what the scale showed', () => {
    const [, later] = document.tickets;
    if (!view || !later) throw new Error('no slips');
    expect(ownGuesses(view, [later])).toEqual([]);
    expect(ownGuesses(view, [{ ...later, guess: 2600 }])).toMatchObject([
      { quantity: 'vehicleTotal', guessed: 2600, weighed: expect.closeTo(2810, 6) as number },
    ]);
    expect(ownGuesses(view, [{ ...later, guess: 2600, readings: [] }])).toEqual([]);
  });
});

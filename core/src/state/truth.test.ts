import { describe, expect, it } from 'vitest';
import { sigmaOn, type Reading, type Ticket } from '../loading/ticket.ts';
import type { RigView } from '../loading/rigView.ts';
import { quantityNames, type QuantityName } from '../statics/rigRows.ts';
import { chances } from '../testing/chances.ts';
import { caseView, limitRules } from '../testing/caseRig.ts';
import { onScale } from '../testing/weighed.ts';
import { assess } from '../verdict/assess.ts';
import { isState } from './stateLoads.ts';

interface Lump {
  readonly id: string;
  readonly body: 'vehicle' | 'trailer';
  readonly m: number;
  readonly x: number;
  /** As it is listed, and how doubtful that is said to be; null: nobody lists it. */
  readonly listed: { readonly m: number; readonly sigma: number } | null;
}

/** Every load by statics written out once more, from what is really on board. */
function truly(lumps: readonly Lump[], W: number, h: number, A: number) {
  const sum = (body: Lump['body'], weight: (x: number) => number) =>
    lumps.reduce((all, one) => (one.body === body ? all + one.m * weight(one.x) : all), 0);
  const front = sum('vehicle', (x) => 1 - x / W);
  const rear = sum('vehicle', (x) => x / W);
  const ball = sum('trailer', (x) => 1 - x / A);
  const axles = sum('trailer', (x) => x / A);
  return {
    solo: { front, rear },
    loads: {
      vehicleSolo: front + rear,
      vehicleTotal: front + rear + ball,
      frontAxle: front - (ball * h) / W,
      rearAxle: rear + (ball * (W + h)) / W,
      trailerTotal: ball + axles,
      trailerAxles: axles,
      ballLoad: ball,
      ballLoadTowed: ball,
      combination: front + rear + ball + axles,
    } as Readonly<Partial<Record<QuantityName, number>>>,
  };
}

/** Ways to stand on a scale, and what it shows of them without any error. */
const ways: readonly (Pick<Reading, 'state' | 'on' | 'support'> & {
  readonly of: (truth: ReturnType<typeof truly>) => number;
})[] = [
  { state: 'uncoupled', on: ['front'], of: ({ solo }) => solo.front },
  { state: 'uncoupled', on: ['rear'], of: ({ solo }) => solo.rear },
  { state: 'uncoupled', on: ['front', 'rear'], of: ({ solo }) => solo.front + solo.rear },
  { state: 'coupled', on: ['front'], of: ({ loads }) => loads.frontAxle ?? 0 },
  { state: 'coupled', on: ['rear'], of: ({ loads }) => loads.rearAxle ?? 0 },
  { state: 'coupled', on: ['front', 'rear'], of: ({ loads }) => loads.vehicleTotal ?? 0 },
  { state: 'coupled', on: ['trailer'], of: ({ loads }) => loads.trailerAxles ?? 0 },
  { state: 'uncoupled', support: 'ball', on: ['trailer', 'ball'], of: ({ loads }) => loads.trailerTotal ?? 0 },
  { state: 'uncoupled', support: 'ball', on: ['ball'], of: ({ loads }) => loads.ballLoad ?? 0 },
];

/** A rig with hidden masses, what of it is on paper, and slips of it on days on which other things were on board. */
function someRig(seed: number) {
  const { between, normal, often } = chances(seed);
  const [W, h, A] = [between(2.4, 3.6), between(0.9, 1.5), between(3.6, 5.2)];
  const [nose, tail] = [between(0.6, 1), between(0.8, 1.4)];
  const bodyLength = between(4.5, 6.5);
  const lumps: Lump[] = [];
  const hidden = { vehicle: often(0.5), trailer: often(0.5) };
  for (const body of ['vehicle', 'trailer'] as const) {
    const [from, to] = body === 'vehicle' ? [-nose, W + tail] : [0, A * 0.3 + bodyLength];
    const count = Math.round(between(2, 6));
    for (let n = 0; n < count; n += 1) {
      const [m, sigma] = [between(5, 90), between(0, 3)];
      lumps.push({ id: `t${n}`, body, m, x: between(from, to), listed: { m: m + sigma * normal(), sigma } });
    }
    const empty = body === 'vehicle' ? between(1500, 2300) : between(900, 1900);
    const x = body === 'vehicle' ? W * between(0.4, 0.5) : A * between(0.9, 0.97);
    const sigma = often(0.5) ? 0 : 15;
    lumps.push({ id: 'empty', body, m: empty, x, listed: { m: empty + sigma * normal(), sigma } });
    if (hidden[body]) lumps.push({ id: 'hidden', body, m: between(20, 200), x: between(from, to), listed: null });
  }
  const onBoard = () => new Set(lumps.filter(({ id }) => !id.startsWith('t') || often(0.7)));
  const listed = (body: Lump['body']) =>
    lumps.flatMap((one) =>
      one.body === body && one.listed ? [{ id: one.id, m: one.listed.m, x: one.x, sigma_m: one.listed.sigma }] : [],
    );
  const now = onBoard();
  const truth = truly([...now], W, h, A);
  const limits = Object.fromEntries(
    Object.entries({
      vehicleMax: 'vehicleTotal',
      frontAxleMax: 'frontAxle',
      rearAxleMax: 'rearAxle',
      trailerMax: 'trailerTotal',
      trailerAxlesMax: 'trailerAxles',
      ballMax: 'ballLoad',
      combinationMax: 'combination',
    } as const).map(([limit, load]) => [limit, Math.max(1, (truth.loads[load] ?? 0) + between(-60, 60))]),
  );
  const drawn = caseView({
    vehicle: { W, h, bare: { m: 0, x: 0 }, masses: listed('vehicle') },
    trailer: { A, axles: 1, bare: { m: 0, x: 0 }, masses: listed('trailer') },
    limits,
  });
  const view: RigView = {
    ...drawn,
    vehicle: drawn.vehicle && {
      ...drawn.vehicle,
      geometry: { ...drawn.vehicle.geometry, frontOverhang: nose, rearOverhang: tail },
    },
    trailer: drawn.trailer && {
      ...drawn.trailer,
      geometry: { ...drawn.trailer.geometry, drawbarLength: A * 0.3, bodyLength },
    },
  };
  const loadoutOf = (aboard: ReadonlySet<Lump>) => ({
    ...view.loadout,
    placements: view.loadout.placements.filter(({ thing }) =>
      [...aboard].some(({ body, id }) => thing === `${body}-${id}`),
    ),
  });
  const slips = Array.from({ length: often(0.5) ? 1 : 2 }, (_, n): Ticket => {
    const aboard = onBoard();
    const then = truly([...aboard], W, h, A);
    const taken = ways.filter(() => often(0.4));
    const empty: Ticket = {
      id: `s${n}`,
      rig: 'rig',
      name: 's',
      date: `2026-0${n + 1}-01`,
      graduation: 10,
      readings: [],
    };
    const readings = taken.map(({ of, ...way }, at): Reading => {
      const value = of(then);
      const one: Reading = { id: `r${at}`, ...way, value };
      return { ...one, value: Math.max(0.001, value + normal() * sigmaOn(empty, one)) };
    });
    return { ...empty, readings, loadout: loadoutOf(aboard) };
  });
  return { view: onScale({ ...view, loadout: loadoutOf(now) }, slips), truth, hidden };
}

const runs = Number(process.env['RIGS'] ?? 2000);

describe('the state of a rig against what is really on board', () => {
  it('covers it as often as its ± says, passes nothing that is far over, and agrees with itself', () => {
    const counts = { weighed: [0, 0], listed: [0, 0], planned: [0, 0] };
    let judged = 0;
    for (let seed = 1; seed <= runs; seed += 1) {
      const { view, truth, hidden } = someRig(seed * 7919);
      const { loads, checks } = assess(view);
      const value = (name: QuantityName) => {
        const one = loads.values[name];
        return one.kind === 'known' ? one : null;
      };
      for (const name of quantityNames) {
        const [found, real] = [value(name), truth.loads[name]];
        if (!found || real === undefined || found.contradicted) continue;
        const by = (isState(loads) && loads.known[name]?.by) || 'planned';
        // A list does not know what it does not list: only a scale could.
        if (by === 'planned' && (hidden.vehicle || hidden.trailer)) continue;
        const count = counts[by];
        count[0] = (count[0] ?? 0) + 1;
        if (Math.abs(found.value - real) <= 2 * found.sigma + 1e-6) count[1] = (count[1] ?? 0) + 1;
      }
      for (const [limit, id] of Object.entries(limitRules)) {
        const check = checks.find((one) => one.id === id);
        if (!check || check.demand === null || check.limit === null || check.sense !== 'max') continue;
        const name = check.quantity as QuantityName;
        const real = truth.loads[name];
        if (real === undefined || !isState(loads) || loads.known[name]?.by === 'planned' || !loads.known[name])
          continue;
        judged += 1;
        const wrong = real > check.limit + 4 * (check.sigma ?? 0) + 1e-6 && check.status === 'within';
        expect(wrong, `seed ${String(seed)} ${limit}: ${check.status}`).toBe(false);
      }
      const near = (sum: readonly QuantityName[], of: QuantityName) => {
        const parts = [...sum, of].map(value);
        if (parts.some((one) => one === null)) return;
        const whole = parts.at(-1)?.value ?? NaN;
        const made = parts.slice(0, -1).reduce((all, one) => all + (one?.value ?? NaN), 0);
        expect(Math.abs(made - whole), `seed ${String(seed)} ${sum.join(' + ')} = ${of}`).toBeLessThan(1e-6);
      };
      near(['frontAxle', 'rearAxle'], 'vehicleTotal');
      near(['ballLoad', 'trailerAxles'], 'trailerTotal');
      near(['vehicleSolo', 'ballLoad'], 'vehicleTotal');
      near(['vehicleTotal', 'trailerAxles'], 'combination');
      near(['vehicleSolo', 'trailerTotal'], 'combination');
    }
    const share = ([all = 0, right = 0]: readonly number[]) => right / all;
    expect(counts.weighed[0]).toBeGreaterThan(runs);
    expect(counts.listed[0]).toBeGreaterThan(runs / 10);
    expect(counts.planned[0]).toBeGreaterThan(runs / 10);
    expect(judged).toBeGreaterThan(runs);
    expect(share(counts.weighed), JSON.stringify(counts)).toBeGreaterThan(0.93);
    expect(share(counts.weighed), JSON.stringify(counts)).toBeLessThan(0.97);
    expect(share(counts.listed), JSON.stringify(counts)).toBeGreaterThan(0.93);
    expect(share(counts.planned), JSON.stringify(counts)).toBeGreaterThan(0.93);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sayOf, setTankLevel } from '../edits/loadoutEdits.ts';
import { marginAfter } from '../limits/limitLine.ts';
import { viewRig } from '../document/viewRig.ts';
import { ballShare } from '../loads/ballShare.ts';
import { compile } from '../loads/compile.ts';
import type { Trailer } from '../rig/body.ts';
import { exampleWorkspace } from '../testing/examples.ts';
import { made, weightless } from '../testing/matrixRigs.ts';
import { assess } from '../verdict/assess.ts';
import { explain } from '../verdict/explain.ts';
import { findings } from '../limits/findings.ts';
import type { RigView } from './rigView.ts';
import { saidAgainst } from './saidAgainst.ts';
import { listedOn, listedOnBall } from './said.ts';
import type { Said } from './saidSchema.ts';

/** A trailer by itself of which nobody knows a length or an empty mass. */
const bare = (limits: Parameters<typeof made>[0]['limits'], trailer: Partial<Trailer> = {}): RigView => {
  const view = weightless(made({ limits: limits ?? {} }));
  const alone = view.trailer && { ...view.trailer, geometry: { axles: 1 }, ...trailer };
  return { ...view, vehicle: undefined, trailer: alone };
};
const say = (view: RigView, said: Omit<Said, 'body'>): RigView => ({
  ...view,
  loadout: { ...view.loadout, said: [{ body: view.trailer?.id ?? '', ...said }] },
});
const loadsOf = (view: RigView) => {
  const { values } = compile(view);
  return Object.fromEntries(
    Object.entries(values).map(([name, value]) => [name, value.kind === 'known' ? value.value : value.kind]),
  );
};
const margin = (view: RigView, id: string) => assess(view).checks.find((check) => check.id === id)?.margin ?? NaN;

describe('a trailer of which only its plates and a share are said', () => {
  const plates = { trailerMax: 2350, trailerAxlesMax: 2200 };
  it('loaded to its plate has 211.5 on the coupling and 2,138.5 on its axles', () => {
    const view = say(bare(plates), { total: 2350, ballShare: 0.09 });
    expect(loadsOf(view)).toMatchObject({ trailerTotal: 2350, ballLoad: 211.5, trailerAxles: 2138.5 });
    expect(margin(view, 'trailer.max')).toBeCloseTo(0, 9);
    expect(margin(view, 'trailer.axles')).toBeCloseTo(61.5, 9);
  });
  it('at 2,500 has 225 there, its axles over by 75 and all of it by 150', () => {
    const view = say(bare(plates), { total: 2500, ballShare: 0.09 });
    expect(loadsOf(view)['ballLoad']).toBeCloseTo(225, 9);
    expect(margin(view, 'trailer.axles')).toBeCloseTo(-75, 9);
    expect(margin(view, 'trailer.max')).toBeCloseTo(-150, 9);
  });
  it('says in its arithmetic where the share comes from', () => {
    const steps = explain(assess(say(bare(plates), { total: 2350, ballShare: 0.09 })), 'trailer.axles')?.steps ?? [];
    const results = steps.map(({ result }) => result.value);
    expect(results).toContainEqual(expect.closeTo(211.5, 9));
    expect(steps.flatMap(({ operands }) => operands.map(({ origin }) => origin?.key))).toContain('origin.said');
  });
});

it('a caravan of 1,180 with 71 on its nose is at 6.0 %, within limits of 80 and 100', () => {
  const view = say(bare({ ballMax: 80 }), { total: 1180, ballLoad: 71 });
  expect(100 * (ballShare(compile(view)) ?? NaN)).toBeCloseTo(6.017, 3);
  expect(margin(view, 'ball.max')).toBeCloseTo(9, 9);
  expect(assess(view).checks.find(({ id }) => id === 'ball.max')?.status).toBe('within');
});

describe('behind a car', () => {
  // Front 1,000, rear 900, wheelbase 2, the coupling 1 behind it; the trailer has no length and no papers.
  const rig = (said: Omit<Said, 'body'>, overhang = true) => {
    const view = made({});
    const geometry = overhang ? view.vehicle?.geometry : { wheelbase: 2 };
    const weightlessTrailer = view.trailer && { ...view.trailer, geometry: { axles: 1 }, emptyMass: undefined };
    const vehicle = view.vehicle && { ...view.vehicle, geometry: { ...geometry } };
    return say({ ...view, vehicle, trailer: weightlessTrailer }, said);
  };
  it('a said ball load makes coupling, axles, vehicle and all of it known', () => {
    // 80 kg on the coupling: rear 900 + 80·3/2, front 1,000 − 80·1/2.
    expect(loadsOf(rig({ total: 1000, ballLoad: 80 }))).toMatchObject({
      ballLoad: 80,
      trailerAxles: 920,
      vehicleTotal: 1980,
      combination: 2900,
      rearAxle: expect.closeTo(1020, 9) as number,
      frontAxle: expect.closeTo(960, 9) as number,
    });
  });
  it('the vehicle’s total needs the ball load, not where it presses', () => {
    expect(loadsOf(rig({ ballLoad: 80 }, false))).toMatchObject({
      ballLoad: 80,
      vehicleTotal: 1980,
      rearAxle: 'unknown',
      trailerTotal: 'unknown',
      trailerAxles: 'unknown',
    });
  });
  it('a total alone leaves the coupling unknown, and says that it is the ball load that is missing', () => {
    const { trailerTotal, ballLoad } = compile(rig({ total: 1000 })).values;
    expect(trailerTotal).toMatchObject({ kind: 'known', value: 1000 });
    expect(ballLoad.kind === 'unknown' && ballLoad.missing.map(({ code }) => code)).toEqual(['ballLoad']);
  });
  it('carries the ± of what is said', () => {
    const { ballLoad, trailerAxles, trailerTotal } = compile(
      rig({ total: 1000, totalPlusMinus: 40, ballShare: 0.08, ballSharePlusMinus: 0.02 }),
    ).values;
    const sigma = (value: typeof ballLoad) => (value.kind === 'known' ? value.sigma : NaN);
    expect(sigma(trailerTotal)).toBeCloseTo(20, 9);
    // 0.08·20 of the total, and 0.01·1,000 of the share; on the axles 0.92·20 and the same 10.
    expect(sigma(ballLoad)).toBeCloseTo(Math.hypot(1.6, 10), 6);
    expect(sigma(trailerAxles)).toBeCloseTo(Math.hypot(18.4, 10), 6);
  });
});

describe('what is put on after a total was said', () => {
  it('counts on top, and what was listed then is not counted twice', () => {
    const workspace = exampleWorkspace('australian-wagon-and-tandem');
    const rigId = workspace.rigs[0]?.id ?? '';
    const before = viewRig(workspace, rigId)!;
    const trailer = before.trailer!;
    const said = sayOf(
      workspace,
      before.loadout.id,
      trailer.id,
      { total: 2400 },
      { total: listedOn(before, trailer), ball: null },
    );
    const total = (document: typeof said) => loadsOf(viewRig(document, rigId)!)['trailerTotal'];
    expect(total(said)).toBeCloseTo(2400, 6);
    const [first] = before.loadout.placements.filter(({ body }) => body === trailer.id);
    const mass = (before.things.get(first?.thing ?? '')?.mass ?? NaN) * (first?.count ?? NaN);
    const lighter = {
      ...said,
      loadouts: said.loadouts.map((one) => ({ ...one, placements: one.placements.filter((p) => p !== first) })),
    };
    expect(total(lighter)).toBeCloseTo(2400 - mass, 6);
    const back = sayOf(said, before.loadout.id, trailer.id, { total: undefined }, { total: 0, ball: null });
    expect(back.loadouts.find(({ id }) => id === before.loadout.id)?.said).toBeUndefined();
  });
});

describe('what is put in after a ball load was said', () => {
  const workspace = exampleWorkspace('australian-wagon-and-tandem');
  const rigId = workspace.rigs[0]?.id ?? '';
  const view = (document: typeof workspace) => {
    const found = viewRig({ ...document, tickets: [] }, rigId);
    if (!found?.trailer) throw new Error('no trailer');
    return { ...found, trailer: found.trailer };
  };
  const before = view(workspace);
  const { trailer } = before;
  const tank = trailer.tanks.find(({ kind, capacityL }) => kind === 'fresh' && capacityL !== undefined);
  const axles = trailer.geometry.axlePosition ?? NaN;
  if (!tank?.capacityL) throw new Error('no tank');
  const [litres, x] = [tank.capacityL, 1.1];
  // The tank stands in front, and is empty on the day the ball load was read: 190.
  const inFront = {
    ...workspace,
    bodies: workspace.bodies.map((body) =>
      body.id === trailer.id
        ? { ...body, tanks: body.tanks.map((one) => (one.id === tank.id ? { ...one, x } : one)) }
        : body,
    ),
  };
  const filled = (document: typeof workspace, fraction: number) =>
    setTankLevel(document, before.loadout.id, trailer.id, tank.id, fraction);
  const empty = filled(inFront, 0);
  const said = sayOf(
    empty,
    before.loadout.id,
    trailer.id,
    { ballLoad: 190 },
    { total: 0, ball: listedOnBall(view(empty), view(empty).trailer) },
  );
  const of = (document: typeof workspace, name: 'ballLoad' | 'trailerAxles') => Number(loadsOf(view(document))[name]);

  it('moves it by the lever of where it is, and the axles by the rest', () => {
    expect(of(said, 'ballLoad')).toBeCloseTo(190, 9);
    const full = filled(said, 1);
    expect(of(full, 'ballLoad')).toBeCloseTo(190 + litres * (1 - x / axles), 6);
    expect(of(full, 'trailerAxles') - of(said, 'trailerAxles')).toBeCloseTo((litres * x) / axles, 6);
  });

  it('is foretold by the check before the tank is filled, as it is then', () => {
    const least = (document: typeof workspace) =>
      assess(view(document)).checks.find(({ role, margin, use }) => role === 'ballMost' && margin !== null && use);
    const [now, then] = [least(said), least(filled(said, 1))];
    if (!now || !then) throw new Error('no limit of the ball load');
    expect(marginAfter(now, [{ side: 'trailer', x, mass: litres }])).toBeCloseTo(then.margin ?? NaN, 6);
  });

  it('stays what it was where nobody kept what was listed that day', () => {
    const old = {
      ...said,
      loadouts: said.loadouts.map((one) => ({
        ...one,
        said: one.said?.map((each) => ({ ...each, ballListed: undefined })),
      })),
    };
    expect(of(filled(old, 1), 'ballLoad')).toBeCloseTo(190, 9);
  });
});

describe('a total that is said below what the body cannot weigh less than', () => {
  // Empty 2,500 by its papers, and "all of it 2,000".
  const papers = (limit: number) =>
    bare({ trailerMax: limit }, { emptyMass: { total: 2500, basis: 'dry' } as Trailer['emptyMass'] });
  const said = (limit: number, total = 2000) => say(papers(limit), { total, ballShare: 0.08 });
  const check = (view: RigView) => assess(view).checks.find(({ id }) => id === 'trailer.max');

  it('is a candidate beside the papers: within only where it is by both', () => {
    expect(check(said(2600))).toMatchObject({ status: 'within', margin: 100 });
    expect(check(said(2400))).toMatchObject({ status: 'unknown', missing: [{ code: 'figures' }] });
    expect(check(said(1900))?.status).toBe('over');
    const { trailerTotal } = compile(said(2400)).values;
    const alone = compile(papers(2400)).values.trailerTotal;
    expect(trailerTotal).toMatchObject({
      value: 2000,
      otherwise: { values: [alone.kind === 'known' ? alone.value : NaN] },
    });
  });

  it('is named with both figures, and not where its ± reaches them', () => {
    expect(findings(compile(said(2600))).find(({ code }) => code === 'saidBelowEmpty')?.message.params).toMatchObject({
      said: { value: 2000 },
      other: { value: 2500 },
    });
    const vague = say(papers(2600), { total: 2400, totalPlusMinus: 150 });
    expect(saidAgainst(vague, vague.trailer!)).toBeNull();
    expect(check(vague)?.missing).toEqual([]);
  });

  it('is held against what is listed where nobody knows what the body weighs empty', () => {
    const workspace = exampleWorkspace('australian-wagon-and-tandem');
    const view = viewRig({ ...workspace, tickets: [] }, workspace.rigs[0]?.id ?? '')!;
    const listed = listedOn(view, view.trailer!);
    const total = Math.round(listed / 2);
    const light = { ...say(view, { total, listed }), trailer: { ...view.trailer!, emptyMass: undefined } };
    expect(saidAgainst(light, light.trailer)).toEqual({ kind: 'belowListed', said: total, other: listed });
  });
});

it('whatever is said, coupling and axles together are the trailer', () => {
  const kilograms = fc.integer({ min: 1, max: 4000 });
  const ball = fc.oneof(
    fc.record({ ballLoad: kilograms }),
    fc.record({ ballShare: fc.integer({ min: 0, max: 1000 }).map((n) => n / 1000) }),
  );
  fc.assert(
    fc.property(kilograms, ball, (total, said) => {
      const { trailerTotal, ballLoad, trailerAxles } = loadsOf(say(made({}), { total, ...said }));
      expect(trailerTotal).toBeCloseTo(total, 9);
      expect(Number(ballLoad) + Number(trailerAxles)).toBeCloseTo(total, 6);
    }),
  );
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { roomInPlaces } from '../limits/roomInPlaces.ts';
import { tankContents } from '../loading/tankContents.ts';
import { payload } from '../limits/payload.ts';
import type { Message, Param } from '../messages/message.ts';
import type { Check } from '../checks/check.ts';
import { placeContents } from '../loading/placeContents.ts';
import { arbitraryRig } from '../testing/arbitraryRig.ts';
import { caseView, type CaseRig } from '../testing/caseRig.ts';
import { exampleNames, exampleView } from '../testing/examples.ts';
import { quantityNames } from '../statics/rigRows.ts';
import { assess } from './assess.ts';
import { legality } from './verdictLevel.ts';
import { explain } from './explain.ts';
import type { Step } from './explanation.ts';
import { pillars } from './pillars.ts';
import { summary } from './summary.ts';

const limits = { vehicleMax: 2300, frontAxleMax: 1150, rearAxleMax: 1200 };
const solo: CaseRig = { vehicle: { W: 3, h: 1, bare: { R_front: 1000, R_rear: 1000 } }, limits };
const verdict = (rig: CaseRig) => assess(caseView(rig));
const stub = (patch: Partial<Check>): Check =>
  ({ kind: 'legal', status: 'within', required: false, source: { confidence: 'high' }, ...patch }) as Check;

/** Every key in a message tree. */
function keys(one: Message): string[] {
  return [one.key, ...Object.values(one.params ?? {}).flatMap((param) => (isMessage(param) ? keys(param) : []))];
}
const isMessage = (param: Param): param is Message => typeof param === 'object' && !('kind' in param);

describe('legality', () => {
  it.each([
    ['nothing over, all required known', [stub({}), stub({ required: true })], true],
    ['a legal check over', [stub({ status: 'over' }), stub({ required: true, status: 'unknown' })], false],
    [
      'a legal check over of low confidence',
      [stub({ status: 'over', source: { confidence: 'low' } as Check['source'] })],
      null,
    ],
    ['a permit not had', [stub({ kind: 'permit', status: 'over' })], true],
    ['a maker’s limit over', [stub({ kind: 'maker', status: 'over' })], true],
    ['advice not followed', [stub({ kind: 'guidance', status: 'over' })], true],
    ['a required check unknown', [stub({ required: true, status: 'unknown' })], null],
    ['another legal check unknown', [stub({ status: 'unknown' })], null],
    [
      'a maker’s check or advice unknown',
      [stub({ kind: 'maker', status: 'unknown' }), stub({ kind: 'guidance', status: 'unknown' })],
      true,
    ],
    ['tight is legal', [stub({ status: 'tight', required: true })], true],
  ])('%s', (_title, checks, want) => {
    expect(legality(checks)).toBe(want);
  });
});

describe('the sentence', () => {
  it('names the place that fills first and the limit that fills it', () => {
    const rack = {
      ...solo,
      vehicle: {
        ...solo.vehicle,
        masses: [
          { id: 'rack', m: 20, x: 4.5 },
          { id: 'floor', m: 10, x: 1.5 },
        ],
      },
    } as CaseRig;
    const found = verdict(rack);
    expect(found.mark).toBe('legal');
    expect(found.sentence).toMatchObject({
      key: 'verdict.withinFirst',
      params: { place: { params: { text: 'rack' } }, limit: { params: { limit: { term: 'rearAxleMax' } } } },
    });
    // Rear axle: 1,000 + 20·1.5 + 10·0.5 = 1,035, so 165 free; a kg on the rack costs 1.5.
    expect(found.sentence.params?.['room']).toMatchObject({
      value: expect.closeTo(110, 6) as number,
      opens: 'room:vehicle/rack',
    });
  });

  it('says the worst excess, and that every total has room when only an axle is over', () => {
    const over = verdict({ ...solo, limits: { ...limits, rearAxleMax: 990 } });
    expect(over).toMatchObject({ legal: false, mark: 'over' });
    // In Australia an axle's rating is law of medium confidence, and the sentence says so.
    expect(over.sentence).toMatchObject({
      key: 'verdict.overThough',
      params: { what: { key: 'over.asFarAsKnown', params: { what: { key: 'over.axle.rear' } } } },
    });
    expect(over.governing?.id).toBe('axle.rear');
  });

  it('counts further excesses instead', () => {
    const over = verdict({ ...solo, limits: { vehicleMax: 1900, frontAxleMax: 990, rearAxleMax: 995 } });
    expect(over.sentence).toMatchObject({
      key: 'verdict.overMore',
      params: { count: 2, what: { key: 'over.vehicle.max' } },
    });
  });

  it('tells a maker’s limit from the law', () => {
    const found = verdict({ ...solo, limits: { ...limits, frontAxleMin: 1010 } });
    expect(found).toMatchObject({ legal: true, mark: 'maker' });
    expect(keys(found.sentence)).toEqual(expect.arrayContaining(['verdict.makerOver', 'over.axle.frontMin']));
  });

  it('is undecided while a required figure is missing, and says which', () => {
    const found = verdict({ ...solo, limits: { vehicleMax: 2300, frontAxleMax: 1150 } });
    // 1,000 and 1,000 of 2,300: what is known of the whole is said first.
    expect(found).toMatchObject({
      legal: null,
      mark: 'undecided',
      sentence: { key: 'verdict.knownBut', params: { left: { value: 300 }, most: { value: 2300 } } },
    });
    expect(keys(found.sentence)).toEqual(expect.arrayContaining(['missing.limit', 'where.rearAxleMax']));
    expect(verdict({ ...solo, limits: {} }).sentence).toMatchObject({
      key: 'verdict.undecidedForMore',
      params: { count: 2 },
    });
  });
});

/** Redoes a step from its operands alone, independently of how the product does it. */
function redo({ op, operands }: Step): number {
  const [a = 0, b = 0, c = 1] = operands.map((operand) => operand.value);
  const products = operands.map((operand) => operand.value * (operand.x ?? 1));
  const add = (list: readonly number[]) => list.reduce((sum, one) => sum + one, 0);
  const ways: Record<Step['op'], () => number> = {
    sum: () => add(operands.map((operand) => operand.value)),
    moments: () => add(products),
    weighted: () => add(products),
    difference: () => operands.slice(1).reduce((rest, operand) => rest - operand.value, a),
    quotient: () => a / b,
    product: () => operands.reduce((all, operand) => all * operand.value, 1),
    lever: () => (a * b) / c,
    lowest: () => [...operands].sort((one, other) => one.value - other.value)[0]?.value ?? NaN,
  };
  return ways[op]();
}

describe('the arithmetic of every number', () => {
  const all = {
    vehicleMax: 3000,
    frontAxleMax: 1500,
    rearAxleMax: 1700,
    combinationMax: 5000,
    towBraked: 2000,
    trailerMax: 2000,
    trailerAxlesMax: 1900,
    ballMax: 120,
  };

  const hitches = fc.option(
    fc.oneof(
      fc.record({ rho: fc.constantFrom(0.5, 1) }),
      fc.record({ T: fc.integer({ min: 100, max: 2000 }) }),
      fc.record({ rho: fc.constantFrom(0, 0.7), extension: fc.constantFrom(0.3, 0.6) }),
    ),
    { nil: undefined },
  );

  it('can be redone by hand, step by step, to the load and the margin, with bars and without', () => {
    fc.assert(
      fc.property(arbitraryRig, hitches, (rig, hitch) => {
        const assessment = verdict({ ...rig, limits: all, ...(hitch ? { hitch } : {}) });
        for (const check of assessment.checks) {
          if (check.margin === null) continue;
          const steps = explain(assessment, check.id)?.steps ?? [];
          for (const step of steps) expect(redo(step)).toBeCloseTo(step.result.value, 6);
          expect(steps.at(-1)?.result.value, check.id).toBeCloseTo(check.margin, 5);
        }
        for (const name of quantityNames) {
          const value = assessment.loads.values[name];
          if (value.kind !== 'known') continue;
          expect(explain(assessment, name)?.steps.at(-1)?.result.value, name).toBeCloseTo(value.value, 6);
        }
      }),
      { numRuns: 40 },
    );
  });

  it('uses every operand that is itself a result only after it was worked out', () => {
    const assessment = assess(exampleView('australian-wagon-and-tandem'));
    const worked = new Set<string>();
    for (const step of explain(assessment, 'axle.rear')?.steps ?? []) {
      for (const operand of step.operands) {
        if (operand.name.key.startsWith('step.')) expect(worked).toContain(JSON.stringify(operand.name));
      }
      worked.add(JSON.stringify(step.result.name));
    }
    expect(worked.size).toBeGreaterThan(6);
  });

  it('reaches the room in every place, the contents of each, every tank and every line of the payload', () => {
    for (const name of exampleNames) {
      const assessment = assess(exampleView(name));
      const { view } = assessment.loads;
      const last = (id: string) => {
        const steps = explain(assessment, id)?.steps ?? [];
        for (const step of steps) expect(redo(step), `${id} ${step.op}`).toBeCloseTo(step.result.value, 6);
        return steps.at(-1)?.result.value;
      };
      for (const one of roomInPlaces(view, assessment.checks)) {
        if (one.room.kind !== 'room' || one.room.most === null) continue;
        expect(last(`room:${one.body}/${one.place.id}`), one.place.name).toBeCloseTo(one.room.most, 6);
      }
      for (const [key, { mass }] of placeContents(view)) expect(last(`contents:${key}`)).toBeCloseTo(mass, 6);
      for (const side of ['vehicle', 'trailer'] as const) {
        const sheet = payload(assessment.loads, side);
        if (sheet?.camper) expect(last(`payload:${side}/camper`)).toBeCloseTo(sheet.camper, 6);
        for (const [part, mass] of Object.entries(sheet?.parts ?? {})) {
          expect(last(`payload:${side}/${part}`), part).toBeCloseTo(mass, 6);
        }
        for (const tank of view[side]?.tanks ?? []) {
          const level = view.loadout.tankLevels.find((one) => one.tank === tank.id)?.fraction ?? 0;
          expect(last(`tank:${view[side]?.id}/${tank.id}`)).toBeCloseTo(tankContents(tank, level) ?? NaN, 6);
        }
      }
    }
  });

  it('has nothing to say about what is unknown or absent', () => {
    const assessment = verdict({ vehicle: { W: 3, bare: { R_front: 900, R_rear: 900 } } });
    expect(explain(assessment, 'trailerTotal')).toBeNull();
    for (const id of [
      'nonsense',
      'room:no/where',
      'contents:no/where',
      'tank:no/where',
      'payload:side/part',
      'why:not',
    ]) {
      expect(explain(assessment, id), id).toBeNull();
    }
    expect(explain(assessment, 'vehicle.max')?.steps).toHaveLength(1);
  });
});

describe('the examples', () => {
  it.each([
    ['australian-wagon-and-tandem', false, 'over', 'axle.rear', ['axle.rear']],
    ['british-van-with-scooter', true, 'tight', 'axle.rear', []],
    ['german-estate-and-caravan', false, 'over', 'ball.min', ['ball.min']],
  ] as const)('%s', (name, legal, mark, governing, over) => {
    const found = assess(exampleView(name));
    expect(found).toMatchObject({ legal, mark });
    expect(found.governing?.id).toBe(governing);
    const ruling = found.checks.filter((check) => check.kind !== 'guidance' && check.status === 'over');
    expect(ruling.map((check) => check.id)).toEqual(over);
  });

  it('show what they are there to show', () => {
    const wagon = assess(exampleView('australian-wagon-and-tandem'));
    expect(wagon.sentence.key).toBe('verdict.overThough');
    const van = assess(exampleView('british-van-with-scooter'));
    const status = (id: string) => van.checks.find((check) => check.id === id)?.status;
    expect([status('axle.rear'), status('axle.frontMin'), status('axle.frontShare')]).toEqual([
      'tight',
      'tight',
      'over',
    ]);
    for (const name of exampleNames.slice(0, 3)) {
      expect(exampleView(name).loadout.placements.length).toBeGreaterThanOrEqual(20);
    }
  });

  it('give each support of the drawing the check that says most about it', () => {
    const found = pillars(assess(exampleView('german-estate-and-caravan')));
    expect(found.map((one) => [one.quantity, one.check?.id])).toEqual([
      ['frontAxle', 'axle.front'],
      ['rearAxle', 'axle.rear'],
      ['ballLoad', 'ball.min'],
      ['trailerAxles', 'trailer.axles'],
    ]);
  });

  it('are summed up for the route line', () => {
    expect(summary(assess(exampleView('australian-wagon-and-tandem')))).toEqual({
      figuresRead: 13,
      undecided: 0,
      thingsOnBoard: 31,
      over: 1,
      tight: 0,
    });
  });
});

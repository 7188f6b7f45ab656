import { describe, expect, it } from 'vitest';
import { doneDue, removeDue, setDue } from '../edits/dueEdits.ts';
import { readParsed } from '../files/readWorkspace.ts';
import type { Workspace } from '../document/workspace.ts';
import { viewRig } from '../document/viewRig.ts';
import { exampleWorkspace } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';
import type { Ticket } from '../loading/ticket.ts';
import { onDay } from '../loading/rigView.ts';
import { dueDates, monthsAfter } from './dueDates.ts';

const today = '2026-11-28';
/** The demo rig without what is noted of it. */
const yard = removeDue(
  removeDue(exampleWorkspace('german-estate-and-caravan'), 'kiebitz-430', 'gas-test'),
  'kiebitz-430',
  'inspection',
);
const due = (workspace: Workspace, tickets: readonly Ticket[] = []) => {
  const view = viewRig(workspace, workspace.rigs[0]?.id ?? '');
  if (!view) throw new Error('no rig');
  const on = onDay({ ...view, situation: { ...view.situation, date: today } }, today);
  return dueDates(on, assess(on).checks, tickets, workspace.cases, today);
};
const slip = (name: string, date?: string): Ticket => ({
  id: name,
  rig: yard.rigs[0]?.id ?? '',
  name,
  ...(date ? { date } : {}),
  graduation: 20,
  readings: [],
});
const weigh = (workspace: Workspace, tickets: readonly Ticket[]) =>
  due(workspace, tickets).find(({ kind }) => kind === 'weigh');
const withParts = (dates: readonly (string | undefined)[]): Workspace => ({
  ...yard,
  bodies: yard.bodies.map((body) => ({
    ...body,
    fitted: dates.map((date, at) => ({
      id: `part-${at}`,
      name: `Part ${at}`,
      on: { mass: 5 },
      inEmptyMass: 'no' as const,
      ...(date ? { date } : {}),
    })),
  })),
});

describe('weighing again', () => {
  it('is due where it never was done, or nobody knows when', () => {
    expect(weigh(yard, [])).toMatchObject({ day: null, state: 'late', why: { key: 'paper.due.neverWeighed' } });
    expect(weigh(yard, [slip('Quarry')])).toMatchObject({ day: null, why: { key: 'paper.due.slipUndated' } });
  });

  it('is due a year after the latest slip', () => {
    const slips = [slip('Late', '2026-03-01'), slip('Early', '2024-05-01')];
    expect(weigh(withParts([]), slips)).toMatchObject({ day: '2027-03-01', state: 'later' });
    expect(weigh(withParts([]), [slip('Old', '2025-12-20')])).toMatchObject({ day: '2026-12-20', state: 'soon' });
  });

  it('is due when the first part was fitted since', () => {
    const parts = withParts(['2026-05-01', '2026-04-02', '2025-01-01', undefined]);
    expect(weigh(parts, [slip('Quarry', '2026-03-01')])).toMatchObject({ day: '2026-04-02', state: 'late' });
  });
});

describe('tyres', () => {
  const tyred = (ageCode: string | undefined): Workspace => ({
    ...yard,
    bodies: yard.bodies.map((body) =>
      body.kind === 'trailer'
        ? { ...body, gear: [{ id: 'g', axle: 'trailer' as const, wheels: 2, ...(ageCode ? { ageCode } : {}) }] }
        : body,
    ),
  });

  it('are due when as old as is advised at most: made in week 10 of 2021, six years later', () => {
    const found = due(tyred('1021')).filter(({ kind }) => kind === 'tyres');
    expect(found).toHaveLength(1);
    const years = Number(found[0]?.why.params?.['years']);
    // The Monday of week 10 of 2021 was the eighth of March.
    const on = new Date(Date.UTC(2021 + years, 2, 8)).getTime();
    expect(Math.abs(new Date(found[0]?.day ?? '').getTime() - on) / 86_400_000).toBeLessThanOrEqual(2);
  });

  it('of an age nobody has read are no date', () => {
    expect(due(tyred(undefined)).filter(({ kind }) => kind === 'tyres')).toEqual([]);
  });
});

describe('what the owner noted', () => {
  const trailer = yard.bodies.find(({ kind }) => kind === 'trailer')?.id ?? '';
  const noted = setDue(yard, trailer, 'gas', {}, { kind: 'gas', day: '2026-12-31', everyMonths: 24 });
  const own = (workspace: Workspace) => due(workspace).filter((one) => one.own);

  it('stands among the dates with its body, and is a document that may be kept', () => {
    expect(own(noted)).toMatchObject([{ kind: 'gas', of: 'Kiebitz 430', day: '2026-12-31', state: 'soon' }]);
    expect(readParsed(noted).ok).toBe(true);
  });

  it('comes again after as many months once it was done, and goes where it does not', () => {
    expect(own(doneDue(noted, trailer, 'gas', '2026-12-15'))).toMatchObject([{ day: '2028-12-15' }]);
    const once = setDue(noted, trailer, 'gas', { everyMonths: undefined }, { kind: 'gas', day: today });
    expect(doneDue(once, trailer, 'gas', today)).toEqual(yard);
    expect(removeDue(noted, trailer, 'gas')).toEqual(yard);
  });

  it('keeps to the last day of a short month', () => {
    expect(monthsAfter('2027-01-31', 1)).toBe('2027-02-28');
    expect(monthsAfter('2026-11-28', 24)).toBe('2028-11-28');
  });
});

describe('a case under way', () => {
  it('is due by the days of its open steps, and by none once applied', () => {
    const wagon = exampleWorkspace('australian-wagon-and-tandem');
    const steps = [{ id: 'vehicle.insurer', due: '2026-12-05' }];
    const one = {
      id: 'c',
      rig: wagon.rigs[0]?.id ?? '',
      name: 'More mass',
      begun: '2026-10-01',
      packages: [
        {
          id: 'p',
          name: 'P',
          kind: 'paper',
          of: 'vehicle',
          limits: [{ limit: 'vehicleMax', by: 100 }],
          adds: [],
          costs: [],
          currency: 'AUD',
        },
      ],
      steps,
      certified: [],
    } as unknown as Workspace['cases'][number];
    const found = (of: Workspace['cases'][number]) =>
      due({ ...wagon, cases: [of] }).filter(({ kind }) => kind === 'step');
    expect(found(one)).toMatchObject([{ day: '2026-12-05', state: 'soon', what: { key: 'caseStep.insurer' } }]);
    expect(found({ ...one, applied: '2026-11-01' })).toEqual([]);
    expect(found({ ...one, steps: [{ id: 'vehicle.insurer', due: '2026-12-05', done: '2026-11-20' }] })).toEqual([]);
  });
});

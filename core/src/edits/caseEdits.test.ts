import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Workspace } from '../document/workspace.ts';
import { readWorkspace } from '../files/readWorkspace.ts';
import { writeWorkspace } from '../files/writeWorkspace.ts';
import { photosIn } from '../document/photosIn.ts';
import { mergeWorkspaces } from '../files/mergeWorkspaces.ts';
import { viewRig } from '../document/viewRig.ts';
import { lawfulCountries } from '../situation/countries.ts';
import { australianStates } from '../situation/situation.ts';
import { exampleWorkspace } from '../testing/examples.ts';
import { made } from '../testing/matrixRigs.ts';
import { hasWord } from '../testing/words.ts';
import { assess } from '../verdict/assess.ts';
import { assessTicket } from '../weighing/measured.ts';
import { caseProgress, routeOf } from '../uprating/caseProgress.ts';
import { allLaws } from '../jurisdictions/laws.ts';
import { caseStepNames } from '../jurisdictions/uprateLaw.ts';
import { roleOf } from '../uprating/caseRoles.ts';
import { examplePackages } from '../uprating/examplePackages.data.ts';
import { formerPlateEras, underPlatesUntil } from '../uprating/platesUntil.ts';
import type { UprateCase } from '../uprating/uprateCase.ts';
import type { UpratePackage } from '../uprating/upratePackage.ts';
import { applyCase } from './applyCase.ts';
import { addCase, changeCase, removeCase, setCaseStep, setCertified } from './caseEdits.ts';
import { addQuote, removeQuote, setQuote } from './quoteEdits.ts';
import { removeRig } from './removeRig.ts';

const today = '2026-11-20';
const named = (id: string): UpratePackage => {
  const one = examplePackages.find((entry) => entry.id === id);
  if (!one) throw new Error(id);
  return { ...one, name: id, currency: 'GBP' };
};
const begun: UprateCase = {
  id: 'air',
  rig: 'sandpiper',
  name: 'Air springs',
  begun: '2026-10-01',
  packages: [named('airSprings')],
  steps: [],
  certified: [],
};
let count = 0;
const newId = () => `new-${(count += 1)}`;
const withCase = (one: UprateCase = begun): Workspace => addCase(exampleWorkspace('british-van-with-scooter'), one);
const picture = 'a'.repeat(64);

/** The whole case, but for what is left out. */
function filled(leaveOut: readonly string[] = []): Workspace {
  const steps: readonly (readonly [string, (document: Workspace) => Workspace])[] = [
    [
      'certificate',
      (document) => setCaseStep(document, 'air', 'vehicle.certificate', { done: '2026-11-02', who: 'An engineer' }),
    ],
    ['entry', (document) => setCaseStep(document, 'air', 'vehicle.entry', { done: '2026-11-10' })],
    [
      'plate',
      (document) =>
        setCaseStep(document, 'air', 'vehicle.plate', {
          done: '2026-11-12',
          files: [{ hash: picture, name: 'plate.jpg', kind: 'picture' }],
        }),
    ],
    [
      'total',
      (document) => setCertified(document, 'air', { of: 'vehicle', limit: 'vehicleMax', part: undefined }, 3560),
    ],
    [
      'rear',
      (document) => setCertified(document, 'air', { of: 'vehicle', limit: 'rearAxleMax', part: undefined }, 2220),
    ],
  ];
  return steps.reduce((document, [name, edit]) => (leaveOut.includes(name) ? document : edit(document)), withCase());
}
const view = (document: Workspace, loadout?: string) => {
  const found = viewRig(document, 'sandpiper', loadout);
  if (!found) throw new Error('no rig');
  return found;
};
const figure = (document: Workspace, limit: string) =>
  document.bodies[0]?.plates.flatMap(({ figures }) => figures).find((one) => one.limit === limit)?.value;

describe('a case', () => {
  it('in Britain goes by the registration route, and says what decides', () => {
    const progress = caseProgress(view(withCase()), begun, today);
    expect(progress.routes.map(({ id }) => id)).toEqual(['ukVehicle']);
    expect(progress.items.filter(({ decides }) => decides).map(({ step }) => step)).toEqual([
      'certificate',
      'entry',
      'plate',
    ]);
    expect(progress.figures).toEqual([
      { of: 'vehicle', limit: 'vehicleMax', part: undefined, now: 3300, expected: 3580, read: null },
      { of: 'vehicle', limit: 'rearAxleMax', part: undefined, now: 2060, expected: 2220, read: null },
    ]);
    expect(progress.obstacles).toHaveLength(5);
  });

  it('knows what is late, what it has cost, and that a certificate is somebody’s', () => {
    const late = setCaseStep(withCase(), 'air', 'vehicle.fit', { due: '2026-11-01', cost: 640 });
    const progress = caseProgress(view(late), late.cases[0] ?? begun, today);
    expect(progress.items.find(({ step }) => step === 'fit')).toMatchObject({ state: 'late' });
    expect(progress.spent).toBe(640);
    const nobody = setCaseStep(filled(), 'air', 'vehicle.certificate', { who: undefined });
    expect(caseProgress(view(nobody), nobody.cases[0] ?? begun, today).obstacles).toMatchObject([{ code: 'evidence' }]);
  });

  it('can be renamed and dropped, and goes with its rig', () => {
    expect(changeCase(withCase(), 'air', { name: 'Springs' }).cases[0]?.name).toBe('Springs');
    expect(removeCase(withCase(), 'air').cases).toEqual([]);
    expect(removeRig(withCase(), 'sandpiper').cases).toEqual([]);
  });

  it('has a way in every country and state for both bodies, with words and a confidence; without a law, none', () => {
    const rig = made({ country: 'plates', limits: { vehicleMax: 3000 } });
    expect(routeOf(rig, { ...begun, packages: [{ ...named('paper'), of: 'vehicle', limits: [] }] }, 'vehicle')).toBe(
      null,
    );
    for (const country of lawfulCountries) {
      for (const state of country === 'AU' ? [undefined, ...australianStates] : [undefined]) {
        for (const of of ['vehicle', 'trailer'] as const) {
          for (const unregistered of [true, false]) {
            const rig = made({ country, ...(state ? { state } : {}), limits: { vehicleMax: 3000, trailerMax: 1500 } });
            const limit = of === 'vehicle' ? ('vehicleMax' as const) : ('trailerMax' as const);
            const packages = [{ ...named('paper'), of, limits: [{ limit, by: 100 }] }];
            const route = routeOf(rig, { ...begun, unregistered, packages }, of);
            expect(route?.steps, `${country} ${state} ${of}`).toContain('plate');
          }
        }
      }
    }
    for (const { id } of allLaws.flatMap(({ uprating }) => uprating?.routes ?? []))
      expect(hasWord(`caseRoute.${id}`), id).toBe(true);
    for (const step of caseStepNames) {
      expect(hasWord(`caseStep.${step}`), step).toBe(true);
      expect(hasWord(`caseRole.${roleOf[step]}`), step).toBe(true);
    }
  });

  it('tells state schemes apart, and raising from lowering', () => {
    const route = (state: (typeof australianStates)[number] | undefined, one: UpratePackage) =>
      routeOf(
        made({ country: 'AU', ...(state ? { state } : {}), limits: { vehicleMax: 3000, combinationMax: 5000 } }),
        { ...begun, packages: [one] },
        'vehicle',
      )?.id;
    expect(route('VIC', named('paper'))).toBe('auVic');
    expect(route('SA', named('paper'))).toBe('auPrior');
    expect(route(undefined, named('paper'))).toBe('auOther');
    expect(route('NSW', named('combination'))).toBe('auCombination');
    const german = made({ country: 'DE', alone: true, limits: { vehicleMax: 3850 } });
    expect(routeOf(german, { ...begun, packages: [named('downrate3500')] }, 'vehicle')?.id).toBe('deDown');
  });
});

describe('applying a case', () => {
  it('with everything recorded sets the figures as read, keeps the old plates, and brings the parts on board', () => {
    const applied = applyCase(filled(), 'air', today, newId);
    expect(figure(applied, 'vehicleMax')).toBe(3560);
    expect(figure(applied, 'rearAxleMax')).toBe(2220);
    const [body] = applied.bodies;
    expect(body?.formerPlates).toMatchObject([{ until: '2026-11-12', name: 'Air springs' }]);
    expect(body?.fitted.at(-1)).toMatchObject({ name: 'airSprings', on: { mass: 24, x: 3.1 }, date: '2026-11-12' });
    expect(body?.plates[0]).toMatchObject({ date: '2026-11-12', photo: picture });
    expect(applied.cases[0]?.applied).toBe(today);
    expect(readWorkspace(writeWorkspace(applied))).toEqual({ ok: true, workspace: applied });
    expect(photosIn(applied)).toContain(picture);
    expect(applyCase(applied, 'air', today, newId)).toBe(applied);
  });

  it('does nothing as long as anything is outstanding', () => {
    const all = ['certificate', 'entry', 'plate', 'total', 'rear'];
    fc.assert(
      fc.property(fc.subarray(all, { minLength: 1 }), (missing) => {
        const document = filled(missing);
        expect(applyCase(document, 'air', today, newId)).toBe(document);
      }),
      { numRuns: 31 },
    );
    expect(applyCase(withCase(), 'nobody', today, newId).bodies).toEqual(withCase().bodies);
  });

  it('lets the verdict and a past slip be read against either plate', () => {
    const applied = applyCase(filled(), 'air', today, newId);
    const now = view(applied, 'scooter-three-weeks');
    const once = underPlatesUntil(now, '2026-11-12');
    expect(formerPlateEras(now)).toEqual([{ until: '2026-11-12', names: ['Air springs'] }]);
    expect(assess(now).legal).toBe(true);
    expect(assess(once).legal).toBe(false);
    const [ticket] = applied.tickets;
    if (!ticket) throw new Error('no slip');
    const rear = (rig: typeof now) => assessTicket(rig, ticket).checks.find(({ id }) => id === 'axle.rear');
    expect(rear(now)?.limit).toBe(2220);
    expect(rear(once)?.limit).toBe(2060);
    expect(rear(now)?.demand).toBe(rear(once)?.demand);
  });

  it('with two changes of plates goes back to each of them', () => {
    const first = applyCase(filled(), 'air', today, newId);
    const again: UprateCase = {
      ...begun,
      id: 'paper',
      name: 'Papers',
      packages: [named('paper')],
      steps: (first.cases[0]?.steps ?? []).map((step) => ({ ...step, done: '2027-02-01' })),
      certified: [{ of: 'vehicle', limit: 'vehicleMax', value: 3600 }],
    };
    const second = applyCase(addCase(first, again), 'paper', '2027-02-02', newId);
    const total = (until: string) =>
      figure({ ...second, bodies: [underPlatesUntil(view(second), until).vehicle ?? []].flat() }, 'vehicleMax');
    expect(figure(second, 'vehicleMax')).toBe(3600);
    expect(total('2027-02-01')).toBe(3560);
    expect(total('2026-11-12')).toBe(3300);
    expect(formerPlateEras(view(second)).map(({ until }) => until)).toEqual(['2027-02-01', '2026-11-12']);
  });

  it('puts a figure no plate stated on a certificate', () => {
    const one: UprateCase = {
      ...begun,
      packages: [{ ...named('paper'), limits: [{ limit: 'towBraked', to: 1500 }] }],
    };
    const document = ['certificate', 'entry', 'plate'].reduce(
      (all, step) => setCaseStep(all, 'air', `vehicle.${step}`, { done: '2026-11-12', who: 'An engineer' }),
      setCertified(withCase(one), 'air', { of: 'vehicle', limit: 'towBraked', part: undefined }, 1500),
    );
    const applied = applyCase(document, 'air', today, newId);
    expect(applied.bodies[0]?.plates.at(-1)).toMatchObject({
      source: 'certificate',
      figures: [{ limit: 'towBraked', value: 1500, typed: '1500 kg' }],
    });
  });
});

describe('quotes', () => {
  const quote = { ...named('airSprings'), id: 'q1', rig: 'sandpiper', from: 'A workshop', excludes: [] };

  it('are kept, changed, dropped with what others say of them, and merged under new ids where they differ', () => {
    const one = addQuote(withCase(), quote);
    const two = addQuote(one, { ...quote, id: 'q2', excludes: ['q1'] });
    expect(setQuote(two, { ...quote, name: 'Better' }).quotes[0]?.name).toBe('Better');
    expect(removeQuote(two, 'q1').quotes).toMatchObject([{ id: 'q2', excludes: [] }]);
    const other = addQuote(withCase(), { ...quote, name: 'Other' });
    const merged = mergeWorkspaces(one, other);
    expect(merged.quotes.map(({ name }) => name)).toEqual(['airSprings', 'Other']);
    expect(merged.cases).toHaveLength(1);
    expect(readWorkspace(writeWorkspace(merged)).ok).toBe(true);
  });
});

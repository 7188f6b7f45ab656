import { describe, expect, it } from 'vitest';
import { makeMove } from '../edits/moveEdits.ts';
import { viewRig } from '../document/viewRig.ts';
import { exampleNames, exampleWorkspace } from '../testing/examples.ts';
import { made, weightless } from '../testing/matrixRigs.ts';
import { assess } from './assess.ts';
import { nextStep } from './nextStep.ts';
import { remedies } from './remedies.ts';

const viewOf = (document: ReturnType<typeof exampleWorkspace>) => {
  const view = viewRig(document, document.rigs[0]?.id ?? '');
  if (!view) throw new Error('no rig');
  return view;
};

/** Every plate a little tighter than what it bears now, one limit at a time, so that something is over. */
function tightened(name: (typeof exampleNames)[number]) {
  const document = exampleWorkspace(name);
  const now = assess(viewOf(document)).checks;
  return document.bodies.flatMap((body, at) =>
    body.plates.flatMap((plate, which) =>
      plate.figures.flatMap((figure, nth) => {
        const check = now.find(
          ({ figures, demand, quantity }) =>
            demand !== null &&
            quantity !== 'plated' &&
            figures.some((one) => one.body === body.id && one.limit === figure.limit),
        );
        if (check?.demand === undefined || check.demand === null || check.demand < 30 || check.sense === 'min')
          return [];
        const next = structuredClone(document);
        const own = next.bodies[at]?.plates[which]?.figures[nth];
        if (own) own.value = check.demand - 12;
        return [{ id: check.id, document: next }];
      }),
    ),
  );
}

describe('a remedy, carried out', () => {
  it('brings its check right, breaks no other, and leaves what it foretold', () => {
    let tried = 0;
    for (const name of exampleNames) {
      for (const { id, document } of tightened(name)) {
        const before = assess(viewOf(document));
        const check = before.checks.find((one) => one.id === id);
        for (const remedy of check ? remedies(before, check) : []) {
          if (!remedy.move) continue;
          tried += 1;
          const after = assess(viewOf(makeMove(document, document.loadouts[0]?.id ?? '', remedy.move)));
          const where = `${name} ${id} ${remedy.kind} ${remedy.name}`;
          expect(after.checks.find((one) => one.id === id)?.status, where).not.toBe('over');
          for (const one of after.checks) {
            const was = before.checks.find((other) => other.id === one.id);
            if (one.status === 'over' && one.kind !== 'guidance' && one.kind !== 'permit')
              expect(was?.status, `${where}: ${one.id}`).toBe('over');
          }
          for (const { check: other, margin } of remedy.effects) {
            const now = after.checks.find((one) => one.id === other.id)?.margin;
            if (now !== null && now !== undefined) expect(now, `${where}: ${other.id}`).toBeCloseTo(margin, 6);
          }
        }
      }
    }
    expect(tried).toBeGreaterThan(30);
  });
});

describe('the next step', () => {
  it('is the smallest mend of the worst excess', () => {
    const step = nextStep(assess(viewOf(exampleWorkspace('australian-wagon-and-tandem'))), 0);
    expect(step).toMatchObject({
      kind: 'mend',
      check: { id: 'axle.rear' },
      remedy: { kind: 'move', name: 'Recovery kit', mass: 31 },
    });
  });

  it('is to look at an excess that no single thing mends', () => {
    const step = nextStep(assess(made({ alone: true, limits: { vehicleMax: 1500 } })), 0);
    expect(step).toMatchObject({ kind: 'look', check: { id: 'vehicle.max' } });
  });

  it('is the fact that settles most, then the owner’s order', () => {
    const limits = { vehicleMax: 2500, frontAxleMax: 1300, rearAxleMax: 1300 };
    expect(nextStep(assess(made({ alone: true })), 0)).toEqual({ kind: 'go', to: 'plates' });
    const unknown = nextStep(assess(weightless(made({ alone: true, limits }))), 0);
    expect(unknown).toMatchObject({ kind: 'find', fact: { what: { key: 'missing.emptyMass' } } });
    const view = made({ alone: true, limits });
    expect(nextStep(assess(view), 0)).toEqual({ kind: 'go', to: 'load' });
    const peopled = { ...view, loadout: { ...view.loadout, crew: [{ id: 'a', name: 'a', mass: 80 }] } };
    const seats = [{ id: 'wheel', name: 'wheel', x: 1, driver: true }];
    const seated = {
      ...peopled,
      vehicle: view.vehicle && { ...view.vehicle, seats },
      loadout: { ...peopled.loadout, crew: [{ id: 'a', name: 'a', mass: 80, seat: 'wheel' }] },
    };
    expect(nextStep(assess(seated), 0)).toEqual({ kind: 'go', to: 'weigh' });
    expect(nextStep(assess(seated), 2)).toEqual({ kind: 'go', to: 'card' });
  });
});

import { describe, expect, it } from 'vitest';
import { viewRig } from '../document/viewRig.ts';
import { exampleWorkspace } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';

/** The verdict of an example that is legal, after something no reader would have let in. */
const after = (change: (document: ReturnType<typeof exampleWorkspace>) => void) => {
  const document = exampleWorkspace('german-motorhome');
  change(document);
  return assess(viewRig(document, document.rigs[0]!.id)!);
};

describe('figures from which no number follows', () => {
  it('are no figures of a legal rig', () => {
    expect(after(() => undefined).legal).toBe(true);
    for (const mass of [NaN, Infinity, 1e308]) {
      const { legal, checks, loads } = after((document) => {
        document.loadouts[0]!.crew[0]!.mass = mass;
      });
      expect(legal).not.toBe(true);
      const total = checks.find(({ id }) => id === 'vehicle.max');
      if (Number.isFinite(mass)) expect(total?.status).toBe('over');
      else {
        expect(total).toMatchObject({ status: 'unknown', demand: null, margin: null });
        expect(total?.missing).toMatchObject([{ code: 'reckoning' }]);
        expect(loads.values.vehicleTotal).toMatchObject({ kind: 'unknown', missing: [{ code: 'reckoning' }] });
      }
      for (const { demand, limit, margin, sigma } of checks) {
        for (const one of [demand, limit, margin, sigma]) expect(one === null || Number.isFinite(one)).toBe(true);
      }
    }
  });

  it('leave a limit that is none unknown too', () => {
    const { checks } = after((document) => {
      for (const figure of document.bodies[0]!.plates.flatMap(({ figures }) => figures)) figure.value = NaN;
    });
    expect(
      checks.filter(({ status }) => status === 'within' || status === 'over').map(({ limit }) => limit),
    ).not.toContain(NaN);
  });
});

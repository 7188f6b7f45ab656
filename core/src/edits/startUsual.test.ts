import { describe, expect, it } from 'vitest';
import { emptyWorkspace } from '../document/emptyWorkspace.ts';
import { viewRig } from '../document/viewRig.ts';
import { assess } from '../verdict/assess.ts';
import { addKnownRig } from './startRig.ts';

const pound = 0.45359237;
const lb = (value: number) => ({ value: value * pound, typed: `${value} lb` });

describe('a trailer of which only dry mass, plate and hitch weight are known, with battery, gas and water put in', () => {
  let next = 0;
  const made = (typical: boolean) => {
    const { workspace, rigId } = addKnownRig(
      emptyWorkspace('start', 'Start'),
      {
        build: 'wagon',
        country: 'plates',
        axles: 1,
        today: '2026-06-01',
        typical,
        vehicle: null,
        trailer: {
          limits: { trailerMax: lb(4850) },
          basis: 'dry',
          empty: lb(3720),
          emptyBall: lb(410),
          atFront: lb(130),
          water: { value: 94.635, typed: '25 us gal' },
        },
      },
      { newId: () => `id${(next += 1)}`, word: ({ key }) => key },
    );
    const view = viewRig(workspace, rigId);
    if (!view) throw new Error('no rig');
    return assess(view);
  };

  it('keeps its total, and says what it lacks for the coupling', () => {
    const { values } = made(false).loads;
    expect(values.trailerTotal).toMatchObject({ kind: 'known' });
    expect(values.trailerTotal.kind === 'known' && values.trailerTotal.value / pound).toBeCloseTo(
      3720 + 130 + 208.6,
      0,
    );
    expect(values.ballLoad).toMatchObject({ kind: 'unknown', missing: [{ code: 'ballLoad' }] });
  });

  it('has so much on the coupling as is usual: the empty load kept, what is ahead of the axles added by its lever', () => {
    const { values } = made(true).loads;
    if (values.ballLoad.kind !== 'known') throw new Error('not known');
    // Plated 2,200 kg on one axle: its axle 4.15 m behind the ball, the drawbar 1.3 m, 53 % of the body ahead of the axle.
    const locker = 1.3 + (0.07 * (4.15 - 1.3)) / 0.53;
    const water = 94.635 / pound;
    const byHand = 410 + 130 * (1 - locker / 4.15) + water * (1 - (4.15 - 0.1) / 4.15);
    expect(values.ballLoad.value / pound).toBeCloseTo(byHand, 6);
    expect(values.ballLoad.typical?.map(({ missing }) => missing.code)).toContain('axlePosition');
  });
});

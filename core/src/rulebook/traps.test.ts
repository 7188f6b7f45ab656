import { describe, expect, it } from 'vitest';
import { compile } from '../loading/compile.ts';
import { situationIn } from '../situation/situation.ts';
import { ballLoadFromJockey } from '../statics/ballScales.ts';
import { tyreCapacity } from '../limits/tyreCapacity.ts';
import { caseView, type CaseRig } from '../testing/caseRig.ts';
import { runRulebook } from './runRulebook.ts';

/** Mistakes people make with these figures, each shown not to be made here. Ball load 100 kg of 1,000 throughout. */
const rig: CaseRig = {
  vehicle: { W: 3, h: 1, bare: { R_front: 1000, R_rear: 900 } },
  trailer: { A: 4, axles: 1, bare: { m: 1000, x: 3.6 } },
};
const check = (limits: CaseRig['limits'], id: string, country: 'AU' | 'GB' | 'DE' = 'AU') => {
  const view = caseView({ ...rig, limits });
  return runRulebook(compile({ ...view, situation: situationIn('here', 'here', country) })).find(
    (one) => one.id === id,
  );
};

describe('traps', () => {
  it('the ball load counts on the vehicle', () => {
    expect(check({ vehicleMax: 1950 }, 'vehicle.max')).toMatchObject({ demand: 2000, status: 'over' });
  });

  it('the ball load counts once in the combination', () => {
    expect(check({ combinationMax: 2900 }, 'combination.max')).toMatchObject({
      demand: 2900,
      status: 'within',
      margin: 0,
    });
  });

  it('the axles of the trailer are not the trailer: each against its own plate', () => {
    expect(check({ trailerMax: 950 }, 'trailer.max')).toMatchObject({ demand: 1000, status: 'over' });
    expect(check({ trailerAxlesMax: 950 }, 'trailer.axles')).toMatchObject({ demand: 900, status: 'within' });
  });

  it('a total with room says nothing of an axle', () => {
    const limits = { vehicleMax: 2300, rearAxleMax: 1000 };
    expect(check(limits, 'vehicle.max')?.status).toBe('within');
    expect(check(limits, 'axle.rear')).toMatchObject({ status: 'over' });
  });

  it('a plated trailer above the towing limit is no offence; a loaded one is', () => {
    expect(check({ trailerMax: 1500, towBraked: 1100 }, 'tow.braked')?.status).toBe('within');
  });

  it('towed mass is the axle load in Germany and the whole trailer elsewhere, and both are said', () => {
    expect(check({ towBraked: 950 }, 'tow.braked', 'DE')).toMatchObject({
      demand: 900,
      status: 'within',
      notes: [{ key: 'check.note.towByAxle' }],
    });
    expect(check({ towBraked: 950 }, 'tow.braked', 'GB')).toMatchObject({
      demand: 1000,
      status: 'over',
      notes: [{ key: 'check.note.towByTotal' }],
    });
    expect(check({ towBraked: 950 }, 'tow.braked', 'AU')).toMatchObject({ demand: 1000, status: 'over', notes: [] });
  });

  it('a light ball is an offence in Germany only, capped at 25 kg', () => {
    const light: CaseRig = { ...rig, trailer: { A: 4, axles: 1, bare: { m: 1500, x: 3.93 } } };
    const found = (country: 'AU' | 'GB' | 'DE') => {
      const view = caseView(light);
      return runRulebook(compile({ ...view, situation: situationIn('here', 'here', country) })).find(
        (one) => one.id === 'ball.min',
      );
    };
    // 26.25 kg: under 4 % of 1,500, above 25.
    expect(found('DE')).toMatchObject({ kind: 'legal', limit: 25, status: 'within' });
    expect(found('GB')).toBeUndefined();
  });

  it('the jockey wheel reads too much', () => {
    expect(ballLoadFromJockey(115, 0.5, 4)).toBeCloseTo(100.625, 9);
  });

  it('a tandem has single wheels: the first index counts', () => {
    expect(tyreCapacity('107/105', false, 4)?.capacity).toBe(3900);
  });

  it('five per cent over is over: no tolerance anywhere', () => {
    for (const country of ['AU', 'GB', 'DE'] as const) {
      expect(check({ trailerMax: 999.9 }, 'trailer.max', country)?.status, country).toBe('over');
      expect(check({ trailerMax: 1000 }, 'trailer.max', country)?.status, country).toBe('within');
    }
  });
});

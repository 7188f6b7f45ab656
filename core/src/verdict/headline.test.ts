import { describe, expect, it } from 'vitest';
import { emptyWorkspace } from '../document/emptyWorkspace.ts';
import { viewRig } from '../document/viewRig.ts';
import { addKnownRig, type KnownRig } from '../edits/startRig.ts';
import { notAsked } from '../rules/rule.ts';
import { seats } from '../rules/seats.ts';
import { nearThresholds } from '../rulebook/thresholds.ts';
import { flat } from '../testing/flat.ts';
import { caseView } from '../testing/caseRig.ts';
import { assess } from './assess.ts';

/** A motorhome of which its plate and one weighing of all wheels are known. */
function motorhome(plate: number, weighed: number, people?: number) {
  let next = 0;
  const figure = (value: number) => ({ value, typed: String(value) });
  const known: KnownRig = {
    build: 'motorhome',
    country: 'DE',
    axles: 1,
    today: '2026-05-03',
    vehicle: {
      limits: { vehicleMax: figure(plate) },
      weighed: figure(weighed),
      ...(people === undefined ? {} : { people: figure(people) }),
    },
    trailer: null,
  };
  const tools = { newId: () => `id-${String((next += 1))}`, word: ({ key }: { key: string }) => key };
  const { workspace, rigId } = addKnownRig(emptyWorkspace('start', 'Start'), known, tools);
  const view = viewRig(workspace, rigId);
  if (!view) throw new Error('no rig');
  return assess(view);
}

describe('the headline of a rig that is known by its total', () => {
  it('is over as soon as that is over, though its axles are unknown', () => {
    const { legal, mark, sentence } = motorhome(3500, 3560);
    expect([legal, mark]).toEqual([false, 'over']);
    expect(flat(sentence)).toMatch(/over\.vehicle\.max .*excess=60kg/);
  });

  it('says that it is full to the kilogram, though its axles are unknown', () => {
    const { mark, sentence } = motorhome(3500, 3500);
    expect(mark).toBe('undecided');
    expect(flat(sentence)).toMatch(/^verdict\.knownBut.*left=0kg/);
  });

  it('counts nobody where people are given by their mass together', () => {
    const { checks, loads } = motorhome(3500, 3300, 225);
    const judged = (all: typeof checks) => all.find(({ rule }) => rule === seats.id);
    expect(judged(checks)).toBeUndefined();
    expect(notAsked(seats, loads.view).key).toBe('rule.notAsked.people');
    // Once they are given a seat they are one, and counted.
    const { view } = loads;
    const crew = view.loadout.crew.map((one) => ({ ...one, seat: 'front' }));
    const seated = assess({ ...view, loadout: { ...view.loadout, crew } });
    expect(judged(seated.checks)).toMatchObject({ demand: 1, unit: 'people' });
  });
});

describe('the mark where a licence ends', () => {
  const pair = (trailerMax: number) => {
    const view = caseView({
      vehicle: { W: 2.7, h: 1, bare: { R_front: 900, R_rear: 800 } },
      trailer: { A: 3.5, axles: 1, bare: { m: 500, x: 3.3 } },
      limits: { vehicleMax: 4250 - trailerMax, trailerMax },
    });
    const at = { country: 'DE' as const };
    const situation = { ...view.situation, vehicle: at, trailer: at };
    return nearThresholds(assess({ ...view, situation }).loads).filter(({ facts }) => facts.id === 'euSum96');
  };

  it('is told beside a trailer that asks for it, and not beside one of 750 kg, which B covers by itself', () => {
    expect(pair(1500)).toHaveLength(1);
    expect(pair(751)).toHaveLength(1);
    expect(pair(750)).toEqual([]);
  });
});

import { describe, expect, it } from 'vitest';
import type { PackingAim } from '../loading/packingWish.ts';
import type { RigView } from '../loading/rigView.ts';
import cases from '../testing/cases/packing.json' with { type: 'json' };
import { patient, testSolver } from '../testing/highs.ts';
import { packingView, packingWish, shareGuards, type PackingCase } from '../testing/packingCase.ts';
import { massAlong } from '../balance/yawInertia.ts';
import { compile } from '../loads/compile.ts';
import { decisionsOf } from './decisions.ts';
import { inOrder } from './inOrder.ts';
import { packed } from './pack.ts';
import { packingMoves } from './packingMoves.ts';
import { packingProgramme } from './packingProgramme.ts';

interface Expected {
  readonly feasible: boolean;
  readonly value?: number;
  readonly optima?: readonly Readonly<Record<string, string>>[];
}

const aimOf: Readonly<Record<PackingCase['objective'], PackingAim>> = {
  minMoves: 'fewestMoves',
  minYawInertia: 'leastInertia',
  minLeftHome: 'leastLeft',
  feasible: 'fewestMoves',
};

/** The case takes the empty trailer for a point at its centre; what is on it by the rig itself. */
function inertiaOf({ rig }: PackingCase, after: RigView): number {
  const { A = NaN, bare } = rig.trailer ?? {};
  const loads = massAlong(compile(after), 'trailer');
  const empty = bare && 'x' in bare ? bare.m * (bare.x - A) ** 2 : NaN;
  return (loads?.inertia ?? NaN) - (loads?.least ?? NaN) + empty;
}

describe.each(cases as unknown as readonly { id: string; title: string; given: PackingCase; expect: Expected }[])(
  '$id $title',
  ({ given, expect: wanted }) => {
    const view = packingView(given);
    const aim = aimOf[given.objective];
    const plain = {
      moments: [view],
      decisions: decisionsOf([view], packingWish(given), 'spare'),
      options: { band: false, certain: false },
      aims: [aim],
    };
    const first = packingProgramme(plain);
    const [like] = first.guarded.guards;
    if (!like) throw new Error('a case has limits');
    const effects = first.units.map(({ effect }) => effect);
    const guards = [...first.guarded.guards, ...shareGuards(given, view, effects, like)];
    const programme = packingProgramme({ ...plain, guarded: { ...first.guarded, guards } });
    const found = inOrder(programme, [aim], testSolver, { ...patient, near: 0 });

    it('finds one of the best, or that there is none', () => {
      expect(found.kind).toBe(wanted.feasible ? 'found' : 'none');
      if (found.kind !== 'found') return;
      const [reached] = found.reached;
      expect(reached?.proven).toBe(true);
      const after = packed(view, packingMoves(programme, found.values));
      const value = given.objective === 'minYawInertia' ? inertiaOf(given, after) : reached?.value;
      expect(value).toBeCloseTo(wanted.value ?? NaN, 3);
      const where = Object.fromEntries(
        given.items.map(({ id }) => [
          id,
          after.loadout.placements.find(({ thing }) => thing === id)?.place ?? '(home)',
        ]),
      );
      expect(wanted.optima).toContainEqual(where);
    });
  },
);

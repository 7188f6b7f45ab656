import { describe, expect, it } from 'vitest';
import { comparesLoad, type Check } from '../checks/check.ts';
import type { RigView } from '../loading/rigView.ts';
import { chances } from '../testing/chances.ts';
import { exampleRigs, shuffledRig } from '../testing/shuffledRig.ts';
import { exampleView } from '../testing/examples.ts';
import { assess, judge } from '../verdict/assess.ts';
import { remedies } from '../verdict/remedies.ts';
import { marginAfter, type Shift } from './limitLine.ts';
import { moveCandidates } from './loadMoves.ts';
import { roomInPlaces } from './roomInPlaces.ts';
import { withMove } from './withMove.ts';

const ute = exampleView('australian-ute-camper-and-boat');

/** The ute with another plate on its camper. */
const camperPlated = (kg: number): RigView => ({
  ...ute,
  camper: ute.camper && {
    ...ute.camper,
    plates: ute.camper.plates.map((plate) => ({
      ...plate,
      figures: plate.figures.map((figure) =>
        figure.limit === 'camperMax' ? { ...figure, value: kg, typed: String(kg) } : figure,
      ),
    })),
  },
});

/** The rig with so many kg more in a place, as a thing of its own. */
function withMore(view: RigView, body: string, place: string, mass: number): RigView {
  const things = new Map(view.things).set('more', { id: 'more', name: 'More', mass });
  const placements = [...view.loadout.placements, { thing: 'more', count: 1, body, place }];
  return { ...view, things, loadout: { ...view.loadout, placements } };
}

const leftOf = (view: RigView, id: string) => judge(view).checks.find((check) => check.id === id)?.margin;

/** What the lines foretell of a changed rig against all of it reckoned anew: each limit of which both are known. */
function apart(checks: readonly Check[], shifts: readonly Shift[], then: RigView): readonly string[] {
  const anew = new Map(judge(then).checks.map((check) => [check.id, check]));
  return checks.flatMap((check) => {
    const [told, now] = [marginAfter(check, shifts), anew.get(check.id)?.margin ?? null];
    if (!comparesLoad(check) || told === null || now === null) return [];
    return Math.abs(told - now) > 1e-6 ? [`${check.id}: ${String(told)} for ${String(now)}`] : [];
  });
}

function everyMove(view: RigView, take: (at: number) => boolean): { tried: number; wrong: readonly string[] } {
  const { checks } = judge(view);
  const rooms = roomInPlaces(view, checks);
  const moves = moveCandidates(view, ['vehicle', 'trailer']);
  const wrong: string[] = [];
  let tried = 0;
  moves.forEach((move, at) => {
    if (!take(at)) return;
    tried += 1;
    wrong.push(...apart(checks, move.shifts, { ...view, loadout: withMove(view.loadout, move) }));
  });
  rooms.forEach(({ side, body, place, x }, at) => {
    if (x === null || !take(at + moves.length)) return;
    tried += 1;
    const shift = { side, body, place: place.id, x, mass: 10 };
    wrong.push(...apart(checks, [shift], withMore(view, body, place.id, 10)));
  });
  return { tried, wrong };
}

describe('the one line of a limit', () => {
  it.each(exampleRigs.map((view) => [view.rig.name, view] as const))(
    'foretells every limit of %s after every move and in every place',
    (_name, view) => {
      const { tried, wrong } = everyMove({ ...view, slips: undefined }, () => true);
      expect(tried).toBeGreaterThan(5);
      expect(wrong).toEqual([]);
    },
  );

  it('foretells every limit of 2,000 rigs that nobody has seen', () => {
    const random = chances(41);
    let all = 0;
    for (let n = 0; n < 2000; n += 1) {
      const { tried, wrong } = everyMove(shuffledRig(random), () => random.often(0.06));
      all += tried;
      expect(wrong).toEqual([]);
    }
    expect(all).toBeGreaterThan(5000);
  });

  it('of a camper ends what goes into it, and what lies beside it on its tray', () => {
    const view = camperPlated(870);
    const left = leftOf(view, 'camper.max') ?? NaN;
    expect(left).toBeGreaterThan(0);
    expect(left).toBeLessThan(20);
    for (const { body, place, room } of roomInPlaces(view, judge(view).checks)) {
      if (body !== view.camper?.id) continue;
      expect(room.kind === 'room' ? room.most : null, place.id).toBeLessThanOrEqual(left + 1e-9);
    }
  });

  it('lets every place take exactly so much, and no kilogram more', () => {
    for (const view of [ute, camperPlated(870), ...exampleRigs]) {
      const plain = { ...view, slips: undefined };
      for (const { body, place, room } of roomInPlaces(plain, judge(plain).checks)) {
        if (room.kind !== 'room' || room.most === null || room.mends || !room.binding) continue;
        const { id } = room.binding;
        const full = leftOf(withMore(plain, body, place.id, room.most), id);
        expect(full, `${place.id} ${id}`).toBeCloseTo(0, 6);
      }
    }
  });

  it('offers to empty the tank of a camper that is over its plate by 30 kg with nothing else in it', () => {
    const placements = ute.loadout.placements.filter(({ body }) => body !== ute.camper?.id);
    const bare = (kg: number): RigView => ({ ...camperPlated(kg), loadout: { ...ute.loadout, placements } });
    const over = bare(2000 - (leftOf(bare(2000), 'camper.max') ?? NaN) - 30);
    const assessment = assess(over);
    const check = assessment.checks.find(({ id }) => id === 'camper.max');
    expect(check?.margin).toBeCloseTo(-30, 6);
    const found = check ? remedies(assessment, check) : [];
    expect(found.map(({ kind, name }) => `${kind} ${name}`)).toEqual(['drain Fresh water']);
    const after = found[0]?.move ? withMove(over.loadout, found[0].move) : over.loadout;
    expect(leftOf({ ...over, loadout: after }, 'camper.max')).toBeGreaterThanOrEqual(0);
  });
});

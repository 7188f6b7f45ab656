import { describe, expect, it } from 'vitest';
import type { RigView } from '../loading/rigView.ts';
import { compile } from '../loads/compile.ts';
import { exampleView } from '../testing/examples.ts';
import { compareSwaying } from './compareSwaying.ts';

const wagon = exampleView('australian-wagon-and-tandem');

/** The wagon with something in places of its caravan, front to rear. */
function with40(view: RigView, ...places: readonly string[]): RigView {
  const things = new Map([
    ...view.things,
    ['weight', { id: 'weight', name: 'Weight', mass: 40 / places.length }] as const,
  ]);
  const body = view.trailer?.id ?? '';
  const placements = places.map((place) => ({ thing: 'weight', count: 1, body, place }));
  return { ...view, things, loadout: { ...view.loadout, placements: [...view.loadout.placements, ...placements] } };
}
const byX = [...(wagon.trailer?.places ?? [])].sort((a, b) => (a.x ?? 0) - (b.x ?? 0)).map(({ id }) => id);
const [front = ''] = byX;
const rear = byX.at(-1) ?? '';
const axle = wagon.trailer?.geometry.axlePosition ?? NaN;
const overAxle = [...(wagon.trailer?.places ?? [])].sort(
  (a, b) => Math.abs((a.x ?? 0) - axle) - Math.abs((b.x ?? 0) - axle),
)[0]?.id;

describe('two loadings beside each other', () => {
  it('are alike where nothing was moved', () => {
    expect(compareSwaying(compile(wagon), compile(wagon))?.verdict).toBe('alike');
  });

  it('is livelier with a mass carried from over the axle to the tail, and calmer the other way round', () => {
    const [near, far] = [compile(with40(wagon, overAxle ?? '')), compile(with40(wagon, rear))];
    expect(compareSwaying(near, far)?.verdict).toBe('livelier');
    expect(compareSwaying(far, near)?.verdict).toBe('calmer');
  });

  it('loses damping with speed in both, and says of neither how fast it may go', () => {
    const found = compareSwaying(compile(with40(wagon, front)), compile(with40(wagon, rear)));
    const curve = found?.curve ?? [];
    expect(curve.length).toBeGreaterThan(4);
    for (const [at, { before, after }] of curve.entries()) {
      if (at === 0) continue;
      expect(before).toBeLessThan(curve[at - 1]?.before ?? NaN);
      expect(after).toBeLessThan(curve[at - 1]?.after ?? NaN);
    }
  });

  it('is drawn in the round numbers of the speedometer, and says the same of one speed in both', () => {
    const at = (country: 'AU' | 'GB') => {
      const view = { ...wagon, situation: { ...wagon.situation, travel: { country } } };
      return compareSwaying(compile(view), compile(with40(view, rear)));
    };
    const [metric, imperial] = [at('AU'), at('GB')];
    expect([metric?.unit, imperial?.unit]).toEqual(['km/h', 'mph']);
    expect(imperial?.verdict).toBe(metric?.verdict);
    // 50 mph are 80.47 km/h: between the two points beside it, and next to the one at 80.
    const damping = (of: typeof metric, speed: number) => of?.curve.find((one) => one.speed === speed)?.after ?? NaN;
    const [fifty, eighty, ninety] = [damping(imperial, 50), damping(metric, 80), damping(metric, 90)];
    expect(fifty).toBeLessThan(eighty);
    expect(fifty).toBeGreaterThan(eighty - (eighty - ninety) * 0.06);
  });

  it('is not told where a length or a mass is missing, or nothing is towed', () => {
    const { trailer } = wagon;
    if (!trailer) throw new Error('the caravan');
    const sparse = { ...wagon, trailer: { ...trailer, emptyMass: undefined } };
    expect(compareSwaying(compile(sparse), compile(sparse))).toBeNull();
    const alone = { ...wagon, trailer: undefined };
    expect(compareSwaying(compile(alone), compile(alone))).toBeNull();
  });
});

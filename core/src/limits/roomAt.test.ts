import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import { runRulebook } from '../rulebook/runRulebook.ts';
import { arbitraryRig } from '../testing/arbitraryRig.ts';
import { caseView, type CaseRig } from '../testing/caseRig.ts';
import { roomAt } from './roomAt.ts';

const checks = (rig: CaseRig) => runRulebook(compile(caseView(rig)));
const withMass = (rig: CaseRig, m: number, x: number): CaseRig => ({
  ...rig,
  vehicle: rig.vehicle && { ...rig.vehicle, masses: [...(rig.vehicle.masses ?? []), { id: 'extra', m, x }] },
});
const plain: CaseRig = {
  vehicle: { W: 3, h: 1, bare: { R_front: 1000, R_rear: 1000 } },
  limits: { vehicleMax: 2300, frontAxleMax: 1150, rearAxleMax: 1200 },
};

describe('room at a place', () => {
  it.each([
    ['over the front axle', 0, 150, 'axle.front'],
    ['between the axles', 1.5, 300, 'vehicle.max'],
    ['over the rear axle', 3, 200, 'axle.rear'],
    ['behind it, where the lever counts', 4.5, 200 / 1.5, 'axle.rear'],
    ['ahead of the front axle', -0.75, 150 / 1.25, 'axle.front'],
  ])('%s', (_where, x, most, binding) => {
    const room = roomAt(checks(plain), { side: 'vehicle', x });
    expect(room.kind).toBe('room');
    if (room.kind !== 'room') return;
    expect(room.most).toBeCloseTo(most, 6);
    expect(room.binding?.id).toBe(binding);
    expect(room.least).toBe(0);
  });

  it('is used up exactly by a thing of that mass', () => {
    fc.assert(
      fc.property(arbitraryRig, fc.integer({ min: 0, max: 400 }), (rig, centimetres) => {
        const limited = {
          ...rig,
          limits: { vehicleMax: 9000, frontAxleMax: 5000, rearAxleMax: 6000, combinationMax: 12_000 },
        };
        const x = centimetres / 100;
        const room = roomAt(checks(limited), { side: 'vehicle', x });
        if (room.kind !== 'room' || room.most === null || room.least > 0) return;
        const after = checks(withMass(limited, room.most, x)).find((check) => check.id === room.binding?.id);
        expect(after?.margin).toBeCloseTo(0, 5);
      }),
    );
  });

  it('is nothing where a limit is over and more would not mend it', () => {
    const over = { ...plain, limits: { ...plain.limits, rearAxleMax: 900 } };
    expect(roomAt(checks(over), { side: 'vehicle', x: 3 })).toMatchObject({
      kind: 'none',
      binding: { id: 'axle.rear' },
    });
  });

  it('is an interval where a counterweight would mend it', () => {
    const over = { ...plain, limits: { vehicleMax: 2500, frontAxleMax: 1600, rearAxleMax: 990 } };
    const room = roomAt(checks(over), { side: 'vehicle', x: -0.5 });
    // Each kg takes 1/6 off the rear axle (10 over) and puts 7/6 on the front (600 free) and 1 on the whole (500 free).
    expect(room).toMatchObject({ kind: 'room', mends: { id: 'axle.rear' }, binding: { id: 'vehicle.max' } });
    expect(room.kind === 'room' && room.least).toBeCloseTo(60, 6);
    expect(room.kind === 'room' && room.most).toBeCloseTo(500, 6);
  });

  it('does not let advice forbid anything', () => {
    const advice = checks({ ...plain, ballLoad: 0 }).filter((check) => check.kind === 'guidance');
    expect(advice.length).toBeGreaterThan(0);
    expect(roomAt(advice, { side: 'vehicle', x: 3 })).toMatchObject({ most: null, binding: null });
  });
});

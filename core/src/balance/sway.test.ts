import { describe, expect, it } from 'vitest';
import swayCases from '../testing/cases/sway.json' with { type: 'json' };
import { compile } from '../loads/compile.ts';
import { caseView, type CaseRig } from '../testing/caseRig.ts';
import { leastDamped, swayModes, type SwayModel } from './sway.ts';
import { swayModelOf } from './swayModel.ts';

/** The cases' letters: a, b, c from the car's centre, d and A from the coupling. */
type Letters = Readonly<Record<'m1' | 'I1' | 'a' | 'b' | 'c' | 'm2' | 'I2' | 'd' | 'A' | 'Cf' | 'Cr' | 'Ct', number>>;
const modelOf = (p: Letters): SwayModel => ({
  vehicleMass: p.m1,
  vehicleInertia: p.I1,
  toFront: p.a,
  toRear: p.b,
  toCoupling: p.c,
  trailerMass: p.m2,
  trailerInertia: p.I2,
  trailerCentre: p.d,
  trailerAxle: p.A,
  frontStiffness: p.Cf,
  rearStiffness: p.Cr,
  trailerStiffness: p.Ct,
});
interface SwayCase {
  readonly id: string;
  readonly title: string;
  readonly asks: string;
  readonly given: { readonly parameters: Letters; readonly speed: number };
  readonly expect: {
    readonly eigenvalues: readonly (readonly [number, number])[];
    readonly dampingRatio: number;
    readonly frequencyHz: number;
  };
}
const cases = (swayCases as unknown as readonly SwayCase[]).filter(({ asks }) => asks === 'sway');
const [, badly] = cases;

describe.each(cases)('$id $title', ({ given, expect: wanted }) => {
  const modes = swayModes(modelOf(given.parameters), given.speed);

  it('has its eigenvalues', () => {
    const found = modes.map(({ decay, frequencyHz }) => [-decay, 2 * Math.PI * frequencyHz] as const);
    const told = wanted.eigenvalues.filter(([, imaginary]) => imaginary >= 0);
    expect(found).toHaveLength(told.length);
    for (const [real, imaginary] of told) {
      const near = found.find((one) => Math.hypot(one[0] - real, one[1] - imaginary) < 1e-4);
      expect(near, `${real} ${imaginary}`).toBeDefined();
    }
  });

  it('swings so often and dies away so fast', () => {
    const least = leastDamped(modes);
    expect(least?.dampingRatio).toBeCloseTo(wanted.dampingRatio, 4);
    expect(least?.frequencyHz).toBeCloseTo(wanted.frequencyHz, 4);
  });
});

describe('a trailer', () => {
  const model = modelOf(badly!.given.parameters);

  it('swings ever livelier the faster it is drawn, and loses all damping where it is told', () => {
    const dampings = [10, 15, 20, 25, 30].map((speed) => leastDamped(swayModes(model, speed))?.dampingRatio ?? NaN);
    for (let at = 1; at < dampings.length; at += 1) expect(dampings[at]).toBeLessThan(dampings[at - 1] ?? NaN);
    expect(leastDamped(swayModes(model, 20.451564))?.dampingRatio).toBeCloseTo(0, 4);
  });

  it('gives back what the equations of motion say of a push: no force, no change', () => {
    // Tyres that hold nothing leave a rig as it is pushed: all modes are still.
    const ice = { ...model, frontStiffness: 0, rearStiffness: 0, trailerStiffness: 0 };
    for (const { decay } of swayModes(ice, 20)) expect(Math.abs(decay)).toBeLessThan(1e-3);
  });
});

interface Compared {
  readonly given: {
    readonly vehicle: CaseRig['vehicle'];
    readonly one: CaseRig['trailer'];
    readonly two: CaseRig['trailer'];
    readonly bareTrailerInertia: number;
    readonly carYawInertia: number;
    readonly corneringCoefficient: { readonly front: number; readonly rear: number; readonly trailer: number };
    readonly speed: number;
  };
  readonly expect: Readonly<
    Record<
      'one' | 'two',
      { readonly dampingRatio: number; readonly frequencyHz: number; readonly I2: number; readonly d: number }
    >
  >;
}

describe('one rig, two loadings', () => {
  const { given, expect: wanted } = (swayCases as unknown as readonly Compared[])[3]!;
  const { carYawInertia, bareTrailerInertia, corneringCoefficient: cornering, speed } = given;

  it.each(['one', 'two'] as const)('has the inertia, the centre and the damping of loading %s', (which) => {
    const view = caseView({ vehicle: given.vehicle, trailer: given[which] });
    const facts = { vehicleInertia: carYawInertia, bareInertia: bareTrailerInertia, cornering };
    const model = swayModelOf(compile(view), facts)!;
    expect(model.trailerInertia).toBeCloseTo(wanted[which].I2, 3);
    expect(model.trailerCentre).toBeCloseTo(wanted[which].d, 5);
    const least = leastDamped(swayModes(model, speed));
    expect(least?.dampingRatio).toBeCloseTo(wanted[which].dampingRatio, 4);
    expect(least?.frequencyHz).toBeCloseTo(wanted[which].frequencyHz, 4);
  });

  it('is unknown without a trailer, and where nobody knows where its axle is', () => {
    const facts = { vehicleInertia: carYawInertia, bareInertia: bareTrailerInertia, cornering };
    const whole = caseView({ vehicle: given.vehicle, trailer: given.one });
    const without = (patch: Partial<typeof whole>) => swayModelOf(compile({ ...whole, ...patch }), facts);
    expect(without({ trailer: undefined })).toBeNull();
    const { trailer } = whole;
    if (!trailer) throw new Error('the trailer');
    expect(without({ trailer: { ...trailer, geometry: { ...trailer.geometry, axlePosition: undefined } } })).toBeNull();
  });
});

import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import type { TrailerGeometry } from '../rig/geometry.ts';
import { ballLoadAtHeight } from '../statics/couplingHeight.ts';
import { exampleView } from '../testing/examples.ts';
import { ballAtHeight } from './ballAtHeight.ts';

const rig = exampleView('australian-wagon-and-tandem');
const trailer = rig.trailer!;
const of = (geometry: Partial<TrailerGeometry>, rise = 0.06) =>
  ballAtHeight(compile({ ...rig, trailer: { ...trailer, geometry: { ...trailer.geometry, ...geometry } } }), rise);
/** 300 kg more on two axles press both springs down by 15 mm: 98,100 N/m an axle. */
const sprung = { axles: 2, axleSpread: 0.9, equalises: 'no', settling: { mass: 300, by: 0.015 } } as const;

describe('the load on the coupling at another height', () => {
  it('rises with the nose on two springs, by K·rise/A²: k·s²/2 of what the springs tell', () => {
    const a = trailer.geometry.axlePosition!;
    const found = of(sprung);
    if (found?.kind !== 'known') throw new Error(found?.kind);
    const k = (300 * 9.81) / 0.015 / 2;
    expect(found.at.pitchStiffnessNmPerRad).toBeCloseTo((k * 0.81) / 2, 6);
    expect(found.at.ballLoad - found.level).toBeCloseTo((((k * 0.81) / 2) * 0.06) / a / a / 9.81, 6);
    const [front = 0, rear = 0] = found.at.axleLoads;
    expect(rear).toBeGreaterThan(front);
    expect(front + rear).toBeCloseTo(found.at.trailerAxles, 6);
  });

  it('of three axles leans on the outer two: 2·k·s², a third each less and more k·θ·s/g', () => {
    const given = { stiffnessPerAxle: 50_000, axles: 3, spread: 0.8, axlePosition: 5, couplingRise: 0.1 };
    const found = ballLoadAtHeight({ ...given, levelBallLoad: 200, trailerTotal: 3000 });
    expect(found.pitchStiffnessNmPerRad).toBeCloseTo(2 * 50_000 * 0.64, 9);
    const shift = (50_000 * (0.1 / 5) * 0.8) / 9.81;
    const third = found.trailerAxles / 3;
    expect(found.axleLoads[0]).toBeCloseTo(third - shift, 9);
    expect(found.axleLoads[1]).toBeCloseTo(third, 9);
    expect(found.axleLoads[2]).toBeCloseTo(third + shift, 9);
    // Moments about the group centre: what the coupling has more is what the springs push back.
    expect((found.ballLoad - 200) * 5).toBeCloseTo(2 * shift * 0.8, 9);
  });

  it('hardly changes where axles share or where there is one', () => {
    expect(of({ ...sprung, equalises: 'yes' })).toEqual({ kind: 'steady' });
    expect(of({ axles: 1 })).toEqual({ kind: 'steady' });
  });

  it('is not known before somebody looked, and says which facts are missing', () => {
    const bare = { axles: 2, axleSpread: undefined, equalises: undefined, settling: undefined };
    expect(of(bare)).toMatchObject({ kind: 'unknown', facts: ['axleSpread', 'equalises', 'settling'], missing: [] });
    // A mass without how far it pressed the springs down says nothing of them.
    expect(of({ ...sprung, settling: { mass: 300 } })).toMatchObject({ kind: 'unknown', facts: ['settling'] });
    const empty = { ...rig, trailer: { ...trailer, emptyMass: undefined } };
    const found = ballAtHeight(compile(empty), 0.05);
    expect(found?.kind === 'unknown' && found.missing[0]).toMatchObject({ code: 'emptyMass' });
    expect(ballAtHeight(compile({ ...rig, trailer: undefined }), 0.05)).toBeNull();
  });
});

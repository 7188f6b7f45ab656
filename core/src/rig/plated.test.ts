import { describe, expect, it } from 'vitest';
import { buyersPayload } from '../loading/buyersPayload.ts';
import { compile } from '../loads/compile.ts';
import { payload } from '../limits/payload.ts';
import { onDay, type RigView } from '../loading/rigView.ts';
import { chains } from '../limits/chains.ts';
import { journeyStops } from '../rulebook/journey.ts';
import { nearThresholds } from '../rulebook/thresholds.ts';
import { exampleNames, exampleView } from '../testing/examples.ts';
import { certifierQuestion } from '../uprating/certifier.ts';
import { examplePackages } from '../uprating/examplePackages.data.ts';
import { judgePackages } from '../uprating/judged.ts';
import { assess } from '../verdict/assess.ts';
import type { Trailer, Vehicle } from './body.ts';
import { forceLimits, limitsOf } from './limitNames.ts';
import type { Figure } from './plate.ts';

/** On every plate, for every limit, a figure far below all others, which is said not to hold here. */
const withOthers = <Kind extends Vehicle | Trailer>(body: Kind | undefined): Kind | undefined =>
  body && {
    ...body,
    plates: body.plates.map((plate) => ({ ...plate, figures: [...otherVariant(body.kind), ...plate.figures] })),
  };
const otherVariant = (kind: 'vehicle' | 'trailer'): Figure[] =>
  limitsOf(kind).map((limit) => ({
    limit,
    value: forceLimits.includes(limit) ? 1 : 11,
    typed: '11 kg',
    conditions: [{ kind: 'variant', text: 'another one', met: 'no' }],
  }));

/** All that is said of a rig by its plates. */
function said(view: RigView) {
  const compiled = compile(view);
  const assessment = assess(view);
  const packages = examplePackages.map((one) => ({ ...one, name: one.id, currency: 'EUR' }));
  return {
    checks: assessment.checks.map(({ id, status, demand, limit, margin }) => [id, status, demand, limit, margin]),
    legal: assessment.legal,
    payload: [payload(compiled, 'vehicle'), payload(compiled, 'trailer')],
    chains: chains(compiled).map(({ name, parts }) => [name, parts.map(({ rating }) => rating)]),
    buyers: (['vehicle', 'trailer'] as const).map((side) => buyersPayload(view, side)),
    thresholds: nearThresholds(compiled).map(({ facts, value }) => [facts.id, value]),
    speeds: journeyStops(compiled),
    asked: (['vehicle', 'trailer'] as const).map((of) => certifierQuestion(view, of, packages, 'together')),
    packages: judgePackages(view, assessment, packages).map(({ package: one, nominal, gain }) => [
      one.id,
      nominal,
      gain.usable,
    ]),
  };
}

describe('a figure that does not hold on this rig', () => {
  it.each(exampleNames)('decides nothing in %s, whoever asks', (name) => {
    const view = onDay(exampleView(name), '2026-06-01');
    const crowded = { ...view, vehicle: withOthers(view.vehicle), trailer: withOthers(view.trailer) };
    expect(said(crowded)).toEqual(said(view));
  });
});

import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import { onDay, type RigView } from '../loading/rigView.ts';
import type { Jurisdiction } from '../situation/situation.ts';
import { exampleNames, exampleView } from '../testing/examples.ts';
import { flat, flatCheck } from '../testing/flat.ts';
import { informationFor } from './information.ts';
import { journeyStops } from './journey.ts';
import { ruleList } from './ruleList.ts';
import { runRulebook } from './runRulebook.ts';
import { sanctions } from './sanctions.ts';
import { speedRule } from './speeds.ts';
import { thresholdsOf } from './thresholds.ts';

/** Tyres and licences age: everything here is asked on one day. */
const day = '2026-06-01';
const whole = (view: RigView) => {
  const compiled = compile(onDay(view, day));
  return { compiled, checks: runRulebook(compiled) };
};
const lines = (value: unknown): string =>
  JSON.stringify(value, (_, one: unknown) => (isMessage(one) ? flat(one) : one));
const isMessage = (one: unknown): one is Parameters<typeof flat>[0] =>
  typeof one === 'object' && one !== null && 'key' in one && !('kind' in one);

/** What was read over line by line and found right; a change of any word of it has to be meant. */
describe.each(exampleNames)('%s at home', (name) => {
  const { compiled, checks } = whole(exampleView(name));

  it('has every check as it was last read over', () => {
    expect(checks.flatMap(flatCheck)).toMatchSnapshot();
  });

  it('has what stands beside the verdict as it was last read over', () => {
    expect({
      information: informationFor(compiled).map(lines),
      thresholds: thresholdsOf(compiled).map(lines),
      sanctions: sanctions(compiled, checks).map(lines),
    }).toMatchSnapshot();
  });

  it('has every rule in the browser, asked or not, as it was last read over', () => {
    const rules = ruleList(compiled, checks).map(({ checks: own, ...entry }) =>
      lines({ ...entry, checks: own.map((check) => check.id) }),
    );
    expect(rules).toMatchSnapshot();
  });
});

const abroad: readonly Jurisdiction[] = [
  ...(['AU', 'GB', 'GB-NIR', 'DE', 'FR', 'IT', 'ES', 'NL', 'AT', 'CH'] as const).map((country) => ({
    country,
  })),
  ...(['NSW', 'VIC', 'QLD', 'SA', 'WA', 'TAS', 'ACT', 'NT'] as const).map((state) => ({
    country: 'AU' as const,
    state,
  })),
];

describe.each(abroad.map((travel) => [`${travel.country} ${travel.state ?? ''}`.trim(), travel] as const))(
  'in %s',
  (_, travel) => {
    it.each(['british-van-with-scooter', 'german-estate-and-caravan', 'australian-wagon-and-tandem'] as const)(
      '%s is told the same as when it was last read over',
      (name) => {
        const view = exampleView(name);
        const { compiled, checks } = whole({ ...view, situation: { ...view.situation, travel } });
        expect({
          checks: checks.map((check) => flatCheck(check)[0]),
          speeds: lines(speedRule(compiled, travel)),
          information: informationFor(compiled).length,
          thresholds: thresholdsOf(compiled).map(lines),
          sanctions: sanctions(compiled, checks).map(lines),
        }).toMatchSnapshot();
      },
    );
  },
);

describe('a journey', () => {
  it('through many places says at each what it was last read over to say', () => {
    const view = exampleView('german-estate-and-caravan');
    const journey = abroad.slice(1, 10);
    const compiled = compile(onDay({ ...view, situation: { ...view.situation, through: [...journey] } }, day));
    expect(journeyStops(compiled).map(lines)).toMatchSnapshot();
  });
});

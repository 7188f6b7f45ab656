import { describe, expect, it } from 'vitest';
import type { Check } from '../checks/check.ts';
import { compile } from '../loads/compile.ts';
import { onDay, type RigView } from '../loading/rigView.ts';
import type { Jurisdiction } from '../situation/situation.ts';
import { exampleNames, exampleView } from '../testing/examples.ts';
import { checkLine, shortLine } from '../testing/flat.ts';
import { informationFor } from './information.ts';
import { journeyStops } from './journey.ts';
import { ruleList } from './ruleList.ts';
import { runRulebook } from './runRulebook.ts';
import { sanctions, type Sanction } from './sanctions.ts';
import { speedRule } from './speeds.ts';
import { thresholdsOf } from './thresholds.ts';

/** Tyres and licences age: everything here is asked on one day. */
const day = '2026-06-01';
const whole = (view: RigView) => {
  const compiled = compile(onDay(view, day));
  return { compiled, checks: runRulebook(compiled) };
};
const list = (name: string, entries: readonly string[]): string => `${name}: ${entries.join(', ') || 'none'}`;
const fine = ({ check, excess, band, times, beyond }: Sanction): string =>
  `${check.id} ${(100 * excess).toFixed(1)} %: ${band ? `${JSON.stringify(band)} × ${times}` : 'no figure'}${beyond ? `, ${beyond}` : ''}`;
const applies = ({ status }: Check): boolean => status !== 'notApplicable';

/** What was read over line by line and found right, a rig a table: one line a check, then what stands beside the verdict. */
describe.each(exampleNames)('%s at home', (name) => {
  it('is judged as it was last read over', () => {
    const { compiled, checks } = whole(exampleView(name));
    const asked = ruleList(compiled, checks).filter(({ whyNot }) => whyNot !== null);
    expect(
      [
        ...checks.filter(applies).map(checkLine),
        list(
          'not asked',
          asked.map(({ rule, whyNot }) => `${rule} (${whyNot?.key ?? ''})`),
        ),
        list(
          'information',
          informationFor(compiled).map(({ facts, bears }) => `${facts.id} (${bears}, ${facts.confidence})`),
        ),
        list(
          'thresholds',
          thresholdsOf(compiled).map(({ facts, value }) => `${facts.id} ${facts.at}: ${value}`),
        ),
        list('sanctions', sanctions(compiled, checks).map(fine)),
      ].join('\n'),
    ).toMatchSnapshot();
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
const called = ({ country, state }: Jurisdiction): string => `${country} ${state ?? ''}`.trim();

describe.each(['british-van-with-scooter', 'german-estate-and-caravan', 'australian-wagon-and-tandem'] as const)(
  '%s abroad',
  (name) => {
    it('is told the same in every place as when it was last read over: its speeds, and each check that is not as at home', () => {
      const view = exampleView(name);
      const told = (checks: readonly Check[]) =>
        new Map(checks.filter(applies).map((check) => [check.id, shortLine(check)]));
      const home = told(whole(view).checks);
      const rows = abroad.map((travel) => {
        const { compiled, checks } = whole({ ...view, situation: { ...view.situation, travel } });
        const there = told(checks);
        const changed = [...there].filter(([id, line]) => home.get(id) !== line);
        const gone = [...home.keys()].filter((id) => !there.has(id));
        const speed = speedRule(compiled, travel);
        return [
          called(travel),
          speed
            ? `${speed.rural}/${speed.dual ?? '?'}/${speed.motorway} ${speed.unit}, ${speed.confidence}`
            : 'no speed',
          ...changed.map(([id, line]) => `${id} ${line}`),
          ...gone.map((id) => `${id} not asked`),
          `${informationFor(compiled).length} to know`,
          ...sanctions(compiled, checks).map(fine),
        ].join(' | ');
      });
      expect(rows.join('\n')).toMatchSnapshot();
    });
  },
);

describe('a journey', () => {
  it('through many places says at each what it was last read over to say', () => {
    const view = exampleView('german-estate-and-caravan');
    const journey = abroad.slice(1, 10);
    const compiled = compile(onDay({ ...view, situation: { ...view.situation, through: [...journey] } }, day));
    const rows = journeyStops(compiled).map(({ place, home, speed, waitsFor, leastBall }) =>
      [
        called(place),
        ...(home ? ['home'] : []),
        speed ? `${speed.rural}/${speed.dual ?? '?'}/${speed.motorway}` : 'no speed',
        ...(waitsFor ? [waitsFor.code] : []),
        leastBall,
      ].join(' | '),
    );
    expect(rows.join('\n')).toMatchSnapshot();
  });
});

import { describe, expect, it } from 'vitest';
import { countries } from '../situation/countries.ts';
import { situationIn } from '../situation/situation.ts';
import { exampleNames, exampleView } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';
import { ruleList } from './ruleList.ts';

const rulesOf = (name: (typeof exampleNames)[number], country?: (typeof countries)[number]) => {
  const view = exampleView(name);
  const here = country ? { ...view, situation: situationIn('here', 'here', country) } : view;
  const { compiled, checks } = assess(here);
  return { list: ruleList(compiled, checks), checks };
};

describe('the list of rules', () => {
  it.each(countries)('in %s has every rule that was asked, with a source and a confidence, each once', (country) => {
    for (const name of exampleNames) {
      const { list, checks } = rulesOf(name, country);
      const rules = list.map((one) => one.rule);
      expect(new Set(rules).size).toBe(rules.length);
      for (const check of checks) expect(rules, check.id).toContain(check.rule);
      for (const { rule, facts } of list) {
        expect(facts.source, rule).not.toBe('');
        expect(['high', 'medium', 'low'], rule).toContain(facts.confidence);
      }
    }
  });

  it('says why a rule is not asked', () => {
    const { list } = rulesOf('british-van-with-scooter');
    const why = (rule: string) => list.find((one) => one.rule === rule)?.whyNot;
    expect(why('combination.max')).toMatchObject({ key: 'check.no.trailer' });
    expect(why('axle.tag')).toMatchObject({ key: 'check.no.tagAxle' });
    expect(why('gear.tyres')).toMatchObject({ key: 'rule.nothingToAsk' });
    expect(why('axle.rear')).toBeNull();
  });
});

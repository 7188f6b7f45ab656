import { describe, expect, it } from 'vitest';
import { countries } from '../situation/countries.ts';
import { situationIn } from '../situation/situation.ts';
import { exampleNames, exampleView } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';
import { hasWord } from '../testing/words.ts';
import { ruleList } from './ruleList.ts';

const rulesOf = (name: (typeof exampleNames)[number], country?: (typeof countries)[number]) => {
  const view = exampleView(name);
  const here = country ? { ...view, situation: situationIn('here', 'here', country) } : view;
  const { loads, checks } = assess(here);
  return { list: ruleList(loads, checks), checks };
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

  it.each(countries)('in %s says every figure and every reason in words', (country) => {
    for (const name of exampleNames) {
      for (const { rule, figures, whyNot } of rulesOf(name, country).list) {
        for (const one of [...figures, ...(whyNot ? [whyNot] : [])])
          expect(hasWord(one.key), `${rule}: ${one.key}`).toBe(true);
      }
    }
  });

  it('says the figures a rule names', () => {
    const { list } = rulesOf('german-estate-and-caravan');
    const figures = list.find((one) => one.rule === 'ball.min')?.figures;
    expect(figures).toMatchObject([
      { key: 'ruleFigure.share', params: { value: { value: 4, unit: 'percent' } } },
      { key: 'ruleFigure.atMostKg', params: { value: { value: 25, unit: 'kg' } } },
    ]);
  });

  it('names the trailer by itself as the reason for what asks a vehicle', () => {
    const { list } = rulesOf('second-hand-caravan-alone');
    expect(list.find((one) => one.rule === 'people.seats')?.whyNot).toMatchObject({ key: 'check.no.vehicle' });
    expect(list.find((one) => one.rule === 'tow.ratio')?.whyNot).toMatchObject({ key: 'check.no.vehicle' });
  });

  it('says why a rule is not asked', () => {
    const { list } = rulesOf('british-van-with-scooter');
    const why = (rule: string) => list.find((one) => one.rule === rule)?.whyNot;
    expect(why('combination.max')).toMatchObject({ key: 'check.no.trailer' });
    expect(why('axle.tag')).toMatchObject({ key: 'check.no.tagAxle' });
    expect(why('gear.tyres')).toMatchObject({ key: 'rule.notAsked.gear' });
    expect(
      rulesOf('german-estate-and-caravan').list.find((one) => one.rule === 'people.licence')?.whyNot,
    ).toMatchObject({ key: 'rule.notAsked.licence' });
    expect(why('chains.required')).toMatchObject({ key: 'check.no.trailer' });
    expect(why('camper.max')).toMatchObject({ key: 'rule.notAsked.camper' });
    expect(why('axle.rear')).toBeNull();
  });
});

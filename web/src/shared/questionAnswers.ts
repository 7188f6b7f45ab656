import { brakeKinds, towReadings, vanClasses, type Check } from '@wagonomos/core';
import type { BodyFacts } from '@wagonomos/core/edits';

/** An answer to press: its word, as a key of the catalogue, and what it says of the body. */
interface QuestionAnswer {
  readonly word: string;
  readonly facts: BodyFacts;
}

const there = (key: 'breakaway' | 'chains' | 'brakeController' | 'mirrors'): readonly QuestionAnswer[] =>
  (['present', 'absent'] as const).map((said) => ({ word: `app.presence.${said}`, facts: { [key]: said } }));

/** What can be said to something that is missing with one press; none: it is a figure, or more than a word. */
export function answersTo(code: Check['missing'][number]['code']): readonly QuestionAnswer[] {
  if (code === 'breakaway' || code === 'chains' || code === 'brakeController' || code === 'mirrors') return there(code);
  if (code === 'chainCount')
    return [1, 2].map((chainCount) => ({ word: `app.presence.chainCount.${chainCount}`, facts: { chainCount } }));
  if (code === 'classedAs')
    return vanClasses.map((classedAs) => ({ word: `app.presence.classedAs.${classedAs}`, facts: { classedAs } }));
  if (code === 'towReading')
    return towReadings.map((means) => ({
      word: `app.presence.towLimitMeans.${means}`,
      facts: { towLimitMeans: means },
    }));
  if (code !== 'brakeKind') return [];
  return brakeKinds.map((brakeKind) => ({ word: `app.presence.brakeKind.${brakeKind}`, facts: { brakeKind } }));
}

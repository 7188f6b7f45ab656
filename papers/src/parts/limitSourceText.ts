import type { Check } from '@wagonomos/core';
import type { PaperWords } from '../words/paperWords.ts';

/** On which plate a limit stands, and on which day it was read there; else the rule it comes from. */
export function limitSourceText({ t, day }: PaperWords, check: Check): string {
  const [first] = check.figures;
  if (!first || check.worked) return t(`source.${check.source.source}`);
  const plate = t(`plateSource.${first.source}`);
  return first.date === undefined
    ? t('paper.figureFromUndated', { plate, typed: first.typed })
    : t('paper.figureFrom', { plate, typed: first.typed, day: day(first.date) });
}

import type { Check, MassUnit } from '@wagonomos/core';
import { checkAmount } from './written.ts';

/** The catalogue's text for a key with its named values put in; `count` chooses the plural. */
export type Translate = (key: string, named?: Readonly<Record<string, string | number>>) => string;

/**
 * What a key ends with for a limit of this sense: a least is fallen short of, never exceeded or full. Of several, only where all of them
 * are leasts.
 */
export const leastWord = (...checks: readonly Pick<Check, 'sense'>[]): '' | 'Least' =>
  checks.length > 0 && checks.every(({ sense }) => sense === 'min') ? 'Least' : '';

/** "168 left", "34 over", "8 short": a margin in words; where there is no amount to say, covered or not. */
export function marginText(t: Translate, check: Check | null, unit: MassUnit): string {
  const margin = check?.margin ?? null;
  if (!check) return t('app.margin.unknown');
  if (margin === null) return answer(t, check);
  // Nobody has a use for chains beyond the number asked for, nor for the centimetres that a body is narrower than it may be.
  const enough = (check.unit === 'pieces' || check.unit === 'm') && margin >= 0;
  if (check.kind === 'permit' || enough) return answer(t, check);
  const shown = checkAmount(check, margin, unit, 'margin');
  const amount = shown.replace('−', '');
  if (shown.startsWith('−')) return t(check.sense === 'max' ? 'app.margin.over' : 'app.margin.short', { amount });
  return t(check.sense === 'max' ? 'app.margin.left' : 'app.margin.above', { amount });
}

function answer(t: Translate, { status, kind, group }: Check): string {
  if (status !== 'within' && status !== 'over') return t('app.margin.unknown');
  return t(`app.margin.${kind === 'permit' ? 'permit' : group === 'people' ? 'answer' : 'there'}.${status}`);
}

/** A load of a check with its ± of two standard deviations, where that is half a kg or more; without its unit. */
export function demandText(t: Translate, check: Check, unit: MassUnit): string {
  if (check.demand === null) return t('app.verdict.unknown');
  if (check.ways) {
    const [a, b] = check.ways.map((kg) => checkAmount(check, kg, unit, 'load'));
    return t('app.verdict.eitherLoad', { a: a ?? '', b: b ?? '' });
  }
  const load = checkAmount(check, check.demand, unit, 'load');
  return check.sigma && check.sigma >= 0.5
    ? t('app.card.doubt', { load, doubt: checkAmount(check, 2 * check.sigma, unit, 'load') })
    : load;
}

/** A limit of a check, without its unit. */
export const limitText = (t: Translate, check: Check, unit: MassUnit): string =>
  check.limit === null ? t('app.verdict.unknown') : checkAmount(check, check.limit, unit, 'nearest');

import type { Message, Param } from '../messages/message.ts';
import type { Missing } from '../rig/missing.ts';
import type { Check, LimitPart } from '../checks/check.ts';

/** A message as one line, key and figures to a tenth, so that a test can compare all of it. */
export function flat({ key, params = {} }: Message): string {
  const parts = Object.entries(params).map(([name, param]) => `${name}=${flatParam(param)}`);
  return [key, ...parts].join(' ');
}

function flatParam(param: Param): string {
  if (typeof param !== 'object') return String(param);
  if (!('kind' in param)) {
    const text = param.params?.['text'];
    return param.key === 'verbatim' && typeof text === 'string' ? text : flat(param);
  }
  if (param.kind === 'term') return `<${param.term}>`;
  return `${Math.round(param.value * 10) / 10}${param.unit}/${param.rounding}`;
}

const rounded = (value: number | null): string => (value === null ? '–' : String(Math.round(value * 1000) / 1000));

const missingOf = (missing: Missing): string =>
  Object.entries(missing)
    .filter(([name]) => name !== 'body' && name !== 'bodyName')
    .map(([, value]) => (typeof value === 'object' && value !== null ? flat(value) : String(value)))
    .join(' ');

/** A check as one line of a table: what it says, by which figures, whose rule it is and how sure, what is missing and what is noted. */
export function checkLine(check: Check): string {
  const { source, worked, figures, missing, notes, sense, unit } = check;
  const part = ({ name, value }: LimitPart) => `${flat(name)} ${rounded(value)}`;
  const sigma = check.sigma ? ` ± ${rounded(check.sigma)}` : '';
  const compared =
    check.demand === null && check.limit === null
      ? []
      : [
          `${rounded(check.demand)}${sigma} ${sense === 'max' ? '≤' : '≥'} ${rounded(check.limit)} ${unit ?? ''}`.trim(),
          `left ${rounded(check.margin)}`,
        ];
  return [
    `${check.status} ${check.id}`,
    ...compared,
    ...(worked ? [`${worked.op} of ${worked.of.map(part).join(', ')}`] : []),
    ...(worked?.atMost?.length ? [`at most ${worked.atMost.map(part).join(', ')}`] : []),
    ...(figures.length > 1 ? [`of ${figures.map((one) => `${one.value} ${one.source}`).join(', ')}`] : []),
    ...missing.map((one) => `missing ${missingOf(one)}`),
    ...notes.map((one) => `note ${flat(one)}`),
    `${check.kind}, ${source.source} ${source.edition ?? ''}`.trim() + `, ${source.confidence}`,
  ].join(' | ');
}

/** What a rule decides of a rig, short: its status and what it compares. */
export const shortLine = (check: Check): string =>
  check.limit === null && check.demand === null
    ? check.status
    : `${check.status} ${rounded(check.demand)}/${rounded(check.limit)}`;

import type { Message, Param } from '../messages/message.ts';
import type { Missing } from '../rig/missing.ts';
import type { Check, LimitPart } from '../checks/check.ts';
import type { Row } from '../statics/row.ts';

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

const rowOf = ({ vehicle, trailer, fixed }: Row): string =>
  [vehicle.at0, vehicle.perMetre, trailer.at0, trailer.perMetre, fixed ?? 0].map(rounded).join(' ');

const missingOf = (missing: Missing): string =>
  Object.values(missing)
    .map((value: unknown) => (typeof value === 'object' && value !== null ? JSON.stringify(value) : String(value)))
    .join(' ');

/** A check as lines, with nothing of it left out but what it is called in the file. */
export function flatCheck(check: Check): readonly string[] {
  const { source, worked, figures, missing, notes, use, either } = check;
  const part = ({ name, value, unit }: LimitPart) => `${flat(name)} ${rounded(value)}${unit ?? ''}`;
  return [
    `${check.id}: ${check.status} ${rounded(check.demand)} ± ${rounded(check.sigma)} ${check.sense} ${rounded(check.limit)} left ${rounded(check.margin)} ${check.unit ?? 'kg'}`,
    `  ${check.rule} ${check.region} ${check.kind} ${check.group} ${check.quantity}${check.required ? ' required' : ''}: ${flat(check.name)}`,
    `  by ${source.source}, ${source.edition ?? 'no edition'}, ${source.confidence}, ${source.variesBy ?? 'the same everywhere'}, ask ${source.ask}, ${source.compiled} ${JSON.stringify(source.figures ?? {})}`,
    ...(worked
      ? [`  = ${worked.op} ${worked.of.map(part).join(', ')} at most ${(worked.atMost ?? []).map(part).join(', ')}`]
      : []),
    ...figures.map((one) => `  plate ${one.limit} ${one.value} ${one.source}`),
    ...missing.map((one) => `  missing ${missingOf(one)}`),
    ...notes.map((one) => `  note ${flat(one)}`),
    ...(use ? [`  use ${rowOf(use)}`] : []),
    ...(either ? [`  or ${rounded(either.margin)} ${rowOf(either.use)}`] : []),
    ...(check.place ? [`  in ${check.place.body}/${check.place.place}`] : []),
  ];
}

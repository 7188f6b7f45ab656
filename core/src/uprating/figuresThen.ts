import type { RigView } from '../loading/rigView.ts';
import { kilograms, message, term, verbatim, type Message } from '../messages/message.ts';
import { forceLimits, limitsOf, type LimitName } from '../rig/limitNames.ts';
import { platedLimit } from '../rig/plated.ts';
import { consequence, type Consequence } from './consequence.ts';

/** What a plate says of the body as it is, not of what it may be. */
const notLimits: readonly LimitName[] = ['emptyStated', 'payloadStated'];

const said = (limit: LimitName, value: number | null): Message => {
  if (value === null) return message('uprate.figure.none');
  const amount = forceLimits.includes(limit)
    ? ({ kind: 'amount', unit: 'kN', value, rounding: 'nearest' } as const)
    : kilograms(value, 'nearest');
  return message('uprate.figure.is', { figure: amount });
};

/** Every limit of vehicle and trailer whose figure is another one afterwards: totals, axles, towing, coupling. */
export const figuresThen = (before: RigView, after: RigView): readonly Consequence[] =>
  (['vehicle', 'trailer'] as const).flatMap((of) => {
    const body = before[of];
    if (!body) return [];
    const on = (view: RigView, limit: LimitName) => platedLimit(view, limit, [view[of]]).value;
    return limitsOf(of)
      .filter((limit) => !notLimits.includes(limit) && on(before, limit) !== on(after, limit))
      .map((limit) =>
        consequence({
          id: `figure.${of}.${limit}`,
          topic: 'limits',
          change: 'differs',
          about: verbatim(body.name),
          says: message('check.limit', { limit: term(limit) }),
          before: said(limit, on(before, limit)),
          after: said(limit, on(after, limit)),
          source: 'upratePractice',
          confidence: 'high',
          ask: before.situation[of].country,
        }),
      );
  });

import { message, type Message } from '../messages/message.ts';
import type { RuleInForce } from '../checks/ruleFacts.ts';

/** How a number of a rule is to be read; kg where its name ends so. */
const readAs: Readonly<Record<string, 'share' | 'plain' | 'flag'>> = {
  share: 'share',
  kerb: 'share',
  runningOrder: 'share',
  careful: 'share',
  most: 'share',
  solo: 'share',
  towing: 'share',
  braked: 'share',
  unbraked: 'share',
  plain: 'share',
  caravan: 'share',
  caravanStabilised: 'share',
  years: 'plain',
  tyreYears: 'plain',
  kmh: 'plain',
  tyreKmh: 'plain',
  trailerKmh: 'plain',
  onlyUnbraked: 'flag',
  p2Free: 'flag',
  byAxleLoad: 'flag',
  wholeTrailer: 'flag',
  platedMass: 'flag',
  oneAxle: 'flag',
};

/** The numbers a rule itself names, each in words. */
export const ruleFigures = ({ figures = {} }: RuleInForce): readonly Message[] =>
  Object.entries(figures).map(([name, value]) => {
    const how = readAs[name] ?? 'kg';
    if (how === 'flag') return message(`ruleFigure.${name}`);
    const shown = how === 'plain' ? value : { kind: 'amount' as const, value: how === 'share' ? 100 * value : value };
    if (typeof shown === 'number') return message(`ruleFigure.${name}`, { value: shown });
    return message(`ruleFigure.${name}`, {
      value: { ...shown, unit: how === 'share' ? 'percent' : 'kg', rounding: 'nearest' },
    });
  });

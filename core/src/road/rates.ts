import { usualRates } from '../library/usualRates.data.ts';
import type { RigView } from '../loading/rigView.ts';
import { isMotorCaravan } from '../rig/body.ts';
import { rateNames, type RateName, type Trip } from './trip.ts';

/** What is used up by the kilometre and the day. Fuel L for 100 km; water L a person and night, `waste` its share that ends as waste
 * water; gas kg a night; food kg a person and night; pace km/h. */
export type Rates = Readonly<Record<RateName, number>>;

/** One rate with its ± (two standard deviations), and whose it is. */
export interface RateWithDoubt {
  readonly value: number;
  readonly plusMinus: number;
  readonly from: 'said' | 'usual';
}

/** The rates a trip is reckoned with: what its owner says, else what is usual of such a rig. A ± that nobody gave is that of the usual. */
export function ratesOf(
  { vehicle }: Pick<RigView, 'vehicle'>,
  { rates = {} }: Pick<Trip, 'rates'>,
): Readonly<Record<RateName, RateWithDoubt>> {
  const usual = { ...usualRates.any, ...usualRates[vehicle && isMotorCaravan(vehicle) ? 'motorCaravan' : 'car'] };
  return Object.fromEntries(
    rateNames.map((name): readonly [RateName, RateWithDoubt] => {
      const said = rates[name];
      const plusMinus = said?.plusMinus ?? usual[name].plusMinus;
      return [name, said ? { value: said.value, plusMinus, from: 'said' } : { ...usual[name], from: 'usual' }];
    }),
  ) as Record<RateName, RateWithDoubt>;
}

/** A share is never more than the whole. */
const mostWaste = 1;

/** The rates alone, one of them changed by so many of its standard deviations. */
export function ratesAt(
  rates: Readonly<Record<RateName, RateWithDoubt>>,
  changed?: { readonly name: RateName; readonly sigmas: number },
): Rates {
  const at = (name: RateName): number => {
    const { value, plusMinus } = rates[name];
    const moved = name === changed?.name ? value + (changed.sigmas * plusMinus) / 2 : value;
    return Math.max(0, name === 'waste' ? Math.min(mostWaste, moved) : moved);
  };
  return Object.fromEntries(rateNames.map((name) => [name, at(name)])) as Record<RateName, number>;
}

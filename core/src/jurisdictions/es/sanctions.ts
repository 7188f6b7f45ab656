import type { SanctionRow } from '../law.ts';
import { always } from '../when.ts';

/** From general knowledge, each with its confidence; amounts change yearly. */
export const sanctions: readonly SanctionRow[] = [
  {
    of: 'masses',
    when: always,
    how: 'bands',
    currency: 'EUR',
    source: 'esVehicleRules',
    confidence: 'low',
    bands: [{ above: 0, amount: 80, most: 500 }],
  },
];

import type { SanctionRow } from '../law.ts';
import { always } from '../when.ts';

/** From general knowledge, each with its confidence; amounts change yearly. */
export const sanctions: readonly SanctionRow[] = [
  {
    of: 'masses',
    when: always,
    how: 'bands',
    currency: 'CHF',
    source: 'chTrafficLaw',
    confidence: 'low',
    bands: [
      { above: 0, amount: 100 },
      { above: 0, aboveKg: 100, amount: 200 },
    ],
    beyond: { above: 0.05, says: 'proceedings' },
  },
];

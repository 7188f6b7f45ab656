import type { SanctionRow } from '../law.ts';
import { always } from '../when.ts';

/** From general knowledge, each with its confidence; amounts change yearly. */
export const sanctions: readonly SanctionRow[] = [
  {
    of: 'masses',
    when: always,
    how: 'bands',
    currency: 'EUR',
    source: 'itRoadCode',
    confidence: 'low',
    bands: [
      { above: 0.05, amount: 42, most: 173 },
      { above: 0.1, amount: 87, most: 345 },
      { above: 0.2, amount: 173, most: 694 },
      { above: 0.3, amount: 430, most: 1731 },
    ],
  },
];

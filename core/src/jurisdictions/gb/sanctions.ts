import type { SanctionRow } from '../law.ts';
import { always } from '../when.ts';

/** From general knowledge, each with its confidence; amounts change yearly. */
export const sanctions: readonly SanctionRow[] = [
  {
    of: 'masses',
    when: always,
    how: 'bands',
    currency: 'GBP',
    source: 'ukTraffic',
    confidence: 'low',
    bands: [
      { above: 0, amount: 100 },
      { above: 0.1, amount: 200 },
      { above: 0.15, amount: 300 },
    ],
    beyond: { above: 0.3, says: 'court' },
  },
];

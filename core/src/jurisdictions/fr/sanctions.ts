import type { SanctionRow } from '../law.ts';
import { always } from '../when.ts';

/** From general knowledge, each with its confidence; amounts change yearly. */
export const sanctions: readonly SanctionRow[] = [
  {
    of: 'masses',
    when: { any: [{ vehicleAbove: 3500 }, { trailerAbove: 3500 }] },
    how: 'tranche',
    currency: 'EUR',
    source: 'frRoadCode',
    confidence: 'low',
    bands: [{ above: 0, amount: 135 }],
    perKg: 1000,
    beyond: { above: 0.2, says: 'higherClass' },
  },
  {
    of: 'masses',
    when: always,
    how: 'tranche',
    currency: 'EUR',
    source: 'frRoadCode',
    confidence: 'low',
    bands: [{ above: 0, amount: 135 }],
    perKg: 500,
    beyond: { above: 0.2, says: 'higherClass' },
  },
];

import type { SanctionRow } from '../law.ts';
import { always } from '../when.ts';

/** From general knowledge, each with its confidence; amounts change yearly. */
export const sanctions: readonly SanctionRow[] = [
  // An entry of its own, whose figures are not known here.
  { of: 'ball', when: always, how: 'none', source: 'dePenalties', confidence: 'low' },
  {
    of: 'masses',
    when: { any: [{ vehicleAbove: 7500 }, { trailerAbove: 2000 }] },
    how: 'bands',
    currency: 'EUR',
    source: 'dePenalties',
    confidence: 'low',
    bands: [
      { above: 0.02, amount: 30 },
      { above: 0.05, amount: 80, points: 1 },
      { above: 0.1, amount: 110, points: 1 },
      { above: 0.15, amount: 140, points: 1 },
      { above: 0.2, amount: 190, points: 1 },
      { above: 0.25, amount: 285, points: 1 },
      { above: 0.3, amount: 380, points: 1 },
    ],
  },
  {
    of: 'masses',
    when: always,
    how: 'bands',
    currency: 'EUR',
    source: 'dePenalties',
    confidence: 'low',
    bands: [
      { above: 0.05, amount: 10 },
      { above: 0.1, amount: 30 },
      { above: 0.15, amount: 35 },
      { above: 0.2, amount: 95, points: 1 },
      { above: 0.25, amount: 140, points: 1 },
      { above: 0.3, amount: 235, points: 1 },
    ],
  },
];

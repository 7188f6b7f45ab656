import type { SanctionRow } from '../law.ts';
import { always } from '../when.ts';

/** From general knowledge, each with its confidence; amounts change yearly. */
export const sanctions: readonly SanctionRow[] = [
  { of: 'masses', when: always, how: 'none', source: 'auVehicleStandards', confidence: 'low' },
];

import { lessSure } from '../../situation/confidence.ts';
import { speeds as british } from '../gb/speeds.ts';
import type { SpeedLaw } from '../law.ts';

/** As in Great Britain, one level less sure: they were not matched line by line. */
export const speeds: SpeedLaw = {
  ...british,
  rows: british.rows.map((row) => ({ ...row, confidence: lessSure[row.confidence] })),
};

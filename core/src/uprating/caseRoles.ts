import type { CaseStepName } from '../jurisdictions/uprateLaw.ts';

/** Who has to do a step. */
export type CaseRole = 'owner' | 'maker' | 'certifier' | 'workshop' | 'authority' | 'insurer';

export const roleOf: Readonly<Record<CaseStepName, CaseRole>> = {
  ask: 'owner',
  order: 'owner',
  approval: 'authority',
  fit: 'workshop',
  inspect: 'certifier',
  certificate: 'certifier',
  entry: 'authority',
  plate: 'certifier',
  insurer: 'insurer',
  drivers: 'owner',
  weigh: 'owner',
};

import type { Figure } from '../rig/plate.ts';
import type { FieldVariant } from './plateForm.ts';

/** Which of two ratings a figure is: with the bars on, without, or just the one there is. */
export function conditionFor(figure: Figure): FieldVariant | undefined {
  for (const { kind } of figure.conditions ?? []) {
    if (kind === 'withDistribution' || kind === 'withoutDistribution') return kind;
  }
  return undefined;
}

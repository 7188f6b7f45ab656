import type { Loads } from './loads.ts';

/** The load on the coupling as a share of the laden trailer, 0 to 1; null where either is not known or there is no trailer. */
export function ballShare({ values: { ballLoad, trailerTotal } }: Loads): number | null {
  const known = ballLoad.kind === 'known' && trailerTotal.kind === 'known' && trailerTotal.value > 0;
  return known ? ballLoad.value / trailerTotal.value : null;
}

/**
 * The least and the most of that share by two standard deviations, where the load rests on what is usual: a middle of such a range is no
 * figure of anybody's trailer. null: it does not, or is not known.
 */
export function usualBallShare(loads: Loads): { readonly from: number; readonly to: number } | null {
  const { ballLoad, trailerTotal } = loads.values;
  const part = ballShare(loads);
  if (part === null || ballLoad.kind !== 'known' || trailerTotal.kind !== 'known' || !ballLoad.typical) return null;
  const doubt = (2 * ballLoad.sigma) / trailerTotal.value;
  return { from: Math.max(0, part - doubt), to: part + doubt };
}

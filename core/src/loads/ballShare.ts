import type { Loads } from './loads.ts';

/** The load on the coupling as a share of the laden trailer, 0 to 1; null where either is not known or there is no trailer. */
export function ballShare({ values: { ballLoad, trailerTotal } }: Loads): number | null {
  const known = ballLoad.kind === 'known' && trailerTotal.kind === 'known' && trailerTotal.value > 0;
  return known ? ballLoad.value / trailerTotal.value : null;
}

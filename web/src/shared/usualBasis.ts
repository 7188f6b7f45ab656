import { regionOf, type Country, type EmptyBasis } from '@wagonomos/core';

/** What brochures of a country usually mean by an empty mass. */
export function usualBasis(of: 'vehicle' | 'trailer', country: Country): EmptyBasis {
  const au = regionOf(country) === 'au';
  if (of === 'vehicle') return au ? 'kerb' : 'running-order';
  return au ? 'au-tare-trailer' : 'running-order';
}

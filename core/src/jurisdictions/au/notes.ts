import type { Note } from '../law.ts';
import { always } from '../when.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const notes: readonly Note[] = [
  { id: 'auNoTolerance', by: 'travel', when: always, source: 'auVehicleStandards', confidence: 'high' },
  {
    id: 'auHeavyBands',
    by: 'travel',
    when: { eitherAbove: 4500 },
    source: 'auHeavyLaw',
    confidence: 'medium',
    exceptStates: ['WA', 'NT'],
  },
  {
    id: 'auHeavyElsewhere',
    by: 'travel',
    when: { eitherAbove: 4500 },
    source: 'auHeavyLaw',
    confidence: 'medium',
    states: ['WA', 'NT'],
  },
  {
    id: 'auBatteryMonitor',
    by: 'travel',
    when: { towing: true, trailerAxlesAbove: 2000 },
    source: 'auTrailerBulletin',
    confidence: 'low',
    states: ['NSW'],
  },
  { id: 'auLength', by: 'travel', when: { towing: true }, source: 'auDimensions', confidence: 'high' },
  {
    id: 'auOverhang',
    by: 'travel',
    when: { towing: true, fifthWheel: false },
    source: 'auDimensions',
    confidence: 'medium',
  },
  {
    id: 'auSemiOverhang',
    by: 'travel',
    when: { towing: true, fifthWheel: true },
    source: 'auDimensions',
    confidence: 'medium',
  },
  { id: 'auTowedCar', by: 'travel', when: { builds: ['motorhome'] }, source: 'auVehicleStandards', confidence: 'low' },
  { id: 'auSchemeNsw', by: 'vehicle', when: always, source: 'auCertification', confidence: 'high', states: ['NSW'] },
  { id: 'auSchemeVic', by: 'vehicle', when: always, source: 'auCertification', confidence: 'high', states: ['VIC'] },
  { id: 'auSchemeQld', by: 'vehicle', when: always, source: 'auCertification', confidence: 'medium', states: ['QLD'] },
  {
    id: 'auSchemeOther',
    by: 'vehicle',
    when: always,
    source: 'auCertification',
    confidence: 'low',
    states: ['SA', 'WA', 'TAS', 'ACT', 'NT'],
  },
  { id: 'auInsurance', by: 'travel', when: always, source: 'auInsurance', confidence: 'medium' },
];

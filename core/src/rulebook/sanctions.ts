import type { Loads } from '../loads/loads.ts';
import { platesAlone } from '../situation/countries.ts';
import { journeyOf, type Jurisdiction } from '../situation/situation.ts';
import { comparesLoad, type Check } from '../checks/check.ts';
import { plated } from './context.ts';
import { germanHeavy, sanctionFacts, type SanctionBand, type SanctionFacts } from './sanctions.data.ts';

/** What an excess tends to cost in one place: an indication, never part of a verdict. */
export interface Sanction {
  readonly check: Check;
  readonly place: Jurisdiction;
  readonly facts: SanctionFacts;
  /** How far above the limit, 0.05 for 5 %. */
  readonly excess: number;
  /** The band it falls in; null below the first, or where no figures are known. */
  readonly band: SanctionBand | null;
  /** How many tranches have begun, where they are counted. */
  readonly times: number;
}

/** For every plated limit that is exceeded, in each place travelled through. Nothing where nothing is over. */
export function sanctions(loads: Loads, checks: readonly Check[]): readonly Sanction[] {
  const over = checks.filter(
    (check) => check.kind === 'legal' && check.status === 'over' && check.sense === 'max' && comparesLoad(check),
  );
  return journeyOf(loads.view.situation).flatMap((place) =>
    over.flatMap((check): readonly Sanction[] => {
      if (place.country === platesAlone) return [];
      const { limit, margin } = check;
      if (limit === null || margin === null || limit <= 0) return [];
      const facts = factsFor(loads, place.country);
      const excess = -margin / limit;
      const times = facts.perKg === undefined ? 1 : Math.ceil(-margin / facts.perKg);
      return [{ check, place, facts, excess, band: bandOf(facts, excess), times }];
    }),
  );
}

const bandOf = ({ bands = [] }: SanctionFacts, excess: number): SanctionBand | null =>
  bands.reduce<SanctionBand | null>((found, band) => (excess > band.above ? band : found), null);

const heavyVehicle = 7500;
const heavyTrailer = 2000;

function factsFor(loads: Loads, country: keyof typeof sanctionFacts): SanctionFacts {
  if (country !== 'DE') return sanctionFacts[country];
  const { vehicle, trailer } = loads.view;
  const car = vehicle ? plated(loads, 'vehicleMax', ['vehicle']).value : null;
  const towed = trailer ? plated(loads, 'trailerMax', ['trailer']).value : null;
  return (car ?? 0) > heavyVehicle || (towed ?? 0) > heavyTrailer ? germanHeavy : sanctionFacts.DE;
}

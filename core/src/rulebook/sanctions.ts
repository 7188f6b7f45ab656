import { breaksLaw, comparesLoad, type Check } from '../checks/check.ts';
import { asAged, holdsOn, type AsAged } from '../situation/dated.ts';
import type { SanctionBand, SanctionRow } from '../jurisdictions/law.ts';
import { lawOf } from '../jurisdictions/laws.ts';
import { bears } from '../jurisdictions/when.ts';
import type { Loads } from '../loads/loads.ts';
import { journeyOf, type Jurisdiction } from '../situation/situation.ts';

/** What an excess tends to cost in one place: an indication, never part of a verdict. */
export interface Sanction {
  readonly check: Check;
  readonly place: Jurisdiction;
  readonly facts: AsAged<SanctionRow>;
  /** How far above the limit, 0.05 for 5 %. */
  readonly excess: number;
  /** The band it falls in; null below the first, or where no figures are known. */
  readonly band: SanctionBand | null;
  /** How many tranches have begun, where they are counted. */
  readonly times: number;
  /** What comes instead of a fine, or with it, from so much on. */
  readonly beyond: NonNullable<SanctionRow['beyond']>['says'] | null;
}

/**
 * For every plated limit that is exceeded, in each place travelled through. Nothing where nothing is over, and nothing for what is
 * over by a rule that is not well known.
 */
export function sanctions(loads: Loads, checks: readonly Check[]): readonly Sanction[] {
  const over = checks.filter((check) => breaksLaw(check) && check.sense === 'max' && comparesLoad(check));
  return journeyOf(loads.view.situation).flatMap((place) =>
    over.flatMap((check): readonly Sanction[] => {
      const { limit, margin } = check;
      const facts = rowFor(loads, place, check);
      if (!facts || limit === null || margin === null || limit <= 0) return [];
      const excess = -margin / limit;
      const times = facts.perKg === undefined ? 1 : Math.ceil(-margin / facts.perKg);
      const beyond = facts.beyond && excess > facts.beyond.above ? facts.beyond.says : null;
      const aged = asAged(facts, 'money', loads.view.situation.date);
      return [{ check, place, facts: aged, excess, band: bandOf(facts, excess, -margin), times, beyond }];
    }),
  );
}

const bandOf = ({ bands = [] }: SanctionRow, excess: number, kg: number): SanctionBand | null =>
  bands.reduce<SanctionBand | null>(
    (found, band) => (excess > band.above && kg > (band.aboveKg ?? 0) ? band : found),
    null,
  );

/** The first row of the place for this kind of excess; one of masses stands for the coupling where it has none of its own. */
function rowFor(loads: Loads, { country }: Jurisdiction, { quantity }: Check): SanctionRow | undefined {
  const rows = lawOf(country).sanctions.filter((row) => holdsOn(row, loads.view.situation.date));
  const ball = quantity === 'ballLoad' ? rows.filter(({ of }) => of === 'ball') : [];
  const asked = ball.length > 0 ? ball : rows.filter(({ of }) => of === 'masses');
  return asked.find(({ when }) => bears(loads, when).answer === 'yes');
}

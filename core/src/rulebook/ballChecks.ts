import { valueOf, type Compiled, type Value } from '../loading/compile.ts';
import { message, term } from '../messages/message.ts';
import { isFifthWheel } from '../rig/body.ts';
import type { BallSchool } from '../situation/situation.ts';
import { combineRows } from '../statics/row.ts';
import type { Check } from './check.ts';
import { givenLimit, judgeLeast, judgeMost, regionFor } from './context.ts';
import { quantityTerm } from './couplingTerms.ts';
import type { RuleFacts } from './facts.ts';
import { factsIn } from './layers.ts';

/** Lowest and highest share of the laden trailer on the coupling, by school. Guidance everywhere. */
const schoolBands: Readonly<Record<BallSchool, { readonly low: number; readonly high: number }>> = {
  'au-8-12': { low: 0.08, high: 0.12 },
  'au-9-11': { low: 0.09, high: 0.11 },
  'au-8-10': { low: 0.08, high: 0.1 },
  'uk-5-7': { low: 0.05, high: 0.07 },
  'eu-4-7': { low: 0.04, high: 0.07 },
  'na-10-15': { low: 0.1, high: 0.15 },
};

/** What a fifth wheel usually has on its pin. */
const pinBand = { low: 0.15, high: 0.25 };

/** The band of the owner's school; a fifth wheel has one of its own. */
export const bandFor = (compiled: Compiled): { readonly low: number; readonly high: number } =>
  isFifthWheel(compiled.view.trailer) ? pinBand : schoolBands[compiled.view.situation.ballSchool];

/** A legal least where the rig is registered or travels, and the band of the owner's school. */
export function ballChecks(compiled: Compiled): readonly Check[] {
  if (!compiled.view.trailer) return [];
  const least = isFifthWheel(compiled.view.trailer) ? [] : leastBallCheck(compiled);
  return [...least, ...schoolChecks(compiled)];
}

/** A share of another row: B − f·(trailer total). */
function lessShare(compiled: Compiled, share: number): Value {
  const { ballLoad, trailerTotal } = compiled.values;
  if (ballLoad.kind !== 'known' || trailerTotal.kind !== 'known') return ballLoad;
  return valueOf(compiled, combineRows(ballLoad.row, -share, trailerTotal.row));
}

/**
 * B ≥ share of the actual trailer mass, but no more than a fixed mass is asked (Germany: 4 %, at most 25 kg). Either
 * bound met is enough, so the margin is the better of the two.
 */
function leastBallCheck(compiled: Compiled): readonly Check[] {
  const { situation } = compiled.view;
  const found = [situation.travel, situation.vehicle]
    .map((place) => factsIn(place)['ball.min'])
    .sort((a, b) => Number(b?.kind === 'legal') - Number(a?.kind === 'legal'))
    .find((facts): facts is RuleFacts => Boolean(facts));
  if (!found?.figures) return [];
  const { share = 0, atMostKg = Infinity } = found.figures;
  const { ballLoad, trailerTotal } = compiled.values;
  const byShare = lessShare(compiled, share);
  const byMass: Value = ballLoad.kind === 'known' ? { ...ballLoad, value: ballLoad.value - atMostKg } : ballLoad;
  const shareRules = byShare.kind !== 'known' || byMass.kind !== 'known' || byShare.value >= byMass.value;
  const limit = trailerTotal.kind === 'known' ? Math.min(share * trailerTotal.value, atMostKg) : null;
  return [
    {
      id: 'ball.min',
      rule: 'ball.min',
      region: 'eu',
      kind: found.kind,
      group: 'coupling',
      quantity: 'ballLoad',
      name: message('check.ballMin'),
      sense: 'min',
      required: false,
      source: found,
      figures: [],
      notes: [],
      ...judgeLeast(compiled, ballLoad, limit, shareRules ? byShare : byMass),
      ...otherBound(shareRules ? byMass : byShare),
    },
  ];
}

const otherBound = (other: Value): Pick<Check, 'either'> =>
  other.kind === 'known' ? { either: { margin: other.value, use: other.row } } : {};

function schoolChecks(compiled: Compiled): readonly Check[] {
  const facts = factsIn(compiled.view.situation.vehicle)['ball.share'];
  if (!facts) return [];
  const { low, high } = bandFor(compiled);
  const { ballLoad, trailerTotal } = compiled.values;
  const total = trailerTotal.kind === 'known' ? trailerTotal.value : null;
  const base = {
    rule: 'ball.share',
    region: regionFor(compiled, 'vehicle'),
    kind: facts.kind,
    group: 'coupling' as const,
    quantity: 'ballLoad' as const,
    required: false,
    source: facts,
    figures: [],
    notes: [],
  };
  const name = (key: string, share: number) =>
    message(key, {
      share: { kind: 'amount', unit: 'percent', value: share * 100, rounding: 'nearest' },
      ballLoad: term(quantityTerm(compiled.view, 'ballLoad')),
    });
  const above = lessShare(compiled, high);
  return [
    {
      ...base,
      id: 'ball.shareLow',
      name: name('check.ballShareLow', low),
      sense: 'min',
      ...judgeLeast(compiled, ballLoad, total === null ? null : low * total, lessShare(compiled, low)),
    },
    {
      ...base,
      id: 'ball.shareHigh',
      name: name('check.ballShareHigh', high),
      sense: 'max',
      ...withLimit(judgeMost(compiled, above, givenLimit(0)), ballLoad, total, high),
    },
  ];
}

/** The upper edge moves with the trailer: B − f·M ≤ 0 is judged, B and f·M are shown. */
function withLimit(judged: ReturnType<typeof judgeMost>, ballLoad: Value, total: number | null, share: number) {
  const known = ballLoad.kind === 'known';
  return { ...judged, demand: known ? ballLoad.value : null, limit: total === null ? null : share * total };
}

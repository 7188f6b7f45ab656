import type { Loads, Value } from '../loads/loads.ts';
import { message, term } from '../messages/message.ts';
import { isFifthWheel } from '../rig/body.ts';
import { journeyOf, type BallSchool } from '../situation/situation.ts';
import type { Check } from '../checks/check.ts';
import { givenLimit, judgeLeast, judgeMost } from '../checks/judgeLoad.ts';
import { judgedAs, newCheck } from '../checks/newCheck.ts';
import { factsFor } from './context.ts';
import { quantityTerm } from './couplingTerms.ts';
import { factsIn } from '../jurisdictions/inForce.ts';

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
export const bandFor = (loads: Loads): { readonly low: number; readonly high: number } =>
  isFifthWheel(loads.view.trailer) ? pinBand : schoolBands[loads.view.situation.ballSchool];

/** A legal least where the rig is registered or travels, and the band of the owner's school. */
export function ballChecks(loads: Loads): readonly Check[] {
  if (!loads.view.trailer) return [];
  const least = isFifthWheel(loads.view.trailer) ? [] : leastBallCheck(loads);
  return [...least, ...schoolChecks(loads)];
}

/** A share of the trailer: B − f·(trailer total). */
const lessShare = (loads: Loads, share: number): Value => loads.lessTimes('ballLoad', share, 'trailerTotal');

/**
 * B ≥ share of the actual trailer mass, but no more than a fixed mass is asked (Germany: 4 %, at most 25 kg). Either
 * bound met is enough, so the margin is the better of the two.
 */
function leastBallCheck(loads: Loads): readonly Check[] {
  const { situation } = loads.view;
  const found = [...journeyOf(situation), situation.vehicle]
    .map((place) => factsIn(place, situation.date)['ball.min'])
    .sort((a, b) => Number(b?.kind === 'legal') - Number(a?.kind === 'legal'))
    .find((facts) => facts !== undefined);
  if (!found?.figures) return [];
  const { share = 0, atMostKg = Infinity } = found.figures;
  const { ballLoad, trailerTotal } = loads.values;
  const byShare = lessShare(loads, share);
  const byMass: Value = ballLoad.kind === 'known' ? { ...ballLoad, value: ballLoad.value - atMostKg } : ballLoad;
  // Without the trailer's mass the fixed mass still decides where it is met: no more is ever asked.
  const enough = byMass.kind === 'known' && byMass.value >= 0;
  const shareRules = byShare.kind === 'known' ? byMass.kind !== 'known' || byShare.value >= byMass.value : !enough;
  const limit =
    trailerTotal.kind === 'known' ? Math.min(share * trailerTotal.value, atMostKg) : enough ? atMostKg : null;
  const check = newCheck(loads, {
    rule: 'ball.min',
    facts: found,
    side: 'vehicle',
    group: 'coupling',
    quantity: 'ballLoad',
    name: message('check.ballMin'),
    sense: 'min',
  });
  const judged = judgeLeast(loads, ballLoad, limit, shareRules ? byShare : byMass);
  return [judgedAs(check, judged, otherBound(shareRules ? byMass : byShare))];
}

const otherBound = (other: Value): Pick<Check, 'either'> =>
  other.kind === 'known' ? { either: { margin: other.value, use: other.row } } : {};

function schoolChecks(loads: Loads): readonly Check[] {
  const facts = factsFor(loads, 'vehicle', 'ball.share');
  if (!facts) return [];
  const { low, high } = bandFor(loads);
  const { ballLoad, trailerTotal } = loads.values;
  const total = trailerTotal.kind === 'known' ? trailerTotal.value : null;
  const name = (key: string, share: number) =>
    message(key, {
      share: { kind: 'amount', unit: 'percent', value: share * 100, rounding: 'nearest' },
      ballLoad: term(quantityTerm(loads.view, 'ballLoad')),
    });
  const check = (id: string, key: string, share: number, sense: Check['sense']) =>
    newCheck(loads, {
      rule: 'ball.share',
      id,
      facts,
      side: 'vehicle',
      group: 'coupling',
      quantity: 'ballLoad',
      name: name(key, share),
      sense,
    });
  const least = judgeLeast(loads, ballLoad, total === null ? null : low * total, lessShare(loads, low));
  const above = judgeMost(loads, lessShare(loads, high), givenLimit(0));
  return [
    judgedAs(check('ball.shareLow', 'check.ballShareLow', low, 'min'), least),
    judgedAs(check('ball.shareHigh', 'check.ballShareHigh', high, 'max'), withLimit(above, ballLoad, total, high)),
  ];
}

/** The upper edge moves with the trailer: B − f·M ≤ 0 is judged, B and f·M are shown. */
function withLimit(judged: ReturnType<typeof judgeMost>, ballLoad: Value, total: number | null, share: number) {
  const known = ballLoad.kind === 'known';
  return { ...judged, demand: known ? ballLoad.value : null, limit: total === null ? null : share * total };
}

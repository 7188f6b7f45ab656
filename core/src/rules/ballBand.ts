import type { Check } from '../checks/check.ts';
import { givenLimit, judgeLeast, judgeMost } from '../checks/judgeLoad.ts';
import { judgedAs, timesOf } from '../checks/newCheck.ts';
import type { Loads, Value } from '../loads/loads.ts';
import { message, percent, term } from '../messages/message.ts';
import { isFifthWheel } from '../rig/body.ts';
import type { BallSchool } from '../situation/situation.ts';
import { quantityName, quantityTerm } from './couplingTerms.ts';
import { defineRule } from './rule.ts';

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

/** The load on the coupling as a share of the laden trailer, between the edges of the owner's school. */
export const ballBand = defineRule({
  id: 'ball.share',
  group: 'coupling',
  role: 'band',
  by: 'vehicle',
  asks: ['trailer'],
  check({ loads, at, open }) {
    const facts = at('vehicle');
    if (!facts) return [];
    const { low, high } = bandFor(loads);
    const { ballLoad, trailerTotal } = loads.values;
    const total = trailerTotal.kind === 'known' ? trailerTotal.value : null;
    const check = (id: string, key: string, share: number, sense: Check['sense']) =>
      open(facts, { id, side: 'vehicle', quantity: 'ballLoad', name: edgeName(loads, key, share), sense });
    const least = judgeLeast(
      loads,
      ballLoad,
      total === null ? null : low * total,
      loads.lessTimes('ballLoad', low, 'trailerTotal'),
    );
    const above = judgeMost(loads, loads.lessTimes('ballLoad', high, 'trailerTotal'), givenLimit(0));
    const worked = (share: number) => timesOf(quantityName('trailerTotal'), total, share);
    return [
      judgedAs(check('ball.shareLow', 'check.ballShareLow', low, 'min'), least, worked(low)),
      judgedAs(
        check('ball.shareHigh', 'check.ballShareHigh', high, 'max'),
        withLimit(above, ballLoad, total, high),
        worked(high),
      ),
    ];
  },
});

const edgeName = (loads: Loads, key: string, share: number) =>
  message(key, {
    share: percent(share),
    ballLoad: term(quantityTerm(loads.view, 'ballLoad')),
  });

/** The upper edge moves with the trailer: B − f·M ≤ 0 is judged, B and f·M are shown. */
function withLimit(judged: ReturnType<typeof judgeMost>, ballLoad: Value, total: number | null, share: number) {
  const known = ballLoad.kind === 'known';
  return { ...judged, demand: known ? ballLoad.value : null, limit: total === null ? null : share * total };
}

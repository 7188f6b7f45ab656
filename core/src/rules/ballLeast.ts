import type { Check } from '../checks/check.ts';
import { lessBy } from '../checks/lessBy.ts';
import { judgeLeast } from '../checks/judgeLoad.ts';
import { judgedAs, timesOf } from '../checks/newCheck.ts';
import type { Value } from '../loads/loads.ts';
import { message } from '../messages/message.ts';
import { isFifthWheel } from '../rig/body.ts';
import { quantityName } from './couplingTerms.ts';
import { defineRule } from './rule.ts';

/**
 * B ≥ share of the actual trailer mass, but no more than a fixed mass is asked (Germany: 4 %, at most 25 kg). Either
 * bound met is enough, so the margin is the better of the two. Asked by the road before the papers, and by law before advice.
 */
export const ballLeast = defineRule({
  id: 'ball.min',
  group: 'coupling',
  role: 'ballLeast',
  by: 'road',
  asks: ['trailer'],
  needs: { share: 'share', atMostKg: 'kg' },
  check({ loads, onTheWay, at, open }) {
    if (isFifthWheel(loads.view.trailer)) return [];
    const home = at('vehicle');
    const [facts] = [...onTheWay(), ...(home ? [home] : [])].sort(
      (a, b) => Number(b.kind === 'legal') - Number(a.kind === 'legal'),
    );
    if (!facts) return [];
    const { share, atMostKg } = facts.figures;
    const { ballLoad, trailerTotal } = loads.values;
    const byShare = loads.lessTimes('ballLoad', share, 'trailerTotal');
    const byMass = lessBy(ballLoad, atMostKg);
    // Without the trailer's mass the fixed mass still decides where it is met: no more is ever asked.
    const enough = byMass.kind === 'known' && byMass.value >= 0;
    const shareRules = byShare.kind === 'known' ? byMass.kind !== 'known' || byShare.value >= byMass.value : !enough;
    const total = trailerTotal.kind === 'known' ? trailerTotal.value : null;
    const limit = total !== null ? Math.min(share * total, atMostKg) : enough ? atMostKg : null;
    const check = open(facts, {
      side: 'vehicle',
      quantity: 'ballLoad',
      name: message('check.ballMin'),
      sense: 'min',
    });
    const judged = judgeLeast(loads, ballLoad, limit, shareRules ? byShare : byMass);
    const cap = { name: message('step.atMost'), value: atMostKg };
    return [
      judgedAs(check, judged, {
        ...otherBound(shareRules ? byMass : byShare),
        ...timesOf(quantityName('trailerTotal'), total, share, [cap]),
      }),
    ];
  },
});

const otherBound = (other: Value): Pick<Check, 'either'> =>
  other.kind === 'known' ? { either: { margin: other.value, use: other.row } } : {};

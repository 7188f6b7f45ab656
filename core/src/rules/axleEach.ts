import type { Check } from '../checks/check.ts';
import { judgeMost } from '../checks/judgeLoad.ts';
import { judgedAs } from '../checks/newCheck.ts';
import type { Loads } from '../loads/loads.ts';
import { message } from '../messages/message.ts';
import { axleStamps, type PlatedFigure } from '../rig/plate.ts';
import type { Limit } from '../rig/plated.ts';
import { massTolerance } from '../units/rounding.ts';
import { missingOn } from './missingOn.ts';
import { defineRule } from './rule.ts';

/**
 * The heaviest axle of a group against its own stamp, where a scale told the axles apart. Whether each axle or their sum counts goes by
 * whether the group equalises: over by one axle alone is not decided until that is said. British use rules, medium confidence.
 */
export const axleEach = defineRule({
  id: 'trailer.axleEach',
  group: 'trailer',
  by: 'trailer',
  asks: ['trailer'],
  silence: 'axlesApart',
  check({ loads, at, open }) {
    const facts = at('trailer');
    const stamps = axleStamps(loads.view.trailer);
    const heaviest = heaviestAxle(loads);
    const equalises = loads.view.trailer?.geometry.equalises;
    if (!facts || !heaviest || stamps.length === 0 || equalises === 'yes') return [];
    const check = open(facts, { side: 'trailer', quantity: 'counted', name: message('check.axleEach') });
    const limit = ownStamp(stamps);
    const judged = judgedAs(check, judgeMost(loads, heaviest, limit), { figures: limit.figures });
    return [
      judged.status === 'over' && equalises !== 'no' && !isGroupOver(loads, stamps) ? byOne(loads, judged) : judged,
    ];
  },
});

function heaviestAxle({ singleAxles }: Loads) {
  const known = singleAxles.flatMap((axle) => (axle.kind === 'known' ? [axle] : []));
  return known.sort((a, b) => b.value - a.value)[0];
}

/** Which stamp is the heaviest axle's is not known: the lower ones may be. */
function ownStamp(stamps: readonly PlatedFigure[]): Limit {
  const highest = Math.max(...stamps.map(({ value }) => value));
  const own = stamps.filter(({ value }) => value === highest).slice(0, 1);
  return { value: highest, figures: own, missing: [], doubtful: stamps.filter(({ value }) => value < highest) };
}

function isGroupOver({ values: { trailerAxles } }: Loads, stamps: readonly PlatedFigure[]): boolean {
  const together = stamps.length * Math.min(...stamps.map(({ value }) => value));
  return trailerAxles.kind === 'known' && trailerAxles.value > together + massTolerance;
}

const byOne = (loads: Loads, check: Check): Check => ({
  ...check,
  status: 'unknown',
  margin: null,
  missing: [missingOn(loads, 'trailer', 'equalises')],
  notes: [message('check.note.axleByOne')],
});

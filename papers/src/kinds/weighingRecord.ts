import { byDay } from '@wagonomos/core/weighing';
import type { PaperAsk } from '../ask.ts';
import { sheetOf, soft, titled } from '../parts/blocks.ts';
import { slipLines } from '../parts/slip.ts';
import type { Paper } from '../print/paper.ts';

/** Every slip of the rig, the latest first. */
export function weighingRecord(ask: PaperAsk): Paper {
  const { t, unit } = ask.words;
  const slips = [...byDay(ask.tickets)].reverse();
  return sheetOf(
    ask,
    'weighing',
    [
      titled(ask, t('paper.kind.weighing.title'), [
        t('paper.weighing.intro', { count: slips.length }),
        t('app.card.unit', { unit }),
      ]),
      ...(slips.length === 0 ? [soft(t('paper.weighing.none'))] : slips.flatMap((one) => slipLines(ask, one))),
    ],
    { cautions: [t('paper.caution.weighing')] },
  );
}

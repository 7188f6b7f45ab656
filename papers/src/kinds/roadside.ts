import { informationFor, journeyOf, roadsideChecks, rulesAge, worstFirst, type Check } from '@wagonomos/core';
import type { Content, TableCell } from 'pdfmake/interfaces';
import type { PaperAsk } from '../ask.ts';
import {
  drawnLine,
  figure,
  heading,
  margin,
  sheetOf,
  soft,
  table,
  titled,
  verdict,
  placeName,
  registeredLines,
} from '../parts/blocks.ts';
import { limitSourceText } from '../parts/limitSourceText.ts';
import { rigSvg } from '../parts/rigSvg.ts';
import type { Paper } from '../print/paper.ts';
import { demandText, limitText } from '../words/margin.ts';
import type { PaperWords } from '../words/paperWords.ts';

/** For whoever stops one: every mass with its limit and what is left, in the words of the place travelled in. */
export function roadsidePage(ask: PaperAsk): Paper {
  const { abroad: words, view, based } = ask;
  const { t } = words;
  const { checks } = based.assessment;
  const { situation } = view;
  const registered = [
    ...registeredLines(ask, words),
    t('paper.roadside.travel', {
      places: journeyOf(situation)
        .map((one) => placeName(t, one))
        .join(', '),
    }),
  ];
  const age = rulesAge(checks);
  return sheetOf(
    ask,
    'roadside',
    [
      titled(ask, t('paper.kind.roadside.title'), [...registered, drawnLine(ask, words)]),
      verdict(ask, words),
      { svg: rigSvg({ ...ask, words }, 511), margin: [0, 2, 0, 2] },
      heading(t('paper.roadside.masses')),
      table(
        [
          { head: t('app.card.what'), width: '*' },
          { head: t('app.card.now'), width: 'auto', right: true },
          { head: t('app.card.limit'), width: 'auto', right: true },
          { head: t('app.card.left'), width: 'auto', right: true },
        ],
        roadsideChecks(checks).map((check) => roadsideRow(words, check)),
      ),
      heading(t('paper.roadside.licence')),
      ...drivers(words, checks),
      {
        columns: [
          {
            width: '*',
            stack: [
              heading(t('paper.roadside.papers')),
              { ul: papersAtHand(ask).map((one) => t(`paper.roadside.hand.${one}`)), type: 'square' },
              soft(t('paper.roadside.handCaution')),
            ],
          },
          { width: '*', stack: [...toKnow(ask, words)] },
        ],
        columnGap: 14,
      },
      soft(t('paper.roadside.compiled', { day: words.day(age.compiled) })),
    ],
    { words, cautions: [t('paper.caution.roadside')] },
  );
}

function roadsideRow(words: PaperWords, check: Check): TableCell[] {
  const { t, unit } = words;
  return [
    { stack: [words.say(check.name), soft(limitSourceText(words, check))] },
    figure(demandText(t, check, unit)),
    figure(limitText(t, check, unit)),
    margin(words, check),
  ];
}

function drivers(words: PaperWords, checks: readonly Check[]): readonly Content[] {
  const asked = checks.filter(({ role, status }) => role === 'driver' && status !== 'notApplicable');
  if (asked.length === 0) return [soft(words.t('paper.roadside.noDriver'))];
  return [
    table(
      [
        { head: '', width: '*' },
        { head: '', width: 'auto', right: true },
      ],
      asked.map((check) => [words.say(check.name), margin(words, check)]),
    ),
  ];
}

/** All of it is one page: what can hurt somebody and what is fined first. */
const mostOnPaper = 4;

/** What a well-read person would mention of the places on the way, the worst first. */
function toKnow({ based }: PaperAsk, { t }: PaperWords): readonly Content[] {
  const known = worstFirst(informationFor(based.assessment.loads)).filter(({ bears }) => bears === 'yes');
  if (known.length === 0) return [];
  const lines = known
    .slice(0, mostOnPaper)
    .map(({ facts }) =>
      facts.confidence === 'low' ? t('app.notes.perhaps', { text: t(`info.${facts.id}`) }) : t(`info.${facts.id}`),
    );
  return [heading(t('app.notes.title')), { ul: lines, type: 'square', fontSize: 8 }];
}

function papersAtHand({ view, tickets, cases }: PaperAsk): readonly string[] {
  const changed = [view.vehicle, view.trailer].some((body) =>
    body?.plates.some(({ source }) => source === 'certificate'),
  );
  return [
    ...(view.vehicle ? ['licence', 'vehicle'] : []),
    ...(view.trailer ? ['trailer'] : []),
    'insurance',
    ...(changed || cases.some(({ applied }) => applied !== undefined) ? ['certificate'] : []),
    ...(view.trailer && view.trailer.hundredPlate === 'present' ? ['hundred'] : []),
    ...(tickets.length > 0 ? ['slip'] : []),
  ];
}

import { checkGroups, explain, type Check } from '@wagonomos/core';
import { chains } from '@wagonomos/core/limits';
import { byDay } from '@wagonomos/core/weighing';
import type { Content, TableCell } from 'pdfmake/interfaces';
import type { PaperAsk } from '../ask.ts';
import {
  drawnLine,
  figure,
  heading,
  margin,
  registeredLines,
  sheetOf,
  soft,
  subheading,
  table,
  titled,
  verdict,
} from '../parts/blocks.ts';
import { bodiesOf, fittedLines, gearLines, lengthLines, plateLines, seenLines } from '../parts/bodyFacts.ts';
import { figuresRead } from '../parts/figuresRead.ts';
import { limitSourceText } from '../parts/limitSourceText.ts';
import { rigSvg } from '../parts/rigSvg.ts';
import { slipLines } from '../parts/slip.ts';
import type { Paper } from '../print/paper.ts';
import { operandText, writtenOperand } from '../words/arithmetic.ts';
import { demandText, limitText } from '../words/margin.ts';

/** All of a rig, for a buyer, an insurer or oneself. */
export function dossier(ask: PaperAsk): Paper {
  const { words, view } = ask;
  const { t } = words;
  return sheetOf(
    ask,
    'dossier',
    [
      titled(ask, t('paper.kind.dossier.title'), [...registeredLines(ask, words), drawnLine(ask)]),
      verdict(ask, words),
      { svg: rigSvg(ask, 511), margin: [0, 2, 0, 2] },
      ...verdictTable(ask),
      ...bodiesOf(view).flatMap((body) => [
        heading(body.name),
        ...(body.note === undefined ? [] : [soft(body.note)]),
        ...plateLines(ask, body, true),
        ...lengthLines(ask, body),
        ...gearLines(ask, body),
        ...fittedLines(ask, body),
        ...seenLines(ask, body),
      ]),
      ...chainLines(ask),
      ...readLines(ask),
      ...(ask.tickets.length > 0
        ? [heading(t('paper.dossier.slips')), ...byDay(ask.tickets).flatMap((one) => slipLines(ask, one))]
        : []),
      ...arithmetic(ask),
    ],
    { cautions: [t('paper.caution.roadside')] },
  );
}

const applies = ({ status }: Check): boolean => status !== 'notApplicable';

function verdictTable({ words, based }: PaperAsk): readonly Content[] {
  const { t, unit } = words;
  const checks = based.assessment.checks.filter(applies);
  return checkGroups.flatMap((group) => {
    const some = checks.filter((check) => check.group === group);
    if (some.length === 0) return [];
    return [
      table(
        [
          { head: t(`app.group.${group}`), width: '*' },
          { head: t('app.card.now'), width: 'auto', right: true },
          { head: t('app.card.limit'), width: 'auto', right: true },
          { head: t('app.card.left'), width: 'auto', right: true },
        ],
        some.map((check): TableCell[] => {
          const counted = check.unit === undefined ? '' : ` ${t(`app.verdict.unit.${check.unit}`)}`;
          return [
            {
              stack: [
                words.say(check.name),
                soft(
                  t('paper.dossier.source', {
                    from: limitSourceText(words, check),
                    kind: t(`app.kind.${check.kind}`),
                    sure: t(`app.confidence.${check.source.confidence}`),
                  }),
                ),
              ],
            },
            figure(check.demand === null ? '–' : `${demandText(t, check, unit)}${counted}`),
            figure(check.limit === null ? '–' : `${limitText(t, check, unit)}${counted}`),
            margin(words, check),
          ];
        }),
      ),
    ];
  });
}

/** Each path between load and road, its parts the weakest first. */
function chainLines({ words, based }: PaperAsk): readonly Content[] {
  const { t, say, mass } = words;
  const all = chains(based.assessment.loads);
  if (all.length === 0) return [];
  return [
    heading(t('paper.dossier.chains')),
    ...all.flatMap(({ name, parts, load }): Content[] => [
      subheading(
        load === null
          ? t(`app.chain.name.${name}`)
          : t('paper.dossier.chainLoad', { chain: t(`app.chain.name.${name}`), load: mass(load, 'load') }),
      ),
      table(
        [
          { head: '', width: '*' },
          { head: '', width: 'auto', right: true },
        ],
        parts.map(({ name: part, how, rating, unconfirmed }): TableCell[] => [
          {
            stack: [
              say(part),
              ...(how ? [soft(say(how))] : []),
              ...(unconfirmed ? [soft(t('paper.dossier.unconfirmed'))] : []),
            ],
          },
          figure(mass(rating, 'margin')),
        ]),
      ),
    ]),
  ];
}

function readLines({ words, view }: PaperAsk): readonly Content[] {
  const { t, day } = words;
  return [
    heading(t('app.papers.figures')),
    table(
      [
        { head: t('app.papers.column.body'), width: 'auto' },
        { head: t('app.papers.column.figure'), width: '*' },
        { head: t('app.papers.column.typed'), width: 'auto', right: true },
        { head: t('app.papers.column.source'), width: 110 },
        { head: t('app.papers.column.date'), width: 'auto' },
      ],
      figuresRead(words, view).map((row): TableCell[] => [
        row.body,
        row.figure,
        figure(row.typed),
        { text: row.source, style: 'soft' },
        { text: row.day === undefined ? t('app.papers.noDate') : day(row.day), style: 'soft' },
      ]),
    ),
  ];
}

/** How each number that was compared came about, so that a person can redo it by hand. In kg and m. */
function arithmetic({ words, based }: PaperAsk): readonly Content[] {
  const { t, say } = words;
  const checks = based.assessment.checks.filter(
    (check) => applies(check) && check.demand !== null && check.kind !== 'permit',
  );
  return [
    heading(t('paper.dossier.arithmetic')),
    soft(t('paper.dossier.arithmeticUnit')),
    ...checks.flatMap((check): Content[] => {
      const steps = explain(based.assessment, check.id)?.steps ?? [];
      if (steps.length === 0) return [];
      return [
        subheading(say(check.name)),
        ...steps.map((step): Content => ({
          margin: [0, 0, 0, 3],
          text: [
            `${say(step.result.name)} (${t(`app.arithmetic.op.${step.op}`)}): `,
            ...step.operands.map((operand, at) => {
              const { sign, figure: number, lever } = writtenOperand(t, step, operand, at);
              return `${sign} ${number}${lever === '' ? '' : ` ${lever}`} (${say(operand.name)}) `;
            }),
            { text: `= ${operandText(t, step.result)}`, bold: true },
          ],
          fontSize: 8.2,
        })),
      ];
    }),
  ];
}

import { regionOf, type Body } from '@wagonomos/core';
import { caseProgress, type UprateCase } from '@wagonomos/core/uprating';
import { byDay } from '@wagonomos/core/weighing';
import type { Content, TableCell } from 'pdfmake/interfaces';
import type { PaperAsk } from '../ask.ts';
import { drawnLine, figure, heading, sheetOf, soft, subheading, table, titled } from '../parts/blocks.ts';
import { bodiesOf, fittedLines, gearLines, lengthLines, plateLines } from '../parts/bodyFacts.ts';
import { slipLines } from '../parts/slip.ts';
import type { Paper } from '../print/paper.ts';

/**
 * A letter to whoever may change a limit: the figures they ask for, what is wanted, the parts, and what was weighed.
 * @param one the case it is about; undefined: a first question, without packages
 */
export function request(ask: PaperAsk, one: UprateCase | undefined): Paper {
  const { words, view } = ask;
  const { t } = words;
  const region = regionOf((view.vehicle ? view.situation.vehicle : view.situation.trailer).country);
  const of = one ? bodiesOf(view).filter((body) => one.packages.some((pack) => pack.of === body.kind)) : bodiesOf(view);
  const latest = byDay(ask.tickets).at(-1);
  return sheetOf(
    ask,
    'request',
    [
      titled(ask, t('paper.kind.request.title'), [t(`paper.request.to.${region}`), words.day(ask.today)]),
      { text: t('paper.request.opening'), margin: [0, 0, 0, 4] },
      blanks(t('paper.request.from')),
      ...of.map((body) => blanks(t('paper.request.identity', { body: body.name }))),
      ...wanted(ask, one),
      heading(t('paper.request.questions')),
      { ol: questions(region).map((key) => t(`paper.request.question.${key}`)) },
      ...of.flatMap((body) => bodyLines(ask, body)),
      ...(latest
        ? [heading(t('paper.request.weighed')), ...slipLines(ask, latest)]
        : [soft(t('paper.request.notWeighed'))]),
      soft(drawnLine(ask)),
    ],
    { cautions: [t('paper.caution.request')] },
  );
}

/** A line to be written on by hand. */
const blanks = (label: string): Content => ({
  columns: [
    { width: 'auto', text: label },
    {
      width: '*',
      stack: [
        {
          svg: '<svg xmlns="http://www.w3.org/2000/svg" width="300" height="14" viewBox="0 0 300 14"><path d="M0 12H300" stroke="#6c757c" stroke-width="0.6"/></svg>',
        },
      ],
    },
  ],
  columnGap: 8,
  margin: [0, 3, 0, 3],
});

/** What is asked for: each figure as it stands and as it would be, and what is to be done for it. */
function wanted(ask: PaperAsk, one: UprateCase | undefined): readonly Content[] {
  const { t } = ask.words;
  if (!one)
    return [
      heading(t('paper.request.wanted')),
      soft(t('paper.request.wantedOpen')),
      blanks(t('paper.request.wantedLine')),
    ];
  return [
    heading(t('paper.request.wanted')),
    figureTable(ask, one),
    subheading(t('paper.request.how')),
    {
      ul: one.packages.map(({ name, kind }) =>
        t('paper.request.package', { name, kind: t(`app.uprate.kind.${kind}`) }),
      ),
    },
  ];
}

function figureTable(ask: PaperAsk, one: UprateCase): Content {
  const { t, limit, figure: written } = ask.words;
  const amount = (value: number | null, of: Parameters<typeof written>[1]) =>
    value === null ? '–' : written(value, of);
  const { figures } = caseProgress(ask.view, one, ask.today);
  const read = figures.some((each) => each.read !== null);
  return table(
    [
      { head: t('paper.case.limit'), width: '*' },
      { head: t('paper.case.now'), width: 'auto', right: true },
      { head: t('paper.case.wanted'), width: 'auto', right: true },
      ...(read ? [{ head: t('paper.case.read'), width: 'auto', right: true }] : []),
    ],
    figures.map((each): TableCell[] => [
      {
        stack: [
          limit(each.limit),
          soft([ask.view[each.of]?.name ?? '', ...(each.part ? [t(`plateSource.${each.part}`)] : [])].join(' · ')),
        ],
      },
      figure(amount(each.now, each.limit)),
      figure(amount(each.expected, each.limit)),
      ...(read ? [figure(amount(each.read, each.limit))] : []),
    ]),
  );
}

const common = ['allowed', 'parts', 'inspection', 'cost', 'afterwards'] as const;
const questions = (region: string): readonly string[] =>
  region === 'au'
    ? ['stage', ...common]
    : region === 'uk'
      ? ['plate', ...common]
      : region === 'eu'
        ? ['approval', ...common]
        : common;

const bodyLines = (ask: PaperAsk, body: Body): readonly Content[] => [
  heading(body.name),
  ...plateLines(ask, body, true),
  ...lengthLines(ask, body),
  ...gearLines(ask, body),
  ...fittedLines(ask, body),
  ...(body.note === undefined ? [] : [soft(body.note)]),
];

/** A case as it stands: its figures, each step with who, when and what it cost, its papers and pictures. */
export function caseFile(ask: PaperAsk, one: UprateCase): Paper {
  const { t, day } = ask.words;
  const progress = caseProgress(ask.view, one, ask.today);
  const steps = progress.items.map(({ of, step, state, kept, role }): TableCell[] => {
    const facts = [
      kept?.done === undefined ? '' : t('app.case.doneOn', { day: day(kept.done) }),
      kept?.done === undefined && kept?.due !== undefined ? t('app.case.dueOn', { day: day(kept.due) }) : '',
      kept?.who ?? '',
      kept?.note ?? '',
      ...(kept?.files ?? []).map(({ name }) => name),
    ].filter((text) => text !== '');
    return [
      t(`paper.case.state.${state}`),
      { stack: [t(`caseStep.${step}`), ...(facts.length > 0 ? [soft(facts.join(' · '))] : [])] },
      { text: `${ask.view[of]?.name ?? ''} · ${t(`caseRole.${role}`)}`, style: 'soft' },
    ];
  });
  const shown = one.steps.flatMap(({ files = [] }) =>
    files.flatMap(({ kind, hash }) => (kind === 'picture' && ask.pictures.has(hash) ? [hash] : [])),
  );
  return sheetOf(
    ask,
    'case',
    [
      titled(ask, t('paper.kind.case.title'), [
        one.name,
        t('app.case.begun', { day: day(one.begun), packages: one.packages.map(({ name }) => name).join(', ') }),
        one.applied === undefined ? t('app.case.rule') : t('paper.case.applied', { day: day(one.applied) }),
      ]),
      heading(t('paper.case.figures')),
      figureTable(ask, one),
      heading(t('paper.case.steps')),
      table(
        [
          { head: '', width: 'auto' },
          { head: '', width: '*' },
          { head: '', width: 130 },
        ],
        steps,
      ),
      ...shown.map((image): Content => ({ image, fit: [500, 330], margin: [0, 6, 0, 0] })),
    ],
    { cautions: [t('paper.caution.request')] },
  );
}

import { placedBodies, placedMass, type Assessment, type RigView } from '@wagonomos/core';
import { readingMessage, sigmaOn, type Ticket } from '@wagonomos/core/weighing';
import Papa from 'papaparse';
import { limitSourceText } from '../parts/limitSourceText.ts';
import { limitText, marginText } from '../words/margin.ts';
import type { PaperWords } from '../words/paperWords.ts';
import { checkAmount } from '../words/written.ts';
import type { TableKind } from './tableKinds.ts';

interface TableAsk {
  readonly view: RigView;
  readonly assessment: Assessment;
  readonly tickets: readonly Ticket[];
  readonly words: PaperWords;
}

/**
 * A list as comma-separated text with heads, for any spreadsheet: with a mark of its encoding, quoted where it must be, and no
 * cell of which a spreadsheet would make a formula. Numbers are plain: no thousands set apart, a point before decimals.
 */
export function tableText(kind: TableKind, ask: TableAsk): string {
  const rows = { inventory, slips, verdict }[kind](ask);
  return `\uFEFF${Papa.unparse([...rows.map((row) => [...row])], { escapeFormulae: true, newline: '\r\n' })}\r\n`;
}

type Cell = string | number;
type Rows = readonly (readonly Cell[])[];

/** Thousands set apart are text to a spreadsheet, and so is a minus of print. */
const plain = (text: string): Cell => {
  const number = Number(text.replaceAll(',', '').replace('−', '-'));
  return text.trim() === '' || Number.isNaN(number) ? text : number;
};

function inventory({ view, words }: TableAsk): Rows {
  const { t, unit } = words;
  const heads = ['thing', 'count', 'each', 'all', 'plusMinus', 'body', 'place', 'wet', 'weighedOn'];
  const aboard = view.loadout.placements.flatMap((one): Cell[][] => {
    const thing = view.things.get(one.thing);
    const body = placedBodies(view).find(({ body: { id } }) => id === one.body)?.body;
    if (!thing) return [];
    return [
      [
        thing.name,
        one.count,
        plain(words.bare(placedMass(thing, { ...one, count: 1 }))),
        plain(words.bare(placedMass(thing, one))),
        thing.plusMinus === undefined ? '' : plain(words.bare(thing.plusMinus)),
        body?.name ?? '',
        body?.places.find(({ id }) => id === one.place)?.name ?? '',
        one.wet ? t('paper.table.yes') : '',
        thing.weighedOn ?? '',
      ],
    ];
  });
  const here = new Set(view.loadout.placements.map(({ thing }) => thing));
  const atHome = [...view.things.values()]
    .filter(({ id }) => !here.has(id))
    .map(({ name, mass, plusMinus, weighedOn }): Cell[] => [
      name,
      '',
      plain(words.bare(mass)),
      '',
      plusMinus === undefined ? '' : plain(words.bare(plusMinus)),
      '',
      t('app.load.atHome'),
      '',
      weighedOn ?? '',
    ]);
  return [heads.map((one) => t(`paper.table.head.${one}`, { unit })), ...aboard, ...atHome];
}

function slips({ tickets, words }: TableAsk): Rows {
  const { t, unit, say, bare } = words;
  const heads = ['slip', 'day', 'time', 'where', 'scale', 'stood', 'shown', 'doubt', 'step'];
  return [
    heads.map((one) => t(`paper.table.head.${one}`, { unit })),
    ...tickets.flatMap((ticket) =>
      ticket.readings.map((reading): Cell[] => [
        ticket.name,
        ticket.date ?? '',
        ticket.time ?? '',
        ticket.place ?? '',
        reading.scale ?? ticket.scale ?? '',
        say(readingMessage(reading)),
        plain(bare(reading.value)),
        plain(bare(2 * sigmaOn(ticket, reading), 'load')),
        plain(bare(reading.graduation ?? ticket.graduation)),
      ]),
    ),
  ];
}

function verdict({ assessment, words }: TableAsk): Rows {
  const { t, unit, say } = words;
  const heads = ['check', 'group', 'state', 'load', 'doubt', 'limit', 'margin', 'unit', 'says', 'kind', 'from', 'sure'];
  return [
    heads.map((one) => t(`paper.table.head.${one}`, { unit })),
    ...assessment.checks
      .filter(({ status }) => status !== 'notApplicable')
      .map((check): Cell[] => [
        say(check.name),
        t(`app.group.${check.group}`),
        t(`app.status.${check.status}`),
        check.demand === null ? '' : plain(checkAmount(check, check.demand, unit, 'load')),
        check.sigma ? plain(checkAmount(check, 2 * check.sigma, unit, 'load')) : '',
        check.limit === null ? '' : plain(limitText(t, check, unit)),
        check.margin === null ? '' : plain(checkAmount(check, check.margin, unit, 'margin')),
        check.unit === undefined ? unit : t(`app.verdict.unit.${check.unit}`),
        marginText(t, check, unit),
        t(`app.kind.${check.kind}`),
        limitSourceText(words, check),
        check.source.confidence,
      ]),
  ];
}

import type { Content, ContentTable, TableCell } from 'pdfmake/interfaces';
import type { Check, CheckStatus, Jurisdiction } from '@wagonomos/core';
import type { PaperAsk } from '../ask.ts';
import type { Paper } from '../print/paper.ts';
import { marginText, type Translate } from '../words/margin.ts';
import type { PaperWords } from '../words/paperWords.ts';
import { drawnFrom } from '../words/drawnFrom.ts';

export const heading = (text: string): Content => ({ text, style: 'heading' });
export const subheading = (text: string): Content => ({ text, style: 'subheading' });
export const soft = (text: string): Content => ({ text, style: 'soft' });

/** A column of a table: its head, its width, and on which side its cells stand. */
export interface Column {
  readonly head: string;
  readonly width: string | number;
  readonly right?: boolean;
}

/** Rows under heads; a row is not cut in two, and the heads stand again on every sheet. Nothing at all where there is no row. */
export function table(columns: readonly Column[], rows: readonly (readonly TableCell[])[]): Content {
  if (rows.length === 0) return [];
  const headed = columns.some(({ head }) => head !== '');
  const cell = (one: TableCell, at: number): TableCell => {
    if (!columns[at]?.right) return one;
    return typeof one === 'object' && !Array.isArray(one)
      ? ({ alignment: 'right', ...one } as TableCell)
      : { text: one as string, alignment: 'right' };
  };
  const made: ContentTable = {
    layout: 'ruled',
    margin: [0, 2, 0, 4],
    table: {
      headerRows: headed ? 1 : 0,
      dontBreakRows: true,
      widths: columns.map(({ width }) => width),
      body: [
        ...(headed ? [columns.map(({ head }, at) => cell({ text: head, style: 'columnHead' }, at))] : []),
        ...rows.map((row) => row.map(cell)),
      ],
    },
  };
  return made;
}

/** A number that is looked for: in the letters of road signs. */
export const figure = (text: string): TableCell => ({ text, style: 'figure', noWrap: true });

const styles: Readonly<Record<CheckStatus, string>> = {
  over: 'over',
  tight: 'tight',
  within: 'within',
  unknown: 'open',
  notApplicable: 'open',
};

/** What is left under a limit, or missing to a least. */
export const margin = ({ t, unit }: PaperWords, check: Check): TableCell => ({
  text: marginText(t, check, unit),
  noWrap: true,
  style: check.status === 'over' && check.kind === 'guidance' ? 'tight' : styles[check.status],
});

/** What it says at the top: the title, the rig, and what its masses are drawn from. */
export function titled(ask: PaperAsk, title: string, says: readonly string[]): Content {
  return {
    layout: 'boxed',
    margin: [0, 0, 0, 8],
    table: {
      widths: ['*'],
      body: [
        [
          {
            stack: [
              {
                columns: [
                  { width: '*', text: title, style: 'title' },
                  {
                    width: 'auto',
                    text: ask.view.rig.name,
                    style: 'subject',
                    alignment: 'right',
                    margin: [0, 5, 0, 0],
                  },
                ],
                columnGap: 12,
              },
              ...says.filter((line) => line !== '').map(soft),
            ],
          },
        ],
      ],
    },
  };
}

/** Where the masses are from, and in which unit. */
export function drawnLine({ view, based, planAsked, platesUntil, words }: PaperAsk, by = words): string {
  const from = drawnFrom(by.t, based, view.loadout.name, planAsked, by.mass);
  const against = platesUntil === null ? [] : [by.t('app.era.says', { day: by.day(platesUntil) })];
  return [from, ...against, by.t('app.card.unit', { unit: by.unit })].join(' ');
}

/** Whose body is registered where, in the words of whoever reads it. */
export function registeredLines({ view }: PaperAsk, { t }: PaperWords): readonly string[] {
  const { vehicle, trailer, situation } = view;
  return [
    ...(vehicle ? [t('paper.registered', { name: vehicle.name, place: placeName(t, situation.vehicle) })] : []),
    ...(trailer ? [t('paper.registered', { name: trailer.name, place: placeName(t, situation.trailer) })] : []),
  ];
}

/** A country, and in Australia the state. */
export const placeName = (t: Translate, { country, state }: Jurisdiction): string =>
  state === undefined ? t(`country.${country}`) : `${t(`country.${country}`)} (${t(`state.${state}`)})`;

/** The verdict of today with its stamp. */
export const verdict = ({ based: { assessment } }: PaperAsk, { t, say }: PaperWords): Content => ({
  text: [{ text: `${stampOf(t(`app.mark.${assessment.mark}`))}: `, bold: true }, say(assessment.sentence)],
  margin: [0, 0, 0, 4],
});
/** On paper a stamp has its word alone. */
const stampOf = (text: string): string => text.replace(/^\S+ /u, '');

/** The picture of a hash, where it is at hand; else that it is kept elsewhere. */
export function pictures(ask: PaperAsk, hashes: readonly string[]): Content {
  const here = hashes.filter((hash) => ask.pictures.has(hash));
  const gone = hashes.length - here.length;
  const rows = Array.from({ length: Math.ceil(here.length / 2) }, (_, at) => here.slice(2 * at, 2 * at + 2));
  return [
    ...rows.map((row): Content => ({
      columns: row.map((image) => ({ image, fit: [250, 190] as [number, number] })),
      columnGap: 10,
      margin: [0, 4, 0, 4],
      unbreakable: true,
    })),
    ...(gone > 0 ? [soft(ask.words.t('paper.pictureElsewhere', { count: gone }))] : []),
  ];
}

/** A paper with what stands on each of its sheets. */
export function sheetOf(
  ask: PaperAsk,
  kind: string,
  content: readonly Content[],
  options: { half?: boolean; shorter?: readonly Content[]; words?: PaperWords; cautions?: readonly string[] } = {},
): Paper {
  const { half = false, shorter = null, words = ask.words, cautions = [] } = options;
  const { t, day } = words;
  const title = t(`paper.kind.${kind}.title`);
  return {
    title: `${title}: ${ask.view.rig.name}`,
    fileName: `${title} ${ask.view.rig.name} ${ask.today}`,
    size: ask.size,
    half,
    shorter,
    head: t('paper.head', { title, rig: ask.view.rig.name, day: day(ask.today) }),
    foot: [t('paper.caution.always'), ...cautions],
    lacking: t('paper.lacking'),
    pageOf: t('paper.pageOf', { page: '{page}', pages: '{pages}' }),
    content,
    made: ask.today,
  };
}

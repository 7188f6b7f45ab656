import type { Content, CustomTableLayout, PageSize, TDocumentDefinitions } from 'pdfmake/interfaces';
import { lacksSigns, runsOf } from './faces.ts';
import type { Paper, SheetSize } from './paper.ts';

/** The inks of paper: those of the screen by day. */
export const inks = {
  ink: '#1f2d38',
  soft: '#56616b',
  line: '#b9ae96',
  in: '#2a654b',
  tight: '#8a580c',
  over: '#b23420',
  slate: '#6c757c',
  road: '#3a4148',
  water: '#8fb4c9',
  cargo: '#cdc2a8',
  pane: '#dbe6ea',
  sheet: '#ffffff',
} as const;

/** Half of a sheet, points: cut across the middle. */
const halves: Readonly<Record<SheetSize, PageSize>> = { A4: 'A5', LETTER: { width: 396, height: 612 } };
const margins = { whole: [42, 46, 42, 58], half: [28, 34, 28, 58] } as const;

/** How the tables of a paper are ruled. @param scale of its letters */
export const tableLayouts = (scale: number): Record<string, CustomTableLayout> => ({
  ruled: {
    hLineWidth: (at, node) => (at === 0 || at === node.table.body.length ? 0 : at === node.table.headerRows ? 1 : 0.4),
    vLineWidth: () => 0,
    hLineColor: (at, node) => (at === node.table.headerRows ? inks.ink : inks.line),
    paddingLeft: (at) => (at === 0 ? 0 : 6),
    paddingRight: () => 2,
    paddingTop: () => 2 * scale ** 2,
    paddingBottom: () => 2 * scale ** 2,
  },
  boxed: {
    hLineWidth: () => 1.2,
    vLineWidth: () => 1.2,
    hLineColor: () => inks.ink,
    vLineColor: () => inks.ink,
    paddingLeft: () => 8,
    paddingRight: () => 8,
    paddingTop: () => 5,
    paddingBottom: () => 6,
  },
});

/**
 * A paper as the printer takes it.
 * @param scale of its letters, 1 as it is meant
 */
export function definitionOf(paper: Paper, scale = 1): TDocumentDefinitions {
  const size = (points: number) => Math.round(points * scale * 10) / 10;
  const [left, top, right, bottom] = paper.half ? margins.half : margins.whole;
  const foot = lacks([paper.content, paper.head, paper.foot]) ? [paper.lacking, ...paper.foot] : paper.foot;
  const small = (text: string): Content => ({ text: inFonts(text), fontSize: 7, color: inks.soft });
  return {
    pageSize: paper.half ? halves[paper.size] : paper.size,
    pageMargins: [left, top, right, bottom],
    info: {
      title: paper.title,
      creator: 'Wagonomos',
      producer: 'Wagonomos',
      creationDate: new Date(`${paper.made}T12:00:00Z`),
    },
    content: withFonts([...paper.content]) as Content[],
    header: () => ({ margin: [left, top - 22, right, 0], columns: [small(paper.head)] }),
    footer: (page, pages) => ({
      margin: [left, 8, right, 0],
      columns: [
        { width: '*', stack: foot.map(small) },
        {
          width: 64,
          alignment: 'right',
          text: paper.pageOf.replace('{page}', String(page)).replace('{pages}', String(pages)),
          noWrap: true,
          fontSize: 8,
          color: inks.ink,
        },
      ],
    }),
    defaultStyle: { font: 'Barlow', fontSize: size(9.5), color: inks.ink, lineHeight: 1.08 },
    styles: {
      title: { font: 'Figures', fontSize: size(22), lineHeight: 1, margin: [0, 0, 0, 2] },
      subject: { font: 'Figures', fontSize: size(14) },
      heading: { font: 'Figures', fontSize: size(13), margin: [0, size(9), 0, size(3)] },
      subheading: { bold: true, margin: [0, size(5), 0, size(1)] },
      figure: { font: 'Figures', fontSize: size(11.5) },
      columnHead: { font: 'Figures', fontSize: size(9.5), color: inks.soft },
      soft: { color: inks.soft, fontSize: size(8.2) },
      over: { color: inks.over, font: 'Figures', fontSize: size(11.5) },
      tight: { color: inks.tight, font: 'Figures', fontSize: size(11.5) },
      within: { color: inks.in, font: 'Figures', fontSize: size(11.5) },
      open: { color: inks.soft, font: 'Figures', fontSize: size(11.5) },
    },
  };
}

const inFonts = (text: string) => runsOf(text).map((run) => ({ ...run }));

/** Every text of a content in runs of the fonts that have its letters. */
function withFonts(node: unknown): unknown {
  if (Array.isArray(node)) return node.map(withFonts);
  if (typeof node === 'string') return { text: inFonts(node) };
  if (typeof node !== 'object' || node === null) return node;
  const entries = Object.entries(node).map(([key, value]): [string, unknown] => {
    if (key === 'text' && typeof value === 'string') return [key, inFonts(value)];
    return [key, holders.has(key) ? withFonts(value) : value];
  });
  return Object.fromEntries(entries);
}

/** Whether any text of a content has signs that no font has. */
function lacks(node: unknown): boolean {
  if (Array.isArray(node)) return node.some(lacks);
  if (typeof node === 'string') return lacksSigns(node);
  if (typeof node !== 'object' || node === null) return false;
  return Object.entries(node).some(([key, value]) => holders.has(key) && lacks(value));
}

/** Where a content holds other contents; all else in it is its own settings. */
const holders = new Set(['text', 'stack', 'columns', 'ul', 'ol', 'table', 'body']);

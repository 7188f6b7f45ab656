import { boundPassed, textBounds } from '../rig/fields.ts';
import { parseQuantity } from '../units/parseQuantity.ts';
import { slippedPoint } from '../units/slippedPoint.ts';
import type { NumberOptions } from '../units/tokens.ts';
import type { RawTable } from './thingTable.ts';

/** What a table of trailers or of vehicles may say of each, in the order in which it is asked for. */
export const offerColumns = {
  trailer: ['name', 'plate', 'axles', 'coupling', 'empty', 'emptyBall', 'battery', 'gas', 'options', 'price'],
  vehicle: ['name', 'plate', 'combination', 'towing', 'ball', 'cargo', 'empty', 'options', 'price'],
} as const;
export type OfferColumn = (typeof offerColumns)['trailer' | 'vehicle'][number];

/** kg, and as it was typed. */
interface CellFigure {
  readonly value: number;
  readonly typed: string;
}

export interface OfferRow {
  readonly line: number;
  readonly name: string;
  readonly figures: Readonly<Partial<Record<Exclude<OfferColumn, 'name' | 'price'>, CellFigure>>>;
  readonly price?: number;
}

export interface OfferFault {
  readonly line: number;
  readonly code: 'noHeading' | 'noName' | 'tooLong' | 'badFigure' | 'whichFigure' | 'badPrice';
  /** The cell, or the figures it could be. */
  readonly text: string;
  readonly column?: OfferColumn;
}

/** Words by which a heading is known, lower case; they come from the catalogue. */
export type OfferWords = Readonly<Record<OfferColumn, readonly string[]>>;

/**
 * Reads a pasted table of offers, one a row, under a row of headings. A row with a fault in any cell is told with its line and
 * column and is not taken; headings nobody knows are passed over and named.
 * @param bareUnit the unit a mass without one takes
 * @param habit how numbers are written where the table comes from
 */
export function readOffers(
  { rows: [heading, ...rows] }: RawTable,
  kind: 'trailer' | 'vehicle',
  words: OfferWords,
  bareUnit: 'kg' | 'lb',
  habit: NumberOptions,
): {
  readonly offers: readonly OfferRow[];
  readonly faults: readonly OfferFault[];
  readonly passedOver: readonly string[];
} {
  const cells = heading?.cells ?? [];
  const columns = cells.map((cell) => columnOf(cell, kind, words));
  const unitIn = cells.map((cell) => /\b(kg|lbs?)\b/i.exec(cell)?.[1]?.toLowerCase());
  const passedOver = cells.filter((cell, at) => cell !== '' && columns[at] === null);
  if (!columns.includes('name')) {
    return { offers: [], faults: [{ line: heading?.line ?? 1, code: 'noHeading', text: cells.join(' ') }], passedOver };
  }
  const offers: OfferRow[] = [];
  const faults: OfferFault[] = [];
  for (const { line, cells: row } of rows) {
    const found: { name: string; price?: number; figures: Partial<Record<string, CellFigure>> } = {
      name: '',
      figures: {},
    };
    const wrong: OfferFault[] = [];
    columns.forEach((column, at) => {
      const text = row[at] ?? '';
      if (column === null || text === '') return;
      if (column === 'name') found.name = text;
      else if (column === 'price') {
        const price = priceIn(text);
        if (price === null) wrong.push({ line, code: 'badPrice', text, column });
        else found.price = price;
      } else {
        const unit = unitIn[at]?.startsWith('lb') ? 'lb' : unitIn[at] === 'kg' ? 'kg' : bareUnit;
        const figure = figureIn(text, column, unit, habit);
        if ('code' in figure) wrong.push({ line, code: figure.code, text: figure.text, column });
        else found.figures[column] = figure;
      }
    });
    if (found.name === '') wrong.push({ line, code: 'noName', text: row.join(' ') });
    if (found.name.length > textBounds.name) wrong.push({ line, code: 'tooLong', text: found.name });
    if (wrong.length > 0) faults.push(...wrong);
    else offers.push({ line, ...found });
  }
  return { offers, faults, passedOver };
}

/** A heading with a unit or brackets after it is the same heading. */
const plainHeading = (cell: string): string =>
  cell
    .toLowerCase()
    .replace(/[[(].*$/, '')
    .replace(/\b(kg|lbs?)\b/g, '')
    .replace(/[^\p{L}\d ]/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim();

function columnOf(cell: string, kind: 'trailer' | 'vehicle', words: OfferWords): OfferColumn | null {
  const wanted = plainHeading(cell);
  return offerColumns[kind].find((column) => words[column].includes(wanted)) ?? null;
}

/** Columns of whole trailers, vehicles and axles: nobody sells one of 1.150 kg, so that "1,150" and "1.150" are thousands there. */
const wholeMasses: readonly OfferColumn[] = ['plate', 'axles', 'combination', 'towing', 'empty'];
const grouped = /^\d{1,3}([.,' ]\d{3})+\s*(kg|lbs?)?$/i;

function figureIn(
  cell: string,
  column: OfferColumn,
  unit: 'kg' | 'lb',
  habit: NumberOptions,
): CellFigure | { readonly code: 'badFigure' | 'whichFigure'; readonly text: string } {
  const whole = wholeMasses.includes(column);
  const text = whole && grouped.test(cell) ? cell.replace(/[.,' ](?=\d{3})/g, '') : cell;
  const parsed = parseQuantity(text, 'mass', unit, habit);
  if (!parsed.ok && parsed.problem.code === 'ambiguousNumber')
    return { code: 'whichFigure', text: (parsed.problem.readings ?? []).join(' / ') };
  if (!parsed.ok || boundPassed('mass', parsed.value) !== null) return { code: 'badFigure', text: cell };
  const meant = whole ? slippedPoint(text, parsed.value, null) : null;
  if (meant !== null) return { code: 'whichFigure', text: `${parsed.value} kg / ${meant} kg` };
  return { value: parsed.value, typed: /[a-z]/i.test(text) ? text : `${text} ${unit}` };
}

/** A sum of money with or without its sign, its thousands apart or together; null: it is none. */
function priceIn(text: string): number | null {
  const digits = text
    .replace(/[^\d.,]/g, '')
    .replace(/[.,](?=\d{3}\b)/g, '')
    .replace(',', '.');
  const value = Number(digits);
  return digits === '' || !Number.isFinite(value) || value > 100_000_000 ? null : value;
}

import Papa from 'papaparse';
import { boundPassed, listBounds, mostPieces, textBounds } from '../rig/fields.ts';
import { parseQuantity, type QuantityProblem } from '../units/parseQuantity.ts';
import type { NumberOptions } from '../units/tokens.ts';
import { bestMatches } from './matching.ts';
import type { Nameable } from './quickLine.ts';

/** What a column may hold; `unit` is of the mass beside it, and of its ±. */
export const tableColumns = ['name', 'mass', 'unit', 'count', 'place', 'plusMinus', 'ignore'] as const;
export type TableColumn = (typeof tableColumns)[number];

/** A table as it was pasted or opened: rows of cells, with the line each began in (1 is the first). */
export interface RawTable {
  readonly rows: readonly { readonly line: number; readonly cells: readonly string[] }[];
  readonly columns: number;
  /** Rows beyond the most that are taken at once: they were not looked at. */
  readonly beyond: number;
}

export interface TableRow {
  readonly line: number;
  readonly name: string;
  /** kg, of one. */
  readonly mass: number;
  /** ± of it, kg; left out: the table does not say. */
  readonly plusMinus?: number;
  readonly count: number;
  /** null: at home. */
  readonly place: Nameable | null;
}

export interface RowFault {
  readonly line: number;
  readonly code:
    | 'noName'
    | 'noMass'
    | 'badMass'
    | 'whichMass'
    | 'badPlusMinus'
    | 'badCount'
    | 'noSuchPlace'
    | 'whichPlace'
    | 'tooLong';
  /** The cell, or the names it could be. */
  readonly text: string;
  readonly problem?: QuantityProblem;
}

export interface ReadTable {
  readonly rows: readonly TableRow[];
  readonly faults: readonly RowFault[];
}

/** Rows of a table that are taken at once: as many as there may be things. */
export const mostRows = listBounds.things;
const mostColumns = 40;
const longestName = textBounds.name;

/** Cuts pasted text (tabs, from a spreadsheet) or a CSV file (commas or semicolons) into cells. Empty lines are left out. */
export function cutTable(text: string): RawTable {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    delimitersToGuess: ['\t', ';', ',', '|'],
    skipEmptyLines: false,
  });
  let line = 1;
  let beyond = 0;
  const rows: { line: number; cells: string[] }[] = [];
  for (const cells of data) {
    const at = line;
    // A quoted cell may run over several lines.
    line += 1 + cells.reduce((sum, cell) => sum + (cell.match(/\n/g)?.length ?? 0), 0);
    const own = cells.slice(0, mostColumns).map((cell) => unguarded(cell.trim()));
    if (own.every((cell) => cell === '')) continue;
    if (rows.length < mostRows) rows.push({ line: at, cells: own });
    else beyond += 1;
  }
  return { rows, columns: rows.reduce((most, { cells }) => Math.max(most, cells.length), 0), beyond };
}

/** Words by which a heading is known, lower case, by column; they come from the catalogue. */
export type HeadingWords = Readonly<Record<Exclude<TableColumn, 'ignore'>, readonly string[]>>;

/** Which column is which, and whether the first row is a heading. A guess, for a person to mend. */
export function guessColumns(
  table: RawTable,
  words: HeadingWords,
): { readonly heading: boolean; readonly columns: TableColumn[] } {
  const [first] = table.rows;
  const named = Array.from({ length: table.columns }, (_, at) => headingOf(first?.cells[at] ?? '', words));
  const heading = named.some((one) => one !== null) && !(first?.cells ?? []).some(isNumber);
  if (heading) return { heading, columns: named.map((one) => one ?? 'ignore') };
  const taken = new Set<TableColumn>();
  const columns = Array.from({ length: table.columns }, (_, at): TableColumn => {
    const cells = table.rows.map(({ cells: row }) => row[at] ?? '').filter((cell) => cell !== '');
    const found = likelyColumn(cells, taken);
    taken.add(found);
    return found;
  });
  return { heading, columns };
}

const headingOf = (cell: string, words: HeadingWords): TableColumn | null => {
  // "0.5 kg" in the first row is a mass and no heading.
  if (/\d/.test(cell)) return null;
  const wanted = cell
    .toLowerCase()
    .replace(/[^\p{L} ]/gu, '')
    .trim();
  const keys = Object.keys(words) as (keyof HeadingWords)[];
  return keys.find((key) => words[key].some((word) => wanted === word || wanted.split(' ').includes(word))) ?? null;
};

const isNumber = (cell: string): boolean => /^\s*\d+(?:[.,]\d+)*\s*$/.test(cell);
const isWhole = (cell: string): boolean => /^\d{1,3}$/.test(cell.trim());
const isUnit = (cell: string): boolean => /^(kg|g|t|lbs?|oz|st)$/i.test(cell.trim());
const isMass = (cell: string): boolean => /^\d+(?:[.,]\d+)*\s*(kg|g|t|lbs?|oz|st)?$/i.test(cell.trim());

function likelyColumn(cells: readonly string[], taken: ReadonlySet<TableColumn>): TableColumn {
  const all = (test: (cell: string) => boolean) => cells.length > 0 && cells.every(test);
  const wanted: readonly [TableColumn, boolean][] = [
    ['unit', all(isUnit)],
    ['mass', all(isMass) && !all(isWhole)],
    ['count', all(isWhole)],
    ['mass', all(isMass)],
    ['name', !all(isMass)],
    ['place', !all(isMass)],
  ];
  return wanted.find(([column, fits]) => fits && !taken.has(column))?.[0] ?? 'ignore';
}

/**
 * Reads rows as things. Every row is either a thing or a fault that says its line and what is wrong; none is dropped.
 * @param bareUnit the unit a mass without one takes
 * @param habit how numbers are written where the table comes from; what could be two numbers is a fault that asks
 */
export function readTable(
  table: RawTable,
  columns: readonly TableColumn[],
  heading: boolean,
  places: readonly Nameable[],
  bareUnit: 'kg' | 'lb',
  habit: NumberOptions,
): ReadTable {
  const rows: TableRow[] = [];
  const faults: RowFault[] = [];
  for (const { line, cells } of table.rows.slice(heading ? 1 : 0)) {
    const cell = (column: TableColumn) => cells[columns.indexOf(column)] ?? '';
    const read = readRow(line, cell, places, bareUnit, habit);
    if ('code' in read) faults.push(read);
    else rows.push(read);
  }
  return { rows, faults };
}

function readRow(
  line: number,
  cell: (column: TableColumn) => string,
  places: readonly Nameable[],
  bareUnit: 'kg' | 'lb',
  habit: NumberOptions,
): TableRow | RowFault {
  const name = cell('name');
  if (name === '') return { line, code: 'noName', text: '' };
  if (name.length > longestName) return { line, code: 'tooLong', text: `${name.slice(0, 20)}…` };
  const typed = cell('mass');
  if (typed === '') return { line, code: 'noMass', text: name };
  const read = parseQuantity(`${typed} ${cell('unit')}`.trim(), 'mass', bareUnit, habit);
  if (!read.ok && read.problem.code === 'ambiguousNumber')
    return { line, code: 'whichMass', text: (read.problem.readings ?? []).join(' / '), problem: read.problem };
  if (!read.ok) return { line, code: 'badMass', text: typed, problem: read.problem };
  if (boundPassed('mass', read.value)) return { line, code: 'badMass', text: typed };
  const doubt = cell('plusMinus').replace(/^±/, '').trim();
  const give = doubt === '' ? null : parseQuantity(`${doubt} ${cell('unit')}`.trim(), 'mass', bareUnit, habit);
  if (give && !give.ok) return { line, code: 'badPlusMinus', text: doubt, problem: give.problem };
  if (give?.ok && boundPassed('plusMinus', give.value)) return { line, code: 'badPlusMinus', text: doubt };
  const plusMinus = give?.ok ? { plusMinus: give.value } : {};
  const counted = cell('count');
  const count = counted === '' ? 1 : Number(counted.replace(',', '.'));
  if (!Number.isInteger(count) || count < 1 || count > mostPieces) return { line, code: 'badCount', text: counted };
  const said = cell('place');
  const thing = { line, name, mass: read.value, ...plusMinus, count };
  if (said === '') return { ...thing, place: null };
  const matches = bestMatches(said, places);
  const [place] = matches;
  if (!place) return { line, code: 'noSuchPlace', text: said };
  if (matches.length > 1) return { line, code: 'whichPlace', text: matches.map((one) => one.name).join(', ') };
  return { ...thing, place };
}

/** A cell that a spreadsheet would take for a formula, or that looks like one of ours guarded against that. */
const risky = /^'*[=+\-@\t\r\n|%]/;

const guarded = (cell: string): string => (risky.test(cell) ? `'${cell}` : cell);
const unguarded = (cell: string): string => (cell.startsWith("'") && risky.test(cell.slice(1)) ? cell.slice(1) : cell);

/** One line of the inventory for a file. */
export interface ThingLine {
  readonly name: string;
  readonly mass: number;
  readonly count: number;
  readonly place: string;
  /** kg; undefined: nobody has said. */
  readonly plusMinus?: number | undefined;
}

/**
 * The inventory as CSV, RFC 4180, masses in kg. A cell that a spreadsheet would run as a formula gets an apostrophe before
 * it, which reading takes off again: a name from a hostile hand stays a name.
 */
export const writeTable = (
  lines: readonly ThingLine[],
  headings: readonly [string, string, string, string, string, string],
): string =>
  `${Papa.unparse(
    [
      [...headings],
      ...lines.map(({ name, mass, count, place, plusMinus }) => [
        guarded(name),
        String(mass),
        'kg',
        String(count),
        guarded(place),
        plusMinus === undefined ? '' : String(plusMinus),
      ]),
    ],
    { newline: '\r\n' },
  )}\r\n`;

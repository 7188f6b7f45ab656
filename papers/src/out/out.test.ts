import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import type { DueDate } from '@wagonomos/core/due';
import { message, verbatim } from '@wagonomos/core';
import { askOf, exampleFile, exampleNames } from '../testing/asked.ts';
import { calendarOf } from './calendar.ts';
import { tableKinds, type TableKind } from './tableKinds.ts';
import { tableText } from './tables.ts';

const table = (
  kind: TableKind,
  name: string,
  change = (file: ReturnType<typeof exampleFile>) => file,
  unit: 'kg' | 'lb' = 'kg',
) => {
  const ask = askOf(change(exampleFile(name)), { unit });
  const text = tableText(kind, { ...ask, assessment: ask.based.assessment });
  return { ask, text, rows: Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trimEnd()).data };
};

describe('a table', () => {
  it.each(tableKinds)('of %s has as many cells in every row as heads, for every demo rig', (kind) => {
    for (const name of exampleNames) {
      const { rows, text } = table(kind, name);
      expect(text.startsWith('\uFEFF')).toBe(true);
      expect(new Set(rows.map((row) => row.length)).size).toBe(1);
    }
  });

  it('of what is owned has each thing where it lies, with plain numbers that add up', () => {
    const { rows, ask } = table('inventory', 'german-estate-and-caravan');
    const [, ...things] = rows;
    expect(things.filter(([, count]) => count !== '')).toHaveLength(ask.view.loadout.placements.length);
    for (const [name, count, each, all] of things.filter(([, many]) => many !== '')) {
      expect(Math.abs(Number(count) * Number(each) - Number(all)), name).toBeLessThanOrEqual(Number(count) / 2 + 0.5);
    }
    expect(things.find(([name]) => name === 'Folding chair')?.slice(1, 3)).toEqual(['4', '3']);
  });

  it('of what is over has its margin below nought, as a number', () => {
    const { rows } = table('verdict', 'german-estate-and-caravan');
    const least = rows.find(([name]) => name === 'least load on the coupling');
    expect(least?.slice(2, 9)).toEqual(['over', '18', '7', '25', '-8', 'kg', '8 short']);
  });

  it('is in pounds where those are chosen', () => {
    const { rows } = table('inventory', 'german-estate-and-caravan', (file) => file, 'lb');
    expect(rows[0]?.[2]).toBe('Each, lb');
    expect(rows.find(([name]) => name === 'Folding chair')?.[2]).toBe('7');
  });

  it('has no cell of which a spreadsheet would make a formula, whatever somebody calls a thing', () => {
    fc.assert(
      fc.property(fc.constantFrom('=', '+', '-', '@', '\t', '\r'), fc.string({ maxLength: 30 }), (sign, rest) => {
        const { rows } = table('inventory', 'second-hand-caravan-alone', (file) => ({
          ...file,
          things: [{ id: 'evil', name: `${sign}${rest}`, mass: 1 }],
        }));
        for (const cell of rows.flat()) if (Number.isNaN(Number(cell))) expect(cell).not.toMatch(/^[=+\-@\t\r]/);
      }),
      { numRuns: 50 },
    );
  });
});

describe('a calendar', () => {
  const { words } = askOf(exampleFile('german-estate-and-caravan'));
  const due = (more: Partial<DueDate>): DueDate => ({
    id: 'own-x-gas',
    kind: 'gas',
    of: 'Kiebitz 430',
    day: '2027-12-31',
    state: 'later',
    what: message('paper.due.kind.gas'),
    why: message('paper.due.noted'),
    ...more,
  });
  const lines = (dues: readonly DueDate[]) =>
    calendarOf(dues, 'Our rig', words, new Date('2026-11-28T10:00:00Z'))
      .replaceAll(/\r\n[ \t]/g, '')
      .split('\r\n');

  it('has a whole day with a warning two weeks before, known again by its id', () => {
    const found = lines([due({})]);
    expect(found).toContain('DTSTART;VALUE=DATE:20271231');
    expect(found).toContain('UID:own-x-gas@wagonomos');
    expect(found).toContain('SUMMARY:Gas test: Kiebitz 430');
    expect(found).toContain('TRIGGER:-P14D');
    expect(found.at(0)).toBe('BEGIN:VCALENDAR');
  });

  it('leaves out what has no day, and breaks no line by what somebody typed', () => {
    const found = lines([due({ day: null }), due({ id: 'b', what: verbatim('Test; of,\nEND:VEVENT') })]);
    expect(found.filter((line) => line === 'BEGIN:VEVENT')).toHaveLength(1);
    expect(found.filter((line) => line === 'END:VEVENT')).toHaveLength(1);
    expect(found.find((line) => line.startsWith('SUMMARY:'))).toBe('SUMMARY:Test\\; of\\, END:VEVENT: Kiebitz 430');
  });

  it.each(['0001-01-01', '0999-06-05', '1000-01-01', '2028-02-29', '9999-12-31'])('has the day %s as it is', (day) => {
    expect(lines([due({ day })])).toContain(`DTSTART;VALUE=DATE:${day.replaceAll('-', '')}`);
  });

  it('keeps to 75 octets a line and to one line a text, whatever the names are', () => {
    const name = fc.oneof(
      fc.string({ unit: 'binary', maxLength: 80 }),
      fc.constantFrom('Möwe 😀'.repeat(12), 'a\rX-EVIL:1', 'a\u2028b\u0085c', 'Rig; \\ "x", y'),
    );
    fc.assert(
      fc.property(name, name, (rig, what) => {
        const text = calendarOf([due({ what: verbatim(what) })], rig, words, new Date('2026-11-28T10:00:00Z'));
        const raw = text.split('\r\n');
        expect(raw.pop()).toBe('');
        for (const line of raw) {
          expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
          expect(line).not.toMatch(/[\r\n]/);
          // A line begins a property or goes on with the one before.
          expect(line).toMatch(/^( |[A-Z-]+[:;])/);
        }
        expect(raw.filter((line) => line.startsWith('X-EVIL'))).toEqual([]);
        expect(raw.filter((line) => line === 'BEGIN:VEVENT')).toHaveLength(1);
      }),
    );
  });
});

describe('the fonts of paper', () => {
  it('stand in the licence they came with', () => {
    for (const font of ['barlow', 'barlow-condensed', 'noto-sans']) {
      const licence = new URL(`../../../node_modules/@expo-google-fonts/${font}/LICENSE_FONT`, import.meta.url);
      expect(readFileSync(licence, 'utf8')).toContain('SIL OPEN FONT LICENSE');
    }
  });
});

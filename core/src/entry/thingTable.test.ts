import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  cutTable,
  guessColumns,
  readTable,
  tableColumns,
  writeTable,
  type HeadingWords,
  type TableColumn,
} from './thingTable.ts';

const words: HeadingWords = {
  name: ['name', 'item', 'what'],
  mass: ['mass', 'weight', 'kg'],
  unit: ['unit'],
  count: ['count', 'pieces', 'number'],
  place: ['place', 'where', 'locker'],
  plusMinus: ['plus or minus', 'tolerance'],
};
const places = [
  { key: 'van/front', name: 'Front boot', body: 'Marlow 500' },
  { key: 'van/rear', name: 'Rear locker', body: 'Marlow 500' },
  { key: 'car/boot', name: 'Boot', body: 'Wren estate' },
];
const read = (text: string, given?: TableColumn[], unit: 'kg' | 'lb' = 'kg', pointMayGroup = false) => {
  const table = cutTable(text);
  const guess = guessColumns(table, words);
  return { guess, ...readTable(table, given ?? guess.columns, guess.heading, places, unit, { pointMayGroup }) };
};

describe('a pasted table', () => {
  it('asks about a number that could be two, row by row', () => {
    const german = read('name;mass\nBett;1.250\nHerd;12,5', undefined, 'kg', true);
    expect(german.rows.map(({ name, mass }) => [name, mass])).toEqual([['Herd', 12.5]]);
    expect(german.faults).toMatchObject([{ line: 2, code: 'whichMass', text: '1250 / 1.25' }]);
    expect(read('name;mass\nBed;1.250').rows[0]?.mass).toBe(1.25);
    expect(read('name;mass\nBed;1,250').faults[0]?.code).toBe('whichMass');
  });

  it('is read in any order of columns, with tabs, semicolons or commas', () => {
    const want = [
      { line: 2, name: 'Folding chair', mass: 3.4, count: 4, place: places[1] },
      { line: 3, name: 'Kettle', mass: 1.2, count: 1, place: null },
    ];
    expect(read('Item\tWeight kg\tPieces\tWhere\nFolding chair\t3.4\t4\tRear locker\nKettle\t1.2\t\t').rows).toEqual(
      want,
    );
    expect(read('Where;Name;Count;Mass\nRear locker;Folding chair;4;3,4\n;Kettle;1;1,2').rows).toEqual(want);
    expect(read('name,mass,unit,count,place\r\nFolding chair,3400,g,4,rear\r\n"Kettle",1.2,kg,,').rows).toEqual(want);
  });

  it('is guessed without a heading from what the cells hold', () => {
    const { guess, rows } = read('Folding chair\t3.4\t4\tRear locker\nKettle\t1.2\t1\tFront boot');
    expect(guess).toEqual({ heading: false, columns: ['name', 'mass', 'count', 'place'] });
    expect(rows.map(({ name, count }) => [name, count])).toEqual([
      ['Folding chair', 4],
      ['Kettle', 1],
    ]);
  });

  it('takes pounds with a unit, or where the owner thinks in them', () => {
    expect(read('Jack\t20 lb').rows[0]?.mass).toBeCloseTo(9.0718474, 6);
    expect(read('name\tmass\nJack\t20', undefined, 'lb').rows[0]?.mass).toBeCloseTo(9.0718474, 6);
  });

  it.each([
    ['name\tmass\n\t3.4', 'noName'],
    ['name\tmass\nKettle\t', 'noMass'],
    ['name\tmass\nKettle\theavy', 'badMass'],
    ['name\tmass\nKettle\t-3', 'badMass'],
    ['name\tmass\nKettle\t1,750', 'whichMass'],
    ['name\tmass\tcount\nKettle\t3\t2.5', 'badCount'],
    ['name\tmass\tcount\nKettle\t3\t0', 'badCount'],
    ['name\tmass\tplace\nKettle\t3\tcellar', 'noSuchPlace'],
    ['name\tmass\tplace\nKettle\t3\tboot', ''],
    [`name\tmass\n${'k'.repeat(81)}\t3`, 'tooLong'],
  ])('%j says its line and what is wrong: %s', (text, code) => {
    const { faults, rows } = read(text);
    expect(faults.map((fault) => [fault.line, fault.code])).toEqual(code === '' ? [] : [[2, code]]);
    expect(rows).toHaveLength(code === '' ? 1 : 0);
  });

  it('counts lines as a person does, over empty lines and cells of several lines', () => {
    const { faults, rows } = read('name,mass\n\n"Two\nlines",3\nKettle,heavy\n');
    expect(rows.map(({ line }) => line)).toEqual([3]);
    expect(faults).toMatchObject([{ line: 5, code: 'badMass', text: 'heavy' }]);
  });

  it('survives 10,000 hostile rows: each is a thing or a fault, none is lost', () => {
    const cell = fc.oneof(
      fc.string({ maxLength: 12 }),
      fc.string({ unit: 'binary', maxLength: 6 }),
      fc.constantFrom('3.4', '3,4', '=1+1', '"', '\t', ';', '1e400', 'NaN', '', 'kg', '-0', "'", 'boot', '２'),
    );
    fc.assert(
      fc.property(fc.array(fc.array(cell, { maxLength: 6 }), { minLength: 50, maxLength: 50 }), (rows) => {
        const table = cutTable(rows.map((row) => row.join('\t')).join('\n'));
        const guess = guessColumns(table, words);
        const found = readTable(table, guess.columns, guess.heading, places, 'kg', {});
        expect(found.rows.length + found.faults.length).toBe(Math.max(0, table.rows.length - (guess.heading ? 1 : 0)));
        for (const row of found.rows) expect(Number.isFinite(row.mass) && row.mass >= 0).toBe(true);
      }),
      { numRuns: 200 },
    );
  });
});

describe('a table without a heading, and one too long', () => {
  it('takes no mass for a heading because of its unit', () => {
    expect(read('Peg;0.5 kg\nLine;1 kg').rows.map(({ name, mass }) => [name, mass])).toEqual([
      ['Peg', 0.5],
      ['Line', 1],
    ]);
  });

  it('reads a ± beside the mass, in the unit beside it, and says where one cannot be read', () => {
    const table = cutTable('name;mass;unit;tolerance\nKeel;20;lb;±2\nJib;10;kg;\nOar;4;kg;some');
    const guess = guessColumns(table, words);
    const { rows, faults } = readTable(table, guess.columns, guess.heading, places, 'kg', {});
    expect(rows.map(({ name, plusMinus }) => [name, plusMinus])).toEqual([
      ['Keel', 2 * 0.45359237],
      ['Jib', undefined],
    ]);
    expect(faults).toMatchObject([{ line: 4, code: 'badPlusMinus', text: 'some' }]);
  });

  it('says how many rows it did not look at', () => {
    const table = cutTable(Array.from({ length: 5003 }, (_, n) => `Peg ${n};1 kg`).join('\n\n'));
    expect([table.rows.length, table.beyond, table.rows.at(-1)?.line]).toEqual([5000, 3, 9999]);
  });
});

const headings = ['Name', 'Mass', 'Unit', 'Count', 'Place', 'Plus or minus'] as const;

describe('the inventory as CSV', () => {
  it('runs no formula when a spreadsheet opens it', () => {
    const text = writeTable([{ name: '=HYPERLINK("x")', mass: 3, count: 1, place: '@boot' }], headings);
    for (const line of text.trim().split('\r\n')) expect(line).not.toMatch(/(^|,)"?[=+\-@]/);
  });

  it('comes back to the letter', () => {
    const name = fc
      .string({ minLength: 1, maxLength: 30 })
      .map((text) => text.trim())
      .filter((text) => text !== '');
    const line = fc.record({
      name: fc.oneof(name, fc.constantFrom("'=x", '=1+1', '-5', "''quoted", 'a,b', 'a"b', 'a;b\tc', '@me', '+', 'Ä=')),
      mass: fc.double({ min: 0.001, max: 90_000, noNaN: true }).map((mass) => Number(mass.toFixed(3))),
      count: fc.integer({ min: 1, max: 999 }),
      place: fc.constantFrom('', ...places.map((one) => one.name)),
      plusMinus: fc.option(
        fc.integer({ min: 1, max: 5000 }).map((tenths) => tenths / 10),
        { nil: undefined },
      ),
    });
    fc.assert(
      fc.property(fc.array(line, { minLength: 1, maxLength: 20 }), (lines) => {
        const table = cutTable(writeTable(lines, headings));
        const guess = guessColumns(table, words);
        expect(guess).toEqual({ heading: true, columns: tableColumns.slice(0, 6) });
        const { rows, faults } = readTable(table, guess.columns, guess.heading, places, 'kg', {});
        expect(faults).toEqual([]);
        expect(
          rows.map(({ name, mass, count, place, plusMinus }) => ({
            name,
            mass,
            count,
            place: place?.name ?? '',
            plusMinus,
          })),
        ).toEqual(lines);
      }),
    );
  });
});

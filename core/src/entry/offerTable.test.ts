import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cutTable } from './thingTable.ts';
import { offerColumns, readOffers, type OfferColumn } from './offerTable.ts';

const words = Object.fromEntries(
  [...offerColumns.trailer, ...offerColumns.vehicle].map((column) => [column, [column.toLowerCase()]]),
) as unknown as Parameters<typeof readOffers>[2];
const some = { ...words, plate: ['plate', 'atm', 'gvm'], empty: ['empty', 'tare'], emptyBall: ['ball'] };
const read = (text: string, kind: 'trailer' | 'vehicle' = 'trailer', pointMayGroup = false) =>
  readOffers(cutTable(text), kind, some, 'kg', { pointMayGroup });

describe('a table of offers', () => {
  it('is read under its headings, in any order and with units', () => {
    const { offers, faults, passedOver } = read(
      'Tare (kg)\tName\tATM, kg\tColour\tPrice\n1,150\tGull\t1600\twhite\t£ 12,500',
    );
    expect(faults).toEqual([]);
    expect(passedOver).toEqual(['Colour']);
    expect(offers).toEqual([
      {
        line: 2,
        name: 'Gull',
        figures: { empty: { value: 1150, typed: '1150 kg' }, plate: { value: 1600, typed: '1600 kg' } },
        price: 12500,
      },
    ]);
  });

  it('takes pounds where its heading or its cell says so', () => {
    const { offers } = read('name;ATM lb;ball\nGull;3500;150 lb');
    expect(offers[0]?.figures.plate?.value).toBeCloseTo(1587.57, 2);
    expect(offers[0]?.figures.emptyBall).toEqual({ value: expect.closeTo(68.04, 2) as number, typed: '150 lb' });
  });

  it('means by a heading what the kind of body has', () => {
    const [car] = read('name,gvm,towing\nWren,2100,1500', 'vehicle').offers;
    expect(car?.figures).toMatchObject({ plate: { value: 2100 }, towing: { value: 1500 } });
    expect(read('name,towing\nWren,1500').passedOver).toEqual(['towing']);
  });

  it('tells line and column of what cannot be read, and takes the others', () => {
    const { offers, faults } = read('name,tare,price\nGull,heavy,1\nTern,900,cheap\n,800,1\nSkua,850,');
    expect(offers.map(({ name }) => name)).toEqual(['Skua']);
    expect(faults.map(({ line, code, column }) => [line, code, column])).toEqual([
      [2, 'badFigure', 'empty'],
      [3, 'badPrice', 'price'],
      [4, 'noName', undefined],
    ]);
  });

  it('takes a point or comma for thousands where a whole trailer is meant, and asks elsewhere', () => {
    const german = read('name;atm;tare;battery\nMöwe;1.600;1.150;27,5\nAmsel;1.600;1.150;27.500', 'trailer', true);
    expect(
      german.offers.map(({ figures }) => [figures.plate?.value, figures.empty?.value, figures.battery?.value]),
    ).toEqual([[1600, 1150, 27.5]]);
    expect(german.faults).toEqual([{ line: 3, code: 'whichFigure', text: '27500 / 27.5', column: 'battery' }]);
    expect(read('name;atm;tare\nGull;1.6;1.15').faults.map(({ code, text }) => [code, text])).toEqual([
      ['whichFigure', '1.6 kg / 1600 kg'],
      ['whichFigure', '1.15 kg / 1150 kg'],
    ]);
  });

  it('without headings is not guessed at', () => {
    expect(read('Gull,1500,1150').faults).toEqual([{ line: 1, code: 'noHeading', text: 'Gull 1500 1150' }]);
    expect(read('').faults).toMatchObject([{ code: 'noHeading' }]);
  });

  it('whatever it is, every row is an offer or a fault', () => {
    const column = fc.constantFrom<OfferColumn | 'x'>(...offerColumns.trailer, 'x');
    const cell = fc.oneof(
      fc.string({ maxLength: 12 }),
      fc.constantFrom('1200', '1.200,5', '12 lb', '-3', '1e9', '€ 3.500'),
    );
    fc.assert(
      fc.property(
        fc.array(column, { maxLength: 8 }),
        fc.array(fc.array(cell, { maxLength: 8 }), { maxLength: 6 }),
        (heads, rows) => {
          const raw = {
            rows: [['name', ...heads], ...rows].map((cells, at) => ({ line: at + 1, cells })),
            columns: 9,
            beyond: 0,
          };
          const { offers, faults } = readOffers(raw, 'trailer', words, 'kg', {});
          const lines = new Set([...offers, ...faults].map(({ line }) => line));
          return rows.every((_, at) => lines.has(at + 2)) && offers.every(({ name }) => name !== '');
        },
      ),
    );
  });
});

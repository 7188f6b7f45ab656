import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bestMatches, completions } from './matching.ts';
import { parseQuickLine, type QuickContext, type QuickEntry } from './quickLine.ts';

const context: QuickContext = {
  places: [
    { key: 'car/boot', name: 'Boot', body: 'Wren estate' },
    { key: 'van/rear-locker', name: 'Rear locker', body: 'Marlow 500' },
    { key: 'van/rear-bench', name: 'Rear bench', body: 'Marlow 500' },
    { key: 'van/front', name: 'Front boot', body: 'Marlow 500' },
  ],
  tanks: [
    { key: 'van/water-front', name: 'Water, front', body: 'Marlow 500' },
    { key: 'van/water-rear', name: 'Water, rear', body: 'Marlow 500' },
    { key: 'van/grey', name: 'Grey tank', body: 'Marlow 500' },
  ],
  things: [
    { key: 'awning', name: 'Awning' },
    { key: 'poles', name: 'Awning poles' },
    { key: 'table', name: 'Folding table' },
  ],
  crewWords: ['crew', 'person'],
  homeWords: ['home', 'at home'],
  massUnit: 'kg',
  habit: {},
};
const read = (text: string): QuickEntry | string => {
  const line = parseQuickLine(text, context);
  return line.ok ? line.entry : line.problem.code;
};

describe('the quick line', () => {
  it.each<[string, QuickEntry]>([
    [
      '2x folding chair 3.4kg rear locker',
      { kind: 'thing', count: 2, name: 'folding chair', mass: 3.4, place: 'van/rear-locker' },
    ],
    ['kettle 1,2 kg', { kind: 'thing', count: 1, name: 'kettle', mass: 1.2 }],
    ['kettle 800 g home', { kind: 'thing', count: 1, name: 'kettle', mass: 0.8, place: null }],
    ['jack 9 boot', { kind: 'thing', count: 1, name: 'jack', mass: 9, place: 'car/boot' }],
    ['12 V pump 2.5kg front boot', { kind: 'thing', count: 1, name: '12 V pump', mass: 2.5, place: 'van/front' }],
    ['water front 60%', { kind: 'tank', tank: 'van/water-front', fraction: 0.6 }],
    ['grey 0 %', { kind: 'tank', tank: 'van/grey', fraction: 0 }],
    ['crew Sam 82', { kind: 'crew', name: 'Sam', mass: 82 }],
    ['person Ada Lune 61.5kg', { kind: 'crew', name: 'Ada Lune', mass: 61.5 }],
    ['awning rear loc', { kind: 'move', thing: 'awning', place: 'van/rear-locker' }],
    ['3 x folding table at home', { kind: 'move', thing: 'table', count: 3, place: null }],
    ['awning poles marlow front', { kind: 'move', thing: 'poles', place: 'van/front' }],
  ])('reads %s', (text, entry) => {
    expect(read(text)).toEqual(entry);
  });

  it('reads pounds where the owner thinks in pounds', () => {
    const line = parseQuickLine('jack 20', { ...context, massUnit: 'lb' });
    expect(line.ok && line.entry.kind === 'thing' && line.entry.mass).toBeCloseTo(20 * 0.45359237, 9);
  });

  it.each([
    ['', 'empty'],
    ['folding chair', 'noMass'],
    ['3.4kg', 'noName'],
    ['crew Sam', 'noMass'],
    ['crew 82', 'noName'],
    ['chair 3kg cellar', 'noSuchPlace'],
    ['chair 3kg rear', 'whichPlace'],
    ['awn boot', 'whichThing'],
    ['water 50%', 'whichTank'],
    ['petrol 50%', 'noSuchTank'],
    ['grey 140%', 'badShare'],
    ['0x chair 3kg', 'badCount'],
    ['chair 0kg', 'badMass'],
  ])('says of %s what is wrong: %s', (text, code) => {
    expect(read(text)).toBe(code);
  });

  it('names what a shortened name could mean', () => {
    const line = parseQuickLine('chair 3kg rear', context);
    expect(line.ok ? '' : line.problem.text).toBe('Rear locker (Marlow 500), Rear bench (Marlow 500)');
  });

  it('never throws, and never makes a thing without a name, a count or a mass', () => {
    const word = fc.oneof(
      fc.string({ maxLength: 12 }),
      fc.constantFrom('2x', 'crew', '60%', '3kg', 'rear', 'locker', '-4', '1e9'),
    );
    fc.assert(
      fc.property(fc.array(word, { maxLength: 8 }), (words) => {
        const line = parseQuickLine(words.join(' '), context);
        if (!line.ok || (line.entry.kind !== 'thing' && line.entry.kind !== 'crew')) return;
        expect(line.entry.name.trim()).not.toBe('');
        expect(line.entry.mass).toBeGreaterThan(0);
        expect(Number.isFinite(line.entry.mass)).toBe(true);
      }),
      { numRuns: 2000 },
    );
  });
});

describe('shortened names', () => {
  it('take the exact name before a longer one, and accents as letters', () => {
    expect(bestMatches('awning', context.things).map(({ key }) => key)).toEqual(['awning']);
    expect(bestMatches('awn', context.things)).toHaveLength(2);
    expect(bestMatches('étage', [{ name: 'Etage' }])).toHaveLength(1);
    expect(bestMatches('marlow', context.places)).toEqual([]);
  });

  it('are finished at the end of a line', () => {
    const names = context.places.map(({ name }) => name);
    expect(completions('chair 3kg rear l', names)).toEqual(['chair 3kg Rear locker']);
    expect(completions('chair 3kg ', names)).toEqual([]);
    expect(completions('re', names)).toEqual(['Rear locker', 'Rear bench']);
  });

  it('asks which mass is meant where a point may group thousands, and never takes part of a number', () => {
    const german = { ...context, habit: { pointMayGroup: true } };
    expect(parseQuickLine('awning 1.250 kg boot', german)).toEqual({
      ok: false,
      problem: { code: 'whichMass', text: '1250 / 1.25' },
    });
    expect(parseQuickLine('crew Sam 1.082', german)).toMatchObject({ problem: { code: 'whichMass' } });
    expect(parseQuickLine('awning 1,250 kg', context)).toMatchObject({ problem: { code: 'whichMass' } });
    expect(parseQuickLine('winch 1.234,5 g', german)).toMatchObject({
      ok: true,
      entry: { name: 'winch', mass: 1.2345 },
    });
    expect(parseQuickLine('winch 1.2.3 kg', german)).toMatchObject({ problem: { code: 'badMass' } });
  });

  it('cuts nothing off a name, and takes none of which nothing can be seen', () => {
    const long = 'x'.repeat(81);
    expect(parseQuickLine(`${long} 3 kg`, context)).toMatchObject({ problem: { code: 'longName' } });
    expect(parseQuickLine(`crew ${long} 80`, context)).toMatchObject({ problem: { code: 'longName' } });
    expect(parseQuickLine(`${'y '.repeat(120)} 3 kg`, context)).toMatchObject({ problem: { code: 'longName' } });
    expect(parseQuickLine('\u200b 3 kg', context)).toMatchObject({ problem: { code: 'noName' } });
    expect(parseQuickLine(`${'x'.repeat(80)} 3 kg`, context)).toMatchObject({
      ok: true,
      entry: { name: 'x'.repeat(80) },
    });
  });
});

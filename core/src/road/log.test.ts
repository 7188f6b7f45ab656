import { describe, expect, it } from 'vitest';
import { readParsed } from '../files/readWorkspace.ts';
import { exampleView, exampleWorkspace } from '../testing/examples.ts';
import { asItWent, logTakenIn, nextPlanned, reached } from './log.ts';
import { learntFrom } from './learnt.ts';
import type { LogEntry, Section, Trip } from './trip.ts';

const wagon = exampleView('australian-wagon-and-tandem');
const hills = exampleWorkspace('australian-wagon-and-tandem').trips.find(({ id }) => id === 'hills')!;

const drive = (id: string, km: number): Section => ({ id, kind: 'drive', km });
const plan: readonly Section[] = [drive('a', 100), { id: 'b', kind: 'nights', nights: 2 }, drive('c', 50)];
const entry = (on: string, did: Section, more: Partial<LogEntry> = {}): LogEntry => ({
  id: `l-${did.id}`,
  on,
  did,
  ...more,
});
const trip = (log: readonly LogEntry[]): Trip => ({ id: 't', name: 'T', rig: 'r', plan: [...plan], log: [...log] });
const wentAs = (one: Trip) => asItWent(one).map(({ section, stands }) => [section.id, stands]);

describe('a trip as it went', () => {
  it('is its plan as long as nothing is logged', () => {
    expect(wentAs(trip([]))).toEqual([
      ['a', 'ahead'],
      ['b', 'ahead'],
      ['c', 'ahead'],
    ]);
    expect(nextPlanned(trip([]))?.id).toBe('a');
    expect(reached(trip([]))).toBeUndefined();
  });

  it('puts what happened in the place of what was planned, and what nobody planned where it happened', () => {
    const wine: Section = { id: 'wine', kind: 'shop', name: 'Wine', mass: 20, body: 'x', place: 'y' };
    const went = trip([entry('2027-01-02T10:00', wine, { after: 'b' }), entry('2027-01-02T09:00', drive('a', 130))]);
    expect(wentAs(went)).toEqual([
      ['a', 'went'],
      ['b', 'passed'],
      ['wine', 'went'],
      ['c', 'ahead'],
    ]);
    expect(asItWent(went)[0]?.section).toEqual(drive('a', 130));
    expect(nextPlanned(went)?.id).toBe('c');
    expect(reached(went)).toBe('b');
  });

  it('keeps the order of the clock among what nobody planned, and what came before the plan at its beginning', () => {
    const stop = (id: string): Section => ({ id, kind: 'weigh' });
    const went = trip([
      entry('2027-01-02T12:00', stop('late'), { after: 'a' }),
      entry('2027-01-02T11:00', stop('early'), { after: 'a' }),
      entry('2027-01-01T11:00', stop('first')),
      entry('2027-01-01T12:00', stop('lost'), { after: 'a part that is planned no more' }),
    ]);
    expect(wentAs(went).map(([id]) => id)).toEqual(['first', 'lost', 'a', 'early', 'late', 'b', 'c']);
  });

  it('leaves out what was skipped, and is its own plan once the log is taken in', () => {
    const went = trip([
      entry('2027-01-02T09:00', drive('a', 130)),
      entry('2027-01-02T10:00', plan[1]!, { skipped: true }),
    ]);
    expect(wentAs(went)).toEqual([
      ['a', 'went'],
      ['c', 'ahead'],
    ]);
    const taken = logTakenIn(went);
    expect(taken.plan).toEqual([drive('a', 130), drive('c', 50)]);
    expect(asItWent(taken)).toEqual(asItWent(went));
    expect(logTakenIn(taken)).toEqual(taken);
    // What was skipped and is planned no more did not happen for that.
    expect(wentAs({ ...went, plan: [drive('c', 50)] })).toEqual([
      ['a', 'went'],
      ['c', 'ahead'],
    ]);
  });
});

describe('a file', () => {
  it('is refused where two parts of a trip, or two entries of one part, bear one name', () => {
    const document = exampleWorkspace('australian-wagon-and-tandem');
    const faults = (patch: Partial<Trip>) => {
      const read = readParsed({ ...document, trips: [{ ...hills, ...patch }] });
      return read.ok || read.problem.code !== 'invalid'
        ? []
        : read.problem.faults.map(({ code, place }) => [code, place]);
    };
    const [first] = hills.plan ?? [];
    const [entry] = hills.log ?? [];
    expect(faults({})).toEqual([]);
    expect(faults({ plan: [first!, first!] })).toEqual([['duplicateId', expect.stringContaining('plan › 2')]]);
    expect(faults({ log: [entry!, { ...entry!, id: 'other' }] })).toEqual([
      ['duplicateId', expect.stringContaining('log › 2')],
    ]);
  });
});

describe('what is learnt from the log', () => {
  it('is what went in from full to full, for the kilometres of the odometer', () => {
    // By hand: 49.6 L for 309 km and 86.1 L for 555 km are 135.7 L for 864 km.
    const [fuel] = learntFrom(wagon, [hills]);
    expect(fuel).toMatchObject({ name: 'fuelTowing', from: 2 });
    expect(fuel?.value).toBeCloseTo(13570 / 864, 9);
    // The two disagree by 16.05 and 15.51: two standard errors of their weighted mean.
    const [one, other] = [4960 / 309, 8610 / 555];
    const mean = 13570 / 864;
    const variance = (3.09 * (one - mean) ** 2 + 5.55 * (other - mean) ** 2) / 8.64;
    expect(fuel?.plusMinus).toBeCloseTo(2 * Math.sqrt(variance), 9);
  });

  it('goes by the drives where nobody read the odometer, and keeps the usual ± of one filling alone', () => {
    const tank = { body: 'tern-wagon', tank: 'diesel', fraction: 1 } as const;
    const full = (id: string): Section => ({ id, kind: 'tank', ...tank });
    const log = [
      entry('2027-01-01T08:00', full('f1')),
      entry('2027-01-01T12:00', drive('d1', 200), { after: 'f1' }),
      entry('2027-01-01T13:00', full('f2'), { after: 'd1', added: 30 }),
    ];
    const own: Trip = { id: 't', name: 'T', rig: 'r', plan: log.map(({ did }) => did), log };
    const [fuel] = learntFrom(wagon, [own]);
    expect(fuel).toMatchObject({ name: 'fuelTowing', value: 15, plusMinus: 3.5, from: 1 });
  });

  it('tells nothing of a tank that is one of two, of a stretch half alone, or of a filling short of the brim', () => {
    const water: Section = { id: 'w', kind: 'tank', body: 'saltbush-19', tank: 'front-tank', fraction: 1 };
    const diesel = (id: string, fraction: number): Section => ({
      id,
      kind: 'tank',
      body: 'tern-wagon',
      tank: 'diesel',
      fraction,
    });
    const of = (parts: readonly Section[]) =>
      learntFrom(wagon, [
        {
          id: 't',
          name: 'T',
          rig: 'r',
          plan: [...parts],
          log: parts.map((did, n) => entry(`2027-01-0${n + 1}T08:00`, did, { added: 20 })),
        },
      ]);
    expect(of([water, { id: 'n', kind: 'nights', nights: 2 }, { ...water, id: 'w2' }])).toEqual([]);
    const half = [drive('d1', 100), { id: 'u', kind: 'unhitch' } as const, drive('d2', 100)];
    expect(of([diesel('f1', 1), ...half, diesel('f2', 1)])).toEqual([]);
    expect(of([diesel('f1', 1), drive('d', 100), diesel('f2', 0.8)])).toEqual([]);
    // What was put in short of the brim leaves the next one without a measure, by its drives.
    expect(of([diesel('f1', 1), drive('d', 100), diesel('f2', 0.8), drive('e', 100), diesel('f3', 1)])).toEqual([]);
  });
});

import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { runCli } from './runCli.ts';

const example = (name: string) => fileURLToPath(new URL(`../../examples/${name}.wagonomos.json`, import.meta.url));
const german = example('german-estate-and-caravan');
const dir = mkdtempSync(path.join(tmpdir(), 'wagonomos-'));
const file = (content: string | Buffer): string => {
  const name = path.join(dir, 'given.wagonomos.json');
  writeFileSync(name, content);
  return name;
};
interface Output {
  region: string;
  sentence: string;
  legal: boolean | null;
  loads: Record<string, number | null>;
  checks: {
    id: string;
    kind: string;
    status: string;
    demand: number | null;
    limit: number | null;
    margin: number | null;
  }[];
}
const check = (...args: string[]) => {
  const result = runCli(['check', ...args]);
  return { ...result, json: result.out === '' ? null : (JSON.parse(result.out) as Output) };
};
/** The German example after a change to its raw data. */
const changed = (
  change: (raw: { bodies: { plates: { figures: { limit: string; value: number }[] }[] }[] }) => void,
): string => {
  const raw = JSON.parse(readFileSync(german, 'utf8')) as Parameters<typeof change>[0];
  change(raw);
  return file(JSON.stringify(raw));
};

describe('wagonomos check', () => {
  it.each([
    [
      'australian-wagon-and-tandem',
      'au',
      false,
      1,
      'The rear axle of Tern wagon carries 38 kg too much, though every total has room.',
    ],
    [
      'british-van-with-scooter',
      'uk',
      true,
      0,
      'Within every limit: 7 kg more in Scooter rack and the rear axle is full.',
    ],
    [
      'german-estate-and-caravan',
      'eu',
      false,
      1,
      'Kiebitz 430 rests too lightly on the coupling: 8 kg short of the least, 25 kg.',
    ],
  ])('%s', (name, region, legal, code, sentence) => {
    const { json, ...result } = check(example(name));
    expect(result).toMatchObject({ code, error: '' });
    expect(json).toMatchObject({ region, legal, sentence });
  });

  it('prints loads in kg that add up, and null for what is not there', () => {
    const { json } = check(german);
    const loads = json?.loads ?? {};
    expect(Object.keys(loads)).toEqual([
      'vehicle',
      'frontAxle',
      'rearAxle',
      'trailer',
      'trailerAxles',
      'ballLoad',
      'combination',
    ]);
    expect((loads['frontAxle'] ?? 0) + (loads['rearAxle'] ?? 0)).toBeCloseTo(loads['vehicle'] ?? NaN, 9);
    expect(check(example('british-van-with-scooter')).json?.loads).toMatchObject({ trailer: null, ballLoad: null });
  });

  it('prints each check with its id, kind, status and figures and nothing else', () => {
    const ballMin = check(german).json?.checks.find((one) => one.id === 'ball.min');
    expect(Object.keys(ballMin ?? {})).toEqual(['id', 'kind', 'status', 'demand', 'limit', 'margin']);
    expect(ballMin).toMatchObject({ kind: 'legal', status: 'over', limit: 25 });
  });

  it('ends with 3 when it cannot be decided, and with 1 when something is over as well', () => {
    const heavy = (raw: { bodies: { plates: { figures: { limit: string; value: number }[] }[] }[] }) =>
      raw.bodies[0]?.plates[0]?.figures.splice(0, 1);
    expect(check(changed(heavy))).toMatchObject({ code: 1, json: { legal: false } });
    const raw = JSON.parse(readFileSync(example('british-van-with-scooter'), 'utf8')) as {
      bodies: { plates: unknown[] }[];
    };
    raw.bodies[0]?.plates.splice(0, 1);
    const undecided = check(file(JSON.stringify(raw)));
    expect(undecided).toMatchObject({ code: 3, json: { legal: null } });
    expect(undecided.json?.sentence).toContain('Not decided: the GVW of Sandpiper conversion is not known');
  });

  it('ends with 1 for a maker’s limit too, while legal stays true', () => {
    const raw = JSON.parse(readFileSync(example('british-van-with-scooter'), 'utf8')) as {
      bodies: { places: { id: string; rating?: { value: number } }[] }[];
    };
    for (const place of raw.bodies[0]?.places ?? []) if (place.id === 'scooter-rack') place.rating = { value: 100 };
    const result = check(file(JSON.stringify(raw)));
    expect(result).toMatchObject({ code: 1, json: { legal: true } });
    expect(result.json?.sentence).toBe(
      "Within the law, but past a maker's limit: Scooter rack is 18 kg past its rating.",
    );
  });

  it('chooses a rig and a loadout by name', () => {
    expect(check(german, '--rig', 'Dohle Kombi with Kiebitz 430', '--loadout', 'Family, one week').code).toBe(1);
    expect(check(german, '--rig', 'Nobody')).toMatchObject({ code: 2, out: '' });
    expect(check(german, '--rig', 'Nobody').error).toContain('There is: Dohle Kombi with Kiebitz 430');
    expect(check(german, '--loadout', 'Never').error).toContain('Family, one week');
  });
});

describe('what cannot be used', () => {
  it.each<[string, string | Buffer, string]>([
    ['broken JSON', '{"format":', 'line 1, column 11'],
    ['an empty file', '', 'The file is empty'],
    ['a picture renamed', Buffer.from([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10, 0, 0, 0, 13]), 'not a text file'],
    ['version 999', '{"format":"wagonomos","version":999}', 'newer Wagonomos (format 999'],
    ['somebody else’s file', '{"version":1}', 'does not come from Wagonomos'],
  ])('%s is refused on stderr with 2', (_title, content, reason) => {
    const result = check(file(content));
    expect(result).toMatchObject({ code: 2, out: '' });
    expect(result.error).toContain(reason);
    expect(result.error).toContain('given.wagonomos.json');
  });

  it('says the place of a fault', () => {
    const name = changed((raw) => (raw.bodies[0]!.plates[0]!.figures[0]!.value = -5));
    expect(check(name).error).toContain('bodies › Dohle Kombi › plates › 1 › figures › 1 › value: is less than 0.');
  });

  it('and a file that is not there, or options nobody knows', () => {
    expect(check(path.join(dir, 'nothing.json'))).toMatchObject({ code: 2, out: '' });
    expect(check(path.join(dir, 'nothing.json')).error).toContain('ENOENT');
    for (const args of [[], ['weigh', german], ['check'], ['check', german, 'more'], ['check', german, '--fast']]) {
      expect(runCli(args), args.join(' ')).toMatchObject({ code: 2, out: '' });
      expect(runCli(args).error).toContain('wagonomos check FILE');
    }
  });
});

import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { paperKinds } from '@wagonomos/papers';
import { describe, expect, it } from 'vitest';
import { readPdf } from '../../papers/src/testing/readPdf.ts';
import { runReport } from './runReport.ts';

const example = (name: string) => fileURLToPath(new URL(`../../examples/${name}.wagonomos.json`, import.meta.url));
const dir = mkdtempSync(path.join(tmpdir(), 'wagonomos-'));
const out = path.join(dir, 'paper.pdf');
const report = (...args: string[]) => runReport(['report', ...args], '2026-06-01');

describe('wagonomos report', () => {
  it('writes the paper that is asked for, in the unit and on the sheet that are', async () => {
    const made = await report(
      example('german-motorhome'),
      '--kind',
      'roadside',
      '--out',
      out,
      '--unit',
      'lb',
      '--paper',
      'letter',
    );
    expect(made).toEqual({ code: 0, out: `Roadside page: Bachstelze, four of us: ${out}`, error: '' });
    const { pages, text } = await readPdf(readFileSync(out));
    expect(pages[0]?.size).toEqual([612, 792]);
    expect(text).toContain('All figures in lb');
    expect(text).toContain('1 June 2026');
  });

  it('draws the masses from a slip where one is named', async () => {
    const raw = JSON.parse(readFileSync(example('german-motorhome'), 'utf8')) as {
      rigs: { id: string }[];
      tickets: object[];
    };
    const readings = [{ id: 'all', state: 'uncoupled', on: ['front', 'rear'], value: 3480 }];
    raw.tickets = [
      { id: 'quarry', rig: raw.rigs[0]?.id, name: 'Quarry', date: '2026-05-20', graduation: 20, readings },
    ];
    const file = path.join(dir, 'weighed.wagonomos.json');
    writeFileSync(file, JSON.stringify(raw));
    const made = await report(file, '--kind', 'roadside', '--out', out, '--ticket', 'Quarry');
    expect([made.code, made.error]).toEqual([0, '']);
    expect((await readPdf(readFileSync(out))).text).toContain('3,480');
    expect((await readPdf(readFileSync(out))).text).toContain('Drawn from slip “Quarry”');
  });

  it('says what it cannot do, and writes nothing then', async () => {
    const file = example('german-motorhome');
    writeFileSync(out, 'before');
    const refused = [
      [await report(file, '--out', out), `Say with --kind which paper: ${paperKinds.join(', ')}.`],
      [await report(file, '--kind', 'poster', '--out', out), 'Say with --kind'],
      [await report(file, '--kind', 'card'), 'Say with --out'],
      [await report(file, '--kind', 'case', '--out', out), 'has no case'],
      [await report(file, '--kind', 'card', '--out', out, '--paper', 'A3'), '--paper A3'],
      [await report(file, '--kind', 'card', '--out', out, '--unit', 'st'), '--unit st'],
      [await report(file, '--kind', 'card', '--out', path.join(dir, 'nowhere', 'x.pdf')), 'ENOENT'],
      [await report(path.join(dir, 'none.json'), '--kind', 'card', '--out', out), 'ENOENT'],
    ] as const;
    for (const [{ code, error }, says] of refused) {
      expect(error).toContain(says);
      expect(code).toBe(2);
    }
    expect(readFileSync(out, 'utf8')).toBe('before');
  });
});

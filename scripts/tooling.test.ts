import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';

/** The checks of the build are themselves checked: each must fire on a tree made to break its rule. */
const root = fileURLToPath(new URL('..', import.meta.url));

function tree(files: Readonly<Record<string, string>>): string {
  const dir = mkdtempSync(path.join(tmpdir(), 'wagonomos-tree-'));
  for (const [name, text] of Object.entries(files)) {
    mkdirSync(path.dirname(path.join(dir, name)), { recursive: true });
    writeFileSync(path.join(dir, name), text);
  }
  return dir;
}
const node = (cwd: string, ...args: string[]) => {
  const { status, stdout, stderr } = spawnSync(process.execPath, args, { cwd, encoding: 'utf8' });
  return { status, text: stdout + stderr };
};

describe('the one-way dependency', () => {
  const cruise = (files: Readonly<Record<string, string>>) => {
    const dir = tree({ 'tsconfig.base.json': '{}', ...files });
    const bin = path.join(root, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs');
    return node(dir, bin, '--config', path.join(root, '.dependency-cruiser.cjs'), ...Object.keys(files));
  };

  it.each([
    [
      'core reaching into the web',
      { 'core/src/a.ts': "import '../../web/src/b.ts';", 'web/src/b.ts': 'export {};' },
      'core-imports-nothing-outward',
    ],
    ['core using a part of Node', { 'core/src/a.ts': "import 'node:fs';" }, 'core-needs-no-node'],
    [
      'the web reaching past the front door of core',
      { 'web/src/b.ts': "import '../../core/src/a.ts';", 'core/src/a.ts': 'export {};' },
      'core-by-its-front-door',
    ],
    [
      'the cli knowing the web',
      { 'cli/src/a.ts': "import '../../web/src/b.ts';", 'web/src/b.ts': 'export {};' },
      'nobody-reaches-across',
    ],
    [
      'a station knowing another',
      { 'web/src/stations/load/a.ts': "import '../plates/b.ts';", 'web/src/stations/plates/b.ts': 'export {};' },
      'stations-do-not-know-each-other',
    ],
    [
      'the drawing knowing a station',
      { 'web/src/rig-drawing/a.ts': "import '../stations/plates/b.ts';", 'web/src/stations/plates/b.ts': 'export {};' },
      'drawing-knows-no-station',
    ],
    [
      'core knowing what stands above, if only a type of it',
      {
        'core/src/statics/a.ts': "import type { B } from '../verdict/b.ts';",
        'core/src/verdict/b.ts': 'export type B = 1;',
      },
      'core-order-statics',
    ],
    [
      'neighbours in core knowing each other',
      { 'core/src/weighing/a.ts': "import '../balance/b.ts';", 'core/src/balance/b.ts': 'export {};' },
      'core-order-weighing',
    ],
    [
      'a folder of core that has no place in the order',
      { 'core/src/files/a.ts': "import '../helpers/b.ts';", 'core/src/helpers/b.ts': 'export {};' },
      'core-folders-are-in-the-order',
    ],
    [
      'a rule that looks behind the loads',
      { 'core/src/rulebook/a.ts': "import '../loads/compile.ts';", 'core/src/loads/compile.ts': 'export {};' },
      'rules-see-loads-alone',
    ],
  ])('is enforced against %s', (_title, files, rule) => {
    const result = cruise(files);
    expect(result.text).toContain(rule);
    expect(result.status).not.toBe(0);
  });

  it('lets the web use core by its entries', () => {
    const files = {
      'web/src/b.ts': "import '../../core/src/entries/edits.ts';",
      'core/src/entries/edits.ts': 'export {};',
    };
    const result = cruise(files);
    expect(result).toMatchObject({ status: 0 });
  });
});

describe('the check of words', () => {
  const words = (source: string, catalogue: object) =>
    node(
      root,
      'scripts/check-words.mjs',
      tree({ 'locales/en/app.json': JSON.stringify(catalogue), 'web/src/a.ts': source }),
    );

  it('finds a missing and an unused word', () => {
    const result = words("t('app.hello'); t('app.gone');", { hello: 'Hello', never: 'Never' });
    expect(result.text).toContain('missing word');
    expect(result.text).toContain('app.gone');
    expect(result.text).toContain('unused word: app.never');
    expect(result.status).toBe(1);
  });

  it('follows keys built from parts', () => {
    expect(words('t(`app.mark.${one}`)', { mark: { over: 'Over' } })).toMatchObject({ status: 0 });
    const gone = words('t(`app.mark.${one}`); t(`app.other.a`)', { other: { a: 'A' } });
    expect(gone).toMatchObject({ status: 1 });
  });
});

describe('the budget of the first load', () => {
  const budget = (limit: string) => {
    const dist = tree({
      '.vite/manifest.json': JSON.stringify({
        'index.html': { file: 'a.js', isEntry: true, imports: ['_b.js'] },
        '_b.js': { file: 'b.js' },
        'late.ts': { file: 'late.js' },
      }),
      'a.js': Array.from({ length: 4000 }, (_, n) => String(Math.sin(n))).join(),
      'b.js': 'b',
      'late.js': Array.from({ length: 90_000 }, (_, n) => String(Math.cos(n))).join(),
    });
    return node(root, 'scripts/check-budget.mjs', dist, limit);
  };

  it('fires above the limit and counts only what is loaded at once', () => {
    expect(budget('10').status).toBe(1);
    expect(budget('100')).toMatchObject({ status: 0 });
  });
});

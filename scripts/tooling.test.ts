import { spawnSync } from 'node:child_process';
import {
  appendFileSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import vue from '@vitejs/plugin-vue';
import { build } from 'vite';
import { describe, expect, it, vi } from 'vitest';
import serveBuiltApp from '../e2e/globalSetup.ts';
import { inputsOf, keyOf } from './inputs.mjs';
import { runStages, tableOf } from './run-stages.mjs';

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
      'web-order-rig-drawing',
    ],
    [
      'what is in hand knowing how it is said, if only a type of it',
      {
        'web/src/stores/a.ts': "import type { B } from '../words/b.ts';",
        'web/src/words/b.ts': 'export type B = 1;',
      },
      'web-order-stores',
    ],
    [
      'a folder of the web that has no place in the order, though nothing imports it',
      { 'web/src/words/a.ts': 'export {};', 'web/src/helpers/b.ts': 'export {};' },
      'folders-are-in-the-order',
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
      'a folder of core that has no place in the order, though nothing imports it',
      { 'core/src/files/a.ts': 'export {};', 'core/src/helpers/b.ts': 'export {};' },
      'folders-are-in-the-order',
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

  it('has a sentence in the contributing guide for every folder', () => {
    const guide = readFileSync(path.join(root, 'CONTRIBUTING.md'), 'utf8');
    const [house = ''] = guide.split('**Layout.**');
    const folders = ['core', 'web'].flatMap((of) =>
      readdirSync(path.join(root, of, 'src'), { withFileTypes: true })
        .filter((entry) => entry.isDirectory() && entry.name !== 'entries')
        .map(({ name }) => name),
    );
    expect(folders.length).toBeGreaterThan(30);
    expect(folders.filter((name) => !house.includes(`\`${name}\``))).toEqual([]);
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

describe('what a build is made from', () => {
  const ours = {
    'package.json': JSON.stringify({ workspaces: ['web', 'core', 'papers', 'server'] }),
    'package-lock.json': '{}',
    'content-security.json': '{}',
    'web/package.json': JSON.stringify({ name: 'w', dependencies: { p: '1' } }),
    'web/src/a.vue': '',
    'web/public/icon.svg': '',
    'papers/package.json': JSON.stringify({ name: 'p', dependencies: { c: '1' } }),
    'papers/src/b.ts': '',
    'core/package.json': JSON.stringify({ name: 'c' }),
    'core/src/c.ts': '',
    'examples/d.json': '{}',
  };
  const others = {
    'core/src/c.test.ts': '',
    'core/src/c.bench.ts': '',
    'core/src/testing/t.ts': '',
    'server/package.json': JSON.stringify({ name: 's' }),
    'server/src/e.ts': '',
    'e2e/f.spec.ts': '',
    'README.md': '',
    'web/dist/old.js': '',
  };
  const dir = tree({ ...ours, ...others });
  const key = () => keyOf(dir, inputsOf(dir, 'web'));

  it.each(Object.keys(ours).filter((name) => !name.endsWith('package.json')))(
    'asks for a build once %s is touched',
    (name) => {
      const before = key();
      appendFileSync(path.join(dir, name), ' ');
      expect(key()).not.toBe(before);
    },
  );

  it.each(Object.keys(others))('asks for none when %s is', (name) => {
    const before = key();
    appendFileSync(path.join(dir, name), ' ');
    expect(key()).toBe(before);
  });

  it('asks for one when a file is new, gone or called otherwise', () => {
    const seen = [key()];
    writeFileSync(path.join(dir, 'core/src/new.ts'), 'x');
    seen.push(key());
    renameSync(path.join(dir, 'core/src/new.ts'), path.join(dir, 'core/src/other.ts'));
    seen.push(key());
    rmSync(path.join(dir, 'core/src/other.ts'));
    expect(new Set(seen).size).toBe(3);
    expect(key()).toBe(seen[0]);
  });

  it('is all that the real build reads of ours', async () => {
    const read = new Set<string>();
    const web = path.join(root, 'web');
    const listening = { name: 'listening', moduleParsed: ({ id }: { id: string }) => void read.add(id.split('?')[0]!) };
    await build({
      root: web,
      configFile: false,
      logLevel: 'silent',
      plugins: [vue(), listening],
      build: { write: false, rolldownOptions: { external: /^virtual:/ } },
    });
    const relative = [...read].map((id) => path.relative(root, id)).filter((id) => !/^\.\.|node_modules|\0/.test(id));
    const known = new Set(inputsOf(root, 'web') as readonly string[]);
    expect(relative.length).toBeGreaterThan(300);
    expect(relative.filter((id) => !known.has(id))).toEqual([]);
    expect(known.has('content-security.json')).toBe(true);
    expect([...known].filter((id) => /\.test\.ts$/.test(id))).toEqual([]);
  });
});

describe('the licences of what is built', () => {
  const licences = (said: string) => {
    const dir = tree({
      'package-lock.json': JSON.stringify({
        packages: {
          '': { workspaces: ['web'] },
          web: { dependencies: { charts: '1' }, devDependencies: { tool: '1' } },
          'node_modules/charts': { license: 'MIT', dependencies: { deep: '1' } },
          'node_modules/charts/node_modules/deep': { license: said },
          'node_modules/tool': { license: 'Paid' },
        },
      }),
    });
    return node(dir, path.join(root, 'scripts/check-licences.mjs'));
  };

  it('passes what is open, or is so by choice', () => {
    for (const said of ['ISC', '(MIT OR GPL-3.0)', 'MIT AND OFL-1.1']) expect(licences(said).status, said).toBe(0);
  });

  it('names what is not, however deep it lies, and leaves tools alone', () => {
    for (const said of ['SEE LICENSE IN LICENSE', 'GPL-3.0', 'MIT AND Paid']) {
      const { status, text } = licences(said);
      expect(status, said).toBe(1);
      expect(text).toContain('deep is under');
      expect(text).not.toContain('tool');
    }
  });
});

describe('stages run side by side', () => {
  const stage = (name: string, code: string, more: object = {}) => ({
    name,
    command: [process.execPath, '-e', code],
    cores: 1,
    ...more,
  });

  it('waits for what a stage waits for, runs the rest beside it, and keeps to the cores there are', async () => {
    const dir = tree({});
    const beside = (name: string) =>
      `const fs = require('fs'); fs.writeFileSync('${dir}/${name}', ''); const until = Date.now() + 20000;
       while (fs.readdirSync('${dir}').length < 2) if (Date.now() > until) process.exit(1);`;
    const { done } = runStages(
      [
        stage('a', beside('a')),
        stage('b', beside('b')),
        stage('last', `process.exit(require('fs').readdirSync('${dir}').length === 2 ? 0 : 1)`, {
          after: ['*'],
          cores: 2,
        }),
      ],
      { cores: 2 },
    );
    expect((await done).map(({ name, ok }) => [name, ok])).toEqual([
      ['a', true],
      ['b', true],
      ['last', true],
    ]);
  });

  it('tells what failed, and begins nothing that waits for it', async () => {
    const { done } = runStages(
      [stage('bad', "console.log('so it is'); process.exit(3)"), stage('next', '', { after: ['bad'] })],
      {
        cores: 1,
      },
    );
    const [bad, next] = await done;
    expect(bad).toMatchObject({ ok: false, why: 'ended with 3', text: 'so it is\n' });
    expect(next).toMatchObject({ ok: false, seconds: null, why: 'not begun: bad failed' });
    expect(tableOf([bad, next], 1)).toContain('not begun: bad failed');
  });

  it('does not wait for what nobody asked to run', async () => {
    const { done } = runStages([stage('budget', '', { after: ['build'] })], { cores: 1 });
    expect((await done)[0]).toMatchObject({ ok: true });
  });

  it('ends all it started, and what that started, when it is stopped', async () => {
    const dir = tree({});
    const child = `require('fs').writeFileSync('${dir}/pid', String(process.pid)); setInterval(() => {}, 1000)`;
    const { done, stop } = runStages(
      [
        stage(
          'long',
          `require('child_process').spawn(process.execPath, ['-e', ${JSON.stringify(child)}]); setInterval(() => {}, 1000)`,
        ),
      ],
      { cores: 1 },
    );
    await vi.waitFor(() => expect(readFileSync(path.join(dir, 'pid'), 'utf8')).toMatch(/\d/), 20_000);
    stop();
    expect((await done)[0]).toMatchObject({ ok: false, why: 'ended with SIGTERM' });
    const pid = Number(readFileSync(path.join(dir, 'pid'), 'utf8'));
    await vi.waitFor(() => expect(() => process.kill(pid, 0)).toThrow(), 20_000);
  });
});

describe('the server of the journeys', () => {
  it('takes a port that is free, however many there are, and is gone when it is asked to go', async () => {
    const ask = () => fetch(`${process.env['JOURNEYS_URL']}/api/health`).then(({ status }) => status);
    const closeFirst = await serveBuiltApp();
    const first = process.env['JOURNEYS_URL'];
    const closeSecond = await serveBuiltApp();
    expect(process.env['JOURNEYS_URL']).not.toBe(first);
    closeFirst();
    expect(await ask()).toBe(200);
    closeSecond();
    await expect(ask()).rejects.toThrow();
  });
});

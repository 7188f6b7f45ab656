// Node built-ins only: runs before node_modules exists. usage: node scripts/bootstrap.mjs [build] [cli] [browser]
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { inputsOf, keyOf } from './inputs.mjs';

const root = path.dirname(path.dirname(fileURLToPath(import.meta.url)));
const want = new Set(process.argv.slice(2));
const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
if (major < 20 || (major === 20 && minor < 19)) die(`Node >= 20.19 is needed, this is ${process.versions.node}`);

function die(msg) {
  console.error(`bootstrap: ${msg}`);
  process.exit(1);
}
function run(cmd, args, opts = {}) {
  // Not among what a program asked for: the command line answers on the other stream.
  console.error(`> ${[path.basename(cmd), ...args].join(' ')}`);
  const r = spawnSync(cmd, args, { cwd: root, stdio: ['inherit', 2, 2], ...opts });
  if (r.status !== 0) die(`${cmd} ${args.join(' ')} failed (${r.error?.message ?? `exit ${r.status}`})`);
}
function npm(args) {
  // npm_execpath is npm's own JS file when started from `npm run`: no shell, works on Windows too
  const js = process.env.npm_execpath;
  if (js?.endsWith('.js')) run(process.execPath, [js, ...args]);
  else run('npm', args, { shell: process.platform === 'win32' });
}
function once(name, key, artefact, fn) {
  const stamp = path.join(root, 'node_modules', '.cache', 'bootstrap', name);
  if (existsSync(path.join(root, artefact)) && existsSync(stamp) && readFileSync(stamp, 'utf8') === key) return;
  fn();
  mkdirSync(path.dirname(stamp), { recursive: true });
  writeFileSync(stamp, key);
}

// --include=dev: also right under NODE_ENV=production
once('install', keyOf(root, ['package-lock.json']), 'node_modules/vite', () =>
  npm(['ci', '--include=dev', '--no-audit', '--no-fund']),
);
if (want.has('build'))
  once('build', keyOf(root, inputsOf(root, 'web')), 'web/dist/index.html', () => npm(['run', 'build']));
if (want.has('cli'))
  once('cli', keyOf(root, [...inputsOf(root, 'cli'), 'scripts/build-cli.mjs']), 'cli/dist/wagonomos.js', () =>
    run(process.execPath, ['scripts/build-cli.mjs']),
  );
if (want.has('browser')) {
  const exe = process.env.CHROMIUM_PATH ?? '/usr/bin/chromium';
  if (!existsSync(exe)) {
    const sudo = process.getuid?.() === 0 ? [] : ['sudo', '-n'];
    const apt = (...a) => {
      const [cmd, ...rest] = [...sudo, 'apt-get', ...a];
      run(cmd, rest, { env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } });
    };
    apt('update', '-qq');
    apt('install', '-y', '-qq', '--no-install-recommends', 'chromium', 'fonts-liberation');
    if (!existsSync(exe)) die(`no Chromium at ${exe}`);
  }
}

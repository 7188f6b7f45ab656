import { mkdir, mkdtemp, rm, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { build } from 'vite';
import compression from 'vite-plugin-compression';
import browser from '../playwright.config.ts';
import { builtApp, median, root, serve } from './builtApp.ts';

/**
 * How long a first visit takes until the yard can be used, nothing cached, beside a bare page with the same framework and
 * component library, by turns in one run: `npm run first-screen`, after a build. A measurement, never a test.
 */
// Within the project, so that the bare page finds the same packages.
const folder = await mkdtemp(path.join(root, 'node_modules/bare-'));
const bare = async (name: string, script: string): Promise<string> => {
  const from = path.join(folder, name);
  await mkdir(from, { recursive: true });
  await writeFile(
    path.join(from, 'index.html'),
    '<!doctype html><html lang="en"><head><title>Bare</title></head><body><div id="app"></div><script type="module" src="/main.ts"></script></body></html>',
  );
  await writeFile(path.join(from, 'main.ts'), script);
  await build({
    root: from,
    logLevel: 'silent',
    configFile: false,
    plugins: [compression({ verbose: false })],
    build: { outDir: 'dist' },
  });
  return path.join(from, 'dist');
};
const page = "h(ElButton, { id: 'use' }, () => 'Use')";
const pages = {
  'the yard': { dist: builtApp, ready: '[data-test=rig-card]' },
  'a bare page, the library as its guide installs it': {
    dist: await bare(
      'whole',
      `import { createApp, h } from 'vue'; import ElementPlus, { ElButton } from 'element-plus';
       import 'element-plus/dist/index.css'; createApp({ render: () => ${page} }).use(ElementPlus).mount('#app');`,
    ),
    ready: '#use',
  },
  'a bare page, one button of the library': {
    dist: await bare(
      'button',
      `import { createApp, h } from 'vue'; import { ElButton } from 'element-plus';
       import 'element-plus/theme-chalk/base.css'; import 'element-plus/theme-chalk/el-button.css';
       createApp({ render: () => ${page} }).mount('#app');`,
    ),
    ready: '#use',
  },
};
type Watched = typeof globalThis & { usableAfter?: number };
/**
 * Asks in the page itself, frame by frame, whether what is pressed first lies on top where it is seen, and whether the page then
 * has time for a press. Asked from outside, with growing pauses, the answer would be rounded up by as much as half a second.
 */
const watchFor = async (ready: string) => {
  for (;;) {
    await new Promise(requestAnimationFrame);
    const box = document.querySelector(ready)?.getBoundingClientRect();
    if (box && document.elementFromPoint(box.x + box.width / 2, box.y + box.height / 2)?.closest(ready)) break;
  }
  // The frame it is painted in, and then a turn of the page's own queue.
  await new Promise(requestAnimationFrame);
  await new Promise((done) => setTimeout(done));
  (globalThis as Watched).usableAfter = performance.now();
};
const chrome = await chromium.launch(browser.use?.launchOptions ?? {});
const times = new Map<string, number[]>(Object.keys(pages).map((name) => [name, []]));
const servers = new Map<string, Awaited<ReturnType<typeof serve>>>();
for (const [name, { dist }] of Object.entries(pages)) {
  servers.set(name, await serve(dist));
}
for (let run = 0; run < 16; run += 1) {
  for (const [name, { ready }] of Object.entries(pages)) {
    const context = await chrome.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
    const view = await context.newPage();
    await view.addInitScript(watchFor, ready);
    await view.goto(servers.get(name)?.url ?? '', { waitUntil: 'commit' });
    const usable = await view
      .waitForFunction(() => (globalThis as Watched).usableAfter)
      .then((after) => after.jsonValue());
    // The first turn warms up the browser itself.
    if (run > 0 && usable !== undefined) times.get(name)?.push(usable);
    await context.close();
  }
}
await chrome.close();
for (const { close } of servers.values()) close();
await rm(folder, { recursive: true });
const yard = median(times.get('the yard') ?? []);
for (const [name, list] of times) {
  const middle = median(list);
  const all = list.map((ms) => ms.toFixed(0)).join(', ');
  console.log(
    `${name}: usable after ${middle.toFixed(0)} ms (${all}); the yard takes ${(yard / middle).toFixed(2)} times that`,
  );
}

import { readFile } from 'node:fs/promises';
import path from 'node:path';
import { chromium } from '@playwright/test';
import browser from '../playwright.config.ts';
import { builtApp, openBenchRig, root, serve } from './builtApp.ts';

/**
 * How smooth carrying is with 500 things and 40 places: `npm run drag-bench`, after a build. Prints the work of script and
 * layout for each pointer move (95th percentile) and the longest task, in ms. A measurement, never a test.
 */
const { url, close } = await serve(builtApp);
const chrome = await chromium.launch(browser.use?.launchOptions ?? {});
const page = await chrome.newPage({ viewport: { width: 1280, height: 800 }, baseURL: url });

const demo = path.join(root, 'examples/australian-wagon-and-tandem.wagonomos.json');
interface Raw {
  rigs: object[];
  bodies: { id: string; kind: string; places: object[] }[];
  things: object[];
  loadouts: { placements: object[] }[];
}
const raw = JSON.parse(await readFile(demo, 'utf8')) as Raw;
const places = raw.bodies.reduce((sum, body) => sum + body.places.length, 0);
const trailer = raw.bodies.find((body) => body.kind === 'trailer');
for (let at = places; at < 40; at += 1) {
  const x = 1.4 + ((at * 0.37) % 5.4);
  trailer?.places.push({
    id: `bench-${at}`,
    name: `Bench place ${at}`,
    kind: 'locker',
    x,
    length: 0.3,
    z: 0.5,
    height: 0.3,
  });
}
for (let at = raw.things.length; at < 500; at += 1) {
  raw.things.push({ id: `bench-${at}`, name: `Bench thing ${at}`, mass: 0.1 + (at % 7) / 10 });
  raw.loadouts[0]?.placements.push({
    thing: `bench-${at}`,
    count: 1,
    body: trailer?.id,
    place: `bench-${20 + (at % 20)}`,
  });
}

await openBenchRig(page, raw);
await page.getByRole('link', { name: /^Load/ }).click();
await page.locator('[data-grip]').first().waitFor();
// What lies below the first screen is made a moment later.
await page.getByText('Bench place 39').first().waitFor({ state: 'attached' });
await page.evaluate(() => {
  const tasks: (readonly [number, number])[] = [];
  new PerformanceObserver((list) =>
    tasks.push(...list.getEntries().map((one) => [one.startTime, one.duration] as const)),
  ).observe({
    type: 'longtask',
  });
  Object.assign(window, { longTasks: tasks });
});
const session = await page.context().newCDPSession(page);
await session.send('Performance.enable');
const spent = async () => {
  const { metrics } = await session.send('Performance.getMetrics');
  const of = (name: string) => metrics.find((one) => one.name === name)?.value ?? 0;
  return 1000 * (of('ScriptDuration') + of('LayoutDuration') + of('RecalcStyleDuration'));
};
await page.locator('[data-grip]').first().scrollIntoViewIfNeeded();
// The list settles before it is gripped, or another thing lies under the pointer than the one that was measured.
await page.waitForTimeout(1500);
const grip = await page.locator('[data-grip]').first().boundingBox();
if (!grip) throw new Error('nothing to carry');
await chrome.startTracing(page, {
  categories: ['toplevel', 'devtools.timeline', 'disabled-by-default-devtools.timeline'],
});
const now = () => page.evaluate(() => performance.now());
const pickedUp = await now();
await page.mouse.move(grip.x + 8, grip.y + 12);
await page.mouse.down();
await page.mouse.move(grip.x + 30, grip.y - 10, { steps: 3 });
await page.waitForTimeout(400);
const carrying = await now();
const overPlaces = new Set<string>();
const costs: number[] = [];
for (let at = 0; at < 240; at += 1) {
  const before = await spent();
  await page.mouse.move(170 + ((at * 4) % 940), 290 + 60 * Math.sin(at / 7));
  await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => done(null))));
  costs.push((await spent()) - before);
  overPlaces.add((await page.locator('[data-test="hand"] .to').allTextContents()).join());
}
const said = await page.locator('[data-test="hand"]').textContent();
const putDown = await now();
await page.mouse.up();
await page.waitForTimeout(300);
/** A task of the page's main thread: wall clock and the processor time it had, in ms. A busy host stretches only the first. */
interface Traced {
  readonly name: string;
  readonly pid: number;
  readonly tid: number;
  readonly dur?: number;
  readonly tdur?: number;
  readonly args?: { readonly name?: string };
}
const trace = JSON.parse((await chrome.stopTracing()).toString()) as { traceEvents: Traced[] };
const mains = new Set(
  trace.traceEvents
    .filter((one) => one.name === 'thread_name' && one.args?.name === 'CrRendererMain')
    .map((one) => `${one.pid}/${one.tid}`),
);
const worked = trace.traceEvents
  .filter((one) => one.name.endsWith('RunTask') && mains.has(`${one.pid}/${one.tid}`))
  .map((one) => ({ wall: (one.dur ?? 0) / 1000, processor: (one.tdur ?? 0) / 1000 }))
  .toSorted((a, b) => b.processor - a.processor);
const sorted = costs.toSorted((a, b) => a - b);
const share = (part: number) => (sorted[Math.floor(part * (sorted.length - 1))] ?? 0).toFixed(1);
const tasks = await page.evaluate(() => (window as unknown as { longTasks: (readonly [number, number])[] }).longTasks);
const phase = (at: number) =>
  at < pickedUp ? 'before' : at < carrying ? 'picking up' : at < putDown ? 'carrying' : 'putting down';
const list = tasks.map(([at, took]) => `${Math.round(took)} ms ${phase(at)}`);
console.log(`carried over ${overPlaces.size} places, last seen: ${said ?? ''}`);
console.log(`work per pointer move: median ${share(0.5)} ms, 95th percentile ${share(0.95)} ms, worst ${share(1)} ms`);
console.log(`tasks over 50 ms: ${tasks.length}${tasks.length > 0 ? ` (${list.join(', ')})` : ''}`);
console.log(
  `most processor time of a task: ${worked
    .slice(0, 5)
    .map((one) => `${one.processor.toFixed(0)} ms (${one.wall.toFixed(0)} by the clock)`)
    .join(', ')}`,
);
await chrome.close();
close();

import { readFile } from 'node:fs/promises';
import path from 'node:path';
import { chromium, type Page } from '@playwright/test';
import browser from '../playwright.config.ts';
import { builtApp, median, openBenchRig, root, serve } from './builtApp.ts';

/**
 * How quickly the Load station opens with 100 things on board, beside Verdict with the same, and how soon an edit in its list
 * is painted: `npm run load-bench`, after a build. Medians of seven, in ms. A measurement, never a test.
 */
const { url, close } = await serve(builtApp);
const chrome = await chromium.launch(browser.use?.launchOptions ?? {});

interface Raw {
  rigs: object[];
  things: object[];
  loadouts: { placements: { body: string; place: string }[] }[];
}
const demo = path.join(root, 'examples/australian-wagon-and-tandem.wagonomos.json');
const raw = JSON.parse(await readFile(demo, 'utf8')) as Raw;
const [loadout] = raw.loadouts;
const spots = loadout?.placements.map(({ body, place }) => ({ body, place })) ?? [];
for (let at = loadout?.placements.length ?? 0; at < 100; at += 1) {
  raw.things.push({ id: `bench-${at}`, name: `Bench thing ${at}`, mass: 0.1 + (at % 7) / 10 });
  loadout?.placements.push({ thing: `bench-${at}`, count: 1, ...spots[at % spots.length] } as (typeof spots)[number]);
}

const told = (list: readonly number[]) =>
  `median ${median(list).toFixed(0)} ms (${list.map((ms) => ms.toFixed(0)).join(', ')})`;

/** Runs in the page: presses a link of the route and waits until what it leads to has been painted. */
const opening = (page: Page, name: string, shows: string) =>
  page.evaluate(
    async ([link, wanted]) => {
      const begin = performance.now();
      document.querySelector<HTMLElement>(`.route a[href$="/${link ?? ''}"], a[href$="/${link ?? ''}"]`)?.click();
      while (!document.querySelector(wanted ?? '')) await new Promise((done) => requestAnimationFrame(done));
      await new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
      const took = performance.now() - begin;
      // What is made later, below the first screen, is no part of the next measurement.
      await new Promise((done) => setTimeout(done, 1200));
      return took;
    },
    [name, shows],
  );

const page = await chrome.newPage({ viewport: { width: 1280, height: 800 }, baseURL: url });
await openBenchRig(page, raw);
await page.locator('[data-test="bad"], [data-test="fine"]').first().waitFor();
const load: number[] = [];
const verdict: number[] = [];
for (let run = 0; run < 8; run += 1) {
  // The first time what is fetched counts too; it is left out.
  const [toLoad, toVerdict] = [
    await opening(page, 'load', '[data-test="thing"]'),
    await opening(page, 'verdict', '[data-test="fine"]'),
  ];
  if (run === 0) continue;
  load.push(toLoad);
  verdict.push(toVerdict);
}
await opening(page, 'load', '[data-test="place"]');
const on = await page.locator('[data-test="thing"]').count();
await page.locator('button[data-cell="mass"]').nth(3).click();
const edits: number[] = [];
for (let run = 0; run < 8; run += 1) {
  const took = await page.evaluate(async (kg) => {
    const field = document.activeElement as HTMLInputElement;
    const begin = performance.now();
    field.value = String(kg);
    field.dispatchEvent(new Event('input', { bubbles: true }));
    await new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
    return performance.now() - begin;
  }, 2 + run);
  if (run > 0) edits.push(took);
  await page.waitForTimeout(150);
}
console.log(`Load with 100 things (${on} rows made): ${told(load)}`);
console.log(
  `Verdict with the same: ${told(verdict)}; Load is ${(median(load) / median(verdict)).toFixed(2)} times that`,
);
console.log(`an edit of a mass is painted after: ${told(edits)}`);
await chrome.close();
close();

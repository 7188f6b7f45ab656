import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium } from '@playwright/test';
import browser from '../playwright.config.ts';
import { builtApp, serve } from './builtApp.ts';

/**
 * Twenty pictures of twelve megapixels, kept on a slip, listed again after a reload, and saved in a parcel: `npm run
 * photo-bench`, after a build. Prints the longest tasks of the page's main thread, in ms. A measurement, never a test.
 */
const { url, close } = await serve(builtApp);
const chrome = await chromium.launch(browser.use?.launchOptions ?? {});
const page = await chrome.newPage({ viewport: { width: 390, height: 844 }, baseURL: url });

/** Pictures with something on them, each its own, made in the browser. */
await page.goto('/');
const folder = mkdtempSync(path.join(tmpdir(), 'photo-bench-'));
let bytes = 0;
const pictures: string[] = [];
for (let at = 0; at < 20; at += 1) {
  const text = await page.evaluate(async (number) => {
    const canvas = new OffscreenCanvas(4000, 3000);
    const pen = canvas.getContext('2d');
    if (!pen) throw new Error('no canvas');
    for (let blot = 0; blot < 6000; blot += 1) {
      pen.fillStyle = `hsl(${(blot * 37 + number * 11) % 360} 60% ${20 + ((blot * 7) % 60)}%)`;
      pen.fillRect((blot * 613) % 4000, (blot * 397 + number * 50) % 3000, 60 + (blot % 90), 40 + (blot % 70));
    }
    const bytes = new Uint8Array(
      await (await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 })).arrayBuffer(),
    );
    let out = '';
    for (let from = 0; from < bytes.length; from += 32_768)
      out += String.fromCharCode(...bytes.subarray(from, from + 32_768));
    return btoa(out);
  }, at);
  const picture = Buffer.from(text, 'base64');
  bytes += picture.length;
  pictures.push(path.join(folder, `picture-${at}.jpg`));
  writeFileSync(pictures[at] ?? '', picture);
}
console.log(`20 pictures of 4000 × 3000, ${(bytes / 20 / 1e6).toFixed(1)} MB each`);

const watch = () =>
  page.evaluate(() => {
    const tasks: number[] = [];
    new PerformanceObserver((list) => tasks.push(...list.getEntries().map((one) => one.duration))).observe({
      type: 'longtask',
    });
    Object.assign(window, { longTasks: tasks });
  });
const longest = async (what: string, began: number) => {
  const tasks = await page.evaluate(() => (window as unknown as { longTasks: number[] }).longTasks.splice(0));
  const worst = tasks
    .toSorted((a, b) => b - a)
    .slice(0, 4)
    .map((one) => Math.round(one));
  console.log(
    `${what}: ${((Date.now() - began) / 1000).toFixed(1)} s, tasks over 50 ms: ${worst.join(', ') || 'none'}`,
  );
};
const photos = page.locator('[data-test="slip-where"] [data-test="photos"]');
const openWhere = async () => {
  await page.locator('[data-test="slip-where"]').locator('summary').click();
  await photos.scrollIntoViewIfNeeded();
};

await page.goto('/rig/sandpiper/weigh');
await page.locator('[data-test="slip-where"]').waitFor();
await openWhere();
await page.waitForTimeout(1500);
await watch();
let began = Date.now();
// From the disk, as a camera would: handed over as bytes they would pass through the page itself.
await photos.locator('input[type=file]').setInputFiles(pictures);
await photos.locator('img').nth(19).waitFor({ timeout: 180_000 });
await page.waitForTimeout(500);
await longest('kept', began);

await page.reload();
await page.locator('[data-test="slip-where"]').waitFor();
await page.waitForTimeout(1500);
await watch();
began = Date.now();
await openWhere();
await photos.locator('img').nth(19).waitFor();
await page.waitForTimeout(800);
await longest('listed', began);

await page.goto('/rig/sandpiper/papers');
const save = page.getByRole('button', { name: /with its pictures/ });
await save.waitFor();
await page.waitForTimeout(1500);
await watch();
began = Date.now();
const download = page.waitForEvent('download');
await save.click();
const file = await download;
await page.waitForTimeout(300);
await longest(`saved as ${file.suggestedFilename()}`, began);
rmSync(folder, { recursive: true });
await chrome.close();
close();

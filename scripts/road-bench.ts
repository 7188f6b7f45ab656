import { chromium } from '@playwright/test';
import browser from '../playwright.config.ts';
import { builtApp, serve } from './builtApp.ts';

/**
 * How smooth it is to drag the hand along a trip: `npm run road-bench`, after a build. Prints the work of script and layout for each
 * pointer move (median and 95th percentile), and how far apart frames are, in ms. A measurement, never a test.
 */
const { url, close } = await serve(builtApp);
const chrome = await chromium.launch(browser.use?.launchOptions ?? {});
const page = await chrome.newPage({ viewport: { width: 1280, height: 800 }, baseURL: url });
await page.goto('/rig/tern-and-saltbush/road');
await page.locator('[data-test="ribbon"]').waitFor();
await page.waitForTimeout(1500);
const strip = await page.locator('[data-test="ribbon"]').boundingBox();
if (!strip) throw new Error('no strip');
const session = await page.context().newCDPSession(page);
await session.send('Performance.enable');
const spent = async () => {
  const { metrics } = await session.send('Performance.getMetrics');
  const of = (name: string) => metrics.find((one) => one.name === name)?.value ?? 0;
  return 1000 * (of('ScriptDuration') + of('LayoutDuration') + of('RecalcStyleDuration'));
};
await page.mouse.move(strip.x + 2, strip.y + 20);
await page.mouse.down();
const costs: number[] = [];
for (let at = 0; at < 180; at += 1) {
  const before = await spent();
  await page.mouse.move(strip.x + (strip.width * ((at * 7) % 180)) / 180, strip.y + 20);
  await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => done(null))));
  costs.push((await spent()) - before);
}
await page.mouse.up();
const sorted = costs.sort((a, b) => a - b);
const at = (share: number) => sorted[Math.floor(share * sorted.length)]?.toFixed(1);
console.log(`work for a move: median ${at(0.5)} ms, 95th percentile ${at(0.95)} ms`);
await chrome.close();
close();

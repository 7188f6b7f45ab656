/** Every view can be read where it stands, stays where it was first seen, and is large enough for a thumb: at both sizes, in both units. */
import { expect, test, type Page } from '@playwright/test';
import { ownPaths, rigPaths, rigViews } from '../web/src/shared/views.ts';
import { cutOffWords, smallTargets } from './sight.ts';
import { settled } from './support.ts';

const rigs = ['bachstelze', 'redstart'];
const views = [
  ...ownPaths,
  // Every sheet of every view of one rig, and what its views are of two others.
  ...rigPaths.map((one) => `/rig/tern-and-saltbush/${one}`),
  ...rigs.flatMap((rig) => rigViews.map(({ name }) => `/rig/${rig}/${name}`)),
  '/rig/redstart/papers?sheet=dates',
  '/rig/tern-and-saltbush/road?trip=hills',
  '/rig/dohle-and-kiebitz/pair?sheet=trailers',
  '/rig/redstart/pair?sheet=cars',
  ...['rohrammer-460', 'kittiwake-hatch'].map((body) => `/look/${body}`),
];

// What moves by itself is looked for where motion is not asked to be less.
test.use({ contextOptions: { reducedMotion: 'no-preference' } });

/** Adds up how far what is seen has moved by itself, as the browser reckons it. */
const watchShifts = (page: Page) =>
  page.addInitScript(() => {
    const seen = globalThis as { shifted?: number };
    seen.shifted = 0;
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries() as (PerformanceEntry & { value: number; hadRecentInput: boolean })[]) {
        if (!entry.hadRecentInput) seen.shifted = (seen.shifted ?? 0) + entry.value;
      }
    }).observe({ type: 'layout-shift', buffered: true });
  });

/** Every other view is opened in pounds and looked at in kilograms after that, so that both are opened and both are looked at. */
const halves = [views.filter((_, n) => n % 2 === 0), views.filter((_, n) => n % 2 === 1)];

for (const width of [1280, 390]) {
  for (const [half, some] of halves.entries()) {
    test(`at ${width} px no word is cut off in kg or lb and nothing moves by itself, ${half + 1} of 2`, async ({
      page,
    }) => {
      test.setTimeout(180_000);
      await page.setViewportSize({ width, height: width === 390 ? 844 : 800 });
      await watchShifts(page);
      await page.goto('/');
      let unit: 'kg' | 'lb' = 'kg';
      const faults: unknown[] = [];
      const look = async (view: string) => {
        const cut = await page.evaluate(cutOffWords);
        if (cut.length > 0) faults.push({ view, unit, cut });
      };
      for (const view of some) {
        await page.goto(view);
        await expect(page.locator('#main')).not.toBeEmpty();
        await settled(page);
        const shifted = await page.evaluate(() => (globalThis as { shifted?: number }).shifted ?? 1);
        if (shifted >= 0.02) faults.push({ view, unit, shifted });
        await look(view);
        const small = width === 390 ? await page.evaluate(smallTargets) : [];
        if (small.length > 0) faults.push({ view, unit, small });
        await page.getByRole('button', { name: 'Switch between kilograms and pounds' }).click();
        unit = unit === 'kg' ? 'lb' : 'kg';
        await settled(page);
        await look(view);
      }
      expect(faults).toEqual([]);
    });
  }
}

test('what is cut off is found', async ({ page }) => {
  await page.goto('/words');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.getByRole('heading', { level: 1 }).evaluate((one) => {
    one.style.cssText = 'width: 30px; overflow: hidden; white-space: nowrap';
  });
  expect((await page.evaluate(cutOffWords)).map(({ why }) => why)).toContain('box');
});

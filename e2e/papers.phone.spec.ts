import { readFile } from 'node:fs/promises';
import { expect, test, type Page } from '@playwright/test';
import jsQR from 'jsqr';
import { PNG } from 'pngjs';
import { unpackRig } from '@wagonomos/core/files';
import { readPdf } from '../papers/src/testing/readPdf.ts';
import { estate, seriousFaults, wagon } from './support.ts';

const staysInWidth = async (page: Page) =>
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);

test('stopped on the way: the page is saved and handed on from the phone', async ({ page }) => {
  await page.addInitScript(() => {
    const shared: string[] = [];
    Object.assign(globalThis, { shared });
    Object.defineProperty(navigator, 'canShare', { value: () => true });
    Object.defineProperty(navigator, 'share', {
      value: ({ files = [] }: { files?: File[] }) => {
        shared.push(...files.map(({ name, type }) => `${name} ${type}`));
        return Promise.resolve();
      },
    });
  });
  await page.goto(`${estate}/papers`);
  await page.getByRole('button', { name: 'Stopped on the way' }).tap();
  const paper = page.getByTestId('paper-roadside');
  const downloading = page.waitForEvent('download');
  await paper.getByRole('button', { name: 'Save as PDF' }).tap();
  const { text, pages } = await readPdf(await readFile(await (await downloading).path()));
  expect(pages).toHaveLength(1);
  expect(text).toContain('Driving licence of whoever drives');
  await paper.getByRole('button', { name: 'Share' }).tap();
  await expect
    .poll(() => page.evaluate(() => (globalThis as unknown as { shared: string[] }).shared))
    .toEqual([expect.stringMatching(/^roadside-page-.*\.pdf application\/pdf$/)]);
  await staysInWidth(page);
  expect(await seriousFaults(page)).toEqual([]);
});

test.describe('on a screen with fine dots', () => {
  test.use({ deviceScaleFactor: 3 });

  test('a code fills the phone and is read off it by another', async ({ page }) => {
    await page.goto(`${wagon}/papers?sheet=phone`);
    await page.getByRole('button', { name: 'Show the code' }).tap();
    const code = page.getByTestId('code');
    await expect(page.locator('.dialog-fade-enter-active')).toHaveCount(0);
    await expect(code).toBeInViewport({ ratio: 1 });
    await staysInWidth(page);
    const bare = await code.screenshot({ scale: 'device' });
    const { data, width, height } = PNG.sync.read(bare);
    const found = jsQR(new Uint8ClampedArray(data), width, height);
    expect(unpackRig(found?.data ?? '').ok).toBe(true);
    await page.goto(`/take#${found?.data.split('#')[1] ?? ''}`);
    await expect(page.getByTestId('looked-at')).toContainText('Tern wagon with Saltbush 19');
    await staysInWidth(page);
    expect(await seriousFaults(page)).toEqual([]);
    await page.getByRole('button', { name: /Take it in|Go to it/ }).tap();
    await expect(page.getByTestId('sentence')).toContainText('Tern wagon');
  });
});

test('what was done is ticked off the list of dates', async ({ page }) => {
  await page.goto(`${estate}/papers?sheet=dates`);
  await page.getByRole('button', { name: 'Gas test: done today' }).tap();
  await expect(page.getByTestId('due-gas')).not.toContainText('2027');
  await staysInWidth(page);
  expect(await seriousFaults(page)).toEqual([]);
});

/** Round a used trailer with one thumb, without a network, with pictures. */
import { fileURLToPath } from 'node:url';
import { expect, test } from '@playwright/test';
import { untilStill } from './keptStore.ts';
import { expectNoSidewaysScroll, fill, seriousFaults } from './support.ts';

test.use({ serviceWorkers: 'allow' });

test('a used caravan is walked round offline: figures typed on the spot, a picture, what contradicts and what was not seen', async ({
  page,
  context,
}) => {
  await page.goto('/rig/dohle-and-kiebitz/pair?sheet=trailers');
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await context.setOffline(true);
  await page.getByRole('columnheader', { name: /Zaunk/ }).getByRole('link', { name: 'Walk round' }).tap();
  const sum = page.getByTestId('walk-sum');
  await expect(sum).toContainText('0 of 13 seen');
  await expect(page.getByTestId('walk-payload')).toContainText('285 kg for things, water and gas');
  await expectNoSidewaysScroll(page);
  const stop = (name: string) => page.getByTestId(`stop-${name}`);

  // The plate is another one than the advertisement had.
  await fill(stop('plate'), "trailer's permitted mass (F.2)", '1200');
  await fill(stop('plate'), 'trailer axle mass (N)', '1180');
  await stop('plate')
    .locator('input[type=file]')
    .setInputFiles(fileURLToPath(new URL('../web/public/icon-192.png', import.meta.url)));
  await expect(stop('plate').getByRole('img')).toBeVisible();
  await expect(page.getByTestId('walk-payload')).toContainText('185 kg for things, water and gas');
  await stop('plate').getByRole('button', { name: 'sound', exact: true }).tap();
  // What is sound leads on; the summary stays in sight.
  await expect(stop('coupling').getByRole('button', { name: 'doubtful', exact: true })).toBeInViewport();
  await expect(page.getByTestId('walk-payload')).toBeInViewport();
  await stop('coupling').getByRole('button', { name: 'doubtful', exact: true }).tap();
  await fill(stop('coupling'), 'Note: Coupling head', 'Plays on the ball');
  await stop('coupling').getByRole('button', { name: 'Go on' }).tap();
  await stop('tyres')
    .getByRole('button', { name: /^Tyres/ })
    .tap();
  // 80 is 450 kg a tyre: 900 for an axle plated 1,180, and they are of 2011.
  await fill(stop('tyres'), 'Load index', '80');
  await fill(stop('tyres'), 'Week and year', '1211');
  await stop('tyres').getByRole('button', { name: 'doubtful', exact: true }).tap();
  await page.getByRole('button', { name: 'What comes of it' }).tap();
  await expect(page.getByTestId('walk-contradicts')).toContainText(/tyres/i);
  await expect(page.getByTestId('walk-doubtful')).toHaveText('Coupling head, Tyres');
  await expect(page.getByTestId('walk-unseen')).toContainText('Welds');
  await expect(page.getByTestId('walk-unseen')).not.toContainText('Plate');
  expect(await seriousFaults(page)).toEqual([]);

  // It is kept with it: still there after a reload without a network, with its picture.
  await untilStill(page);
  await page.reload();
  await expect(sum).toContainText('3 of 13 seen');
  await expect(stop('plate').getByRole('img')).toBeVisible();
  await expect(stop('coupling')).toContainText('Plays on the ball');
  await expect(stop('tyres')).toContainText('1211');
});

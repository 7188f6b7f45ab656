import { expect, test } from '@playwright/test';
import { dropDown, expectNoSidewaysScroll, seriousFaults, sentence, wagon } from './support.ts';

test('one thumb from the yard to the verdict and its arithmetic', async ({ page }) => {
  await page.goto('/');
  await page.getByTestId('rig-card').first().tap();
  await expect(sentence(page)).toContainText('38 kg too much');
  await page.getByTestId('check-axle.rear').tap();
  await expect(page.getByTestId('arithmetic')).toContainText('pressed on the rear axle by the coupling');
  await page.getByRole('button', { name: 'Close' }).tap();
  await page.getByTestId('pillar-rearAxle').getByRole('button').tap();
  await expect(page.getByTestId('arithmetic')).toBeVisible();
});

test('a thing goes home at the weighbridge', async ({ page }) => {
  await page.goto(`${wagon}/load`);
  await dropDown(page, 'Place of Fridge, 45 litres, full').tap();
  await page.getByRole('option', { name: 'at home' }).filter({ visible: true }).tap();
  await expect(sentence(page)).toContainText('Within every limit');
});

for (const station of ['plates', 'load', 'verdict', 'papers', 'road']) {
  test(`${station} fits the screen and has no serious fault of accessibility`, async ({ page }) => {
    await page.goto(`${wagon}/${station}`);
    await page.getByRole('heading').first().waitFor();
    await expectNoSidewaysScroll(page);
    expect(await seriousFaults(page)).toEqual([]);
  });
}

test('the yard fits the screen', async ({ page }) => {
  await page.goto('/');
  await page.getByTestId('rig-card').first().waitFor();
  await expectNoSidewaysScroll(page);
  expect(await seriousFaults(page)).toEqual([]);
});

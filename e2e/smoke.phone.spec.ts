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

test('a buyer reads what the plates say of each other, standing in the yard', async ({ page }) => {
  await page.goto('/rig/redstart/plates');
  await expect(page.getByTestId('finding-partBelowPlate')).toContainText('100 kg less than the plate');
  await page.getByLabel('heaviest trailer for this part', { exact: true }).first().fill('1500');
  await expect(page.getByTestId('finding-partBelowPlate')).toHaveCount(0);
  await expect(page.getByTestId('chain-trailer')).toContainText('governs at 1,500 kg');
  await expectNoSidewaysScroll(page);
  expect(await seriousFaults(page)).toEqual([]);
});

test('the roadside card is one screen', async ({ page }) => {
  await page.goto(`${wagon}/card`);
  await expect(page.getByTestId('card-combination.max')).toBeInViewport();
  await expect(page.getByTestId('card-tow.braked')).toBeInViewport();
  await expectNoSidewaysScroll(page);
  expect(await seriousFaults(page)).toEqual([]);
});

test('the words fit the screen', async ({ page }) => {
  await page.goto('/words');
  await page.getByTestId('word').first().waitFor();
  await expectNoSidewaysScroll(page);
  expect(await seriousFaults(page)).toEqual([]);
});

test('the yard fits the screen', async ({ page }) => {
  await page.goto('/');
  await page.getByTestId('rig-card').first().waitFor();
  await expectNoSidewaysScroll(page);
  expect(await seriousFaults(page)).toEqual([]);
});

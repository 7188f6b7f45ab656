import { expect, test } from '@playwright/test';
import { posts, views } from '../web/src/shared/views.ts';
import { keepAndOpen, rawExample } from './keptStore.ts';
import {
  choose,
  expectNoSidewaysScroll,
  seriousFaults,
  sentence,
  settled,
  takeOption,
  thingCell,
  wagon,
} from './support.ts';

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
  await thingCell(page, 'Place of Fridge, 45 litres, full').tap();
  await takeOption(page.getByRole('option', { name: 'at home' }).filter({ visible: true }));
  await expect(sentence(page)).toContainText('Within every limit');
});

for (const { name: station } of posts) {
  test(`${station} fits the screen and has no serious fault of accessibility`, async ({ page }) => {
    await page.goto(`${wagon}/${station}`);
    await page.getByRole('heading').first().waitFor();
    await expectNoSidewaysScroll(page);
    expect(await seriousFaults(page)).toEqual([]);
  });
}

for (const sheet of views.uprate.sheets) {
  test(`the ${sheet} sheet of the uprate bench fits the screen too`, async ({ page }) => {
    await page.goto(`${wagon}/uprate?sheet=${sheet}&with=trailerPaper,airSprings`);
    await expect(page.getByRole('button', { name: 'Case file' })).toBeVisible();
    if (sheet === 'case') {
      await page.getByRole('button', { name: 'Before and after' }).tap();
      await page.getByRole('button', { name: 'Begin a case' }).tap();
      await expect(page.getByTestId('step-trailer.plate')).toBeVisible();
    }
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

test('a damaged document, a refused edit and the copies are told within the screen', async ({ page }) => {
  const broken = await rawExample('australian-wagon-and-tandem');
  (broken['things'] as { mass: number }[])[0]!.mass = -5;
  await keepAndOpen(page, broken, `${wagon}/load`);
  await expect(page.getByTestId('unread')).toContainText('What could be read is shown.');
  await expectNoSidewaysScroll(page);
  for (let n = 0; n < 20; n += 1) await page.getByRole('button', { name: 'Person or pet' }).tap();
  await expect(page.getByTestId('refused-edit')).toBeInViewport();
  await expectNoSidewaysScroll(page);
  expect(await seriousFaults(page)).toEqual([]);
  await page.goto(`${wagon}/papers?sheet=kept`);
  await expect(page.getByTestId('copies')).toContainText('damaged, as it was found');
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

test('a slip typed in at the weighbridge answers with what was weighed, and outlives the tab', async ({ page }) => {
  await page.goto(`${wagon}/card`);
  await expect(page.getByTestId('card-source')).toContainText('not from a weighbridge');
  await page.getByRole('button', { name: 'Type in a slip' }).tap();
  const slip = page.getByTestId('slip');
  const readings = slip.getByRole('listitem');
  for (const [at, value] of ['1310', '1840', '3350', '2320', '5480'].entries()) {
    await slip.getByRole('button', { name: 'Another reading' }).tap();
    await readings.nth(at).getByLabel('Shown', { exact: true }).fill(value);
    await page.keyboard.press('Tab');
  }
  await expect(page.getByTestId('card-source')).toContainText('Drawn from slip “Slip 1”');
  await expect(readings.filter({ hasText: 'Does not agree with the other readings' })).toHaveCount(1);
  await expect(readings.nth(2)).toContainText('too much, or they are wrong');
  await readings.nth(2).getByLabel('Shown', { exact: true }).fill('3150');
  await page.keyboard.press('Tab');
  await expect(slip).not.toContainText('Does not agree');
  await expect(page.getByTestId('card-axle.rear')).toContainText('41 over');
  await expect(page.getByTestId('card-ball.max')).toContainText('unknown');
  await slip.getByRole('button', { name: 'Another reading' }).tap();
  await choose(readings.nth(5), 'On the plate', 'coupling on a scale');
  await readings.nth(5).getByLabel('Shown', { exact: true }).fill('218');
  await page.keyboard.press('Tab');
  await expect(page.getByTestId('card-ball.max')).toContainText('218');
  await expectNoSidewaysScroll(page);
  expect(await seriousFaults(page)).toEqual([]);
  await page.reload();
  await expect(page.getByTestId('card-axle.rear')).toContainText('41 over');
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

test('one thumb: the next step, a thing by its line, and what it does in the strip', async ({ page }) => {
  await page.goto(`${wagon}/load`);
  // Before the drawing stands the list is in sight without it.
  await settled(page);
  await thingCell(page, 'Place of Drinks').scrollIntoViewIfNeeded();
  const strip = page.getByTestId('strip');
  await expect(strip.getByTestId('strip-rearAxle')).toContainText('38 over');
  await thingCell(page, 'Mass of Recovery kit').tap();
  await page.getByLabel('Mass of Recovery kit', { exact: true }).fill('1');
  await expect(strip.getByTestId('strip-rearAxle')).not.toContainText('38 over');
  await page.getByLabel('Mass of Recovery kit', { exact: true }).fill('31');
  await expectNoSidewaysScroll(page);
  await strip.getByRole('button', { name: 'Back up to the rig' }).tap();
  await page.getByTestId('next-step').getByRole('button').tap();
  await expect(sentence(page)).toContainText('Within every limit');
  await page.goto(`${wagon}/verdict`);
  await expect(page.getByTestId('pillar-rearAxle')).toContainText('6 left');
  await page.getByRole('button', { name: 'Show the rig' }).tap();
  await expect(page.locator('svg [data-drop]').first()).toBeVisible();
});

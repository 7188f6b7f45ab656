import { expect, test, type Page } from '@playwright/test';
import { choose, estate, fill, sentence, seriousFaults, van, wagon } from './support.ts';

const close = (page: Page) => page.getByRole('dialog').getByRole('button', { name: 'Close this dialog' }).click();
const situation = async (page: Page) => {
  await page.getByRole('button', { name: /^Who is where/ }).click();
  return page.getByRole('dialog');
};

test('a driver without the licence for 3.85 t is told so, and what would help', async ({ page }) => {
  await page.goto(`${van}/plates`);
  await fill(page.getByRole('article', { name: 'vehicle plate' }), 'GVW', '3850');
  await expect(sentence(page)).toContainText('Within every limit');
  const dialog = await situation(page);
  await choose(dialog, 'Licence issued in', 'United Kingdom');
  await close(page);
  await expect(sentence(page)).toContainText("The driver's licence does not cover this rig by its plates");
  await page.getByRole('link', { name: /^Verdict/ }).click();
  await page.getByTestId('check-people.licence').click();
  const sheet = page.getByTestId('arithmetic');
  await expect(sheet).toContainText('The plate says 3,850 kg; weighing less today changes nothing.');
  await expect(sheet).toContainText('Category C1 would cover it.');
  await expect(sheet).toContainText('certified downrate');
  await page.keyboard.press('Escape');
  await situation(page);
  await page.getByText('car test passed before 1997').click();
  await close(page);
  await expect(page.getByTestId('check-people.licence')).toContainText('covered');
  await expect(sentence(page)).toContainText('Within every limit');
});

test('a German caravan tours Italy and France: speeds follow the road, plates stay at home', async ({ page }) => {
  await page.goto(`${estate}/verdict`);
  const speeds = page.getByTestId('speeds');
  await expect(speeds).toContainText('Germany: with a trailer.');
  await expect(speeds).toContainText('80 km/h');
  for (const [country, motorway] of [
    ['Italy', '80 km/h'],
    ['France', '130 km/h'],
  ] as const) {
    const dialog = await situation(page);
    await choose(dialog, 'Travelling in', country);
    await close(page);
    await expect(speeds).toContainText(country);
    await expect(speeds.getByRole('definition').last()).toHaveText(motorway);
    await expect(page.getByTestId('check-ball.min')).toContainText('short');
  }
});

test('a first provisional driver in New South Wales may not tow this caravan', async ({ page }) => {
  await page.goto(`${wagon}/verdict`);
  const dialog = await situation(page);
  await choose(dialog, 'Licence issued in', 'Australia');
  await choose(dialog, 'Stage', 'provisional, first (P1)');
  await choose(dialog, 'Travelling in', 'Australia');
  await dialog
    .getByRole('combobox', { name: 'State' })
    .last()
    .locator('xpath=ancestor::*[contains(@class,"el-select__wrapper")]')
    .click();
  await page.getByRole('option', { name: 'NSW', exact: true }).filter({ visible: true }).click();
  await close(page);
  await expect(page.getByTestId('check-people.novice')).toContainText(
    'The trailer weighs 2,060 kg empty; 250 kg is the most at this stage.',
  );
  await expect(page.getByTestId('check-people.novice')).toContainText('not covered');
});

test('the roadside card says every mass, limit and margin in the words of the place', async ({ page }) => {
  await page.goto(`${wagon}/verdict`);
  await page.getByRole('link', { name: 'Roadside card' }).click();
  const card = page.getByTestId('card');
  await expect(card).toContainText('not from a weighbridge');
  await expect(card.getByTestId('card-axle.rear')).toContainText('1,838');
  await expect(card.getByTestId('card-axle.rear')).toContainText('1,800');
  await expect(card.getByTestId('card-axle.rear')).toContainText('38 over');
  await expect(card.getByTestId('card-trailer.max')).toContainText('ATM');
  expect(await seriousFaults(page)).toEqual([]);
});

test('every rule in force is listed with its source, how sure that is, and why it is not asked', async ({ page }) => {
  await page.goto(`${van}/verdict`);
  await page.getByRole('link', { name: 'All rules' }).click();
  await expect(page.getByTestId('rule-axle.rear')).toContainText('11 left');
  await expect(page.getByTestId('rule-combination.max')).toContainText('Not asked here: No trailer is hitched up.');
  await expect(page.getByTestId('rule-axle.frontShare')).toContainText('low');
  expect(await seriousFaults(page)).toEqual([]);
});

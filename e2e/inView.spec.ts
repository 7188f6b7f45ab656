/** What one does has its effect in sight, and the next sensible step is one press away: by mouse and by keys. */
import { expect, test } from '@playwright/test';
import { seriousFaults, sentence, settled, thingCell, touch, wagon } from './support.ts';

test('the rig stays in sight: a strip when it is scrolled away, folded where places do not matter', async ({
  page,
}) => {
  await page.goto(`${wagon}/load`);
  await expect(page.getByTestId('pillar-rearAxle')).toContainText('38 over');
  await expect(page.getByTestId('strip')).toHaveCount(0);
  await thingCell(page, 'Mass of Recovery kit').scrollIntoViewIfNeeded();
  await page.mouse.wheel(0, 500);
  const strip = page.getByTestId('strip');
  await expect(strip).toContainText('38 kg too much');
  await expect(strip.getByTestId('strip-rearAxle')).toContainText('38 over');
  // What is done in the list below is seen at once above.
  const mass = await touch(page, 'Mass of Fishing gear');
  await mass.fill('60');
  await expect(strip.getByTestId('strip-trailerAxles')).not.toContainText('175 left');
  await strip.getByTestId('strip-rearAxle').getByRole('button').click();
  await expect(page.getByTestId('arithmetic')).toBeVisible();
  await page.keyboard.press('Escape');
  await strip.getByRole('button', { name: 'Back up to the rig' }).click();
  await expect(strip).toHaveCount(0);
  // Nothing jumped on the way.
  await page.goto(`${wagon}/verdict`);
  await expect(page.getByTestId('pillar-rearAxle')).toContainText('over');
  await expect(page.locator('svg [data-drop]')).toHaveCount(0);
  await page.getByRole('button', { name: 'Show the rig' }).click();
  await expect(page.locator('svg [data-drop]').first()).toBeVisible();
  await page.getByRole('button', { name: 'Fold the rig' }).click();
  await expect(page.locator('svg [data-drop]')).toHaveCount(0);
  expect(await seriousFaults(page)).toEqual([]);
});

test('the next step is done by one press, undone by one key, and followed by the next', async ({ page }) => {
  await page.goto(`${wagon}/verdict`);
  const next = page.getByTestId('next-step');
  await expect(next).toContainText('Recovery kit, 31 kg, from Boot to Wardrobe');
  await next.getByRole('button').press('Enter');
  await expect(sentence(page)).toContainText('Within every limit');
  await expect(next).toContainText('plan a weighing');
  await page.keyboard.press('Control+z');
  await expect(sentence(page)).toContainText('38 kg too much');
  await expect(next).toContainText('Recovery kit');
  // The sheet of an excess begins with what to do, each with what it does to others.
  await page.getByTestId('check-axle.rear').click();
  const remedy = page.getByTestId('remedy').first();
  await expect(remedy).toContainText('rear axle: 6 left');
  await remedy.getByRole('button', { name: 'Do it' }).click();
  await expect(page.getByTestId('arithmetic')).toContainText('6 left');
  await page.keyboard.press('Escape');
  await next.getByRole('link').click();
  await expect(page).toHaveURL(/\/weigh$/);
});

test('the list of things: read whole, written in by keys, several at once, in an order', async ({ page }) => {
  await page.goto(`${wagon}/load`);
  await settled(page);
  const kit = thingCell(page, 'Mass of Second spare wheel');
  await kit.focus();
  await page.keyboard.press('ArrowDown');
  await expect(thingCell(page, 'Mass of Food, ten days')).toBeFocused();
  await page.keyboard.press('Enter');
  await page.keyboard.type('3');
  // A row that is being written in stays where it is, however light it has become.
  await page.keyboard.type('.5');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('combobox', { name: 'Place of Food, ten days' })).toBeFocused();
  await page.getByRole('button', { name: 'Pick several' }).click();
  await page.getByRole('checkbox', { name: 'Pick Recovery kit' }).press('Space');
  await page.getByRole('checkbox', { name: 'Pick Clothes' }).press('Space');
  const picked = page.getByTestId('picked');
  await expect(picked).toContainText('2 picked, 65 kg');
  await picked.getByRole('button', { name: 'Leave at home' }).click();
  await expect(sentence(page)).toContainText('carries 7 kg too much');
  await expect(thingCell(page, 'Place of Clothes')).toHaveText('at home');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(thingCell(page, 'Place of Clothes')).toHaveText('Wardrobe');
  // No name is cut off.
  const cut = await page
    .locator('[data-cell="name"]')
    .evaluateAll((all) => all.filter((one) => one.scrollWidth > one.clientWidth + 1).map((one) => one.textContent));
  expect(cut).toEqual([]);
  expect(await seriousFaults(page)).toEqual([]);
});

test('the verdict says first what is over, then what is open with where it is found, then what is fine', async ({
  page,
}) => {
  await page.goto(`${wagon}/verdict`);
  const bad = page.getByTestId('bad');
  await expect(bad.getByTestId('check-axle.rear')).toContainText('38 over');
  await expect(page.getByTestId('fine').getByTestId('check-vehicle.max')).toContainText('66 left');
  await expect(page.getByTestId('fine').getByTestId('check-axle.rear')).toHaveCount(0);
  await expect(page.getByTestId('marks').getByRole('listitem').first()).toBeHidden();
  const top = async (name: string) => (await page.getByTestId(name).boundingBox())?.y ?? 0;
  expect(await top('bad')).toBeLessThan(await top('fine'));
  await page.getByText('Marks near by, and what is worth knowing there').click();
  await expect(page.getByTestId('marks').getByRole('listitem').first()).toBeVisible();
  await expect(page.getByText('? of ?')).toHaveCount(0);
});

test('up and down go through a list, and the keys tell themselves', async ({ page }) => {
  await page.goto(`${wagon}/verdict`);
  const fine = page.getByTestId('fine').getByRole('button');
  await fine.nth(0).focus();
  await page.keyboard.press('ArrowDown');
  await expect(fine.nth(1)).toBeFocused();
  await page.keyboard.press('ArrowUp');
  await expect(fine.nth(0)).toBeFocused();
  await page.keyboard.press('?');
  const help = page.getByRole('dialog', { name: 'Keys' });
  await expect(help).toContainText('To the row above or below');
  await help.getByRole('link', { name: 'Round in five steps' }).click();
  await expect(page).toHaveURL(/load\?tour/);
});

test('round in five steps, and out of it at any of them with nothing changed', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Round in five steps' }).click();
  const step = page.locator('.el-tour__content');
  for (const title of ['the answer', 'the rig', 'what to do now', 'the way']) {
    await expect(step).toContainText(title);
    await step.getByRole('button', { name: 'Next', exact: true }).click();
  }
  await expect(step).toContainText('where you write');
  await expect(step).toBeInViewport({ ratio: 1 });
  await page.keyboard.press('Escape');
  await expect(step).toHaveCount(0);
  await expect(page).toHaveURL(/load$/);
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
});

test('who sits where is read and written as the things are', async ({ page }) => {
  await page.goto(`${wagon}/load`);
  const crew = page.getByTestId('member');
  await expect(crew.filter({ hasText: 'Dog' })).toContainText('24 kg');
  await thingCell(page, 'Mass of Marlo').focus();
  await page.keyboard.press('ArrowDown');
  await expect(thingCell(page, 'Mass of Odile')).toBeFocused();
  await page.keyboard.press('Enter');
  await page.keyboard.type('169');
  await page.keyboard.press('Enter');
  // 100 kg more between the axles: the total has 66 kg left, and is over by 34.
  await expect(page.getByTestId('total-vehicle.max')).toContainText('34 over');
});

test.describe('a visitor from Germany', () => {
  test.use({ locale: 'de-DE' });
  test('finds the way to a rig of his own first, then an invented one of his country', async ({ page }) => {
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'Your own rig' })).toBeVisible();
    await expect(page.getByTestId('rig-card').first()).toContainText('At home in Germany');
    await page.getByRole('button', { name: 'What do you know?' }).click();
    await expect(page).toHaveURL(/\/start$/);
  });
});

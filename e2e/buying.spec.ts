/** Before money changes hands: trailers and cars side by side from brochure figures alone. */
import { expect, test, type Page } from '@playwright/test';
import { untilStill } from './keptStore.ts';
import { choose, fill, seriousFaults } from './support.ts';

const figures = async (page: Page, name: string, all: Readonly<Record<string, string>>): Promise<number> => {
  for (const [figure, value] of Object.entries(all)) await fill(page, `${figure}: ${name}`, value);
  return Object.keys(all).length;
};

for (const size of [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
]) {
  test(`at ${size.width} px a family compares two cars for one caravan from brochure figures alone in under 25 entries`, async ({
    page,
  }) => {
    await page.setViewportSize(size);
    let entries = 0;
    await page.goto('/start');
    await choose(page, 'What stands in the yard', 'A trailer by itself, for a buyer');
    await choose(page, 'Registered in', 'Great Britain');
    await fill(page, 'MTPLM', '1350');
    await fill(page, 'Empty mass', '1120');
    await fill(page, 'On the coupling, empty', '70');
    entries += 5;
    await page.getByRole('button', { name: 'Keep this rig and go on' }).click();
    await page.waitForURL(/verdict/);
    const rig = /rig\/([^/]+)/.exec(page.url())?.[1] ?? '';
    await untilStill(page);
    await page.goto(`/rig/${rig}/pair?sheet=cars`);
    await choose(page, 'With whom and what', '4 people, as is usual');
    entries += 1;
    await page.getByRole('button', { name: 'Add a car' }).click();
    await page.getByRole('button', { name: 'Add a car' }).click();
    entries += 2;
    const first = {
      GVW: '1980',
      'train weight': '3250',
      'braked towing limit': '1400',
      'nose weight limit': '75',
      'Empty figure': '1410',
    };
    const second = {
      GVW: '2250',
      'train weight': '3900',
      'braked towing limit': '1700',
      'nose weight limit': '90',
      'Empty figure': '1600',
    };
    entries += await figures(page, 'Car 1', first);
    entries += await figures(page, 'Car 2', second);
    expect(entries).toBeLessThan(25);
    const fits = page.getByTestId(/^fit-/);
    await expect(fits).toHaveCount(2);
    // 4 × 75 + 80 kg in the car, 250 kg in 1,120: 1,370 kg on a plate of 1,350, 70/1,120 of it on the ball: 85.6 kg.
    await expect(fits.nth(0)).toContainText('MTPLM: 20 kg over');
    await expect(fits.nth(1)).toContainText('MTPLM: 20 kg over');
    await expect(fits.nth(0)).toContainText('nose weight limit: 11 kg over');
    await expect(fits.nth(1)).not.toContainText('nose weight');
    // 1,410 − 75 + 300 + 80 + 85.6 = 1,800.6 of 1,980; with the trailer's 1,370 less what rests on the car, 3,085 of 3,250.
    await expect(page.getByRole('row', { name: /^GVW/ }).last()).toContainText('179 left');
    await expect(page.getByRole('row', { name: /^train weight/ }).last()).toContainText('165 left');
    // With less in the trailer the second keeps everything.
    await fill(page, 'With so much in it: things, water, gas', '180');
    await expect(fits.nth(1)).toContainText('keeps every limit that is known');
    await expect(fits.nth(0)).toContainText('nose weight limit');
    await choose(page, 'In the order of', 'most room in the car');
    await expect(page.getByRole('columnheader').first()).toContainText(/Walk round/);
    expect(await seriousFaults(page)).toEqual([]);

    // It is bought: it stands before the caravan, with its figures on its plates.
    await untilStill(page);
    await page.reload();
    await page.getByRole('button', { name: 'Bought' }).last().click();
    await expect(page.getByRole('article', { name: 'VIN plate (United Kingdom)' })).toBeVisible();
    await expect(page.getByLabel('GVW', { exact: true }).first()).toHaveValue(/1980|2250/);
  });
}

test('a table of brochure figures is pasted, looked at, and stands beside the own trailer', async ({ page }) => {
  await page.goto('/rig/dohle-and-kiebitz/pair?sheet=trailers');
  await page.getByRole('button', { name: 'Paste a table' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('textbox').fill('Brachpieper;1.300;1.050');
  await expect(dialog.getByRole('alert')).toContainText('the first row must name the columns');
  await dialog
    .getByRole('textbox')
    .fill('Name;Plate;Empty;Ball;Colour;Price\nBrachpieper;1.300;1.050;61;red;17.900\nHaubenlerche;1400;light;55;;\n');
  await expect(dialog.getByRole('alert')).toContainText('Line 3: “light” under empty');
  await expect(dialog).toContainText('Columns passed over: Colour.');
  await expect(dialog).toContainText('To be added: Brachpieper.');
  expect(await seriousFaults(page)).toEqual([]);
  await dialog.getByRole('button', { name: 'Add them' }).click();
  await expect(page.getByLabel('Name of Brachpieper')).toBeVisible();
  await expect(page.getByLabel('Price, EUR: Brachpieper')).toHaveValue('17900');
  await expect(page.getByLabel('Empty load on the coupling: Brachpieper')).toHaveValue('61');
  await choose(page, 'In the order of', 'lowest price');
  await expect(page.getByRole('columnheader').first().getByRole('textbox')).toHaveValue('Zaunkönig 390');
  await page.getByRole('button', { name: 'Look at Zaunkönig 390 no more' }).click();
  await expect(page.getByRole('columnheader').first().getByRole('textbox')).toHaveValue('Brachpieper');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('columnheader').first().getByRole('textbox')).toHaveValue('Zaunkönig 390');
});

import { expect, test, type Page } from '@playwright/test';
import { choose, fill, openKept, sentence, thingCell } from './support.ts';

const thing = (page: Page, name: string) =>
  page.getByTestId('thing').filter({ has: thingCell(page, `Mass of ${name}`) });

async function addThing(page: Page, name: string, mass: string, where: string): Promise<void> {
  await page.getByRole('textbox', { name: 'New thing', exact: true }).fill(name);
  await fill(page, 'Mass of the new thing', mass);
  await choose(page, 'Place of the new thing', where);
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(thing(page, name)).toBeVisible();
}

test('from nothing to a verdict, and back again from the file', async ({ page }, info) => {
  test.slow();
  await page.goto('/');
  await page.getByRole('button', { name: 'New rig' }).click();
  const dialog = page.getByRole('dialog', { name: 'A new rig' });
  await fill(dialog, 'What you call the vehicle', 'Wren wagon');
  await fill(dialog, 'Wheelbase', '2.8');
  await fill(dialog, 'Rear axle to tail', '1050 mm');
  await fill(dialog, 'Rear axle to ball', '1.15');
  await fill(dialog, 'What you call the trailer', 'Mulga 16');
  await fill(dialog, 'Coupling to axles', '4.1');
  await fill(dialog, 'Coupling to front wall', '1.3');
  await fill(dialog, 'Body length', '15 ft 9');
  await dialog.getByRole('button', { name: 'Make it' }).click();
  const car = page.getByRole('region', { name: 'Wren wagon' });
  const van = page.getByRole('region', { name: 'Mulga 16' });

  await test.step('the plates as they are read, one of them in pounds', async () => {
    await expect(sentence(page)).toContainText('Not decided');
    const plate = car.getByRole('article', { name: 'Vehicle plate (Australia)' });
    await fill(plate, 'GVM', '3 000');
    await fill(plate, 'GCM', '5.2t');
    await fill(plate, 'front axle', '1400');
    await fill(plate, 'rear axle', '1750');
    await fill(car.getByRole('article', { name: 'Handbook (Australia)' }), 'braked towing capacity', '2500');
    await fill(car.getByRole('article', { name: 'Tow-bar plate' }), 'tow ball mass limit', '250');
    const trailerPlate = van.getByRole('article', { name: 'Caravan plate (Australia)' });
    await fill(trailerPlate, 'ATM', '4850 lb');
    await expect(trailerPlate.getByText('typed 4850 lb')).toBeVisible();
    await fill(trailerPlate, 'GTM', '2,050');
    await expect(trailerPlate.getByRole('alert')).toHaveText('2,050: is it 2050 or 2.05?');
    await fill(trailerPlate, 'GTM', '2050');
    await expect(trailerPlate.getByRole('alert')).toHaveCount(0);
  });

  await test.step('the empty figures with their basis', async () => {
    await choose(car, 'What it is measured by', 'Tare (Australia)');
    const emptyCar = car.getByRole('region', { name: 'Empty figure' });
    await fill(emptyCar, 'Front axle', '1150');
    await fill(emptyCar, 'Rear axle(s)', '1090');
    await choose(van, 'What it is measured by', 'Tare of a trailer (Australia)');
    const emptyVan = van.getByRole('region', { name: 'Empty figure' });
    await fill(emptyVan, 'Total', '1650');
    await fill(emptyVan, 'On the coupling', '150');
    // Fuel of a tank nobody has described stays in the empty figure.
    await expect(sentence(page)).toContainText('Every mass is within its limit');
  });

  await test.step('the last things missing', async () => {
    await page.getByRole('link', { name: /^Load/ }).click();
    await page.locator('summary', { hasText: 'Fuel' }).click();
    await fill(page, 'Holds', '70');
    await choose(page, 'Fuel', 'diesel, 0.84 kg/L');
    // The tank is as the empty figure has it, wherever that is: ten of its seventy litres.
    await expect(page.getByTestId('in-figure')).toContainText('8 kg');
    await expect(sentence(page)).toContainText('Every mass is within its limit');
    await fill(page, 'Distance along', '2.1');
    await expect(sentence(page)).toContainText('Every mass is within its limit');
  });

  await test.step('loaded past a limit', async () => {
    await addThing(page, 'Fridge', '32', 'Boot');
    await addThing(page, 'Toolbox', '2*24.5', 'Over the axles');
    await expect(sentence(page)).toContainText('Every mass is within its limit');
    await addThing(page, 'Spare parts', '450 lb', 'Front locker');
    await expect(sentence(page)).toContainText('Mulga 16 presses');
    await expect(sentence(page)).toContainText('too hard on the coupling, though every total has room');
  });
  const verdict = (await sentence(page).textContent()) ?? '';

  await test.step('undone and done again by the keys', async () => {
    await page.locator('h2').first().click();
    await page.keyboard.press('Control+z');
    await expect(sentence(page)).toContainText('Every mass is within its limit');
    await expect(thing(page, 'Spare parts')).toHaveCount(0);
    await page.keyboard.press('Control+Shift+z');
    await expect(sentence(page)).toHaveText(verdict);
  });

  await test.step('every number shows its arithmetic', async () => {
    await sentence(page).getByRole('button').first().click();
    const sheet = page.getByTestId('arithmetic');
    await expect(sheet).toContainText('Spare parts');
    await expect(sheet).toContainText('204.1 kg');
    await expect(sheet).toContainText('tow-bar plate: 250 kg');
    await page.keyboard.press('Escape');
    await expect(sheet).toBeHidden();
  });

  const file = info.outputPath('wren.wagonomos.json');
  await test.step('saved to a file', async () => {
    await openKept(page);
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save this rig only' }).click();
    await (await download).saveAs(file);
    expect((await download).suggestedFilename()).toBe('wren-wagon-with-mulga-16.wagonomos.json');
  });

  await test.step('everything in the browser lost, and opened again', async () => {
    await page.goto('/icon.svg');
    await page.evaluate(async () => {
      for (const { name = '' } of await indexedDB.databases()) indexedDB.deleteDatabase(name);
      localStorage.clear();
    });
    await page.goto('/');
    await expect(page.getByTestId('rig-card')).toHaveCount(7);
    await page.getByTestId('file-input').setInputFiles(file);
    await expect(page.getByTestId('take-in-plan')).toContainText('rigs1');
    await page.getByRole('button', { name: 'Put beside' }).click();
    await page.getByTestId('rig-card').filter({ hasText: 'Wren wagon' }).click();
    await expect(sentence(page)).toHaveText(verdict);
  });
});

import { expect, test } from '@playwright/test';
import { seriousFaults, van, wagon } from './support.ts';

test('a van learns that paper alone gains nothing, and what each cost can reach', async ({ page }) => {
  await page.goto(`${van}/uprate`);
  await expect(page.getByTestId('in-the-way').getByRole('listitem').first()).toContainText('rear axle');
  const packages = page.getByTestId('packages');
  await expect(packages.getByRole('row', { name: /^Paper only/ })).toContainText(
    'Gains nothing: rear axle runs out first',
  );
  await expect(packages.getByRole('row', { name: /^Air springs/ })).toContainText('Passes 3,500 kg');
  await expect(packages).not.toContainText('More combination mass');
  await page.getByRole('button', { name: 'Search all combinations' }).click();
  await expect(page.getByTestId('cheapest')).toContainText('legal with nothing done');
  const found = page.getByTestId('package-search');
  await expect(found.getByRole('row', { name: /^Air springs with a certified re-rating \+ Stronger/ })).toBeVisible();
  await expect(found.getByRole('row', { name: /^nothing done/ })).toContainText('0 GBP');
  expect(await seriousFaults(page)).toEqual([]);
});

test('a caravan owner learns that a stronger trailer gains nothing behind this car', async ({ page }) => {
  await page.goto(`${wagon}/uprate`);
  const row = page.getByTestId('packages').getByRole('row', { name: /^Trailer: stronger axle/ });
  await expect(row).toContainText('Still over by');
  await expect(row).toContainText('rear axle');
  await page.getByRole('button', { name: 'Search all combinations' }).click();
  await expect(page.getByTestId('cheapest')).toContainText(/Cheapest that makes/);
});

import { expect, test, type Page } from '@playwright/test';
import { choose, expectNoSidewaysScroll, fill, seriousFaults, wagon } from './support.ts';

const shown = (page: Page, at: number) => page.getByLabel('Shown', { exact: true }).nth(at);
async function read(page: Page, at: number, value: number): Promise<void> {
  await shown(page, at).fill(String(value));
  await shown(page, at).press('Tab');
}

test('from what one wants to know to the steps, the slip, what it settles, and what is on no list', async ({
  page,
}) => {
  await page.goto(`${wagon}/weigh`);
  const steps = page.getByTestId('weigh-step');
  await expect(steps).toHaveCount(4);
  await expect(steps.first()).toContainText('coupled');
  await page.getByText('the trailer may be uncoupled there').tap();
  await expect(page.getByRole('status')).toContainText('tow ball mass');
  await page.getByText('the trailer may be uncoupled there').tap();
  await expect(steps).toHaveCount(4);
  await expectNoSidewaysScroll(page);
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByRole('button', { name: 'Start a slip with these steps' }).tap();
  await expect(page.getByLabel('Shown', { exact: true })).toHaveCount(4);
  const ways = await page.getByTestId('slip').locator('.way').allTextContents();
  expect(ways).toEqual([
    'coupled: rear axle',
    'coupled: everything',
    'vehicle alone: front axle',
    'vehicle alone: all its wheels',
  ]);
  // The plan with 60 kg more in the vehicle, 1.9 m behind its front axle.
  await read(page, 0, 1877);
  await read(page, 1, 5538);
  const estimate = page.getByTestId('estimate');
  await expect(estimate.getByRole('row', { name: /tow ball mass/ })).toContainText('not settled');
  await page.reload();
  await expect(shown(page, 1)).toHaveValue('5538');
  await read(page, 2, 1430);
  await read(page, 3, 2999);
  await expect(estimate.getByRole('row', { name: /tow ball mass/ })).toContainText('± ');
  const vehicle = page.getByTestId('unlisted-vehicle');
  await expect(vehicle).toContainText('60 kg more than listed');
  await expect(vehicle).toContainText('1.89 m along');
  await expect(page.getByTestId('unlisted-trailer')).toContainText('agree');

  await page.getByRole('button', { name: 'Another reading' }).tap();
  await choose(page.getByTestId('slip').locator('.reading').last(), 'On the plate', 'coupled: trailer axles');
  await read(page, 4, 2800);
  await expect(page.getByTestId('slip')).toContainText('Does not agree with the other readings');
  await read(page, 4, 2324);
  await expect(page.getByTestId('slip')).not.toContainText('Does not agree');
  expect(await seriousFaults(page)).toEqual([]);

  await vehicle.getByRole('button', { name: 'Keep it in the ledger' }).tap();
  await page.getByRole('link', { name: 'Verdict from this slip' }).tap();
  await expect(page.getByTestId('card')).toContainText('Drawn from slip “Slip 1”');
});

test('the nose weighed at home under the jockey wheel comes onto a slip, corrected to the coupling', async ({
  page,
}) => {
  await page.goto(`${wagon}/weigh`);
  const home = page.getByTestId('home-methods');
  await home.getByText('The nose weighed at home').tap();
  await home.getByRole('button', { name: 'Under the jockey wheel' }).tap();
  await expect(home.getByRole('status')).toContainText('Still needed: Scale shows, Coupling to jockey wheel');
  await fill(home, 'Scale shows', '240');
  await fill(home, 'Coupling to jockey wheel', '0.5');
  // 240 · (4.55 − 0.5) / 4.55
  await expect(home.getByRole('status')).toContainText('213.6 ±');
  await fill(home, 'Scale rated for', '180');
  await expect(home).toContainText('more than it is rated for');
  expect(await seriousFaults(page)).toEqual([]);
  await home.getByRole('button', { name: 'Put it on the slip' }).tap();
  await expect(page.getByTestId('estimate').getByRole('row', { name: /tow ball mass/ })).toContainText('214 ±');
});

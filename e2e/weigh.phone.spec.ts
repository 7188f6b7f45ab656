import { expect, test, type Page } from '@playwright/test';
import { choose, expectNoSidewaysScroll, fill, seriousFaults, van, wagon } from './support.ts';

const shown = (page: Page, at: number) => page.getByLabel('Shown', { exact: true }).nth(at);
async function read(page: Page, at: number, value: number): Promise<void> {
  await shown(page, at).fill(String(value));
  await shown(page, at).press('Tab');
}

test('from what one wants to know to the steps, and what is beyond the scales at hand', async ({ page }) => {
  await page.goto(`${wagon}/weigh`);
  const steps = page.getByTestId('weigh-step');
  await expect(steps).toHaveCount(4);
  await expect(steps.first()).toContainText('coupled');
  // One of three ready aims: the plan finds only the rear axle over, and one reading tells.
  await page.getByTestId('aim-doubt').tap();
  await expect(page.getByTestId('aim-doubt')).toContainText('rear axle');
  await expect(steps).toHaveCount(1);
  await expect(steps.first()).toContainText('settles rear axle');
  // Loads one by one, from what was chosen.
  await page.getByText('Loads chosen one by one').tap();
  await page.getByTestId('weigh-plan').locator('label', { hasText: 'tow ball mass' }).tap();
  await expect(page.getByTestId('aim-doubt')).toHaveAttribute('aria-pressed', 'false');
  await expect(steps).not.toHaveCount(1);
  await page.getByTestId('aim-all').tap();
  await expect(steps).toHaveCount(4);
  await page.getByText('the trailer may be uncoupled there').tap();
  await expect(page.getByRole('status')).toContainText('tow ball mass');
  await page.getByText('the trailer may be uncoupled there').tap();
  await expect(steps).toHaveCount(4);
  await expectNoSidewaysScroll(page);
  expect(await seriousFaults(page)).toEqual([]);
});

/** The whole weighing as somebody does it on the plate; the rig has 60 kg more on board than the plan, 1.9 m along. */
async function weighing(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Start a slip with these steps' }).tap();
  const guide = page.getByTestId('guide');
  await expect(guide).toContainText('Chock the trailer before you uncouple');
  await guide.getByRole('button', { name: 'Begin' }).tap();
  for (const [way, shows] of [
    ['coupled: rear axle', 1877],
    ['coupled: everything', 5538],
  ] as const) {
    await expect(guide.getByRole('heading')).toHaveText(way);
    await fill(guide, 'The scale shows', String(shows));
    await guide.getByRole('button', { name: 'Next' }).tap();
  }
  // The tab is closed in the middle of the slip, and opened again.
  await page.reload();
  await expect(guide).toContainText('Step 3 of 4; 2 read');
  await expect(guide.getByRole('heading')).toHaveText('vehicle alone: front axle');
  await expect(guide).toContainText('Chock the trailer');
  await fill(guide, 'The scale shows', '1430');
  await guide.getByRole('button', { name: 'Next' }).tap();
  await fill(guide, 'The scale shows', '2999');
  await guide.getByRole('button', { name: 'Next' }).tap();
  await expect(guide).toContainText('All steps are through');
  // What it comes to, and what to do about it, before anybody drives off.
  await expect(guide.getByTestId('slip-answer')).toContainText('77 kg too much');
  await expect(guide.getByTestId('slip-answer')).toContainText('To do: 69 kg out of Boot');
  await guide.getByRole('button', { name: 'To the slip' }).tap();
  await expect(guide).toHaveCount(0);

  const estimate = page.getByTestId('estimate');
  await expect(estimate.getByRole('row', { name: /tow ball mass/ })).toContainText('± ');
  const vehicle = page.getByTestId('unlisted-vehicle');
  await expect(vehicle).toContainText('60 kg more than listed');
  await expect(vehicle).toContainText('1.89 m along');
  await expect(page.getByTestId('unlisted-trailer')).toContainText('agree');
  await vehicle.getByText('What might it be?').tap();
  await expect(vehicle.getByRole('listitem').first()).toBeVisible();

  await page.getByRole('button', { name: 'Another reading' }).tap();
  await choose(page.getByTestId('reading').last(), 'On the plate', 'coupled: trailer axles');
  await read(page, 4, 2800);
  await expect(page.getByTestId('doubts')).toContainText('cannot');
  await expect(page.getByTestId('doubts').getByRole('row', { name: /coupled: trailer axles/ })).toContainText('2,800');
  await expect(page.getByTestId('slip')).toContainText('Does not agree with the other readings');
  await read(page, 4, 2324);
  await expect(page.getByTestId('doubts')).not.toContainText('cannot');
  await expect(page.getByTestId('lever')).toContainText('They agree');

  await vehicle.getByRole('button', { name: 'Keep it in the ledger' }).tap();
  await expect(vehicle).toContainText('agree');
  await page.getByRole('link', { name: 'Verdict from this slip' }).tap();
  await expect(page.getByTestId('card-source')).toContainText('Drawn from slip “Slip 1”');
  await choose(page, 'Masses from', 'all that is known');
  await expect(page.getByTestId('card-source')).toContainText('weighed on slip “Slip 1”');
}

test('one step at a time: typed in, closed half-way, contradicted, mended, reconciled, kept, judged', async ({
  page,
}) => {
  await page.goto(`${wagon}/weigh`);
  await weighing(page);
  expect(await seriousFaults(page)).toEqual([]);
});

test.describe('without the network', () => {
  test.use({ serviceWorkers: 'allow' });

  test('the same with the network off after the first visit', async ({ page, context }) => {
    await page.goto(`${wagon}/weigh`);
    await page.evaluate(async () => void (await navigator.serviceWorker.ready));
    await context.setOffline(true);
    await page.reload();
    await weighing(page);
  });
});

test('a practice scale is listened to until it rests, and never taken for a real one', async ({ page }) => {
  await page.goto(`${wagon}/weigh`);
  await page.getByRole('button', { name: 'Start a slip with these steps' }).tap();
  const guide = page.getByTestId('guide');
  await guide.getByRole('button', { name: 'Begin' }).tap();
  await guide.getByRole('button', { name: 'Listen to a practice scale' }).tap();
  const practice = page.getByTestId('practice');
  await expect(practice).toContainText('A simulation');
  await expect(practice.getByRole('button', { name: 'Take this reading' })).toBeEnabled();
  expect(await seriousFaults(page)).toEqual([]);
  await practice.getByRole('button', { name: 'Take this reading' }).tap();
  await expect(guide.getByLabel('The scale shows')).toHaveValue(/^1[0-9]{3}$/);
  await expect(guide).toContainText('1 read');
  await guide.getByRole('button', { name: 'Close' }).tap();
  await expect(page.getByTestId('reading').first().getByRole('textbox', { name: 'another scale' })).toHaveValue(
    'practice scale (simulated)',
  );
});

test('by side and on two scales: left and right, and how much wider the ± becomes', async ({ page }) => {
  await page.goto(`${van}/weigh?slip=slip-may`);
  const first = page.getByTestId('reading').first();
  const front = page.getByTestId('estimate').getByRole('row', { name: /^front axle \d/ });
  await expect(front).toContainText('± 9');
  await first.getByRole('button', { name: 'Side, or another scale' }).tap();
  await first.getByRole('textbox', { name: 'another scale' }).fill('Yard pads');
  await first.getByRole('textbox', { name: 'another scale' }).press('Tab');
  await expect(front).toContainText('± 12');
  await first.getByText('left', { exact: true }).tap();
  await read(page, 0, 620);
  const sides = page.getByTestId('estimate').getByRole('row', { name: /left and right/ });
  await expect(sides).toContainText('620 ±');
  await expect(sides).toContainText('580 ±');
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

/** The trip: planned, dragged through, mended and written down, on a laptop and on a phone. */
import { readFile } from 'node:fs/promises';
import { expect, test, type Page } from '@playwright/test';
import { choose, expectNoSidewaysScroll, fill, seriousFaults, sentence, takeOption, van, wagon } from './support.ts';

const motorhome = '/rig/bachstelze';
const worst = (page: Page) => page.getByTestId('worst');
const plan = (page: Page) => page.getByTestId('trip-plan');
const dialog = (page: Page) => page.getByTestId('part-dialog');
const row = (page: Page, name: string | RegExp) => plan(page).getByRole('row').filter({ hasText: name });

async function add(page: Page, kind: string): Promise<void> {
  await plan(page).getByRole('button', { name: 'Add', exact: true }).click();
  await takeOption(page.getByRole('menuitem', { name: kind, exact: true }));
}
const keep = (page: Page) => dialog(page).getByRole('button', { name: 'Keep it' }).click();

for (const [size, viewport] of [
  ['a laptop', { width: 1280, height: 800 }],
  ['a phone', { width: 390, height: 844 }],
] as const) {
  test.describe(`on ${size}`, () => {
    test.use({ viewport });

    test('a caravan that leaves within every limit leaves the band once its water has gone aft', async ({ page }) => {
      await page.goto(`${wagon}/load`);
      await page.getByTestId('next-step').getByRole('button').click();
      await expect(sentence(page)).toContainText('Within every limit');
      await page.getByRole('link', { name: /^Road/ }).click();
      await expect(worst(page)).toContainText('outside the usual band on the coupling');
      await expect(worst(page)).toContainText(/Grey water tank then holds \d+ kg/);
      // It is within the band as it sets out, and the rig above shows it where the hand is.
      await expect(row(page, 'Drive to the river mouth')).toContainText('above');
      await expect(row(page, '2 nights, the river mouth')).toContainText('short');
      const help = page.getByTestId('trip-remedies');
      await expect(help.getByRole('listitem').first()).toContainText('Drain Grey water tank');
      await help.getByRole('button', { name: 'Do it' }).first().click();
      await expect(plan(page)).toContainText('Grey water tank drained');
      await expect(worst(page)).not.toContainText('Grey water tank then holds');
      await expectNoSidewaysScroll(page);
    });

    test('a van planned from nothing is over after shopping, and what would help is done by one press', async ({
      page,
    }) => {
      await page.goto(`${van}/road`);
      await page.getByRole('button', { name: 'Plan a trip' }).click();
      await add(page, 'Drive');
      await fill(dialog(page), 'How far', '75');
      await fill(dialog(page), 'To where (if you like)', 'the orchard');
      await keep(page);
      await expect(worst(page)).not.toContainText('too much');
      await add(page, 'Shopping');
      await keep(page);
      await expect(dialog(page)).toContainText('Say what is bought.');
      await fill(dialog(page), 'What is bought', 'Cider');
      await fill(dialog(page), 'How heavy', '36 kg');
      await choose(dialog(page), 'Where it goes', /^Rear garage/);
      expect(await seriousFaults(page)).toEqual([]);
      await keep(page);
      await add(page, 'Drive');
      await fill(dialog(page), 'How far', '75');
      await keep(page);
      await expect(worst(page)).toContainText(
        /The rear axle of Sandpiper conversion carries \d+ kg too much after “Shopping: Cider”/,
      );
      await page.getByTestId('trip-remedies').getByRole('button', { name: 'Do it' }).first().click();
      await expect(worst(page)).not.toContainText('rear axle of Sandpiper conversion carries');
      await page.getByRole('button', { name: /^Undo/ }).click();
      await expect(worst(page)).toContainText('carries');
      expect(await seriousFaults(page)).toEqual([]);
    });

    test('a border brings other speeds, and says what is new there once', async ({ page }) => {
      await page.goto(`${motorhome}/road`);
      const rules = page.getByTestId('trip-borders');
      const alps = rules.locator('details').filter({ hasText: 'Germany to Austria' });
      await expect(alps).toContainText('Motorway: 80 km/h instead of 100 km/h');
      await expect(alps).toContainText('Tolls go by field F.1');
      await expect(rules.locator('details').filter({ hasText: 'Italy to Austria' })).not.toContainText('Tolls');
      await row(page, 'Drive to the pass')
        .first()
        .getByRole('button', { name: /^Change/ })
        .click();
      await choose(dialog(page), 'Where it is driven', 'Switzerland');
      await keep(page);
      await expect(rules).toContainText('Germany to Switzerland');
      expect(await seriousFaults(page)).toEqual([]);
    });

    test('the log is kept without a network, and taken into the plan', async ({ page, context }) => {
      await page.goto(`${motorhome}/road`);
      const log = page.getByTestId('trip-log');
      await expect(log).toContainText('Drive to the last town before the border');
      await context.setOffline(true);
      await log.getByRole('button', { name: 'So it was' }).click();
      await expect(log.locator('.next')).toContainText('1 night');
      await log.getByRole('button', { name: 'Shopped' }).click();
      await fill(dialog(page), 'What is bought', 'Pears');
      await fill(dialog(page), 'How heavy', '14');
      await dialog(page).getByRole('button', { name: 'Write it down' }).click();
      await log.getByRole('button', { name: 'Otherwise …' }).click();
      await fill(dialog(page), 'How many nights', '2');
      await dialog(page).getByRole('button', { name: 'Write it down' }).click();
      await expect(log.getByRole('listitem')).toHaveCount(3);
      await expect(row(page, '2 nights').first()).toContainText('as it went');
      await expect(row(page, 'Shopping: Pears')).toContainText('as it went');
      await page.getByText('As planned', { exact: true }).click();
      await expect(plan(page)).not.toContainText('Pears');
      await page.getByText('As it went', { exact: true }).click();
      await page.getByRole('button', { name: 'Take the log into the plan' }).click();
      await page.getByText('As planned', { exact: true }).click();
      await expect(row(page, 'Shopping: Pears')).toBeVisible();
      await context.setOffline(false);
      await page.reload();
      await expect(page.getByTestId('trip-log').getByRole('listitem')).toHaveCount(3);
      await expectNoSidewaysScroll(page);
      expect(await seriousFaults(page)).toEqual([]);
    });
  });
}

test('a hand dragged along the strip, or keys, move the rig and what it comes to', async ({ page }) => {
  await page.goto(`${wagon}/road`);
  const hand = page.getByTestId('hand');
  const rear = page.getByTestId('pillar-rearAxle');
  await expect(rear).toContainText('38 over');
  const strip = await page.getByTestId('ribbon').boundingBox();
  if (!strip) throw new Error('no strip');
  await page.mouse.move(strip.x + 2, strip.y + 20);
  await page.mouse.down();
  await page.mouse.move(strip.x + strip.width / 2, strip.y + 20, { steps: 12 });
  await page.mouse.up();
  await expect(rear).not.toContainText('38 over');
  await expect(hand).toHaveAttribute('aria-valuetext', /^On the trip: /);
  // A number is that of the moment: its arithmetic has less in the tank than at the start.
  await rear.getByRole('button').first().click();
  await expect(page.getByTestId('arithmetic')).toContainText('On the trip: ');
  const left = await rear.textContent();
  await expect(page.getByTestId('arithmetic').locator('.result')).toContainText(/left/.exec(left ?? '')?.[0] ?? 'over');
  await page.getByRole('button', { name: 'Close' }).click();
  await hand.press('Home');
  await expect(rear).toContainText('38 over');
  await hand.press('ArrowRight');
  await expect(hand).toHaveAttribute('aria-valuetext', 'at the end of “Drive to the river mouth”');
  await hand.press('ArrowRight');
  await expect(hand).toHaveAttribute('aria-valuetext', 'after “2 nights, the river mouth”');
  await page.getByRole('link', { name: /^Load/ }).click();
  await expect(rear).toContainText('38 over');
});

test('a trip of very many parts is reckoned beside the page, and says when what it shows is old', async ({ page }) => {
  const exported = JSON.parse(await readFile('examples/australian-wagon-and-tandem.wagonomos.json', 'utf8')) as {
    rigs: readonly { id: string; name: string }[];
  };
  const parts = Array.from({ length: 120 }, (_, n) =>
    n % 2 === 0 ? { id: `p${n}`, kind: 'drive', km: 40 } : { id: `p${n}`, kind: 'nights', nights: 1 },
  );
  const trips = [{ id: 'long', rig: exported.rigs[0]?.id, name: 'The long way', plan: parts }];
  await page.goto('/');
  await page.getByTestId('file-input').setInputFiles({
    name: 'long.wagonomos.json',
    mimeType: 'application/json',
    buffer: Buffer.from(
      JSON.stringify({ ...exported, trips, rigs: exported.rigs.map((rig) => ({ ...rig, name: 'Albatross rig' })) }),
    ),
  });
  await page.getByRole('button', { name: 'Put beside' }).click();
  await page.getByTestId('rig-card').filter({ hasText: 'Albatross rig' }).click();
  await page.getByRole('link', { name: /^Road \d/ }).click();
  await expect(plan(page).getByRole('row')).toHaveCount(121);
  await expect(page.getByTestId('trip-help')).toContainText(/and the like on \d+ more parts/);
  const margins = () => plan(page).locator('td.num').allTextContents();
  const before = await margins();
  await plan(page)
    .getByRole('button', { name: /^Take out/ })
    .first()
    .click();
  await expect(plan(page).getByRole('row')).toHaveCount(120);
  await expect(worst(page)).toHaveAttribute('aria-busy', 'false');
  const after = await margins();
  expect(after).not.toEqual(before.slice(-after.length));
  // What was changed row by row is what the whole trip gives when it is reckoned from the kept document.
  await page.reload();
  await expect(plan(page).getByRole('row')).toHaveCount(120);
  expect(await margins()).toEqual(after);
});

test('a slip hangs on its moment, and shows what the plan did not know', async ({ page }) => {
  await page.goto(`${motorhome}/road`);
  await page.getByTestId('trip-log').getByRole('button', { name: 'Weighed' }).click();
  await dialog(page).getByRole('button', { name: 'New slip for this moment' }).click();
  await dialog(page).getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByTestId('plan-against-log')).toContainText('The slip settles nothing yet');
  await page.getByTestId('trip-log').getByRole('listitem').getByRole('button').first().click();
  await dialog(page).getByRole('link', { name: 'To the slip' }).click();
  await expect(page).toHaveURL(/\/weigh\?slip=/);
});

test('the log of a trip teaches what is really used', async ({ page }) => {
  await page.goto(`${wagon}/road`);
  const rates = page.getByTestId('trip-rates');
  await rates.getByText('What is used up').click();
  await rates.getByRole('button', { name: /As the log shows: 15.71 ± 0.52 \(2 stretches\)/ }).click();
  await expect(rates.getByLabel('Fuel with the trailer', { exact: true })).toHaveValue('15.71');
  await expect(rates).toContainText('yours');
});

test('the odometer says how far a drive really was', async ({ page }) => {
  await page.goto(`${motorhome}/road`);
  const log = page.getByTestId('trip-log');
  await log.getByRole('button', { name: 'Weighed' }).click();
  await fill(dialog(page), 'Odometer', '50000');
  await dialog(page).getByRole('button', { name: 'Write it down' }).click();
  await log.getByRole('button', { name: 'Otherwise …' }).click();
  await fill(dialog(page), 'Odometer', '50436');
  await expect(dialog(page).getByLabel('How far', { exact: true })).toHaveValue('436');
  await dialog(page).getByRole('button', { name: 'Write it down' }).click();
  await expect(log.getByRole('listitem').first()).toContainText('odometer 50,436 km');
});

test('of a rig nobody has weighed, what comes and goes is known all the same', async ({ page }) => {
  await page.goto('/start');
  await fill(page, 'ATM', '2350');
  await page.getByRole('button', { name: /^Keep/ }).first().click();
  await page.getByRole('link', { name: 'Road no trip yet' }).click();
  await page.getByRole('button', { name: 'Plan a trip' }).click();
  await add(page, 'Drive');
  await keep(page);
  await expect(page.getByTestId('trip-help')).toContainText('How far a drive is, is not said');
  await expect(worst(page)).toContainText('Nothing that changes on the way is compared with a limit yet');
});

/** Swaying compared, a distribution hitch set and checked, trimmed by water, left and right. */
import { expect, test, type Page } from '@playwright/test';
import { choose, estate, expectNoSidewaysScroll, fill, putThing, seriousFaults, van, wagon } from './support.ts';

const sheet = (page: Page, name: string) => page.getByRole('button', { name, exact: true }).click();

test('two loadings of one rig are compared for swaying, as calmer or livelier and never as a speed', async ({
  page,
}) => {
  await page.goto(`${estate}/load`);
  await page.getByTestId('loadouts').getByRole('button', { name: 'Copy it' }).click();
  // Bicycles off the tail: less mass at the end, and more on the coupling.
  await putThing(page, 'Electric bicycle', 'at home');
  await putThing(page, 'Child bicycle', 'at home');
  await page.getByRole('link', { name: /^Balance/ }).click();
  await sheet(page, 'Swaying');
  await expect(page.getByTestId('sway-verdict')).toContainText(
    '“Family, one week, copy” is calmer than “Family, one week”',
  );
  await expect(page.getByText('It is no safe speed and gives none')).toBeVisible();
  const places = page.getByTestId('sway-places').getByRole('listitem');
  await expect(places.last()).toContainText('livelier');
  await expect(places.first()).toContainText('calmer');
  await expect(page.getByTestId('two-swings')).toContainText('s there and back');
  await page.getByText('As a table').click();
  await expect(page.getByRole('cell').first()).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
  await choose(page, 'Beside', 'the same with nothing in the trailer');
  await expect(page.getByTestId('sway-verdict')).toContainText('nothing in the trailer');
});

test('the swinging picture is still where the reader prefers that', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto(`${estate}/balance?sheet=sway`);
  await expect(page.getByTestId('two-swings')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Nudge both' })).toHaveCount(0);
});

for (const width of [1280, 390]) {
  test(`at ${width} px a hitch is set by what its links do, and checked by three passes`, async ({ page }) => {
    await page.setViewportSize({ width, height: width === 390 ? 844 : 800 });
    await page.goto(`${wagon}/balance?sheet=hitch`);
    const plan = page.getByTestId('hitch-plan');
    await expect(plan.getByRole('row', { name: /^Bars off/ })).toContainText('passed: rear axle');
    const all = plan.getByRole('row', { name: /^All of it back/ });
    // All of it: the front axle carries what it carries alone.
    const alone = await plan
      .getByRole('row', { name: /^Nothing hitched/ })
      .getByRole('cell')
      .first()
      .textContent();
    await expect(all.getByRole('cell').first()).toHaveText(alone ?? '');
    const couple = Number(((await all.getByRole('cell').last().textContent()) ?? '').replace(/[^\d]/g, ''));
    for (const [at, nm] of [
      ['4', '900'],
      ['6', '1500'],
    ] as const) {
      await fill(page, 'Links, shims or turns', at);
      await fill(page, 'Couple there', nm);
      await page.getByRole('button', { name: 'Note it' }).click();
    }
    // 300 N·m a link, 900 at the fourth.
    const wanted = (4 + (couple - 900) / 300).toFixed(1);
    await expect(page.getByTestId('hitch-steps')).toContainText(`all of it ${Number(wanted)}`);
    await all.getByRole('button', { name: 'Reckon with it' }).click();
    await expect(all).toContainText('reckoned with');
    await page.reload();
    await expect(page.getByTestId('hitch-steps')).toContainText('300 N·m');

    await page.getByText('Standing level: heights and bar angle').click();
    const level = page.getByTestId('level-aid');
    const fields = level.getByRole('textbox');
    for (const [n, height] of ['0.81', '0.84', '', '0.83', '0.78'].entries()) {
      if (height === '') continue;
      await fields.nth(n).fill(height);
      await fields.nth(n).press('Tab');
    }
    // All of it back on the front axle: the arch stands as it stood alone.
    await expect(page.getByTestId('hitch-arches').last()).toContainText('front arch about 810 mm');
    await expectNoSidewaysScroll(page);
    expect(await seriousFaults(page)).toEqual([]);
  });
}

test('a water tank is brought to the middle of what it can do, and the band is reached', async ({ page }) => {
  await page.goto(`${wagon}/balance`);
  const water = page.getByTestId('water-trim');
  await expect(water.getByRole('listitem')).not.toHaveCount(0);
  await expect(water).toContainText(/everything is kept|At no level/);
});

test('left and right stand beside their tyres; of a van without a trailer there is no hitch and no swaying', async ({
  page,
}) => {
  await page.goto(`${wagon}/balance?sheet=along`);
  await expect(page.getByTestId('side-balance').getByRole('row')).not.toHaveCount(1);
  await page.goto(`${van}/balance`);
  await expect(page.getByRole('button', { name: 'Packing list' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Swaying' })).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Distribution hitch' })).toHaveCount(0);
});

test('of a rig of which next to nothing is known every sheet says what is missing, and none fails', async ({
  page,
}) => {
  await page.goto('/start');
  await fill(page, 'ATM', '2350');
  await page.getByRole('button', { name: /^Keep/ }).first().click();
  await page.getByRole('link', { name: /^Balance/ }).click();
  const missing = {
    'Packing list': /Nothing has to be moved|Not watched/,
    Swaying: 'It cannot be compared',
    'Distribution hitch': 'have to be known',
    'Along and across': /missing|not known/,
  };
  for (const [name, text] of Object.entries(missing)) {
    const tab = page.getByRole('button', { name, exact: true });
    if ((await tab.count()) === 0) continue;
    await tab.click();
    await expect(page.locator('#main')).toContainText(text);
  }
});

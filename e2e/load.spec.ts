import { expect, test } from '@playwright/test';
import {
  choose,
  dragThing,
  estate,
  grip,
  putThing,
  sentence,
  seriousFaults,
  settled,
  thingCell,
  wagon,
} from './support.ts';

test('a thing is dragged into another place: what would be left is said on the way, and nothing moves before it lies', async ({
  page,
}) => {
  await page.goto(`${wagon}/load`);
  await expect(sentence(page)).toContainText('38 kg too much');
  const drops = page.locator('svg [data-drop]');
  const keys = await drops.evaluateAll((all) => all.map((one) => one.getAttribute('data-drop') ?? ''));
  const kitchen = keys.find((key) => key.endsWith('/kitchen')) ?? '';
  expect(kitchen).not.toBe('');
  await dragThing(page, 'Fridge, 45 litres, full', kitchen, async () => {
    await expect(page.getByTestId('hand')).toContainText('to Kitchen');
    await expect(page.getByTestId('pillar-rearAxle')).not.toContainText('1,838');
  });
  await expect(page.getByTestId('hand')).toBeEmpty();
  await expect(sentence(page)).not.toContainText('38 kg too much');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(sentence(page)).toContainText('38 kg too much');
});

test('the keys carry as well as the mouse: every place says what would be left', async ({ page }) => {
  await page.goto(`${wagon}/load`);
  // A row is carried by keys once the list stands.
  await settled(page);
  await grip(page, 'Fridge, 45 litres, full').focus();
  await page.keyboard.press('Enter');
  const hand = page.getByTestId('hand');
  await expect(hand).toContainText('to Boot');
  await expect(hand).toContainText('over: rear axle');
  await page.keyboard.press('End');
  await expect(hand).toContainText('to at home');
  await expect(sentence(page)).toContainText('Within every limit');
  await page.keyboard.press('Escape');
  await expect(sentence(page)).toContainText('38 kg too much');
  await page.keyboard.press('Space');
  await page.keyboard.press('ArrowRight');
  await expect(hand).not.toContainText('to Boot');
  await page.keyboard.press('End');
  expect(await seriousFaults(page)).toEqual([]);
  await page.keyboard.press('Enter');
  await expect(hand).toBeEmpty();
  await expect(sentence(page)).toContainText('Within every limit');
});

test('a line said in a hurry: things, tanks and people, with what is wrong said at once', async ({ page }) => {
  await page.goto(`${wagon}/verdict`);
  await expect(sentence(page)).toBeVisible();
  await settled(page);
  await page.keyboard.press('/');
  const line = page.getByRole('combobox', { name: 'Quick line' });
  await expect(line).toBeFocused();
  const answer = page.getByTestId('quick-answer');
  await line.fill('2x folding chair 3.4kg rear');
  await expect(answer).toContainText('Which place: Rear bunk locker (Saltbush 19), Rear bar (Saltbush 19)?');
  await line.fill('2x folding chair 3.4kg rear bar');
  await expect(answer).toContainText('Enter: 2 × folding chair, 3 kg each, to Rear bar');
  await line.press('Enter');
  await expect(answer).toContainText('Done: 2 × folding chair');
  await expect(thingCell(page, 'Mass of folding chair').last()).toHaveText('3.4 kg');
  await line.fill('rear water 80%');
  await line.press('Enter');
  await expect(answer).toContainText('Rear water tank at 80 %');
  await line.fill('crew Pim 41');
  await line.press('Enter');
  await expect(thingCell(page, 'Mass of Pim')).toContainText('41 kg');
  await line.fill('fridge home');
  await expect(answer).toContainText('Fridge, 45 litres, full goes to at home');
});

test('40 rows from a spreadsheet are looked at, mended, taken, and given back by one undo', async ({ page }) => {
  await page.goto(`${estate}/load`);
  const count = page.getByText(/^At home \(/);
  const before = await count.textContent();
  const rows = Array.from({ length: 40 }, (_, at) => `Parcel ${at + 1}\t${(at + 1) / 10}\t1\t`);
  const faulty = [...rows.slice(0, 39), 'Parcel 40\tabout four\t1\t'];
  await page.getByRole('button', { name: 'Paste a table' }).click();
  const dialog = page.getByRole('dialog', { name: 'A table of things' });
  const field = dialog.getByRole('textbox', { name: 'Paste the rows here' });
  await field.fill(['Item\tWeight\tPieces\tWhere', ...faulty].join('\n'));
  await expect(dialog.getByTestId('table-faults')).toContainText('Line 41: “about four” cannot be read as a mass.');
  await expect(dialog.getByRole('button', { name: 'Take 39 things' })).toBeEnabled();
  expect(await seriousFaults(page)).toEqual([]);
  await field.fill(['Item\tWeight\tPieces\tWhere', ...rows].join('\n'));
  await expect(dialog.getByTestId('table-faults')).toHaveCount(0);
  await dialog.getByRole('button', { name: 'Take 40 things' }).click();
  await expect(thingCell(page, 'Mass of Parcel 40')).toHaveText('4 kg');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(thingCell(page, 'Mass of Parcel 40')).toHaveCount(0);
  await expect(count).toHaveText(before ?? '');
});

test('a typical thing comes in with the middle of its range, and says what would be lighter', async ({ page }) => {
  await page.goto(`${wagon}/load`);
  await page.getByRole('button', { name: 'Typical masses' }).click();
  const dialog = page.getByRole('dialog', { name: 'Typical masses' });
  await dialog.getByRole('textbox', { name: 'Find a typical thing' }).fill('lead battery');
  await expect(dialog.getByTestId('typical').first()).toContainText('lighter instead: Lithium battery, 100 Ah');
  await dialog.getByRole('button', { name: 'Take Lead battery, 100 Ah' }).click();
  expect(await seriousFaults(page)).toEqual([]);
  await page.keyboard.press('Escape');
  await expect(thingCell(page, 'Mass of Lead battery, 100 Ah')).toHaveText('27.5 kg');
});

test('a nose too light is put right by following the advice, which never loads the tail first', async ({ page }) => {
  await page.goto(`${estate}/balance`);
  await expect(page.getByTestId('ball-line')).toContainText('too light');
  for (let made = 0; made < 6; made += 1) {
    if ((await page.getByTestId('ball-line').textContent())?.includes('inside the usual band')) break;
    const first = page.getByTestId('ball-move').first();
    await expect(first).not.toContainText('swings more');
    const before = await page.getByTestId('ball-line').textContent();
    await first.getByRole('button', { name: 'Do it' }).click();
    await expect(page.getByTestId('ball-line')).not.toHaveText(before ?? '');
  }
  await expect(page.getByTestId('ball-line')).toContainText('inside the usual band');
  await expect(sentence(page)).toContainText('Within every limit');
  await page.getByRole('button', { name: 'Along and across' }).click();
  await expect(page.getByTestId('along-trailer')).toContainText('behind the coupling');
  await expect(page.getByTestId('overhang')).toContainText('load on the coupling');
  expect(await seriousFaults(page)).toEqual([]);
});

test('a second loadout is copied, changed and set beside the first', async ({ page }) => {
  await page.goto(`${wagon}/load`);
  const bar = page.getByTestId('loadouts');
  await bar.getByRole('button', { name: 'Copy it' }).click();
  await expect(bar.getByLabel('Name of this loadout')).toHaveValue('Two of us, ten days, copy');
  await putThing(page, 'Fridge, 45 litres, full', 'at home');
  await expect(sentence(page)).toContainText('Within every limit');
  await bar.getByRole('link', { name: 'Compare' }).click();
  const table = page.getByTestId('compare');
  await expect(table.getByTestId('compare-axle.rear')).toContainText('38 over');
  await expect(table.getByTestId('compare-axle.rear').getByText(/left/)).toBeVisible();
  await expect(table).toContainText('What differs (1)');
  await expect(table.getByRole('row', { name: /Fridge, 45 litres, full/ })).toContainText('at home');
  expect(await seriousFaults(page)).toEqual([]);
  await page.goBack();
  await choose(bar, 'Loadout in hand', 'Two of us, ten days');
  await expect(sentence(page)).toContainText('38 kg too much');
});

test('what is left is drawn step by step for each body, when somebody wants to see it', async ({ page }) => {
  await page.goto(`${wagon}/load`);
  await page.getByText('As a chart', { exact: true }).click();
  for (const [side, whole] of [
    ['vehicle', 3220],
    ['trailer', 2750],
  ] as const) {
    const chart = page.getByTestId(`waterfall-${side}`);
    await expect(chart.locator(`.apexcharts-bar-area[val="${whole}"]`)).toBeVisible();
    await expect(chart).toContainText('body alone');
  }
  expect(await seriousFaults(page)).toEqual([]);
});

test('what the empty figure contains counts until something stands in its place, and each line can be said otherwise', async ({
  page,
}) => {
  await page.goto('/rig/bachstelze/load');
  await settled(page);
  const left = page.locator('.payload tr.left td');
  const before = Number(await left.innerText());
  const sheet = page.getByTestId('in-figure');
  for (const person of ['Jorun', 'Teo', 'Mila', 'Bo']) {
    await thingCell(page, `Mass of ${person}`).click();
    await page.getByRole('button', { name: `Stays at home: ${person}` }).click();
  }
  // 228 kg of people are gone, and the driver of the figure is back.
  await expect(left).toHaveText(String(before + 228 - 75));
  await expect(page.getByText('Nobody is listed: the driver whom the empty figure has in it counts.')).toBeVisible();
  // 70 % of 110 L against the 20 L that the figure has in it.
  await sheet.getByRole('button', { name: 'Put back: water' }).click();
  await expect(left).toHaveText(String(before + 228 - 75 + 77 - 20));
  await sheet.getByRole('button', { name: 'Not on board: water' }).click();
  await expect(left).toHaveText(String(before + 228 - 75 + 77));
  await sheet.getByRole('button', { name: 'Not on board: driver' }).click();
  await expect(left).toHaveText(String(before + 228 + 77));
  expect(await seriousFaults(page)).toEqual([]);
});

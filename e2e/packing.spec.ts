/** The packing list: followed by hand or in one go, what cannot all come along, and what it needs to work. */
import { expect, test, type Page } from '@playwright/test';
import { untilStill } from './keptStore.ts';
import { choose, dragThing, fill, grip, putThing, sentence, seriousFaults, touch, wagon } from './support.ts';

const pack = `${wagon}/balance?sheet=pack`;
const head = (page: Page) => page.getByTestId('pack-head');
/** A search may take its time on a busy machine. */
const proven = (page: Page) => expect(page.getByTestId('pack-proven')).toBeVisible({ timeout: 60_000 });
const moves = (page: Page) => page.getByTestId('pack-move');
/** "Fridge: from Boot to Wardrobe" as what, and where to. */
const read = (text: string): { what: string; to: string } => {
  const found = /^\d+\s*(?<what>.+): (?:from .+ to (?<to>.+?)|leave it at home)\s*[\d,]+ kg/.exec(text);
  return { what: found?.groups?.['what'] ?? '', to: found?.groups?.['to'] ?? '' };
};
/** Each limit that the list foretells, as it then stands. */
const foretold = async (page: Page): Promise<Record<string, string>> => {
  const rows = await page.getByTestId('pack-effects').getByRole('row').all();
  const told: Record<string, string> = {};
  for (const row of rows.slice(1)) {
    const name = (await row.getByRole('rowheader').textContent()) ?? '';
    told[name.trim()] = ((await row.getByRole('cell').last().textContent()) ?? '').trim();
  }
  return told;
};

for (const size of [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
]) {
  test(`at ${size.width} px a nose too heavy and a rear axle too full are packed by the list, by hand or in one go`, async ({
    page,
  }) => {
    await page.setViewportSize(size);
    await page.goto(`${wagon}/load`);
    await putThing(page, 'Recovery kit', 'Front boot');
    await putThing(page, 'Fridge, 45 litres, full', 'Front boot');
    await expect(sentence(page)).toContainText('too much');
    await untilStill(page);
    await page.goto(pack);
    await proven(page);
    await expect(head(page)).toContainText(/Every limit is kept with (one move|\d moves)\./);
    // The drawing shows it as it would be packed, where that is wanted.
    await expect(sentence(page)).toContainText('too much');
    await page.getByText('Show it in the drawing').click();
    await expect(sentence(page)).toContainText('Within every limit');
    const wanted = (await moves(page).allTextContents()).map(read);
    const told = await foretold(page);
    expect(wanted.length).toBeGreaterThan(0);
    expect(Object.keys(told).length).toBeGreaterThan(3);
    expect(await seriousFaults(page)).toEqual([]);

    // In one go, and taken back by one undo.
    await page.getByRole('button', { name: 'Pack it so' }).click();
    await expect(page.getByText('Packed as listed.')).toBeVisible();
    await expect(head(page)).toContainText('Nothing has to be moved');
    await expect(sentence(page)).toContainText('Within every limit');
    await page.keyboard.press('Control+z');
    await expect(moves(page)).toHaveCount(wanted.length);

    // By hand: every move of the list, and what it foretold has come true.
    await page.goto(`${wagon}/load`);
    for (const { what, to } of wanted) await putThing(page, what, to);
    await expect(sentence(page)).toContainText('Within every limit');
    await page.goto(`${wagon}/verdict`);
    await expect(page.getByTestId('check-axle.rear')).toContainText(told['rear axle'] ?? 'nothing foretold');
    await page.goto(pack);
    await expect(head(page)).toContainText('Nothing has to be moved');
  });
}

test('what cannot all come along names the least to leave and the limits that conflict', async ({ page }) => {
  await page.goto(`${wagon}/plates`);
  await fill(page.getByRole('article', { name: 'trailer plate' }), 'ATM', '2450');
  await page.goto(pack);
  await expect(head(page)).toContainText(/Not everything can come along: \d+ kg have to stay at home at least\./);
  await expect(page.getByTestId('pack-conflict').getByRole('listitem').first()).toBeVisible();
  await expect(page.getByTestId('pack-conflict')).toContainText('ATM');
  await expect(page.getByText('Looking for').or(page.getByText('still looking'))).toBeHidden({ timeout: 60_000 });
  const leaves = moves(page).filter({ hasText: 'leave it at home' });
  const before = read((await leaves.first().textContent()) ?? '').what;
  // What must come is not left; then it is something else.
  await leaves.first().getByRole('button', { name: 'It must come' }).click();
  await expect(page.getByTestId('pack-wishes')).toContainText(`${before} must come`);
  await expect(head(page)).toContainText('Not everything can come along', { timeout: 60_000 });
  await expect(leaves.first()).toBeVisible();
  for (const text of await leaves.allTextContents()) expect(text).not.toContain(before);
  expect(await seriousFaults(page)).toEqual([]);
});

test('what the owner wants is kept to: what stays, where nothing goes, what comes first, and when it has to hold', async ({
  page,
}) => {
  await page.goto(pack);
  await proven(page);
  const first = (await moves(page).first().textContent()) ?? '';
  await moves(page).first().getByRole('button', { name: 'Leave it where it is' }).click();
  await expect(page.getByTestId('pack-wishes')).toContainText(`${read(first).what} stays`);
  await proven(page);
  await expect(moves(page).first()).not.toContainText(read(first).what);
  const second = read((await moves(page).first().textContent()) ?? '');
  await moves(page).first().getByRole('button', { name: 'Not there' }).click();
  await expect(page.getByTestId('pack-wishes')).toContainText(`${second.what}: not into ${second.to}`);
  await proven(page);
  for (const text of await moves(page).allTextContents()) expect(read(text)).not.toEqual(second);

  const few = await moves(page).count();
  await page.getByRole('button', { name: 'Room at the tightest limit: earlier' }).click();
  await expect(page.getByTestId('pack-aim').nth(1)).toContainText('Room at the tightest limit');
  await expect.poll(async () => moves(page).count()).toBeGreaterThan(few);
  await choose(page, 'Moves at most', '2');
  await expect(moves(page)).toHaveCount(2);
  // Kept with the loadout: a reload finds it as it was.
  await page.reload();
  await expect(moves(page)).toHaveCount(2);
  await expect(page.getByTestId('pack-wishes')).toContainText('stays');

  await choose(page, 'Moves at most', 'as many as it takes');
  await choose(page, 'It has to hold', 'now and with the water used up');
  await proven(page);
  await choose(page, 'It has to hold', /^all along/);
  await expect(head(page)).toBeVisible();
  await choose(page, 'It has to hold', 'now and with the water used up');
  await proven(page);
  await page.getByRole('button', { name: 'Keep it as a loadout of its own' }).click();
  await expect(page.getByText('Kept as a loadout of its own')).toBeVisible();
  await page.goto(`${wagon}/load`);
  await expect(page.getByTestId('loadouts').getByLabel('Name of this loadout')).toHaveValue(/, packed$/);
});

test.describe('without a network', () => {
  test.use({ serviceWorkers: 'allow' });
  test('it works without a network, and compiled code runs in its worker alone', async ({ page, context }) => {
    await page.goto(pack);
    await proven(page);
    await page.evaluate(async () => void (await navigator.serviceWorker.ready));
    await page.reload();
    await context.setOffline(true);
    await page.goto(pack);
    await proven(page);
    const inPage = await page.evaluate(async () =>
      WebAssembly.compile(new Uint8Array([0, 97, 115, 109, 1, 0, 0, 0])).then(
        () => 'ran',
        () => 'refused',
      ),
    );
    expect(inPage).toBe('refused');
    await context.setOffline(false);
  });
});

for (const size of [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
]) {
  test(`at ${size.width} px several of one thing lie in several places, and each part is a row of its own`, async ({
    page,
  }) => {
    await page.setViewportSize(size);
    await page.goto(`${wagon}/load`);
    await page.getByRole('button', { name: 'More about Folding chair', exact: true }).click();
    const dialog = page.getByTestId('thing-dialog');
    await dialog.getByRole('spinbutton', { name: 'So many of them' }).fill('3');
    await choose(dialog, 'Put them in …', 'Boot');
    await expect(dialog.getByTestId('parts').getByRole('listitem')).toHaveText(['1 × Rear bunk locker', '3 × Boot']);
    expect(await seriousFaults(page)).toEqual([]);
    await page.keyboard.press('Escape');

    // One of the parts goes elsewhere, the other stays; where they meet they are one again.
    await putThing(page, 'Folding chair (Boot)', 'Drawers');
    await expect(grip(page, 'Folding chair (Drawers)')).toBeVisible();
    await expect(grip(page, 'Folding chair (Rear bunk locker)')).toBeVisible();
    if (size.width > 720) {
      await expect(page.getByLabel('How many: Folding chair (Drawers)')).toHaveValue('3');
      await dragThing(page, 'Folding chair (Rear bunk locker)', 'tern-wagon/roof-tray');
      await expect(grip(page, 'Folding chair (Roof tray)')).toBeVisible();
    }
    await page.reload();
    await putThing(page, 'Folding chair (Drawers)', 'Kitchen');
    await expect(grip(page, 'Folding chair (Kitchen)')).toBeVisible();
    await putThing(page, `Folding chair (${size.width > 720 ? 'Roof tray' : 'Rear bunk locker'})`, 'Kitchen');
    await expect(page.getByRole('button', { name: /^Carry Folding chair/ })).toHaveCount(1);
    await expect(grip(page, 'Folding chair')).toBeVisible();
    await page.getByRole('button', { name: /^Undo/ }).click();
    await expect(page.getByRole('button', { name: /^Carry Folding chair/ })).toHaveCount(2);
  });
}

test('a packing parts several of one thing where its owner lets it, as foretold', async ({ page }) => {
  await page.goto(`${wagon}/load`);
  await putThing(page, 'Recovery kit', 'Front boot');
  const count = await touch(page, 'How many: Folding chair');
  await count.fill('40');
  await count.press('Enter');
  await page.goto(pack);
  await expect(page.getByTestId('pack-proven').or(page.getByTestId('pack-conflict'))).toBeVisible({ timeout: 60_000 });
  await page.getByText('Several of one thing may be parted').click();
  await expect(
    moves(page)
      .filter({ hasText: /\d+ × Folding chair/ })
      .first(),
  ).toBeVisible({ timeout: 60_000 });
  await proven(page);
  const told = await foretold(page);
  await page.getByRole('button', { name: 'Pack it so' }).click();
  await page.goto(`${wagon}/verdict`);
  await expect(page.getByTestId('check-axle.rear')).toContainText(told['rear axle'] ?? 'nothing foretold');
});

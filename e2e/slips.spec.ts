import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { BlobReader, BlobWriter, TextReader, ZipReader, ZipWriter } from '@zip.js/zip.js';
import { kept, untilKept } from './keptStore.ts';
import { choose, fill, openKept, sentence, seriousFaults, settled, takeOption, van, wagon } from './support.ts';

/** A picture that a browser can read: a small JPEG made in the page. */
async function picture(page: Page, hue: number): Promise<Buffer> {
  const text = await page.evaluate(async (colour) => {
    const canvas = new OffscreenCanvas(640, 480);
    const pen = canvas.getContext('2d');
    if (!pen) throw new Error('no canvas');
    pen.fillStyle = `hsl(${colour} 60% 50%)`;
    pen.fillRect(0, 0, 640, 480);
    const bytes = new Uint8Array(await (await canvas.convertToBlob({ type: 'image/jpeg' })).arrayBuffer());
    return btoa(String.fromCharCode(...bytes));
  }, hue);
  return Buffer.from(text, 'base64');
}
const photos = (page: Page) => page.getByTestId('slip-where').getByTestId('photos');
async function addPictures(page: Page, hues: readonly number[]): Promise<void> {
  await page.getByTestId('slip-where').getByText('Where, when').click();
  const files = [];
  for (const hue of hues) files.push({ name: `${hue}.jpg`, mimeType: 'image/jpeg', buffer: await picture(page, hue) });
  await photos(page).locator('input[type=file]').setInputFiles(files);
}

test('all slips together: creep, the plan beside the scale, before and after, a scale that reads short', async ({
  page,
}) => {
  await page.goto(`${van}/weigh`);
  await expect(page.getByTestId('trend')).toContainText('over 3 weighings');
  await expect(page.getByTestId('guesses')).toContainText('9 loads foretold');
  await expect(page.getByTestId('scales')).toContainText('Holme Depot reads 0.9 ± 0.3 % less than Tarn Quarry');
  const between = page.getByTestId('before-after');
  await expect(between.getByRole('row', { name: /loaded differently/ })).toContainText('−108');
  await choose(between, 'Later slip', /With rack and scooter/);
  await choose(between, 'Earlier slip', /Before the rack/);
  await expect(between.getByRole('row', { name: /Scooter rack and frame, 2026-06-01/ })).toContainText('+44');
  expect(await seriousFaults(page)).toEqual([]);
});

test('the verdict is drawn from all that is known, or from a slip or the list alone as views, says which, and its numbers open the readings', async ({
  page,
}) => {
  await page.goto(`${van}/verdict`);
  const source = page.getByTestId('drawn-from');
  await expect(source).toContainText('weighed on slip “Depot, after the tour” 2026-09-19; 108 kg more on board since');
  await page.getByTestId('total-vehicle.max').click();
  await expect(page.getByTestId('arithmetic')).toContainText('vehicle alone: rear axle, 2026-09-19');
  await expect(page.getByTestId('arithmetic')).toContainText('come or gone since');
  await page.keyboard.press('Escape');
  const pick = async (option: RegExp) => {
    await page.locator('.drawn .el-select__wrapper').click();
    await takeOption(page.getByRole('option', { name: option }).filter({ visible: true }));
  };
  await pick(/With rack and scooter/);
  await expect(source).toContainText('Drawn from slip “With rack and scooter”');
  await page.reload();
  await expect(source).toContainText('Drawn from slip “With rack and scooter”');
  await expect(page.getByTestId('sentence')).toContainText('10 kg');
  await page.getByTestId('total-vehicle.max').click();
  await expect(page.getByTestId('arithmetic')).toContainText('each reading times how much it says');
  await expect(page.getByTestId('arithmetic')).toContainText('vehicle alone: all its wheels');
  await page.keyboard.press('Escape');
  await pick(/the list “Scooter to the coast” alone/);
  await expect(source).toContainText('Drawn from the plan “Scooter to the coast”, not from a weighbridge');
  // A view is left with its page.
  await page.getByRole('link', { name: /^Load/ }).click();
  await expect(source).toContainText('As it is known');
});

/** A slip of the wagon on which 60 kg stand that nobody listed, 1.9 m along. */
async function unlistedSlip(page: Page): Promise<void> {
  await page.goto(`${wagon}/weigh`);
  await settled(page);
  await page.getByRole('button', { name: 'Start a slip with these steps' }).click();
  for (const [at, value] of [1877, 5538, 1430, 2999].entries()) {
    const shown = page.getByLabel('Shown', { exact: true }).nth(at);
    await shown.fill(String(value));
    await shown.press('Tab');
  }
}

test('what nobody listed is a row of Load, counts, and is settled by one press', async ({ page }) => {
  await unlistedSlip(page);
  await page.getByRole('link', { name: /^Load/ }).click();
  const row = page.getByTestId('unlisted-row-vehicle');
  await expect(row).toContainText('60 ± 21 kg that nobody listed');
  await expect(row).toContainText('1.89');
  await expect(sentence(page)).toContainText('77 kg too much');
  await row.getByText('What might it be?').click();
  await row.getByRole('button', { name: /It is this Roof tent/ }).click();
  await expect(row).toContainText('Roof tent lies in …');
  expect(await seriousFaults(page)).toEqual([]);
  await row.locator('.el-select__wrapper').click();
  await takeOption(page.getByRole('option', { name: 'Boot', exact: true }).filter({ visible: true }));
  // The thing has a place on both lists: what is left of it is no more than chance, and the axle carries what was read.
  await expect(row).toHaveCount(0);
  await expect(sentence(page)).toContainText('77 kg too much');
  await page.getByRole('button', { name: 'Undo' }).click();
  await row.getByRole('button', { name: 'It belongs to' }).click();
  await expect(row).toHaveCount(0);
});

test('how it was loaded on another day is asked once, and nothing is within until it is said', async ({ page }) => {
  await unlistedSlip(page);
  await fill(page.getByTestId('slip'), 'Day of weighing', '1 Nov 2026');
  const loaded = page.getByTestId('loaded');
  await expect(loaded).toContainText('How was it loaded when it was weighed?');
  await loaded.getByRole('button', { name: 'Nobody knows' }).click();
  await expect(loaded).toContainText('shown and lets nothing pass');
  await expect(page.getByTestId('slip-answer')).toContainText('nothing is within by this slip');
  await loaded.getByRole('button', { name: 'Otherwise' }).click();
  await loaded.getByText('Recovery kit').click();
  await expect(loaded).toContainText('On board at this weighing');
  await expect(page.getByTestId('unlisted-vehicle')).toContainText('91 kg more than listed');
  // Somebody got out to read the rear axle.
  await page.getByRole('button', { name: 'Side, or another scale' }).first().click();
  await expect(page.getByRole('group', { name: 'Not on the plate:' })).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
});

test('pictures of a slip are kept, saved in one parcel with the file, and come back from it elsewhere', async ({
  page,
  browser,
}) => {
  await page.goto(`${van}/weigh`);
  await addPictures(page, [20, 200]);
  await expect(photos(page).locator('img')).toHaveCount(2);
  await page.reload();
  await page.getByTestId('slip-where').getByText('Where, when').click();
  await expect(photos(page).locator('img')).toHaveCount(2);
  await openKept(page);
  const downloading = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save everything with its pictures (2)' }).click();
  const file = await (await downloading).path();
  expect(await new ZipReader(new BlobReader(new Blob([readFileSync(file)]))).getEntries()).toHaveLength(3);

  const other = await (await browser.newContext()).newPage();
  await other.goto('/');
  await other.getByTestId('rig-card').first().waitFor();
  await other
    .getByTestId('file-input')
    .setInputFiles({ name: 'all.wagonomos.zip', mimeType: 'application/zip', buffer: readFileSync(file) });
  await expect(other.getByRole('dialog')).toContainText('With 2 pictures and papers.');
  await other.getByRole('button', { name: 'Instead', exact: true }).click();
  await expect(other.getByRole('dialog')).toBeHidden();
  await expect(other.getByRole('button', { name: /^Undo/ })).toBeEnabled();
  await other.goto(`${van}/weigh`);
  await other.getByTestId('slip-where').getByText('Where, when').click();
  await expect(photos(other).locator('img')).toHaveCount(2);
  await other.context().close();
});

test('what is no parcel is refused in words, and nothing is changed', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByTestId('rig-card')).toHaveCount(7);
  await page
    .getByTestId('file-input')
    .setInputFiles({ name: 'bad.zip', mimeType: 'application/zip', buffer: Buffer.from('PK\u0003\u0004 nothing') });
  await expect(page.getByTestId('file-refused')).toBeVisible();
  await expect(page.getByTestId('rig-card')).toHaveCount(7);
});

test('when the browser has no room left it says so and what to do, and keeps what it has', async ({ page }) => {
  await page.addInitScript(() => {
    const put = Reflect.get(IDBObjectStore.prototype, 'put') as (
      value: unknown,
      key?: IDBValidKey,
    ) => IDBRequest<IDBValidKey>;
    IDBObjectStore.prototype.put = function (value: unknown, key?: IDBValidKey) {
      if (this.name === 'photos' && Object.hasOwn(window, 'full')) throw new DOMException('full', 'QuotaExceededError');
      return put.call(this, value, key);
    };
  });
  await page.goto(`${van}/weigh`);
  await addPictures(page, [20]);
  await expect(photos(page).locator('img')).toHaveCount(1);
  await page.evaluate(() => Object.assign(window, { full: true }));
  await photos(page)
    .locator('input[type=file]')
    .setInputFiles([
      { name: 'a.jpg', mimeType: 'image/jpeg', buffer: await picture(page, 90) },
      { name: 'b.jpg', mimeType: 'image/jpeg', buffer: await picture(page, 140) },
    ]);
  await expect(photos(page).getByRole('alert')).toContainText('no room left for pictures: 2 were not kept');
  await expect(photos(page).locator('img')).toHaveCount(1);
  await photos(page)
    .locator('input[type=file]')
    .setInputFiles([{ name: 'note.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') }]);
  await expect(photos(page).getByRole('alert')).toContainText('no picture this browser can read');
});

test('a distribution hitch in three passes tells its couple and what each setting would do', async ({ page }) => {
  await page.goto('/rig/tern-and-saltbush/weigh');
  await page.getByRole('button', { name: 'Type in a slip' }).click();
  const bars = page.getByTestId('bars');
  await bars.getByText('The distribution hitch, in three passes').click();
  await bars.getByRole('button', { name: 'Add the 7 readings still missing' }).click();
  // The plan with bars that put back about half: front axle, rear axle, trailer axles.
  const values = [1410, 1316, 1837, 2324, 1363, 1767, 2347];
  for (const [at, value] of values.entries()) {
    const field = page.getByLabel('Shown', { exact: true }).nth(at);
    await field.fill(String(value));
    await field.press('Tab');
  }
  await expect(page.getByTestId('couple')).toContainText('N·m');
  await expect(page.getByTestId('couple')).toContainText('put back 50 ±');
  await expect(page.getByTestId('bar-settings').getByRole('row', { name: /^100 %/ })).toContainText('2 times today’s');
  expect(await seriousFaults(page)).toEqual([]);

  // What was weighed is taken over where the bars are set.
  await page.goto('/rig/tern-and-saltbush/balance?sheet=hitch');
  const weighed = page.getByTestId('hitch-weighed');
  await expect(weighed).toContainText('50 % of it back on the front axle');
  await weighed.getByRole('button', { name: 'Take it below' }).click();
  await fill(page, 'Links, shims or turns', '5');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.locator('#main')).toContainText(/at 5: [\d,]+ N·m/);
});

test('heights of the wheel arches help to stand level, and are never a load', async ({ page }) => {
  await page.goto('/rig/tern-and-saltbush/weigh');
  const aid = page.getByTestId('level-aid');
  await aid.getByText('Standing level: heights').click();
  await expect(aid).toContainText('no axle load follows');
  for (const [label, height] of [
    ['Front arch, alone', '800 mm'],
    ['Front arch, coupled', '830 mm'],
    ['Front arch, bars on', '815 mm'],
  ] as const) {
    await aid.getByLabel(label).fill(height);
    await aid.getByLabel(label).press('Tab');
  }
  await expect(aid.getByRole('status').filter({ hasText: 'take back 50 %' })).toBeVisible();
});

test('a picture in a parcel is only what its hash says: the owner’s own stays as it is', async ({ page }) => {
  await page.goto(`${van}/weigh`);
  await addPictures(page, [20]);
  await expect(photos(page).locator('img')).toHaveCount(1);
  await untilKept(page, '"photos":["');
  const document = (await kept(page)) as { tickets: { photos?: string[] }[] };
  const hash = document.tickets.flatMap((ticket) => ticket.photos ?? [])[0] ?? '';
  const zip = new ZipWriter(new BlobWriter('application/zip'));
  await zip.add('document.wagonomos.json', new TextReader(JSON.stringify(document)));
  await zip.add(`pictures/${hash}.jpg`, new TextReader('not the picture'));
  const buffer = Buffer.from(await (await zip.close()).arrayBuffer());
  await openKept(page);
  await page
    .getByTestId('file-input')
    .setInputFiles({ name: 'all.wagonomos.zip', mimeType: 'application/zip', buffer });
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('1 pictures are not what they claim to be and are left out.');
  await dialog.getByRole('button', { name: 'Put beside' }).click();
  await expect(dialog).toBeHidden();
  await page.reload();
  await page.getByRole('link', { name: /^Weigh/ }).click();
  await page.getByTestId('slip-where').getByText('Where, when').click();
  const image = photos(page).locator('img');
  await expect.poll(() => image.evaluate((one: HTMLImageElement) => one.naturalWidth)).toBe(640);

  // A parcel that was cut short is called that.
  const file = {
    name: 'all.wagonomos.zip',
    mimeType: 'application/zip',
    buffer: buffer.subarray(0, buffer.length - 40),
  };
  await openKept(page);
  await page.getByTestId('file-input').setInputFiles(file);
  await expect(page.getByTestId('file-refused')).toContainText('The parcel is damaged');
});

test('a second window deletes no picture that undo in the first can bring back, and takes over what was typed', async ({
  page,
  context,
}) => {
  await page.goto(`${van}/weigh`);
  await addPictures(page, [20]);
  await expect(photos(page).locator('img')).toHaveCount(1);
  await photos(page)
    .getByRole('button', { name: /^Take away/ })
    .or(photos(page).locator('.one button'))
    .first()
    .click();
  await expect(photos(page).locator('img')).toHaveCount(0);
  const second = await context.newPage();
  await second.goto(`${van}/weigh`);
  await expect(second.getByTestId('follower')).toBeVisible();
  await second.reload();
  await expect(second.getByTestId('follower')).toBeVisible();
  await page.bringToFront();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(photos(page).locator('img')).toHaveCount(1);
  const image = photos(page).locator('img');
  await expect.poll(() => image.evaluate((one: HTMLImageElement) => one.naturalWidth)).toBe(640);

  // What stands in a field goes to the window that takes over.
  await page.getByTestId('slip-where').getByLabel('Note').fill('Wind from the side');
  await page.getByLabel('Shown', { exact: true }).first().fill('two tonnes and a bit');
  await second.bringToFront();
  await second.getByRole('button', { name: 'Edit here instead' }).click();
  await expect(second.getByTestId('follower')).toHaveCount(0);
  await second.getByTestId('slip-where').getByText('Where, when').click();
  await expect(second.getByTestId('slip-where').getByLabel('Note')).toHaveValue('Wind from the side');
  await expect(second.getByLabel('Shown', { exact: true }).first()).toHaveValue('two tonnes and a bit');
  await expect(page.getByTestId('follower')).toBeVisible();
});

import { randomBytes } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { expect, test, type Page } from '@playwright/test';
import { keepAndOpen, kept, put, rawExample, untilKept } from './keptStore.ts';
import { fill, openKept, sentence, seriousFaults, van } from './support.ts';

const gvw = (page: Page) => page.getByRole('article', { name: 'vehicle plate' }).getByLabel('GVW', { exact: true });
const british = () => rawExample('british-van-with-scooter');

test('undo, and text nobody could take yet, are there again after a reload', async ({ page }) => {
  await page.goto(`${van}/plates`);
  await gvw(page).fill('3140');
  await gvw(page).press('Tab');
  await gvw(page).fill('33 stones and a bit');
  await expect(page.getByRole('article', { name: 'vehicle plate' }).getByRole('alert')).toBeVisible();
  await page.getByRole('link', { name: /^Load/ }).click();
  await page.getByLabel('Quick line').fill('2x folding chair');
  await page.waitForTimeout(600);
  await page.reload();
  await expect(page.getByLabel('Quick line')).toHaveValue('2x folding chair');
  await page.getByRole('link', { name: /^Plates/ }).click();
  await expect(gvw(page)).toHaveValue('33 stones and a bit');
  await expect(page.getByRole('article', { name: 'vehicle plate' }).getByRole('alert')).toBeVisible();
  await gvw(page).fill('');
  await gvw(page).fill('3139');
  await expect(sentence(page)).toContainText('3 kg too much');
  await untilKept(page, '3139');
  // What was done before the reload is undone after it.
  await page.reload();
  await expect(gvw(page)).toHaveValue('3139');
  const undo = page.getByRole('button', { name: /^Undo/ });
  // A moment passes until this tab knows that it is the one that writes.
  await expect(undo).toBeEnabled();
  while (await undo.isEnabled()) await undo.click();
  await expect(sentence(page)).toContainText('Within every limit');
});

test('what could not be read back is refused where it was done, and nothing changes', async ({ page }) => {
  await page.goto(`${van}/load`);
  const line = page.getByLabel('Quick line');
  await line.fill('anvil 123456789kg');
  await expect(page.getByTestId('quick-answer')).toContainText('cannot be read');
  await line.fill('crew Sam 82');
  for (let n = 0; n < 25; n += 1) {
    await line.fill(`crew Sam ${80 + n}`);
    await line.press('Enter');
  }
  await expect(page.getByTestId('quick-answer')).toContainText('Not taken:');
  await expect(page.getByTestId('quick-answer')).toContainText('there are more than 20');
  await expect(line).not.toBeEmpty();
  await page.getByRole('button', { name: 'Person or pet' }).click();
  await expect(page.getByTestId('refused-edit')).toContainText('crew: there are more than 20. Nothing was changed.');
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByRole('button', { name: 'Close this message' }).click();
  await expect(page.getByTestId('refused-edit')).toHaveCount(0);

  // A sum too long to be kept as typed is kept as what it comes to.
  await page.getByRole('link', { name: /^Plates/ }).click();
  await fill(page.getByRole('article', { name: 'vehicle plate' }), 'GVW', `3000${'+5'.repeat(37)}`);
  await expect(gvw(page)).toHaveValue('3185');
  await page.reload();
  await expect(gvw(page)).toHaveValue('3185');
  await expect(page.getByTestId('unread')).toHaveCount(0);
});

test('a damaged document is shown as far as it can be read, and its whole text stays until it is thrown away', async ({
  page,
}) => {
  const broken = await british();
  const things = broken['things'] as { name: string; mass: number }[];
  const name = things[0]!.name;
  things[0]!.mass = -5;
  await keepAndOpen(page, broken);
  const notice = page.getByTestId('unread');
  await expect(notice).toContainText('What was kept in this browser is damaged.');
  await expect(notice).toContainText(`things › ${name} › mass: is less than 0.`);
  await expect(page.getByTestId('rig-card')).toHaveCount(1);
  expect(await seriousFaults(page)).toEqual([]);
  const downloading = page.waitForEvent('download');
  await notice.getByRole('button', { name: 'Take it along as it was' }).click();
  expect(JSON.parse(await readFile(await (await downloading).path(), 'utf8'))).toEqual(broken);

  // Going on saves in its place; the copy stays.
  await page.goto(`${van}/plates`);
  await gvw(page).fill('3140');
  await untilKept(page, '3140 kg');
  await page.reload();
  await expect(page.getByTestId('unread')).toHaveCount(0);
  await openKept(page);
  const copy = page.getByTestId('copies').getByRole('listitem').filter({ hasText: 'damaged, as it was found' });
  await copy.getByRole('button', { name: 'Look' }).click();
  const dialog = page.getByRole('dialog').filter({ hasText: 'Copy of' });
  await expect(dialog).toContainText('is less than 0.');
  await expect(dialog.getByTestId('take-in-plan')).toContainText('rigs1');
  await dialog.getByRole('button', { name: 'Go back to this' }).click();
  await expect(dialog).toBeHidden();
  await page.getByRole('link', { name: /^Plates/ }).click();
  await expect(gvw(page)).not.toHaveValue('3140');
  await openKept(page);
  // As it was found, at the start of the day's work, and before going back.
  await expect(page.getByTestId('copies').getByRole('listitem')).toHaveCount(3);
  await copy.getByRole('button', { name: /^Throw away/ }).click();
  await page.getByRole('button', { name: 'Throw away', exact: true }).click();
  await expect(copy).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo: go back/ }).click();
  await page.getByRole('link', { name: /^Plates/ }).click();
  await expect(gvw(page)).toHaveValue('3140');
});

test('the file in a folder is not written over after a damaged start, and is taken back', async ({ page }) => {
  // The browser's own private folder stands in for one that a person chooses.
  await page.addInitScript(() => {
    Object.assign(globalThis, { showDirectoryPicker: () => navigator.storage.getDirectory() });
  });
  const rigsInFolder = () =>
    page.evaluate(async () => {
      const found: number[] = [];
      const folder = await navigator.storage.getDirectory();
      for await (const file of (folder as unknown as { values: () => AsyncIterable<FileSystemFileHandle> }).values())
        found.push((JSON.parse(await (await file.getFile()).text()) as { rigs: unknown[] }).rigs.length);
      return found;
    });
  await page.goto(`${van}/plates`);
  await gvw(page).fill('3140');
  await untilKept(page, '3140 kg');
  await openKept(page);
  await page.getByTestId('own-folder').getByRole('button', { name: 'Choose a folder' }).click();
  await expect(page.getByTestId('own-folder').getByRole('status')).toContainText('Kept up to date');
  expect(await rigsInFolder()).toEqual([7]);

  const broken = (await kept(page)) as Record<string, unknown>;
  await put(page, 'workspace', { ...broken, bodies: [] });
  await page.goto('/');
  const rests = page.getByTestId('folder-rests');
  await expect(rests).toContainText('may hold more than what is shown here');
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByRole('button', { name: 'Bring in the invented rigs' }).click();
  await expect(page.getByTestId('rig-card')).toHaveCount(7);
  // Longer than the folder waits for quiet, on this visit and on the next.
  await page.waitForTimeout(9000);
  await page.reload();
  await expect(rests).toBeVisible();
  await rests.getByRole('button', { name: 'Look at that file' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Instead', exact: true }).click();
  await expect(rests).toHaveCount(0);
  await untilKept(page, '3140 kg');
  await expect.poll(rigsInFolder).toEqual([7]);
});

test('a disk that is full says so, keeps what is kept, and takes the work when there is room', async ({
  page,
  baseURL,
}) => {
  const browser = await page.context().newCDPSession(page);
  await browser.send('Storage.overrideQuotaForOrigin', { origin: baseURL ?? '', quotaSize: 700_000 });
  await page.goto(`${van}/plates`);
  await gvw(page).fill('3140');
  await untilKept(page, '3140 kg');
  await page.goto(`${van}/load`);
  await page.getByRole('button', { name: 'Paste a table' }).click();
  // Names that cannot be packed: the store packs what it keeps.
  const name = () => randomBytes(38).toString('hex');
  const things = Array.from({ length: 4500 }, (_, n) => `${name()};${(n % 9) + 0.5} kg`).join('\n');
  const csv = { name: 'things.csv', mimeType: 'text/csv', buffer: Buffer.from(things) };
  await page.getByTestId('table-file').setInputFiles(csv);
  await page.getByRole('button', { name: 'Take 4500 things' }).click();
  await expect(page.getByTestId('save-failed')).toContainText('Not saved');
  expect(JSON.stringify(await kept(page))).toContain('3140 kg');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByTestId('save-failed')).toHaveCount(0);
});

test('a document of a newer version is there to be looked at and is not written over', async ({ page }) => {
  const newer = { ...(await british()), version: 99, dreams: [1] };
  await keepAndOpen(page, newer, `${van}/plates`);
  await expect(page.getByTestId('unread')).toContainText('written by a newer Wagonomos');
  await expect(gvw(page)).toHaveValue('3300');
  await expect(page.getByRole('button', { name: /^Undo/ })).toBeDisabled();
  await page.waitForTimeout(300);
  expect(await kept(page)).toEqual(newer);
  await page.getByRole('button', { name: 'Go on with what could be read' }).click();
  await gvw(page).fill('3140');
  await untilKept(page, '3140 kg');
});

test('a wiped store is not taken for a first visit', async ({ page }) => {
  await page.goto(`${van}/plates`);
  await gvw(page).fill('3140');
  await untilKept(page, '3140 kg');
  await page.goto('/icon.svg');
  await page.evaluate(async () => {
    for (const { name = '' } of await indexedDB.databases()) indexedDB.deleteDatabase(name);
  });
  await page.goto('/');
  await expect(page.getByTestId('wiped')).toContainText('7 rigs');
  await expect(page.getByTestId('rig-card')).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring in the invented rigs' }).click();
  await expect(page.getByTestId('rig-card')).toHaveCount(7);
});

test('where site data is blocked one can work, is told so, and is asked before leaving', async ({ page }) => {
  await page.addInitScript(() => {
    const refuse = () => {
      throw new DOMException('blocked', 'SecurityError');
    };
    IDBFactory.prototype.open = refuse;
    Object.defineProperty(window, 'localStorage', { get: refuse });
    LockManager.prototype.request = () => Promise.reject(new DOMException('blocked', 'SecurityError'));
  });
  await page.goto(`${van}/plates`);
  const notice = page.getByTestId('blocked');
  await expect(notice).toContainText('Nothing can be kept here');
  await gvw(page).fill('3140');
  await expect(sentence(page)).toContainText('2 kg too much');
  await expect(notice).toContainText('Save it to a file');
  expect(await seriousFaults(page)).toEqual([]);
  const downloading = page.waitForEvent('download');
  await notice.getByRole('button', { name: 'Save everything' }).click();
  expect(await readFile(await (await downloading).path(), 'utf8')).toContain('"3140 kg"');
  const asked = page.waitForEvent('dialog');
  void page.close({ runBeforeUnload: true });
  const dialog = await asked;
  expect(dialog.type()).toBe('beforeunload');
  await dialog.accept();
});

test('where windows cannot know of each other that is said, and one can work', async ({ page }) => {
  await page.addInitScript(() => {
    LockManager.prototype.request = () => Promise.reject(new DOMException('no', 'InvalidStateError'));
  });
  await page.goto(`${van}/plates`);
  await expect(page.getByTestId('unguarded')).toContainText('Keep to one window');
  await gvw(page).fill('3140');
  await untilKept(page, '3140 kg');
  await page.reload();
  await expect(gvw(page)).toHaveValue('3140');
});

test('a store that fails once is asked again', async ({ page }) => {
  await page.goto(`${van}/plates`);
  await gvw(page).fill('3140');
  await untilKept(page, '3140 kg');
  await page.addInitScript(() => {
    const get = Reflect.get(IDBObjectStore.prototype, 'get') as (key: IDBValidKey) => IDBRequest;
    let failures = 2;
    IDBObjectStore.prototype.get = function (key: IDBValidKey) {
      if (failures-- > 0) throw new DOMException('not now', 'UnknownError');
      return get.call(this, key);
    };
  });
  await page.reload();
  await expect(gvw(page)).toHaveValue('3140');
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('copies are made once a day of work and before a file is opened, and one goes back to them', async ({ page }) => {
  await keepAndOpen(page, await british(), `${van}/plates`);
  await gvw(page).fill('3140');
  await gvw(page).press('Tab');
  await openKept(page);
  const list = page.getByTestId('copies').getByRole('listitem');
  await expect(list).toHaveCount(1);
  await expect(list).toContainText('start of a day');
  const other = Buffer.from(JSON.stringify(await rawExample('german-motorhome')));
  const file = { name: 'other.wagonomos.json', mimeType: 'application/json', buffer: other };
  await page.getByTestId('file-input').setInputFiles(file);
  const plan = page.getByRole('dialog');
  await expect(plan).toContainText('these leave the yard: Sandpiper');
  expect(await seriousFaults(page)).toEqual([]);
  await plan.getByRole('button', { name: 'Instead', exact: true }).click();
  await page.getByRole('link', { name: 'To the yard' }).first().click();
  await expect(page.getByTestId('rig-card')).toHaveCount(1);
  await expect(page.getByTestId('rig-card')).not.toContainText('Sandpiper');
  await page.getByTestId('rig-card').click();
  await openKept(page);
  await expect(list).toHaveCount(2);
  await list.filter({ hasText: 'opened instead' }).getByRole('button', { name: 'Look' }).click();
  await page.getByRole('button', { name: 'Go back to this' }).click();
  await expect(page.getByRole('dialog')).toBeHidden();
  await untilKept(page, '3140 kg');
  await page.goto(`${van}/plates`);
  await expect(gvw(page)).toHaveValue('3140');
});

test('a table says what it leaves out, and one that cannot be read or taken says so', async ({ page }) => {
  await page.goto(`${van}/load`);
  await page.getByRole('button', { name: 'Paste a table' }).click();
  const dialog = page.getByRole('dialog', { name: 'A table of things' });
  const rows = (count: number) => Array.from({ length: count }, (_, n) => `Peg ${n};${(n % 9) + 0.5} kg`).join('\n');
  const csv = (text: string) => ({ name: 'things.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await page.getByTestId('table-file').setInputFiles(csv(rows(60_000)));
  await expect(page.getByTestId('table-beyond')).toContainText('55000 further rows were not looked at');
  // With what is owned already that is more than there may be: refused with its reason, and nothing is taken.
  await dialog.getByRole('button', { name: 'Take 5000 things' }).click();
  await expect(page.getByTestId('table-problem')).toContainText('Not taken: things: there are more than 5000.');
  await expect(dialog.getByRole('progressbar')).toHaveCount(0);
  await page.getByRole('button', { name: 'Leave it' }).click();
  await page.getByTestId('table-file').setInputFiles(csv('x'.repeat(2_100_000)));
  await expect(page.getByTestId('table-problem')).toContainText('longer than 2 MB');
  await page.getByTestId('table-file').setInputFiles(csv(rows(4000)));
  await dialog.getByRole('button', { name: 'Take 4000 things' }).click();
  await expect(dialog).toBeHidden();
  await page.getByRole('button', { name: /^Undo/ }).click();
});

test.describe('parts of the app that are not on the server any more', () => {
  test.use({ serviceWorkers: 'block' });

  test('a link that leads nowhere and a worker that does not come are told, with a way on', async ({ page }) => {
    await page.goto(`${van}/load`);
    await page.route(/assets\/(PapersStation|tables\.worker).*\.js/, (route) => route.fulfill({ status: 404 }));
    await page.getByRole('button', { name: 'Paste a table' }).click();
    await page.getByLabel('Paste the rows here').fill('Peg;1 kg');
    await expect(page.getByTestId('table-problem')).toContainText('could not be loaded');
    await page.keyboard.press('Escape');
    await expect(page.getByTestId('stale')).toContainText('newer version');
    await page.reload();
    await expect(page.getByTestId('stale')).toHaveCount(0);
    await page.getByRole('link', { name: /^Papers/ }).click();
    await expect(page.getByTestId('stale')).toBeVisible();
    await page.unrouteAll();
    await page.getByTestId('stale').getByRole('button').click();
    await openKept(page);
    await expect(page.getByTestId('kept-safe')).toBeVisible();
  });
});

import { readFile } from 'node:fs/promises';
import { deflateRawSync } from 'node:zlib';
import { expect, test, type Browser, type Locator, type Page } from '@playwright/test';
import jsQR from 'jsqr';
import { PNG } from 'pngjs';
import { extractRig, packRig, readBytes, unpackRig } from '@wagonomos/core/files';
import { readPdf } from '../papers/src/testing/readPdf.ts';
import { rawExample, untilKept } from './keptStore.ts';
import { choose, estate, fill, sentence, seriousFaults, van, wagon } from './support.ts';

/** Presses a button that saves, and reads what was saved. */
async function saved(page: Page, button: Locator): Promise<{ readonly name: string; readonly bytes: Buffer }> {
  const downloading = page.waitForEvent('download');
  await button.click();
  const download = await downloading;
  return { name: download.suggestedFilename(), bytes: await readFile(await download.path()) };
}
const save = (page: Page, kind: string): Locator =>
  page.getByTestId(`paper-${kind}`).getByRole('button', { name: 'Save as PDF' });
const open = (page: Page, sheet: string): Promise<unknown> => page.goto(`${estate}/papers?sheet=${sheet}`);

test('each paper is saved as a PDF that says what the verdict says, offline too and in pounds', async ({
  page,
  context,
}) => {
  await open(page, 'before');
  expect(await seriousFaults(page)).toEqual([]);
  const card = await saved(page, save(page, 'card'));
  expect(card.name).toMatch(/^loading-card-dohle-kombi-with-kiebitz-430-\d{4}-\d\d-\d\d\.pdf$/);
  const read = await readPdf(card.bytes);
  expect(read.pages).toHaveLength(1);
  expect(read.text).toContain('8 kg short of the least, 25 kg');
  expect(read.text).toContain('Rear bed locker');
  await expect(page.getByTestId('paper-card').getByRole('status')).toContainText(card.name);

  await page.getByRole('button', { name: 'Stopped on the way' }).click();
  await page.getByRole('button', { name: 'Switch between kilograms and pounds' }).click();
  const roadside = await readPdf((await saved(page, save(page, 'roadside'))).bytes);
  expect(roadside.text).toContain('All figures in lb');
  expect(roadside.text).toContain('To have at hand');
  const rows = await page.locator('table tr', { hasText: /left/ }).allTextContents();
  expect(rows.length).toBeGreaterThan(4);
  for (const row of rows) expect(roadside.text).toContain(/[\d,]+ left/.exec(row)?.[0] ?? 'no margin');

  await page.getByRole('button', { name: 'Selling, insuring' }).click();
  await choose(page, 'Sheet', 'Letter');
  const dossier = await readPdf((await saved(page, save(page, 'dossier'))).bytes);
  expect(dossier.pages[0]?.size).toEqual([612, 792]);
  expect(dossier.text).toContain('The arithmetic');
  await page.getByRole('button', { name: 'At the certifier’s' }).click();
  await expect(page.getByTestId('paper-case')).toContainText('There is no case yet');
  await context.setOffline(true);
  const request = await readPdf((await saved(page, save(page, 'request'))).bytes);
  expect(request.text).toContain('Request about a limit');
});

/** What a camera reads off the code on the screen. */
async function scanned(page: Page): Promise<string> {
  const code = page.getByTestId('code');
  await expect(code).toBeVisible();
  await expect(page.locator('.dialog-fade-enter-active')).toHaveCount(0);
  const { data, width, height } = PNG.sync.read(await code.screenshot());
  const found = jsQR(new Uint8ClampedArray(data), width, height);
  if (!found) throw new Error('nothing to be read on the code');
  return found.data;
}
const stranger = async (browser: Browser): Promise<Page> => (await browser.newContext()).newPage();

test('every demo rig goes over by link and by a code scanned off the screen', async ({ page }) => {
  const rigs = [
    ['australian-wagon-and-tandem', 'tern-and-saltbush'],
    ['british-van-with-scooter', 'sandpiper'],
    ['german-estate-and-caravan', 'dohle-and-kiebitz'],
    ['australian-ute-camper-and-boat', null],
    ['pick-up-with-fifth-wheel', null],
    ['second-hand-caravan-alone', 'redstart'],
    ['german-motorhome', 'bachstelze'],
  ] as const;
  await page.addInitScript(() => {
    Object.defineProperty(navigator, 'clipboard', {
      value: { writeText: (text: string) => Promise.resolve(void ((globalThis as { copied?: string }).copied = text)) },
    });
  });
  for (const [example, known] of rigs) {
    const raw = await rawExample(example);
    const own = readBytes(Buffer.from(JSON.stringify(raw)));
    if (!own.ok) throw new Error(example);
    const id = known ?? own.workspace.rigs[0]?.id ?? '';
    const expected = extractRig(own.workspace, id);
    await page.goto(`/rig/${id}/papers?sheet=phone`);
    await page.getByRole('button', { name: 'Copy the link' }).click();
    await expect(page.getByText('Copied. Paste it')).toBeVisible();
    const link = (await page.evaluate(() => (globalThis as { copied?: string }).copied)) ?? '';
    expect(link).toMatch(/\/take#r2\./);
    const fromLink = unpackRig(link);
    // The document it stood in is another: the yard, with all demo rigs.
    expect(fromLink.ok && { ...fromLink.workspace, id: '' }).toEqual(expected && { ...expected, id: '' });
    await page.getByRole('button', { name: 'Show the code' }).click();
    const fromCode = unpackRig(await scanned(page));
    if (!fromCode.ok) throw new Error(`${example}: ${fromCode.problem.code}`);
    expect(fromCode.workspace.rigs).toEqual(expected?.rigs);
    expect(fromCode.workspace.things).toHaveLength(expected?.things.length ?? -1);
  }
});

test('a rig from a code is looked at, taken in, and there once', async ({ page, browser, baseURL }) => {
  await page.goto(`${wagon}/papers?sheet=phone`);
  await page.getByRole('button', { name: 'Show the code' }).click();
  const hash = (await scanned(page)).split('#')[1] ?? '';
  const other = await stranger(browser);
  await other.goto(`${baseURL ?? ''}/TAKE#${hash}`);
  const looked = other.getByTestId('looked-at');
  await expect(looked.getByRole('heading', { name: 'Tern wagon with Saltbush 19' })).toBeVisible();
  expect(await seriousFaults(other)).toEqual([]);
  await looked.getByRole('button', { name: 'Leave it' }).click();
  await expect(looked).toBeHidden();
  await other.getByLabel('Paste a link').fill(`see https://example.org/take#${hash}`);
  await other.getByRole('button', { name: 'Look at it' }).click();
  await looked.getByRole('button', { name: /Take it in|Go to it/ }).click();
  await expect(sentence(other)).toContainText('rear axle of Tern wagon carries 38 kg too much');
  await other.goto(`${baseURL ?? ''}/take#${hash}`);
  await expect(looked).toContainText('It is here already');
  await other.context().close();
});

test('a link that is not whole, foreign, newer or meant to choke is refused with its reason', async ({ page }) => {
  const packed = (text: string) => `r1.${deflateRawSync(text).toString('base64url')}`;
  const script = JSON.parse(JSON.stringify(await rawExample('second-hand-caravan-alone'))) as {
    rigs: { name: string }[];
  };
  script.rigs[0]!.name = '<img src=x onerror="document.title=1">';
  for (const [link, reason] of [
    ['hello', 'no link to a rig'],
    ['r9.AAAA', 'newer version of Wagonomos'],
    ['r1.AAAA', 'not whole'],
    [packed(' '.repeat(30_000_000)), 'far more than a rig'],
    [packed('{"format":"wagonomos","version":99}'), 'newer'],
    [packed('{"format":"else"}'), 'not'],
  ] as const) {
    await page.goto('/take');
    await page.getByLabel('Paste a link').fill(link);
    await page.getByRole('button', { name: 'Look at it' }).click();
    await expect(page.getByTestId('link-refused')).toContainText(reason);
    await expect(page.getByTestId('looked-at')).toHaveCount(0);
  }
  await page.getByLabel('Paste a link').fill(packed(JSON.stringify(script)));
  await page.getByRole('button', { name: 'Look at it' }).click();
  await expect(page.getByRole('heading', { name: '<img src=x' })).toBeVisible();
  await page.getByRole('button', { name: 'Take it in' }).click();
  await expect(sentence(page)).toBeVisible();
  await expect(page.locator('img[src="x"]')).toHaveCount(0);
});

test('dates are noted, done, and saved as a calendar', async ({ page }) => {
  await open(page, 'dates');
  await expect(page.getByTestId('due-weigh')).toContainText('never been weighed');
  await expect(page.getByTestId('due-gas')).toContainText('30 April 2027');
  await choose(page, 'What', 'Insurance');
  await fill(page.getByTestId('note-date'), 'In your words', 'Green card');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByRole('alert')).toContainText('Choose the day first');
  await page.getByTestId('note-date').getByRole('combobox', { name: 'On', exact: true }).fill('5 Feb 2031');
  await page.keyboard.press('Enter');
  await choose(page, 'Again after, months', '12');
  await page.getByRole('button', { name: 'Note it' }).click();
  const own = page.getByTestId('due-insurance');
  await expect(own).toContainText('5 February 2031');
  const { name, bytes } = await saved(page, page.getByRole('button', { name: 'Save as a calendar' }));
  expect(name).toMatch(/\.ics$/);
  const lines = bytes.toString('utf8').replaceAll('\r\n ', '').replaceAll('\r\n\t', '').split('\r\n');
  expect(lines.filter((line) => line === 'BEGIN:VEVENT')).toHaveLength(3);
  expect(lines).toContain('DTSTART;VALUE=DATE:20310205');
  expect(lines.filter((line) => line.startsWith('UID:'))).toHaveLength(3);
  await own.getByRole('button', { name: 'Green card: done today' }).click();
  await expect(own).not.toContainText('5 February 2031');
  await own.getByRole('button', { name: 'Cross out: Green card' }).click();
  await expect(own).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(own).toHaveCount(1);
});

test('lists go out for a spreadsheet, and the verdict as the command line has it', async ({ page }) => {
  await page.goto(`${van}/papers?sheet=certifier`);
  const tables = page.getByTestId('tables-out');
  const inventory = await saved(page, tables.getByRole('button', { name: 'Inventory' }));
  expect(inventory.name).toBe('sandpiper-with-scooter-inventory.csv');
  expect(inventory.bytes.toString('utf8').split('\r\n').length).toBeGreaterThan(10);
  const verdict = await saved(page, tables.getByRole('button', { name: 'Verdict as JSON' }));
  const json = JSON.parse(verdict.bytes.toString('utf8')) as { sentence: string; legal: boolean };
  expect(json.legal).toBe(true);
  await expect(sentence(page)).toContainText(json.sentence.slice(0, 30));
});

test('a folder chosen once is written to by itself, and let go', async ({ page }) => {
  // The browser's own private folder stands in for one that a person chooses: the same handles, without the window to choose in.
  await page.addInitScript(() => {
    Object.assign(globalThis, { showDirectoryPicker: () => navigator.storage.getDirectory() });
  });
  await open(page, 'kept');
  const own = page.getByTestId('own-folder');
  await own.getByRole('button', { name: 'Choose a folder' }).click();
  await expect(own.getByRole('status')).toContainText('Kept up to date');
  const inFolder = () =>
    page.evaluate(async () => {
      const folder = await navigator.storage.getDirectory();
      const texts: string[] = [];
      for await (const file of (folder as unknown as { values: () => AsyncIterable<FileSystemFileHandle> }).values())
        texts.push(await (await file.getFile()).text());
      return texts.join('');
    });
  expect(await inFolder()).toContain('Kiebitz 430');
  await page.goto(`${estate}/load`);
  await fill(page, 'New thing', 'Kettle of the folder');
  await fill(page, 'Mass of the new thing', '2');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect.poll(inFolder, { timeout: 30_000 }).toContain('Kettle of the folder');
  await open(page, 'kept');
  await own.getByRole('button', { name: 'No longer' }).click();
  await expect(own.getByRole('button', { name: 'Choose a folder' })).toBeVisible();
});

test('a link broken by a mail program is taken once by a double press, and known again under another name', async ({
  page,
  baseURL,
}) => {
  const workspace = await rawExample('second-hand-caravan-alone');
  const text = JSON.stringify(workspace);
  const read = readBytes(Buffer.from(text));
  if (!read.ok) throw new Error('not read');
  const { text: link } = packRig(read.workspace, read.workspace.rigs[0]?.id ?? '', 'link') ?? { text: '' };
  const address = `${baseURL ?? ''}/take#${link}`;
  await page.goto('/take');
  await page.getByLabel('Paste a link').fill(`Have a look: <${(address.match(/.{1,76}/g) ?? []).join('\n')}>.`);
  await page.getByRole('button', { name: 'Look at it' }).click();
  // The demo has it to the letter.
  await expect(page.getByTestId('looked-at')).toContainText('It is here already, to the letter');
  const name = read.workspace.rigs[0]?.name ?? '';
  const changed = { ...read.workspace, rigs: read.workspace.rigs.map((rig) => ({ ...rig, name: 'From a friend' })) };
  const other = packRig(changed, changed.rigs[0]?.id ?? '', 'link')?.text ?? '';
  await page.goto(`/take#${other}`);
  await page.getByRole('button', { name: 'Take it in' }).dblclick();
  await expect(page).toHaveURL(/\/rig\/.*\/verdict/);
  await page.goto('/');
  await expect(page.getByTestId('rig-card')).toHaveCount(8);
  await page.getByTestId('rig-card').filter({ hasText: 'From a friend' }).click();
  await page.getByRole('link', { name: /^Plates/ }).click();
  await page.locator('input.name').first().fill('Renamed here');
  await page.locator('input.name').first().press('Enter');
  await untilKept(page, 'Renamed here');
  await page.goto(`/take#${other}`);
  await expect(page.getByTestId('looked-at')).toContainText('It is here already, as “From a friend”');
  await page.getByRole('button', { name: 'Go to it' }).click();
  await expect(page.getByRole('banner')).toContainText('From a friend');
  expect(name).not.toBe('From a friend');
});

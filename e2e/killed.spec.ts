import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { readFile, rm } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import { chromium, expect, test, type Page } from '@playwright/test';
import { packRig, readBytes } from '@wagonomos/core/files';
import { BlobWriter, TextReader, ZipWriter } from '@zip.js/zip.js';
import browser from '../playwright.config.ts';
import { kept, put } from './keptStore.ts';
import { openKept, van } from './support.ts';

/** A browser of our own on a folder of its own, which can be ended the hard way, with everything it started. */
async function browserOn(folder: string, baseURL: string) {
  const { executablePath = chromium.executablePath(), args = [] } = browser.use?.launchOptions ?? {};
  const all = [...args, '--remote-debugging-port=0', `--user-data-dir=${folder}`, 'about:blank'];
  const child = spawn(executablePath, all, { detached: true, stdio: ['ignore', 'ignore', 'pipe'] });
  const address = await addressOf(child);
  const connected = await chromium.connectOverCDP(address);
  const [context = await connected.newContext()] = connected.contexts();
  const page = context.pages()[0] ?? (await context.newPage());
  // The whole test is given ten minutes: what hangs in one of its rounds is told after one.
  page.setDefaultTimeout(60_000);
  const kill = async () => {
    const gone = once(child, 'exit');
    process.kill(-(child.pid ?? 0), 'SIGKILL');
    await gone;
    await connected.close().catch(() => undefined);
  };
  return { page, kill, go: (path: string) => page.goto(baseURL + path) };
}

async function addressOf(child: ChildProcess): Promise<string> {
  let said = '';
  for await (const piece of child.stderr ?? []) {
    said += String(piece);
    const found = /DevTools listening on (\S+)/.exec(said)?.[1];
    if (found !== undefined) {
      // Whatever else it says is not waited for.
      child.stderr?.resume();
      return found;
    }
  }
  throw new Error(`no browser: ${said}`);
}

/** Moments that differ from run to run of the loop and not from run to run of the test. */
const moment = (n: number, most: number) => ((n * 7919 + 1237) % 997) * (most / 997);
const gvw = (page: Page) => page.getByRole('article', { name: 'vehicle plate' }).getByLabel('GVW', { exact: true });

test('the browser killed at any moment while typing loses nothing but the last instant', async ({ baseURL }, info) => {
  test.setTimeout(600_000);
  const folder = info.outputPath('typing');
  let value = 3000;
  for (let n = 0; n < 12; n += 1) {
    const { page, kill, go } = await browserOn(folder, baseURL ?? '');
    await go(`${van}/plates`);
    if (n > 0) {
      await expect(page.getByTestId('unread')).toHaveCount(0);
      await expect.poll(async () => Number(await gvw(page).inputValue())).toBeGreaterThanOrEqual(value);
    }
    // Ready for typing once this tab writes.
    await expect(page.getByTestId('follower')).toHaveCount(0);
    await expect(gvw(page)).toBeEditable();
    const end = Date.now() + 900 + moment(n, 1500);
    const typed: { at: number; value: number }[] = [];
    let next = Number(await gvw(page).inputValue());
    if (n === 0) next = value;
    while (Date.now() < end) {
      next += 1;
      await gvw(page).fill(String(next));
      typed.push({ at: Date.now(), value: next });
    }
    await kill();
    // All but what was typed in the last instant has to be there; a busy machine is given a second for it.
    value = typed.findLast(({ at }) => at < end - 1000)?.value ?? value;
  }
  const last = await browserOn(folder, baseURL ?? '');
  await last.go(`${van}/plates`);
  await expect.poll(async () => Number(await gvw(last.page).inputValue())).toBeGreaterThanOrEqual(value);
  await last.kill();
  await rm(folder, { recursive: true, force: true });
});

test('the browser killed while an older document is brought up to date has the old one or the new one, and a copy', async ({
  baseURL,
}, info) => {
  test.setTimeout(600_000);
  const folder = info.outputPath('migrating');
  const golden = fileURLToPath(new URL('../core/src/files/golden/version-3.wagonomos.json', import.meta.url));
  const old = JSON.parse(await readFile(golden, 'utf8')) as { rigs: { id: string; name: string }[] };
  let emptied = 0;
  // What looks at one round begins the next.
  let open = await browserOn(folder, baseURL ?? '');
  for (let n = 0; n < 8; n += 1) {
    const { page, kill, go } = open;
    await go('/');
    await page.getByTestId('rig-card').first().waitFor();
    await put(page, 'witness', n);
    await put(page, 'workspace', old);
    // Read, copied, shown, and saved by the first edit: somewhere in between it ends.
    const opened = `/rig/${old.rigs[0]?.id ?? ''}/plates`;
    if (n % 2 === 0) {
      await page.evaluate((url) => {
        setTimeout(() => location.assign(url), 0);
      }, opened);
      await page.waitForTimeout(moment(n, 1200));
    } else {
      await go(opened);
      await page.getByLabel('Date', { exact: false }).or(page.locator('input.name')).first().waitFor();
      await page.locator('input.name').first().fill(`Renamed ${n}`);
      await new Promise((resolve) => setTimeout(resolve, moment(n, 60)));
    }
    await kill();
    const again = await browserOn(folder, baseURL ?? '');
    open = again;
    await again.go('/');
    await again.page.getByTestId('rig-card').first().waitFor();
    // A browser killed so often now and then starts with an empty profile: then what the app never touches is gone as well.
    if ((await kept(again.page, 'witness')) === undefined) {
      emptied += 1;
      continue;
    }
    await expect(again.page.getByTestId('rig-card').first()).toContainText(old.rigs[0]?.name ?? '');
    await expect(again.page.getByTestId('unread')).toHaveCount(0);
    const now = (await kept(again.page)) as { version: number; rigs: unknown[] };
    expect(now.rigs).toHaveLength(old.rigs.length);
    await again.go(`/rig/${old.rigs[0]?.id ?? ''}/papers?sheet=kept`);
    await expect(again.page.getByTestId('copies').getByText('newer format').first()).toBeVisible();
  }
  await open.kill();
  expect(emptied, 'rounds in which the browser lost its own profile').toBeLessThanOrEqual(2);
  await rm(folder, { recursive: true, force: true });
});

test('the browser killed while a file takes the place of what is here has the one or the other, and a copy', async ({
  baseURL,
}, info) => {
  test.setTimeout(600_000);
  const folder = info.outputPath('replacing');
  const other = fileURLToPath(new URL('../examples/german-motorhome.wagonomos.json', import.meta.url));
  const file = { name: 'other.wagonomos.json', mimeType: 'application/json', buffer: await readFile(other) };
  const british = new URL('../examples/british-van-with-scooter.wagonomos.json', import.meta.url);
  const here = JSON.parse(await readFile(fileURLToPath(british), 'utf8')) as { rigs: { name: string }[] };
  let emptied = 0;
  // What looks at one round begins the next.
  let open = await browserOn(folder, baseURL ?? '');
  for (let n = 0; n < 8; n += 1) {
    const { page, kill, go } = open;
    await go('/');
    await page.getByTestId('rig-card').first().waitFor();
    await put(page, 'witness', n);
    await put(page, 'workspace', here);
    await go('/');
    await expect(page.getByTestId('rig-card')).toHaveCount(1);
    await page.getByTestId('file-input').first().setInputFiles(file);
    await page.getByRole('button', { name: 'Instead', exact: true }).click();
    await page.waitForTimeout(moment(n, 300));
    await kill();
    const again = await browserOn(folder, baseURL ?? '');
    open = again;
    await again.go('/');
    await again.page.getByTestId('rig-card').first().waitFor();
    if ((await kept(again.page, 'witness')) === undefined) {
      emptied += 1;
      continue;
    }
    await expect(again.page.getByTestId('unread')).toHaveCount(0);
    await expect(again.page.getByTestId('rig-card')).toHaveCount(1);
    const name = (await again.page.getByTestId('rig-card').textContent()) ?? '';
    expect(name).toMatch(/Sandpiper|Bachstelze/);
    if (name.includes('Bachstelze')) {
      // What was here is among the copies, and is gone back to.
      await again.page.getByTestId('rig-card').click();
      await openKept(again.page);
      const copy = again.page.getByTestId('copies').getByRole('listitem').filter({ hasText: 'opened instead' });
      await copy.first().getByRole('button', { name: 'Look' }).click();
      await again.page.getByRole('button', { name: 'Go back to this' }).click();
      await expect(again.page.getByRole('dialog')).toBeHidden();
      await again.go('/');
      // Where the browser lost the mark of an earlier visit, the demo is shown while its store is asked.
      await expect(again.page.getByTestId('rig-card')).toHaveCount(1);
      await expect(again.page.getByTestId('rig-card')).toContainText(here.rigs[0]?.name ?? '');
    }
  }
  await open.kill();
  expect(emptied, 'rounds in which the browser lost its own profile').toBeLessThanOrEqual(2);
  await rm(folder, { recursive: true, force: true });
});

/** Many more by hand. */
const kills = Number(process.env['KILLS'] ?? 6);
test('the browser killed while a link is taken, a parcel opened, or a folder written has all of it or none, and nothing else is lost', async ({
  baseURL,
}, info) => {
  test.setTimeout(60_000 + kills * 40_000);
  const folder = info.outputPath('taking');
  const british = new URL('../examples/british-van-with-scooter.wagonomos.json', import.meta.url);
  const here = JSON.parse(await readFile(fileURLToPath(british), 'utf8')) as { rigs: { name: string }[] };
  const german = new URL('../examples/german-motorhome.wagonomos.json', import.meta.url);
  const text = await readFile(fileURLToPath(german), 'utf8');
  const read = readBytes(Buffer.from(text));
  if (!read.ok) throw new Error('not read');
  const link = packRig(read.workspace, read.workspace.rigs[0]?.id ?? '', 'link')?.text ?? '';
  const zip = new ZipWriter(new BlobWriter('application/zip'));
  await zip.add('document.wagonomos.json', new TextReader(text));
  const parcel = {
    name: 'other.wagonomos.zip',
    mimeType: 'application/zip',
    buffer: Buffer.from(await (await zip.close()).arrayBuffer()),
  };
  const rigsInFolder = (page: Page) =>
    page.evaluate(async () => {
      const found: number[] = [];
      const own = await navigator.storage.getDirectory();
      for await (const file of (own as unknown as { values: () => AsyncIterable<FileSystemFileHandle> }).values()) {
        const content = await (await file.getFile()).text();
        if (file.name.endsWith('.json')) found.push((JSON.parse(content) as { rigs: unknown[] }).rigs.length);
      }
      return found;
    });
  let emptied = 0;
  let open = await browserOn(folder, baseURL ?? '');
  for (let n = 0; n < kills; n += 1) {
    const { page, kill, go } = open;
    await page.addInitScript(() => {
      Object.assign(globalThis, { showDirectoryPicker: () => navigator.storage.getDirectory() });
    });
    await go('/');
    await page.getByTestId('rig-card').first().waitFor();
    await put(page, 'witness', n);
    await put(page, 'workspace', here);
    if (n % 3 === 0) {
      await go(`/take#${link}`);
      await page.getByRole('button', { name: 'Take it in' }).click();
    } else if (n % 3 === 1) {
      await go('/');
      await page.getByTestId('file-input').first().setInputFiles(parcel);
      await page.getByRole('button', { name: 'Put beside', exact: true }).click();
    } else {
      await go(`${van}/papers?sheet=kept`);
      await page
        .getByTestId('own-folder')
        .getByRole('button', { name: /folder/i })
        .first()
        .click();
    }
    await page.waitForTimeout(moment(n, 400));
    await kill();
    const again = await browserOn(folder, baseURL ?? '');
    open = again;
    await again.go('/');
    await again.page.getByTestId('rig-card').first().waitFor();
    if ((await kept(again.page, 'witness')) === undefined) emptied += 1;
    else {
      await expect(again.page.getByTestId('unread')).toHaveCount(0);
      // Where nothing was saved by the app itself yet, the demo is shown while the store is asked.
      await expect.poll(() => again.page.getByTestId('rig-card').count()).toBeLessThanOrEqual(2);
      const names = await again.page.getByTestId('rig-card').allTextContents();
      expect(names.some((name) => name.includes(here.rigs[0]?.name ?? ''))).toBe(true);
      // A file in the folder is whole, whenever the browser ended.
      for (const rigs of await rigsInFolder(again.page)) expect([1, 2]).toContain(rigs);
    }
  }
  await open.kill();
  expect(emptied, 'rounds in which the browser lost its own profile').toBeLessThanOrEqual(2 + kills / 15);
  await rm(folder, { recursive: true, force: true });
});

import { once } from 'node:events';
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium, type Page } from '@playwright/test';
import { createApp } from '../server/src/app.ts';
import browser from '../playwright.config.ts';
import type { RigViewName } from '../web/src/shared/views.ts';

/**
 * Pictures of the main views, made from the demo data: `npm run screenshots [-- FOLDER [NAME …]]`.
 * Needs a built app. Without a folder they go where the README shows them from.
 */
const root = fileURLToPath(new URL('..', import.meta.url));
const [folder = path.join(root, 'docs/screenshots'), ...wanted] = process.argv.slice(2);

interface View {
  readonly name: string;
  readonly path: string;
  readonly size?: 'phone';
  readonly dark?: true;
  readonly wholePage?: true;
  readonly prepare?: (page: Page) => Promise<void>;
}
const wagon = '/rig/tern-and-saltbush';
const van = '/rig/sandpiper';
const motorhome = '/rig/bachstelze';
const estate = '/rig/dohle-and-kiebitz';

const at = (rig: string, view: RigViewName, query = ''): string => `${rig}/${view}${query}`;

const views: readonly View[] = [
  { name: 'yard', path: '/' },
  { name: 'plates', path: at(wagon, 'plates') },
  {
    name: 'load',
    path: at(wagon, 'load'),
    prepare: async (page) => {
      await page.getByRole('button', { name: /^Carry Fridge/ }).focus();
      await page.keyboard.press('Enter');
      await page.keyboard.press('ArrowRight');
      await page.keyboard.press('ArrowRight');
      await page.evaluate(() => window.scrollTo(0, 0));
    },
  },
  {
    name: 'weigh',
    path: at(wagon, 'weigh'),
    wholePage: true,
    prepare: async (page) => {
      await page.getByRole('button', { name: 'Start a slip with these steps' }).click();
      for (const [at, value] of [1877, 5538, 1430, 2999].entries()) {
        const field = page.getByLabel('Shown', { exact: true }).nth(at);
        await field.fill(String(value));
        await field.press('Tab');
      }
    },
  },
  {
    name: 'phone-weigh',
    path: at(wagon, 'weigh'),
    size: 'phone',
    prepare: async (page) => {
      await page.getByRole('button', { name: 'Start a slip with these steps' }).click();
      const guide = page.locator('[data-test="guide"]');
      await guide.getByRole('button', { name: 'Begin' }).click();
      for (const value of ['1877', '5538', '1430']) {
        await guide.getByLabel('The scale shows').fill(value);
        await guide.getByLabel('The scale shows').press('Tab');
        if (value !== '1430') await guide.getByRole('button', { name: 'Next' }).click();
      }
    },
  },
  {
    name: 'balance',
    path: at(wagon, 'balance', '?sheet=pack'),
    wholePage: true,
    prepare: (page) => page.locator('[data-test="pack-proven"]').waitFor(),
  },
  {
    name: 'compare',
    path: at(wagon, 'load'),
    prepare: async (page) => {
      await page.getByRole('button', { name: 'Copy it' }).click();
      await page.getByRole('button', { name: /^Carry Fridge/ }).focus();
      for (const key of ['Enter', 'End', 'Enter']) await page.keyboard.press(key);
      await page.getByRole('link', { name: 'Compare' }).click();
      await page.locator('[data-test="compare"]').waitFor();
    },
  },
  { name: 'verdict', path: at(wagon, 'verdict') },
  { name: 'papers', path: at(wagon, 'papers') },
  {
    name: 'start',
    path: '/start',
    prepare: async (page) => {
      const figures = { ATM: '2350', GTM: '2200', 'All of it': '2500', 'or its share of the trailer': '9' };
      for (const [label, text] of Object.entries(figures)) {
        const field = page.getByLabel(label, { exact: true });
        await field.fill(text);
        await field.press('Tab');
      }
      await page.evaluate(() => window.scrollTo(0, 0));
    },
  },
  { name: 'rules', path: at(estate, 'rules') },
  { name: 'phone-card', path: at(wagon, 'card'), size: 'phone' },
  { name: 'uprate', path: at(van, 'uprate'), wholePage: true },
  { name: 'pair', path: at(wagon, 'pair'), prepare: (page) => page.waitForTimeout(800) },
  { name: 'road', path: at(motorhome, 'road'), wholePage: true, prepare: (page) => page.waitForTimeout(2500) },
  {
    name: 'phone-road',
    path: at(motorhome, 'road'),
    size: 'phone',
    prepare: async (page) => {
      await page.waitForTimeout(2500);
      await page.locator('[data-test="worst"]').evaluate((one) => one.scrollIntoView({ block: 'start' }));
      await page.evaluate(() => window.scrollBy(0, -130));
    },
  },
  {
    name: 'phone-walk',
    path: '/look/rohrammer-460?rig=dohle-and-kiebitz',
    size: 'phone',
    prepare: async (page) => {
      for (const stop of ['plate', 'coupling', 'drawbar']) {
        await page.locator(`[data-test="stop-${stop}"] .answers .${stop === 'drawbar' ? 'doubtful' : 'sound'}`).click();
      }
    },
  },
  { name: 'verdict-van-dark', path: at(van, 'verdict'), dark: true },
  { name: 'phone-verdict', path: at(wagon, 'verdict'), size: 'phone' },
];

const server = createApp(path.join(root, 'web/dist')).listen(0, '127.0.0.1');
await once(server, 'listening');
const address = server.address();
const port = typeof address === 'object' && address ? address.port : 0;
const chrome = await chromium.launch(browser.use?.launchOptions ?? {});
mkdirSync(folder, { recursive: true });
for (const view of views.filter((one) => wanted.length === 0 || wanted.includes(one.name))) {
  const context = await chrome.newContext({
    baseURL: `http://127.0.0.1:${port}`,
    viewport: view.size === 'phone' ? { width: 390, height: 844 } : { width: 1280, height: 800 },
    colorScheme: view.dark ? 'dark' : 'light',
    serviceWorkers: 'block',
    reducedMotion: 'reduce',
  });
  const page = await context.newPage();
  page.on('pageerror', (error) => console.error(`${view.name}: ${error.message}`));
  page.on('console', (line) => line.type() === 'error' && console.error(`${view.name}: ${line.text()}`));
  await page.goto(view.path);
  await page.waitForLoadState('networkidle');
  await page.evaluate(() => document.fonts.ready);
  await view.prepare?.(page);
  await page.waitForTimeout(400);
  await page.screenshot({ path: path.join(folder, `${view.name}.png`), fullPage: view.wholePage ?? false });
  await context.close();
}
await chrome.close();
server.close();
server.closeAllConnections();

import { once } from 'node:events';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import { createApp } from '../server/src/app.ts';
import browser from '../playwright.config.ts';

/** How long a first visit takes until the yard can be used, five times with nothing cached. Needs a built app. */
const dist = path.join(fileURLToPath(new URL('..', import.meta.url)), 'web/dist');
const server = createApp(dist).listen(0, '127.0.0.1');
await once(server, 'listening');
const address = server.address();
const url = `http://127.0.0.1:${typeof address === 'object' && address ? address.port : 0}/`;
const chrome = await chromium.launch(browser.use?.launchOptions ?? {});
const times: number[] = [];
for (let run = 0; run < 5; run += 1) {
  const context = await chrome.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  const begin = performance.now();
  await page.goto(url, { waitUntil: 'commit' });
  await page.locator('[data-test=rig-card]').first().click({ trial: true });
  times.push(performance.now() - begin);
  await context.close();
}
await chrome.close();
server.close();
server.closeAllConnections();
times.sort((a, b) => a - b);
console.log(`first screen usable after ${times.map((ms) => ms.toFixed(0)).join(', ')} ms (sorted, nothing cached)`);

import { once } from 'node:events';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import type { Page } from '@playwright/test';
import { createApp } from '../server/src/app.ts';

export const root = fileURLToPath(new URL('..', import.meta.url));
export const builtApp = path.join(root, 'web/dist');

/** Serves a built page on a free port of this machine, for a bench. */
export async function serve(dist: string): Promise<{ readonly url: string; readonly close: () => void }> {
  const server = createApp(dist).listen(0, '127.0.0.1');
  await once(server, 'listening');
  const address = server.address();
  const port = typeof address === 'object' && address ? address.port : 0;
  const close = () => {
    server.close();
    server.closeAllConnections();
  };
  return { url: `http://127.0.0.1:${port}/`, close };
}

/** Puts a document beside the demo and opens its rig, which is called as no other in the yard. */
export async function openBenchRig(page: Page, raw: { readonly rigs: readonly object[] }): Promise<void> {
  const named = { ...raw, name: 'Bench', rigs: raw.rigs.map((rig) => ({ ...rig, name: 'Bench rig' })) };
  await page.goto('/');
  await page.locator('[data-test="file-input"]').setInputFiles({
    name: 'bench.wagonomos.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(named)),
  });
  await page.getByRole('button', { name: 'Put beside' }).click();
  await page.locator('[data-test="rig-card"]', { hasText: 'Bench rig' }).click();
}

/** The middle one of several times. */
export const median = (list: readonly number[]): number =>
  list.toSorted((a, b) => a - b)[Math.floor(list.length / 2)] ?? NaN;

import { readFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import { expect, type Page } from '@playwright/test';

/** An example, as raw data that a test may spoil. */
export async function rawExample(name: string): Promise<Record<string, unknown>> {
  const file = new URL(`../examples/${name}.wagonomos.json`, import.meta.url);
  return JSON.parse(await readFile(fileURLToPath(file), 'utf8')) as Record<string, unknown>;
}

/** Puts something where the app keeps its document, behind its back, and opens the page anew. */
export async function keepAndOpen(page: Page, kept: unknown, path = '/'): Promise<void> {
  await page.goto('/');
  await page.getByTestId('rig-card').first().waitFor();
  await put(page, 'workspace', kept);
  await page.goto(path);
}

export const put = (page: Page, key: string, value: unknown): Promise<void> =>
  page.evaluate(
    ([name, data]) =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('wagonomos');
        opening.onerror = () => reject(new Error('no store'));
        opening.onsuccess = () => {
          // On the disk before it is called done: some journeys end the browser right after.
          const change = opening.result.transaction('documents', 'readwrite', { durability: 'strict' });
          change.objectStore('documents').put(data, name as string);
          change.oncomplete = () => {
            opening.result.close();
            resolve();
          };
        };
      }),
    [key, value],
  );

export const kept = (page: Page, key = 'workspace'): Promise<unknown> =>
  page.evaluate(
    (name) =>
      new Promise<unknown>((resolve, reject) => {
        const opening = indexedDB.open('wagonomos');
        opening.onerror = () => reject(new Error('no store'));
        opening.onsuccess = () => {
          const asked = opening.result.transaction('documents').objectStore('documents').get(name);
          asked.onsuccess = () => {
            opening.result.close();
            resolve(asked.result);
          };
        };
      }),
    key,
  );

/** Waits until nothing more is on its way to the store: before a page is left in a breath, as no hand could. */
export async function untilStill(page: Page): Promise<void> {
  let before = '';
  await expect
    .poll(
      async () => {
        const now = JSON.stringify(await kept(page));
        const still = now === before;
        before = now;
        return still;
      },
      { intervals: [300] },
    )
    .toBe(true);
}

/** Waits until what is kept holds a text: a save is on its way for a moment after typing. */
export const untilKept = (page: Page, text: string): Promise<void> =>
  expect.poll(async () => JSON.stringify(await kept(page))).toContain(text);

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

/**
 * Reads or writes what the app keeps, behind its back. The yard stands before the app has asked its store: until it is there it is waited
 * for, and not made, since what is made here would have none of the app's drawers and hold nothing, for ever.
 */
const inStore = (page: Page, key: string, change?: { readonly value: unknown }): Promise<unknown> =>
  page.evaluate(
    async ([name, data]) => {
      const opened = () =>
        new Promise<IDBDatabase | null>((resolve) => {
          const opening = indexedDB.open('wagonomos');
          opening.onupgradeneeded = () => opening.transaction?.abort();
          opening.onerror = () => resolve(null);
          opening.onsuccess = () => resolve(opening.result);
        });
      const end = Date.now() + 30_000;
      while (Date.now() < end) {
        const store = await opened();
        if (!store?.objectStoreNames.contains('documents')) {
          store?.close();
          await new Promise((done) => setTimeout(done, 50));
          continue;
        }
        try {
          return await new Promise<unknown>((resolve, reject) => {
            // On the disk before it is called done: some journeys end the browser right after.
            const doing = store.transaction('documents', data ? 'readwrite' : 'readonly', { durability: 'strict' });
            const documents = doing.objectStore('documents');
            const asked = data ? documents.put(data.value, name) : documents.get(name);
            doing.oncomplete = () => resolve(data ? undefined : asked.result);
            doing.onerror = () => reject(new Error('the store refuses'));
            doing.onabort = () => reject(new Error('the store gave up'));
          });
        } finally {
          store.close();
        }
      }
      throw new Error('no store');
    },
    [key, change] as const,
  );

export const put = async (page: Page, key: string, value: unknown): Promise<void> => {
  await inStore(page, key, { value });
};

export const kept = (page: Page, key = 'workspace'): Promise<unknown> => inStore(page, key);

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

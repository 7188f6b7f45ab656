import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Locator, type Page } from '@playwright/test';

export const wagon = '/rig/tern-and-saltbush';
export const van = '/rig/sandpiper';
export const estate = '/rig/dohle-and-kiebitz';

export const sentence = (page: Page): Locator => page.getByTestId('sentence');

/** The visible box of a drop-down, found by its label. */
const dropDown = (scope: Page | Locator, label: string): Locator => {
  const page = 'page' in scope ? scope.page() : scope;
  return scope.locator('.el-select__wrapper').filter({ has: page.getByRole('combobox', { name: label, exact: true }) });
};

/**
 * Waits until a list that opens stands still. Pressed while it unfolds, the second try scrolls a page that is locked behind a
 * dialog, which no person can, and the press ends beside the list.
 */
const listStands = (page: Page): Promise<void> => expect(page.locator('.el-zoom-in-top-enter-active')).toHaveCount(0);

/** Chooses from a drop-down as a person would: opens it by its label and takes the option. */
export async function choose(scope: Page | Locator, label: string, option: string | RegExp): Promise<void> {
  const page = 'page' in scope ? scope.page() : scope;
  await dropDown(scope, label).click();
  // Its own list: that of the drop-down before may still be on its way out.
  const list = await scope.getByRole('combobox', { name: label, exact: true }).getAttribute('aria-controls');
  await takeOption(page.locator(`[id="${list ?? ''}"]`).getByRole('option', { name: option, exact: true }));
}

/** Takes an entry of an open list or menu, once the list stands. */
export async function takeOption(option: Locator): Promise<void> {
  await option.waitFor();
  await listStands(option.page());
  await option.click();
}

/** Types into a labelled field and leaves it. */
export async function fill(scope: Page | Locator, label: string, text: string): Promise<void> {
  const field = scope.getByLabel(label, { exact: true });
  await field.fill(text);
  await field.press('Tab');
}

/** A cell of the list of things as it is read. */
export const thingCell = (page: Page, label: string): Locator => page.getByRole('button', { name: `${label}: ` });

/** Touches a cell of the list of things, which makes it a field. */
export async function touch(page: Page, label: string): Promise<Locator> {
  await thingCell(page, label).click();
  return page.getByLabel(label, { exact: true });
}

/** Puts a thing of the list somewhere by its drop-down, which opens at the first press. */
export async function putThing(page: Page, name: string, where: string): Promise<void> {
  const box = page.getByRole('combobox', { name: `Place of ${name}`, exact: true });
  // A row that is made anew at that moment, because another one moved, is pressed once more.
  await expect(async () => {
    if (!(await box.isVisible())) await thingCell(page, `Place of ${name}`).click({ timeout: 2000 });
    await expect(box).toBeVisible({ timeout: 2000 });
  }).toPass({ timeout: 30_000 });
  const list = await box.getAttribute('aria-controls');
  const options = page.locator(`[id="${list ?? ''}"]`);
  const option = options.getByRole('option', { name: where, exact: true });
  await options.getByRole('option').first().waitFor();
  // A long list makes the options that are in sight.
  for (const far of [-4000, 4000]) {
    if ((await option.count()) > 0) break;
    await options.getByRole('option').last().hover();
    await page.mouse.wheel(0, far);
    await option.waitFor({ timeout: 2000 }).catch(() => undefined);
  }
  await takeOption(option);
}

/** Serious faults of accessibility on the page as it stands. */
export async function seriousFaults(page: Page): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa'])
    // Nothing here is in frames: no second page is opened to put their answers together.
    .setLegacyMode(true)
    .analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .flatMap(({ id, nodes }) => nodes.map((node) => `${id}: ${node.target.join(' ')}`));
}

export async function expectNoSidewaysScroll(page: Page): Promise<void> {
  const { wide, room } = await page.evaluate(() => ({
    wide: document.documentElement.scrollWidth,
    room: document.documentElement.clientWidth,
  }));
  expect(wide).toBeLessThanOrEqual(room);
}

export const grip = (page: Page, name: string): Locator =>
  page.getByRole('button', { name: `Carry ${name}`, exact: true });
export const placeIn = (page: Page, key: string): Locator => page.locator(`svg [data-drop="${key}"]`);

/** Drags a thing by real mouse moves to a place of the drawing, with a look at what is said on the way. */
export async function dragThing(page: Page, name: string, to: string, onTheWay?: () => Promise<void>): Promise<void> {
  await grip(page, name).scrollIntoViewIfNeeded();
  const from = await grip(page, name).boundingBox();
  if (!from) throw new Error('nothing to drag');
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x + 40, from.y - 20, { steps: 4 });
  await expect(page.getByTestId('hand')).toContainText(name.split(' (', 1)[0] ?? name);
  const target = await placeIn(page, to).boundingBox();
  if (!target) throw new Error('nowhere to drop');
  await page.mouse.move(target.x + target.width / 2, target.y + target.height / 2, { steps: 8 });
  await onTheWay?.();
  await page.mouse.up();
  await expect(page.getByTestId('hand')).toBeEmpty();
}

/** Papers, where what is kept safe lies: the file, the folder, the copies. */
export async function openKept(page: Page): Promise<void> {
  await page.getByRole('link', { name: /^Papers/ }).click();
  await page.getByRole('button', { name: 'Kept safe' }).click();
}

/**
 * Waits until a page stands: its fonts are there, and for a breath nothing came, grew or was asked for. Sooner than the browser's own
 * idle network, which waits half a second on every page, and later where lists still grow.
 */
export const settled = (page: Page): Promise<void> =>
  page.evaluate(async () => {
    const breath = 150;
    await document.fonts.ready;
    let last = performance.now();
    const touched = () => {
      last = performance.now();
    };
    const grown = new MutationObserver(touched);
    grown.observe(document, { subtree: true, childList: true, attributes: true, characterData: true });
    const came = new PerformanceObserver(touched);
    came.observe({ type: 'resource' });
    // A page that never stands still is looked at all the same.
    const end = last + 5000;
    while (performance.now() - last < breath && performance.now() < end) {
      await new Promise((done) => requestIdleCallback(done, { timeout: breath }));
      await new Promise((done) => requestAnimationFrame(done));
    }
    grown.disconnect();
    came.disconnect();
  });

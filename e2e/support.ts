import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Locator, type Page } from '@playwright/test';

export const wagon = '/rig/tern-and-saltbush';
export const van = '/rig/sandpiper';
export const estate = '/rig/dohle-and-kiebitz';

export const sentence = (page: Page): Locator => page.getByTestId('sentence');

/** The visible box of a drop-down, found by its label. */
export const dropDown = (scope: Page | Locator, label: string): Locator => {
  const page = 'page' in scope ? scope.page() : scope;
  return scope.locator('.el-select__wrapper').filter({ has: page.getByRole('combobox', { name: label, exact: true }) });
};

/** Chooses from a drop-down as a person would: opens it by its label and takes the option. */
export async function choose(scope: Page | Locator, label: string, option: string): Promise<void> {
  const page = 'page' in scope ? scope.page() : scope;
  await dropDown(scope, label).click();
  await page.getByRole('option', { name: option, exact: true }).filter({ visible: true }).click();
}

/** Types into a labelled field and leaves it. */
export async function fill(scope: Page | Locator, label: string, text: string): Promise<void> {
  const field = scope.getByLabel(label, { exact: true });
  await field.fill(text);
  await field.press('Tab');
}

/** Serious faults of accessibility on the page as it stands. */
export async function seriousFaults(page: Page): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa'])
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

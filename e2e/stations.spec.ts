import { expect, test, type Page } from '@playwright/test';
import { ownPaths, posts, rigViews } from '../web/src/shared/views.ts';
import { choose, estate, fill, sentence, seriousFaults, settled, touch, van, wagon } from './support.ts';

test('the yard shows each invented rig with its sentence', async ({ page }) => {
  await page.goto('/');
  const cards = page.getByTestId('rig-card');
  await expect(cards).toHaveCount(7);
  await expect(cards.nth(0)).toContainText(
    'The rear axle of Tern wagon carries 38 kg too much, as far as known, though every total has room.',
  );
  await expect(cards.nth(1)).toContainText('Within every limit, and full: nothing more in Scooter rack');
  await expect(cards.nth(2)).toContainText(
    'Kiebitz 430 rests too lightly on the coupling: 8 kg short of the least, 25 kg.',
  );
});

test('an edit changes drawing, margins and sentence at once', async ({ page }) => {
  await page.goto(`${wagon}/load`);
  const rear = page.getByTestId('pillar-rearAxle');
  await expect(rear).toContainText('38 over');
  await (await touch(page, 'Mass of Recovery kit')).fill('1');
  await expect(rear).not.toContainText('38 over');
  await expect(page.getByTestId('total-vehicle.max')).not.toContainText('66 left');
  await choose(page, 'Place of Recovery kit', 'at home');
  await expect(sentence(page)).not.toContainText('38 kg');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(rear).toContainText('38 over');
});

test('the numbers of the Load station open their arithmetic', async ({ page }) => {
  await page.goto(`${van}/load`);
  const sheet = page.getByTestId('arithmetic');
  await page.getByTestId('place').filter({ hasText: 'Scooter rack' }).getByRole('button', { name: '0 kg' }).click();
  await expect(sheet).toContainText('how much more it takes');
  await expect(sheet).toContainText('one kilogram here uses up');
  await page.keyboard.press('Escape');
  await page.getByTestId('place').filter({ hasText: 'Scooter rack' }).getByRole('button', { name: '118' }).click();
  await expect(sheet).toContainText('108 kg');
});

test('another country brings other words and other rules', async ({ page }) => {
  await page.goto(`${estate}/verdict`);
  await expect(page.getByTestId('check-ball.min')).toContainText('short');
  await expect(page.getByTestId('check-trailer.max')).toContainText("trailer's permitted mass (F.2)");
  await page.getByRole('button', { name: /DE/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Great Britain', exact: true }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('check-trailer.max')).toContainText('MTPLM');
  await expect(page.getByTestId('check-ball.min')).toHaveCount(0);
  await expect(page.getByTestId('check-ball.shareLow')).toContainText('nose weight, at least 5 %');
  await expect(sentence(page)).toContainText('Within every limit');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(sentence(page)).toContainText('too lightly');
});

test('pounds throughout, and back', async ({ page }) => {
  await page.goto(`${wagon}/verdict`);
  await page.getByRole('button', { name: 'Switch between kilograms and pounds' }).click();
  // 37.18 kg over is 81.96 lb, shown as 82: an excess never shrinks in showing.
  await expect(sentence(page)).toContainText('82 lb');
  await expect(page.getByTestId('check-axle.rear')).toContainText('82 over');
  await page.reload();
  await expect(sentence(page)).toContainText('82 lb');
  await page.getByRole('button', { name: 'Switch between kilograms and pounds' }).click();
  await expect(sentence(page)).toContainText('38 kg');
});

test('the keys go to every station and tell themselves', async ({ page }) => {
  await page.goto(`${wagon}/verdict`);
  await expect(sentence(page)).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  for (const { key, name } of posts) {
    await page.keyboard.press('g');
    await page.keyboard.press(key);
    await expect(page).toHaveURL(new RegExp(`/${name}$`));
  }
});

test('Ctrl+Z in a field undoes in the app, not in the box alone', async ({ page }) => {
  await page.goto(`${van}/plates`);
  const plate = page.getByRole('article', { name: 'vehicle plate' });
  await fill(plate, 'GVW', '3100');
  await expect(sentence(page)).toContainText('too much');
  const field = plate.getByLabel('GVW', { exact: true });
  await field.focus();
  await page.keyboard.press('Control+z');
  await expect(field).toHaveValue('3300');
  await expect(sentence(page)).toContainText('Within every limit');
});

const views = [
  ...ownPaths,
  ...rigViews.map(({ name }) => `${wagon}/${name}`),
  // What the example above does not show, or another sheet does.
  `${van}/load`,
  `${estate}/verdict`,
  ...['phone', 'dates', 'kept'].map((sheet) => `${wagon}/papers?sheet=${sheet}`),
  `${van}/uprate?sheet=changes&with=airSprings`,
  `${wagon}/uprate?sheet=packages&with=trailerPaper`,
];

/** Both themes of what stands, one after the other, without opening it twice. */
async function faultsInBothThemes(page: Page): Promise<readonly string[]> {
  const found: string[] = [];
  for (const scheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme: scheme });
    await expect(page.locator('html.dark')).toHaveCount(scheme === 'dark' ? 1 : 0);
    await settled(page);
    found.push(...(await seriousFaults(page)).map((fault) => `${scheme}: ${fault}`));
  }
  return found;
}

for (const path of views) {
  test(`${path} has no serious fault of accessibility in either theme`, async ({ page }) => {
    await page.goto(path);
    await page.getByRole('heading').first().waitFor();
    expect(await faultsInBothThemes(page)).toEqual([]);
  });
}

test('nor have the dialogs and the arithmetic', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New rig' }).click();
  await page.getByRole('dialog', { name: 'A new rig' }).waitFor();
  expect(await faultsInBothThemes(page)).toEqual([]);
  await page.goto(`${estate}/verdict`);
  await page.getByRole('button', { name: /DE/ }).click();
  await page.getByRole('dialog').waitFor();
  expect(await faultsInBothThemes(page)).toEqual([]);
  await page.keyboard.press('Escape');
  await page.getByTestId('check-ball.min').click();
  await page.getByTestId('arithmetic').waitFor();
  expect(await faultsInBothThemes(page)).toEqual([]);
});

test('what law asks besides the masses is answered with one press, and only then is the rig within every limit', async ({
  page,
}) => {
  await page.goto('/');
  await settled(page);
  const card = page.getByTestId('rig-card').filter({ hasText: 'Redstart' });
  await expect(card).toContainText('masses within, questions open');
  await card.click();
  await expect(sentence(page)).toContainText('Every mass is within its limit');
  await expect(sentence(page)).toContainText('One question of equipment is open.');
  const asked = page.getByTestId('open-questions');
  // The next step leads to the answers, from wherever it is pressed.
  await page.getByRole('link', { name: /^Load/ }).click();
  await page.getByTestId('next-step').getByRole('link').click();
  await expect(asked).toBeInViewport();
  await asked.getByRole('button', { name: 'there', exact: true }).click();
  await expect(asked).toHaveCount(0);
  await expect(sentence(page)).toContainText('Within every limit');
  await page.keyboard.press('Control+z');
  await asked.getByRole('button', { name: 'not there' }).click();
  // A chain or cable serves so light a caravan instead: that is what is asked then.
  await expect(asked).toContainText('safety chains');
  await asked.getByRole('button', { name: 'not there' }).click();
  await expect(sentence(page)).toContainText('Redstart');
  await expect(page.getByTestId('bad')).toContainText('breakaway');
});

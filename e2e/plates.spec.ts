import { fileURLToPath } from 'node:url';
import { expect, test, type Locator, type Page } from '@playwright/test';
import { choose, fill, sentence, seriousFaults, settled, van, wagon } from './support.ts';

async function newRig(
  page: Page,
  kind: string,
  country: string,
  fields: Readonly<Record<string, string>>,
): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'New rig' }).click();
  const dialog = page.getByRole('dialog', { name: 'A new rig' });
  await choose(dialog, 'What stands in the yard', kind);
  await choose(dialog, 'Registered in', country);
  for (const [label, text] of Object.entries(fields)) await fill(dialog, label, text);
  await dialog.getByRole('button', { name: 'Make it' }).click();
  await expect(dialog).toBeHidden();
}
const plate = (scope: Page | Locator, name: string) => scope.getByRole('article', { name, exact: true });
async function addPlate(scope: Locator, name: string): Promise<void> {
  await scope.getByRole('group', { name: 'In your hand:' }).getByRole('button', { name, exact: true }).click();
  // It stands first, and its first figure waits to be typed.
  await expect(plate(scope, name).getByRole('textbox').first()).toBeFocused();
}

test('a buyer finds the part of a second-hand trailer that cannot bear its plate', async ({ page }) => {
  await newRig(page, 'A trailer by itself, for a buyer', 'Great Britain', {
    'What you call the trailer': 'Wheatear 500',
    'Coupling to axles': '3.9',
    'Coupling to front wall': '1.3',
    'Body length': '5.1',
  });
  const body = page.getByRole('region', { name: 'Wheatear 500' });
  const weights = plate(body, 'Caravan weight plate (United Kingdom)');
  await fill(weights, 'MTPLM', '1600');
  await fill(weights, 'trailer axle limit', '1600');
  await expect(page.getByTestId('finding-partBelowPlate')).toHaveCount(0);
  await fill(plate(body, 'Coupling head'), 'heaviest trailer for this part', '1400');
  await addPlate(body, 'Axle plate');
  await fill(plate(body, 'Axle plate'), 'axle group limit', '1500');
  await expect(page.getByTestId('finding-partBelowPlate').first()).toContainText(
    'coupling head: bears 1,400 kg, 200 kg less than the plate of Wheatear 500 (1,600 kg)',
  );
  const chain = page.getByTestId('chain-trailer');
  await expect(chain).toContainText('coupling head governs at 1,400 kg; next is axle plate, 100 kg stronger.');
  await expect(sentence(page)).toContainText('Not decided: the empty mass of Wheatear 500');

  await body.getByText(/^Tyres, wheels, springs/).click();
  await fill(body, 'Load index', '98/96');
  await expect(body.getByTestId('tyre-capacity')).toHaveText('1,500 kg together, 750 kg each');
  await body.getByText(/^Seen with one's own eyes/).click();
  await body.getByRole('radiogroup', { name: 'Chassis' }).getByText('doubtful').click();
  await expect(body.getByText("Seen with one's own eyes (1 of 13)")).toBeVisible();
  await expect(page.getByTestId('pillar-frontAxle')).toHaveCount(0);
  expect(await seriousFaults(page)).toEqual([]);
});

test('a registration document is entered by its codes, by the keyboard alone', async ({ page }) => {
  await newRig(page, 'Vehicle alone', 'Germany', { 'What you call the vehicle': 'Elster Kombi', Wheelbase: '2.7' });
  const paper = plate(page, 'Zulassungsbescheinigung Teil I');
  await expect(paper.locator('b', { hasText: '8.1' })).toBeVisible();
  await paper.getByText('Where it is found').click();
  await expect(paper.getByText('F.1 and F.2 are different masses')).toBeVisible();
  await paper.getByLabel('technical maximum (F.1)', { exact: true }).focus();
  // F.1, F.2, 8.1 and 8.2, G, O.1, O.2, 13: typed one after another, moving on by Tab alone.
  const answers = ['1980', '2010', '1040', '1.060', '1480', '1600', '700', '75'];
  for (const [index, answer] of answers.entries()) {
    await page.keyboard.type(answer);
    if (index < answers.length - 1) await tabToNextField(page);
  }
  await expect(paper.getByLabel('permitted vertical load (S)', { exact: true })).toHaveValue('75');
  await expect(paper.getByTestId('question').first()).toContainText('More than technical maximum (F.1)?');
  await expect(paper.getByRole('alert')).toContainText('1.060: is it 1060 or 1.06?');
  await fill(paper, 'rear axle (N.2)', '1060');
  await fill(paper, 'permitted mass (F.2)', '1980');
  await expect(paper.getByTestId('question')).toHaveCount(0);
  await page.getByRole('button', { name: 'Take 1480 kg from the plate (Mass in running order)' }).click();
  await expect(page.getByRole('region', { name: 'Empty figure' }).getByLabel('Total', { exact: true })).toHaveValue(
    '1480',
  );
});

/** Presses Tab until the next box to write in, past the small buttons in between. */
async function tabToNextField(page: Page): Promise<void> {
  for (let presses = 0; presses < 6; presses += 1) {
    await page.keyboard.press('Tab');
    const writes = await page.evaluate(() => document.activeElement?.getAttribute('inputmode') === 'decimal');
    if (writes) return;
  }
}

test('a fifth wheel is set up and drawn, its pin load named as such', async ({ page }) => {
  await newRig(page, 'Vehicle with a fifth-wheel trailer', 'Australia', {
    'What you call the vehicle': 'Grebe pick-up',
    Wheelbase: '3.7',
    'Rear axle to tail': '1.2',
    'Rear axle to pin': '-0.1',
    'What you call the trailer': 'Osprey 26',
    'Coupling to axles': '5.6',
    'Coupling to front wall': '1.7',
    'Body length': '6.6',
  });
  await expect(page.getByTestId('pillar-ballLoad')).toContainText('pin load');
  await expect(plate(page, 'Fifth-wheel plate')).toBeVisible();
  await expect(page.getByRole('region', { name: 'The hitch' })).toHaveCount(0);
  const trailer = page.getByRole('region', { name: 'Osprey 26' });
  await choose(trailer, 'What it is measured by', 'Dry');
  await fill(trailer.getByRole('region', { name: 'Empty figure' }), 'Total', '6600 lb');
  await fill(trailer.getByRole('region', { name: 'Empty figure' }), 'On the coupling', '1200 lb');
  await fill(plate(page, 'Fifth-wheel plate'), 'pin load limit', '500');
  await expect(page.getByTestId('pillar-ballLoad')).toContainText('45 over');
  await page.getByRole('link', { name: /^Verdict/ }).click();
  await expect(page.getByTestId('check-ball.shareLow')).toContainText('pin load, at least 15 %');
});

test('a slide-on camper with a trailer on an extension is set up and drawn', async ({ page }) => {
  await newRig(page, 'Camper on the tray, trailer behind', 'Australia', {
    'What you call the vehicle': 'Grebe ute',
    Wheelbase: '3.2',
    'Rear axle to tail': '1.2',
    'Rear axle to ball': '1.25',
    'Hitch extension': '0.5',
    'What you call the camper': 'Dotterel',
    'Floor length': '2.4',
    'Front axle to camper': '2.1',
    'What you call the trailer': 'Box trailer',
    'Coupling to axles': '2.6',
    'Coupling to front wall': '1.1',
    'Body length': '2.8',
  });
  const camper = page.getByRole('region', { name: 'Dotterel' });
  await fill(camper.getByRole('region', { name: 'Empty figure' }), 'Total', '600');
  await choose(camper, 'What it is measured by', 'Dry');
  const box = page.getByRole('region', { name: 'Box trailer' });
  await choose(box, 'What it is measured by', 'Dry');
  await fill(box.getByRole('region', { name: 'Empty figure' }), 'Total', '400');
  await fill(box.getByRole('region', { name: 'Empty figure' }), 'On the coupling', '50');
  const hitch = page.getByRole('region', { name: 'The hitch' });
  await expect(hitch.getByTestId('hitch-moment')).toContainText('The extension adds 245 Nm at the receiver');
  await fill(hitch, 'Receiver to ball', '0.2');
  await expect(hitch.getByTestId('hitch-moment')).toContainText(
    'bends the receiver with 343 Nm; without the extension 98 Nm',
  );
  await expect(hitch).toContainText('look in a full turn');
  await page.getByRole('link', { name: /^Load/ }).click();
  await expect(page.getByRole('heading', { name: 'Places in Dotterel' })).toBeVisible();
});

test('a figure that holds only under an unconfirmed condition decides nothing, and says what to look up', async ({
  page,
}) => {
  await page.goto(`${van}/plates`);
  await expect(sentence(page)).toContainText('Within every limit');
  const card = plate(page, 'vehicle plate');
  await card.getByRole('button', { name: 'Only if … for GVW' }).click();
  await card.getByRole('button', { name: 'Variant', exact: true }).click();
  await fill(card.getByTestId('condition'), 'Condition of GVW', 'L3H2');
  await expect(sentence(page)).toHaveText(
    /Not decided: whether the GVW on Sandpiper conversion holds \(variant L3H2\)/,
  );
  await page.getByRole('link', { name: /^Verdict/ }).click();
  await expect(page.getByRole('region', { name: 'What to find out next' })).toContainText(
    'Registration document or the build label tells the variant.',
  );
  await page.getByRole('link', { name: /^Plates/ }).click();
  await choose(card, 'Is it so here? GVW', 'yes, here');
  await expect(sentence(page)).toContainText('Within every limit');
});

test('the hitch moves load and raises no limit', async ({ page }) => {
  await page.goto(`${wagon}/plates`);
  const rear = page.getByTestId('pillar-rearAxle');
  const ball = page.getByTestId('pillar-ballLoad');
  await expect(rear).toContainText('38 over');
  const before = await ball.textContent();
  await choose(page.getByRole('region', { name: 'The hitch' }), 'Distribution hitch', 'front axle restored fully');
  await expect(rear).toContainText('left');
  expect(await ball.textContent()).toBe(before);
  await rear.getByRole('button').click();
  await expect(page.getByTestId('arithmetic')).toContainText('couple of the bars');
});

test('a term explains itself, and the glossary finds it by any of its names', async ({ page }) => {
  await page.goto(`${wagon}/verdict`);
  await page.goto(`${wagon}/plates`);
  await plate(page, 'trailer plate').locator('.term', { hasText: 'ATM' }).hover();
  await expect(page.getByRole('tooltip').filter({ hasText: 'MTPLM' })).toContainText('may weigh unhitched');
  await page.getByRole('link', { name: 'Words' }).click();
  await page.getByRole('textbox', { name: 'Search a word' }).fill('nose weight');
  const word = page.getByTestId('word').filter({ hasText: 'tow ball mass' }).first();
  await expect(word).toContainText('static vertical load');
  await expect(word).toContainText('tongue weight');
  await page.getByRole('textbox', { name: 'Search a word' }).fill('zzz');
  await expect(page.getByRole('status').filter({ hasText: 'nothing found' })).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
});

test('what is worth weighing stands with the arithmetic, and any spot can be asked', async ({ page }) => {
  await page.goto(`${wagon}/load`);
  await page.getByTestId('pillar-rearAxle').getByRole('button').click();
  const doubt = page.getByTestId('doubt');
  await expect(doubt).toContainText('The chance that the limit is passed:');
  await expect(doubt.getByRole('listitem').first()).toContainText('% of the doubt');
  await page.keyboard.press('Escape');
  await page.getByText('How much more at a spot').click();
  const probe = page.getByTestId('probe');
  await page.getByRole('textbox', { name: 'Spot along it' }).fill('0.2');
  await expect(probe).toContainText('Nothing more here before this is settled: rear axle.');
  await choose(page, 'On which body', 'Saltbush 19');
  await page.getByRole('textbox', { name: 'Spot along it' }).fill('7.5');
  await expect(probe).toContainText('the first settles rear axle, then GTM is full');
  await expect(page.getByText('That is arithmetic, not advice.')).toBeVisible();
});

test('a photograph stays with its plate', async ({ page }) => {
  await page.goto(`${van}/plates`);
  const card = plate(page, 'vehicle plate');
  await card
    .locator('input[type=file]')
    .setInputFiles(fileURLToPath(new URL('../web/public/icon-512.png', import.meta.url)));
  await expect(card.getByTestId('photo')).toBeVisible();
  await page.reload();
  await expect(plate(page, 'vehicle plate').getByTestId('photo')).toBeVisible();
  await plate(page, 'vehicle plate')
    .locator('input[type=file]')
    .setInputFiles({ name: 'no.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') });
  await expect(card.getByRole('alert')).toContainText('no picture this browser can read');
  await expect(card.getByTestId('photo')).toBeVisible();
});

test('the plate in hand comes first; what can wait is apart and closed', async ({ page }) => {
  await page.goto(`${wagon}/plates`);
  await settled(page);
  const body = page.getByRole('region', { name: 'Tern wagon' });
  await expect(body.getByRole('article').first()).toHaveAccessibleName('vehicle plate');
  await body.getByRole('button', { name: 'tow-bar plate: 2 figures' }).press('Enter');
  await expect(body.getByRole('article').first()).toHaveAccessibleName('tow-bar plate');
  await expect(plate(body, 'tow-bar plate').getByLabel('braked towing capacity', { exact: true })).toBeFocused();
  await expect(body.getByLabel('Body width', { exact: true })).toBeHidden();
  await body.getByText('Further measures (4 of 4)').click();
  await expect(body.getByLabel('Body width', { exact: true })).toBeVisible();
  // The condition of a figure is one quiet button beside it.
  await expect(page.getByText('only if …')).toHaveCount(0);
  expect(await seriousFaults(page)).toEqual([]);
});

test('a rig is called as its owner likes, in the yard too, and back', async ({ page }) => {
  await page.goto(`${wagon}/plates`);
  const name = page.getByLabel('This rig is called');
  await name.fill('Tern for the coast');
  await name.press('Enter');
  await expect(page.getByRole('banner')).toContainText('Tern for the coast');
  await page.goto('/');
  await expect(page.getByTestId('rig-card').first()).toContainText('Tern for the coast');
  await page.getByRole('button', { name: 'Undo: name of the rig' }).click();
  await expect(page.getByTestId('rig-card').first()).not.toContainText('Tern for the coast');
});

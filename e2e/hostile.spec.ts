import { expect, test, type Page } from '@playwright/test';
import { rigPaths } from '../web/src/shared/views.ts';
import { rawExample, untilKept } from './keptStore.ts';
import { settled, van, wagon } from './support.ts';

/** Markup that would show itself if it were taken for such: it is marked, and some of it acts at once. */
const markup = '<b data-evil>x</b><img src=x data-evil onerror="window.evil=1">';
const longer = `${markup}<style data-evil>body{display:none}</style><meta data-evil http-equiv="refresh" content="0;url=/icon.svg">`;

/** Texts that have a form of their own: ids, days, marks, and what is one of a few words. */
const formed = new Set(
  [
    'format id kind build basis source limit form date until begun weighedOn applied done due currency axle loadIndex platedLoadIndex',
    'speedSymbol ageCode met status country state words ballSchool issuer novice tested support side time hash photo seat',
    'foundBy like equalises emptyAt inEmptyMass body place thing tank fitting position rig vehicle trailer camper loadout situation of route',
    'coupling brakeKind mirrors brakeController abs chains breakaway dampers stabiliser hundredPlate distributionAllowed part',
    // Of a trip: when something happened, after which part, who got out, which slip.
    'after member ticket',
    // Of what falls due.
    'day',
  ]
    .join(' ')
    .split(' '),
);

/** The minute of a log, which is under the same name as what a wheel stands on. */
const isMinute = (text: string): boolean => /^\d{4}-\d\d-\d\dT/.test(text);

/** The document with markup in every text that an owner, or somebody else, may fill as they like. */
function hostile(value: unknown, key = ''): unknown {
  if (typeof value === 'string')
    return formed.has(key) || (key === 'on' && isMinute(value))
      ? value
      : key === 'note' || key === 'conditions'
        ? longer
        : markup;
  if (Array.isArray(value)) {
    const free = ['classes', 'codes', 'regions', 'on', 'onlyIn', 'variants', 'photos', 'excludes'].includes(key);
    return free ? value : value.map((one) => hostile(one, key));
  }
  if (typeof value !== 'object' || value === null) return value;
  // Words of an answer sheet are answers.
  if (key === 'declared' || key === 'seen') return value;
  return Object.fromEntries(Object.entries(value).map(([name, one]) => [name, hostile(one, name)]));
}

/** What is not ours on the page as it stands, and whether any of it has acted. */
const foreign = (page: Page) =>
  page.evaluate(() => ({
    marked: [...document.querySelectorAll('[data-evil]')].map(({ outerHTML }) => outerHTML.slice(0, 120)),
    acted: 'evil' in window,
    here: location.pathname !== '/icon.svg',
  }));
const clean = { marked: [], acted: false, here: true };

/** @returns how many charts said something under the mouse */
async function hoverCharts(page: Page): Promise<number> {
  let told = 0;
  // Charts come by themselves, a moment after the page.
  await settled(page);
  for (const chart of await page.locator('.apexcharts-canvas').all()) {
    // At once: what stands still is waited for above, and a chart that is drawn anew is no other chart.
    await chart.evaluate((one) => one.scrollIntoView({ block: 'center' }));
    const box = await chart.boundingBox();
    if (!box) continue;
    let says = false;
    for (const [part, low] of [0.2, 0.3, 0.5, 0.7, 0.85].flatMap((one) => [[one, 0.5] as const, [one, 0.8] as const])) {
      await page.mouse.move(box.x + box.width * part, box.y + box.height * low);
      await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
      says ||= (await chart.locator('.apexcharts-tooltip.apexcharts-active').count()) > 0;
      expect(await foreign(page)).toEqual(clean);
    }
    if (says) told += 1;
  }
  return told;
}

for (const { name, rig } of [
  { name: 'british-van-with-scooter', rig: van },
  { name: 'australian-wagon-and-tandem', rig: wagon },
]) {
  test(`markup in every text of ${name} stays text in every view, on hovering and in print`, async ({ page }) => {
    test.setTimeout(240_000);
    const raw = hostile(await rawExample(name)) as { name: string; bodies: { id: string; kind: string }[] };
    await page.goto('/');
    await page.getByTestId('rig-card').first().waitFor();
    await page.getByTestId('file-input').setInputFiles({
      name: `${'<b data-evil>'}.wagonomos.json`,
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify(raw)),
    });
    await expect(page.getByTestId('take-in-plan')).toBeVisible();
    expect(await foreign(page)).toEqual(clean);
    await page.getByRole('button', { name: 'Instead', exact: true }).click();
    await expect(page.getByRole('dialog')).toBeHidden();
    await expect(page.getByTestId('rig-card')).toHaveCount(1);
    await untilKept(page, 'data-evil');
    expect(await foreign(page)).toEqual(clean);
    const views = [
      ...rigPaths,
      ...raw.bodies.filter(({ kind }) => kind !== 'camper').map(({ id }) => `../../look/${id}`),
      ...(name.startsWith('australian') ? ['road?trip=hills'] : []),
    ];
    let told = 0;
    for (const view of views) {
      await page.goto(`${rig}/${view}`);
      await page
        .getByRole('link', { name: /^Papers/ })
        .or(page.locator('#main h1'))
        .first()
        .waitFor();
      await settled(page);
      await page.evaluate(() => {
        for (const fold of document.querySelectorAll<HTMLElement>('details:not([open]) > summary')) fold.click();
      });
      told += await hoverCharts(page);
      expect(await foreign(page), view).toEqual(clean);
      await page.emulateMedia({ media: 'print' });
      expect(await foreign(page), `${view}, printed`).toEqual(clean);
      await page.emulateMedia({ media: 'screen' });
    }
    expect(told).toBeGreaterThan(0);
    // A refusal repeats names of the file too.
    const broken = { ...raw, things: [{ id: 'x', name: markup, mass: -1, [markup]: 1 }] };
    await page.goto('/');
    await page.getByTestId('file-input').setInputFiles({
      name: 'broken.wagonomos.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify(broken)),
    });
    await expect(page.getByTestId('file-refused')).toContainText('<b data-evil>');
    expect(await foreign(page)).toEqual(clean);
  });
}

test('the page itself says what may run in it', async ({ page }) => {
  await page.goto('/');
  const said = await page.locator('meta[http-equiv="Content-Security-Policy"]').getAttribute('content');
  expect(said).toContain("script-src 'self'");
  expect(said).toContain("object-src 'none'");
});

import { placeContents, roadsideChecks, type Check, type MassUnit, type Workspace } from '@wagonomos/core';
import { readParsed } from '@wagonomos/core/files';
import { describe, expect, it } from 'vitest';
import { askOf, exampleFile, exampleNames, printed, today } from './testing/asked.ts';
import type { ReadPdf } from './testing/readPdf.ts';

/** Pounds of a kg, and the thousands as they are written: reckoned here again. */
const inUnit = (kg: number, unit: MassUnit) => (unit === 'lb' ? kg / 0.45359237 : kg);
const written = (whole: number) => String(Math.abs(whole)).replace(/\B(?=(\d{3})+$)/, ',');
const up = (kg: number, unit: MassUnit) => written(Math.ceil(inUnit(kg, unit) - 1e-6));
const down = (kg: number, unit: MassUnit) => Math.floor(inUnit(kg, unit) + 1e-6);
const near = (kg: number, unit: MassUnit) => written(Math.round(inUnit(kg, unit)));

const plainMass = (check: Check): boolean => check.unit === undefined && check.demand !== null && check.limit !== null;
const leftOf = (check: Check, unit: MassUnit): string => {
  const left = down(check.margin ?? 0, unit);
  if (check.sense === 'max') return left < 0 ? `${written(left)} over` : `${written(left)} left`;
  return left < 0 ? `${written(left)} short` : `${written(left)} above`;
};

/** Nothing stands outside the sheet, or where its margin is. */
function expectWhole(pdf: ReadPdf): void {
  for (const { runs, size } of pdf.pages) {
    const [width, height] = size;
    for (const { x, y, width: long, height: tall, text } of runs) {
      expect.soft(x, text).toBeGreaterThanOrEqual(20);
      expect.soft(x + long, text).toBeLessThanOrEqual(width - 20);
      expect.soft(y, text).toBeGreaterThanOrEqual(8);
      expect.soft(y + tall, text).toBeLessThanOrEqual(height - 8);
    }
  }
}

const sheets = {
  A4: { whole: [595, 842], half: [420, 595] },
  LETTER: { whole: [612, 792], half: [396, 612] },
} as const;
const wishes = [
  { unit: 'kg', size: 'A4' },
  { unit: 'lb', size: 'LETTER' },
] as const;

/** Text and not a picture of it, in fonts that come along, on its sheet, with its cautions and its number. */
function expectProper(pdf: ReadPdf, rig: string | undefined, sheet: readonly number[]): void {
  expect(pdf.title).toContain(rig);
  expect(pdf.text.length).toBeGreaterThan(200);
  expect(pdf.fonts.length).toBeGreaterThan(1);
  expect(pdf.fonts.every(({ embedded }) => embedded)).toBe(true);
  expectWhole(pdf);
  pdf.pages.forEach(({ text, size }, at) => {
    expect(size.map(Math.round)).toEqual(sheet);
    expect(text).toContain(`page ${at + 1} of ${pdf.pages.length}`);
    expect(text).toContain('The plate, the law of the place and licensed practice come before this paper');
  });
}

describe.each(exampleNames)('papers of %s', (name) => {
  const workspace = exampleFile(name);
  const rig = workspace.rigs[0]?.name;
  const slip = workspace.tickets[0];

  it.each(['roadside', 'weighing', 'request', 'dossier'] as const)('%s is a proper paper', async (kind) => {
    for (const wish of wishes) expectProper(await printed(kind, askOf(workspace, wish)), rig, sheets[wish.size].whole);
  });

  it.each(['kg', 'lb'] as const)('the roadside page has the figures of the verdict, in %s', async (unit) => {
    for (const basis of ['plan' as const, ...(slip ? [{ slip: slip.id }] : [])]) {
      const ask = askOf(workspace, { unit, basis });
      const { text } = await printed('roadside', ask);
      const checks = roadsideChecks(ask.based.assessment.checks);
      expect(checks.length).toBeGreaterThan(0);
      for (const check of checks.filter(plainMass)) {
        expect(text).toContain(up(check.demand ?? 0, unit));
        expect(text).toContain(near(check.limit ?? 0, unit));
        expect(text).toContain(leftOf(check, unit));
        const [plate] = check.figures;
        if (plate && !check.worked) expect(text).toContain(plate.typed);
      }
      expect(text).toContain(basis === 'plan' ? 'not from a weighbridge' : 'Drawn from slip');
      expect(text).toContain(`All figures in ${unit}`);
    }
  });

  it.each(wishes)('the loading card has every place with what lies in it, on one sheet: $unit, $size', async (wish) => {
    for (const kind of ['card', 'halfCard'] as const) {
      const ask = askOf(workspace, wish);
      const pdf = await printed(kind, ask);
      expect(pdf.pages).toHaveLength(1);
      expectProper(pdf, rig, sheets[wish.size][kind === 'card' ? 'whole' : 'half']);
      for (const { mass } of placeContents(ask.view).values())
        expect(pdf.text).toContain(`${up(mass, wish.unit)} ${wish.unit}`);
      for (const { thing, count } of ask.view.loadout.placements) {
        // A name may go over two lines: its words are there.
        for (const word of (ask.view.things.get(thing)?.name ?? '').split(' ')) expect(pdf.text).toContain(word);
        if (count > 1) expect(pdf.text).toContain(`${count} ×`);
      }
      if (kind === 'card') expect(pdf.paths).toBeGreaterThan(10);
    }
  });

  it('the dossier has every check, its arithmetic, every plate as it stands there, and every slip', async () => {
    const ask = askOf(workspace);
    const { text } = await printed('dossier', ask);
    for (const check of ask.based.assessment.checks.filter(({ status }) => status !== 'notApplicable')) {
      if (plainMass(check)) expect(text).toContain(leftOf(check, 'kg'));
    }
    for (const body of [ask.view.vehicle, ask.view.trailer, ask.view.camper])
      for (const { figures } of body?.plates ?? []) for (const { typed } of figures) expect(text).toContain(typed);
    for (const one of ask.tickets) expect(text).toContain(one.name);
    if (ask.based.assessment.checks.some(({ demand }) => demand !== null)) expect(text).toContain('The arithmetic');
  });

  it('the weighing record has each reading as it was typed', async () => {
    const ask = askOf(workspace);
    const { text } = await printed('weighing', ask);
    for (const { name: slipName, readings } of ask.tickets) {
      expect(text).toContain(slipName);
      for (const { value } of readings) expect(text).toContain(written(Math.round(value)));
    }
    if (ask.tickets.length === 0) expect(text).toContain('Nothing has been weighed yet');
  });
});

describe('a paper', () => {
  const estate = exampleFile('german-estate-and-caravan');
  const onePixel =
    'data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';

  it('shows the pictures that are at hand and says which are not', async () => {
    const [here, gone] = ['a'.repeat(64), 'b'.repeat(64)];
    const bodies = estate.bodies.map((body) => ({
      ...body,
      plates: body.plates.map((plate, at) => ({ ...plate, photo: at === 0 ? here : gone })),
    })) as typeof estate.bodies;
    const ask = askOf({ ...estate, bodies }, { pictures: new Set([here]) });
    const { text } = await printed('dossier', ask, { [here]: onePixel });
    expect(text).toContain('One picture is not at hand here.');
  });

  it('read against plates of before says until when they held', async () => {
    for (const kind of ['roadside', 'card', 'dossier'] as const) {
      const { text } = await printed(kind, askOf(estate, { platesUntil: '2025-05-31' }));
      expect(text).toContain('Read against the plates held until 31 May 2025, not today’s.');
    }
  });

  it('of a rig somebody went round says what was seen, with notes', async () => {
    const bodies = estate.bodies.map((body) =>
      body.kind === 'trailer'
        ? {
            ...body,
            seen: { brakes: 'doubtful', floor: 'sound' },
            looks: [{ id: 'brakes', note: 'Lever has no play' }],
          }
        : body,
    ) as typeof estate.bodies;
    const { text } = await printed('dossier', askOf({ ...estate, bodies }));
    for (const said of ['Lever has no play', 'doubtful', 'sound']) expect(text).toContain(said);
    expect((await printed('dossier', askOf(estate))).text).not.toContain('own eyes');
  });

  it('keeps the letters of every European language, and marks what no font has', async () => {
    const names = ['Łódź Šumava-ähnlich', 'Ελληνικά', 'Привет', '日本', '"><script>'];
    const things = estate.things.map((thing, at) => ({ ...thing, name: names[at] ?? thing.name }));
    const ask = askOf({ ...estate, things });
    const placed = things
      .filter(({ id }) => ask.view.loadout.placements.some((one) => one.thing === id))
      .map(({ name }) => name);
    const { text } = await printed('card', ask);
    for (const name of names.filter((one) => placed.includes(one))) {
      expect(text.replaceAll(' ', '')).toContain((name === '日本' ? '¿¿' : name).replaceAll(' ', ''));
    }
    expect(placed.filter((name) => names.includes(name)).length).toBeGreaterThan(3);
  });

  it('of a rig of which nothing is known says so, and makes up no figure', async () => {
    const bare = askOf(estate, {
      change: (view) => ({
        ...view,
        vehicle: view.vehicle && {
          ...view.vehicle,
          plates: [],
          emptyMass: undefined,
          geometry: {},
          tanks: [],
          places: [],
          fitted: [],
        },
        trailer: undefined,
        loadout: { ...view.loadout, placements: [], tankLevels: [], crew: [] },
      }),
    });
    for (const kind of ['card', 'roadside', 'request', 'dossier'] as const) {
      const { text } = await printed(kind, bare);
      expect(text).toContain(kind === 'request' ? 'No plate has been read' : 'open:');
      expect(text).not.toMatch(/NaN|undefined|Infinity|null/);
    }
  });

  it('of a case says what stands, what is wanted and what was read, and how each step is', async () => {
    const wagon = exampleFile('australian-wagon-and-tandem');
    const one = {
      id: 'more',
      rig: wagon.rigs[0]?.id ?? '',
      name: 'More on the rear axle',
      begun: '2026-09-01',
      packages: [
        {
          id: 'p',
          name: 'Springs and paper',
          kind: 'axle',
          of: 'vehicle',
          limits: [{ limit: 'rearAxleMax', to: 1990 }],
          adds: [],
          costs: [],
          currency: 'AUD',
        },
      ],
      steps: [{ id: 'vehicle.ask', done: '2026-09-10', who: 'Engineer Ruddock', note: 'Letter 77' }],
      certified: [{ of: 'vehicle', limit: 'rearAxleMax', value: 1985 }],
    } as unknown as (typeof wagon.cases)[number];
    const ask = askOf({ ...wagon, cases: [one] });
    const file = await printed('case', ask);
    for (const said of ['1,990 kg', '1,985 kg', 'Engineer Ruddock', 'Letter 77', '10 September 2026'])
      expect(file.text).toContain(said);
    const letter = await printed('request', ask);
    expect(letter.text).toContain('1,990 kg');
    expect(letter.text).toContain('Springs and paper');
    expect(letter.text).toContain('28 November 2026');
    expect(today).toBe('2026-11-28');
  });
});

describe('names that no sheet was made for', () => {
  const named = (name: string): Workspace => {
    const workspace = exampleFile('british-van-with-scooter');
    const rename = <Entry extends { readonly name: string }>(list: readonly Entry[]) =>
      list.map((entry) => ({ ...entry, name }));
    return {
      ...workspace,
      rigs: rename(workspace.rigs),
      things: rename(workspace.things),
      loadouts: workspace.loadouts.map((one) => ({ ...one, name, crew: rename(one.crew) })),
      tickets: rename(workspace.tickets),
      bodies: workspace.bodies.map((body) => ({
        ...body,
        name,
        places: rename(body.places),
        tanks: rename(body.tanks),
      })),
    };
  };

  it.each(['W'.repeat(80), 'Donaudampfschifffahrtsgesellschaftskapitänswohnwagenanhängerkupplungsprüfstelle'])(
    'stay on it without a blank to break at: %s',
    async (name) => {
      for (const kind of ['card', 'halfCard', 'roadside', 'weighing', 'request', 'dossier'] as const) {
        const pdf = await printed(kind, askOf(named(name)));
        expectWhole(pdf);
        expect(pdf.text.replaceAll(/\s/g, '')).toContain(name);
      }
    },
    60_000,
  );

  it('with signs that no font has say so at the foot, and others do not', async () => {
    const says = 'could not be printed';
    for (const kind of ['card', 'roadside', 'dossier'] as const) {
      expect((await printed(kind, askOf(named('Möwe 海鷗')))).text).toContain(says);
      expect((await printed(kind, askOf(named('Möwe ¿Чайка?')))).text).not.toContain(says);
    }
  });

  it('of which nothing can be seen are none', () => {
    const read = readParsed(named('\u200b\u200d'));
    if (!read.ok) throw new Error('not read');
    expect(read.workspace.rigs[0]?.name).toBe('?');
    expect(read.workspace.things.every(({ name }) => name === '?')).toBe(true);
    expect(readParsed(named(' \u00a0')).ok).toBe(false);
  });
});

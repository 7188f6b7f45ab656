import { placedBodies, placedMass, placeContents, tankContents, tankLevel, type Body } from '@wagonomos/core';
import { tyrePressure } from '@wagonomos/core/limits';
import type { Column, Content, TableCell } from 'pdfmake/interfaces';
import type { PaperAsk } from '../ask.ts';
import { drawnLine, figure, heading, margin, sheetOf, soft, table, titled, verdict } from '../parts/blocks.ts';
import { rigSvg } from '../parts/rigSvg.ts';
import type { Paper } from '../print/paper.ts';
import { limitText } from '../words/margin.ts';
import { written } from '../words/inLanguage.ts';

/** A place or a tank with its number in the drawing. */
interface Spot {
  readonly key: string;
  readonly name: string;
  readonly body: Body;
}

/** What goes where, for the inside of the locker door. @param half on half a sheet */
export function loadingCard(ask: PaperAsk, half: boolean): Paper {
  const { words, view } = ask;
  const { t } = words;
  const places = filledPlaces(ask);
  const tanks = allTanks(ask);
  const numbers = new Map([...places, ...tanks].map(({ key }, at) => [key, at + 1]));
  const right: Content[] = [
    ...tankLines(ask, tanks, numbers),
    ...ballLines(ask, half),
    ...pressureLines(ask),
    ...(half ? [] : seatLines(ask)),
  ];
  const top = [
    titled(ask, t('paper.kind.card.title'), [
      t('paper.card.loadedAs', { loadout: view.loadout.name, day: words.day(ask.today) }),
      drawnLine(ask),
    ]),
    verdict(ask, words),
  ];
  const drawing: Content = { svg: rigSvg(ask, half ? 364 : 511, numbers), margin: [0, 2, 0, 2] };
  const lists: Content = {
    columns: [
      { width: '*', stack: [heading(t('paper.card.places')), ...placeLines(ask, places, numbers)] },
      { width: half ? 138 : 178, stack: right },
    ],
    columnGap: half ? 12 : 18,
  };
  const before = checkLines(ask, half);
  return sheetOf(ask, 'card', [...top, drawing, lists, ...before], {
    half,
    // What goes where is what the card is for; the drawing shows it again.
    shorter: half ? [...top, lists] : [...top, lists, ...before],
    cautions: [t('paper.caution.card')],
  });
}

/** Places with something in them, as they are listed, the vehicle first. */
const filledPlaces = ({ view }: PaperAsk): readonly Spot[] =>
  placedBodies(view).flatMap(({ body }) =>
    body.places.flatMap(({ id, name }) => {
      const filled = view.loadout.placements.some((one) => one.body === body.id && one.place === id);
      return filled ? [{ key: `${body.id}/${id}`, name, body }] : [];
    }),
  );

const allTanks = ({ view }: PaperAsk): readonly Spot[] =>
  placedBodies(view).flatMap(({ body }) => body.tanks.map(({ id, name }) => ({ key: `${body.id}/${id}`, name, body })));

function placeLines(ask: PaperAsk, places: readonly Spot[], numbers: ReadonlyMap<string, number>): readonly Content[] {
  const { view, words } = ask;
  const contents = placeContents(view);
  if (places.length === 0) return [soft(words.t('paper.card.nothing'))];
  const rows = places.map(({ key, name, body }): TableCell[] => {
    const lying = view.loadout.placements.filter((one) => `${one.body}/${one.place}` === key);
    const things = lying.flatMap((one) => {
      const thing = view.things.get(one.thing);
      if (!thing) return [];
      const count = one.count > 1 ? `${one.count} × ` : '';
      return [`${count}${thing.name} ${words.bare(placedMass(thing, one))}`];
    });
    return [
      figure(String(numbers.get(key) ?? '')),
      {
        stack: [
          { text: places.some((one) => one.body !== body) ? `${name} · ${body.name}` : name, bold: true },
          things.join(', '),
        ],
      },
      figure(words.mass(contents.get(key)?.mass ?? 0, 'load')),
    ];
  });
  return [
    table(
      [
        { head: '', width: 14 },
        { head: '', width: '*' },
        { head: '', width: 'auto', right: true },
      ],
      rows,
    ),
  ];
}

function tankLines(ask: PaperAsk, tanks: readonly Spot[], numbers: ReadonlyMap<string, number>): readonly Content[] {
  const { view, words } = ask;
  if (tanks.length === 0) return [];
  const rows = tanks.flatMap(({ key, name, body }): TableCell[][] => {
    const tank = body.tanks.find(({ id }) => `${body.id}/${id}` === key);
    if (!tank) return [];
    const share = tankLevel(view, body.id, tank.id);
    const mass = tankContents(tank, share);
    const level = words.t('paper.card.level', { share: written(100 * share, 0) });
    return [
      [
        figure(String(numbers.get(key) ?? '')),
        name,
        {
          noWrap: true,
          text: [
            { text: level, style: 'figure' },
            ...(mass === null ? [] : [{ text: `  ${words.mass(mass, 'load')}`, style: 'soft' }]),
          ],
        },
      ],
    ];
  });
  return [
    heading(words.t('paper.card.tanks')),
    table(
      [
        { head: '', width: 14 },
        { head: '', width: '*' },
        { head: '', width: 'auto', right: true },
      ],
      rows,
    ),
  ];
}

/** What should rest on the coupling: what is planned, and every bound of it that is known. */
function ballLines(ask: PaperAsk, half: boolean): readonly Content[] {
  const { words, based, view } = ask;
  const { t } = words;
  if (!view.trailer) return [];
  const value = based.assessment.loads.values.ballLoad;
  const bounds = based.assessment.checks.filter(
    ({ role, status, limit }) =>
      (role === 'ballMost' || role === 'ballLeast' || role === 'band') && status !== 'notApplicable' && limit !== null,
  );
  return [
    heading(words.quantity('ballLoad')),
    { text: value.kind === 'known' ? words.mass(value.value, 'load') : t('app.verdict.unknown'), style: 'subject' },
    table(
      [
        { head: '', width: '*' },
        { head: '', width: 'auto', right: true },
      ],
      bounds.map((check) => [
        half ? words.say(check.name) : { stack: [words.say(check.name), soft(t(`app.kind.${check.kind}`))] },
        figure(
          t(check.sense === 'max' ? 'paper.card.atMost' : 'paper.card.atLeast', {
            amount: `${limitText(t, check, words.unit)} ${words.unit}`,
          }),
        ),
      ]),
    ),
  ];
}

/** What is set, and what the maker's table asks for the load that stands there. */
function pressureLines(ask: PaperAsk): readonly Content[] {
  const { words, based } = ask;
  const { t } = words;
  const { loads } = based.assessment;
  const rows = placedBodies(ask.view).flatMap(({ body }) =>
    ('gear' in body ? (body.gear ?? []) : []).flatMap((gear): TableCell[][] => {
      const found = tyrePressure(loads, body, gear.axle);
      const set = gear.pressureKpa === undefined ? t('paper.card.notSet') : words.pressure(gear.pressureKpa);
      const name = t(`gearAxle.${gear.axle}`);
      const says =
        found.from === 'table'
          ? t('paper.card.byTable', { pressure: words.pressure(found.kPa), load: words.mass(found.load, 'load') })
          : found.from === 'overloaded'
            ? t('app.gear.press.overloaded', {
                load: words.mass(found.load, 'load'),
                capacity: words.mass(found.capacity, 'margin'),
              })
            : t('paper.card.noTable');
      return [[{ stack: [{ text: name, bold: true }, t('paper.card.set', { pressure: set }), soft(says)] }]];
    }),
  );
  return rows.length === 0 ? [] : [heading(t('paper.card.pressures')), table([{ head: '', width: '*' }], rows)];
}

function seatLines({ view, words }: PaperAsk): readonly Content[] {
  const rows = view.loadout.crew.map(({ name, seat, pet }): TableCell[] => {
    const place = view.vehicle?.seats.find(({ id }) => id === seat)?.name;
    return [name, { text: place ?? words.t(pet ? 'paper.card.pet' : 'app.crew.noSeat'), style: 'soft' }];
  });
  return rows.length === 0
    ? []
    : [
        heading(words.t('paper.card.aboard')),
        table(
          [
            { head: '', width: '*' },
            { head: '', width: 'auto', right: true },
          ],
          rows,
        ),
      ];
}

/** What is looked at before driving off, as far as the rig has it, and the limits with the least left. */
function checkLines(ask: PaperAsk, half: boolean): readonly Content[] {
  const { t } = ask.words;
  const { trailer, camper, vehicle } = ask.view;
  const over = ask.based.assessment.checks.filter(({ status, kind }) => status === 'over' && kind !== 'permit');
  const list = [
    ...(trailer ? ['coupling', 'jockey', 'breakaway', 'plug'] : []),
    ...(trailer?.chains === 'present' ? ['chains'] : []),
    ...(camper ? ['camper'] : []),
    ...(vehicle ? ['mirrors'] : []),
    'doors',
    'gas',
    'tyres',
    'moving',
  ];
  const looks = list.map((one) => t(`paper.card.look.${one}`));
  const before = heading(t('paper.card.before'));
  // Half a sheet has the sentence of the verdict, and no room to say it twice.
  if (half) return [before, { text: looks.join(' · '), style: 'soft' }];
  const middle = Math.ceil(looks.length / 2);
  const column = (some: readonly string[]): Column => ({ ul: [...some], type: 'square', width: '*' });
  const wrong = over.map((check) => [ask.words.say(check.name), margin(ask.words, check)]);
  return [
    ...(wrong.length > 0
      ? [
          heading(t('paper.card.over')),
          table(
            [
              { head: '', width: '*' },
              { head: '', width: 'auto', right: true },
            ],
            wrong.slice(0, 8),
          ),
        ]
      : []),
    before,
    { columns: [column(looks.slice(0, middle)), column(looks.slice(middle))], columnGap: 12 },
  ];
}

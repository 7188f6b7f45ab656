import { figureStands, type Body, type RigView } from '@wagonomos/core';
import { walkStops } from '@wagonomos/core/pairing';
import type { Content, TableCell } from 'pdfmake/interfaces';
import type { PaperAsk } from '../ask.ts';
import { figure, pictures, soft, subheading, table } from './blocks.ts';

/** Every plate of a body with its figures as they stand there, the day it was read, and its picture. */
export function plateLines(ask: PaperAsk, body: Body, withPictures: boolean): readonly Content[] {
  const { t, limit, day } = ask.words;
  if (body.plates.length === 0) return [soft(t('paper.body.noPlates'))];
  return body.plates.flatMap((plate) => [
    subheading(
      t('paper.body.plate', {
        plate: plate.form ? t(`form.${plate.form}.name`) : t(`plateSource.${plate.source}`),
        day: day(plate.date),
      }),
    ),
    table(
      [
        { head: '', width: '*' },
        { head: '', width: 'auto', right: true },
      ],
      plate.figures.map((one): TableCell[] => [
        {
          stack: [
            limit(one.limit),
            ...(one.stands && figureStands.includes(one.stands) ? [soft(t(`app.stands.${one.stands}`))] : []),
            ...(one.conditions ?? []).map(({ kind, text, met }) =>
              soft(
                t('paper.body.condition', {
                  what: text ?? t(`paper.conditionKind.${kind}`),
                  met: t(`paper.met.${met}`),
                }),
              ),
            ),
          ],
        },
        figure(one.typed),
      ]),
    ),
    ...(plate.note === undefined ? [] : [plate.note]),
    ...(withPictures && plate.photo !== undefined ? [pictures(ask, [plate.photo])] : []),
  ]);
}

/** Tyres, wheels and springs of each axle, as far as they are known. */
export function gearLines({ words }: PaperAsk, body: Body): readonly Content[] {
  const { t, mass, pressure } = words;
  const gear = 'gear' in body ? (body.gear ?? []) : [];
  if (gear.length === 0) return [];
  const rows = gear.map((one): TableCell[] => {
    const facts: readonly (readonly [string, string | undefined])[] = [
      ['size', one.size],
      ['loadIndex', one.loadIndex],
      ['speedSymbol', one.speedSymbol],
      ['ageCode', one.ageCode],
      ['pressure', one.pressureKpa === undefined ? undefined : pressure(one.pressureKpa)],
      ['ratedPressure', one.ratedPressureKpa === undefined ? undefined : pressure(one.ratedPressureKpa)],
      ['wheelRating', one.wheelRating === undefined ? undefined : mass(one.wheelRating)],
      ['springRating', one.springRating === undefined ? undefined : mass(one.springRating)],
    ];
    const says = facts.flatMap(([key, value]) => (value === undefined ? [] : [`${t(`app.gear.${key}`)} ${value}`]));
    return [
      { text: t(`gearAxle.${one.axle}`), bold: true },
      [t('paper.body.wheels', { count: one.wheels }), ...(one.twinned ? [t('app.gear.twinned')] : []), ...says].join(
        ' · ',
      ),
    ];
  });
  return [
    subheading(t('app.gear.title')),
    table(
      [
        { head: '', width: 90 },
        { head: '', width: '*' },
      ],
      rows,
    ),
  ];
}

/** What was fitted to a body since, or taken off it. */
export function fittedLines({ words }: PaperAsk, body: Body): readonly Content[] {
  const { t, mass, length, day } = words;
  if (body.fitted.length === 0) return [];
  const change = (one: { mass: number; x?: number | undefined } | undefined, sign: string) =>
    one ? `${sign}${mass(one.mass)}${one.x === undefined ? '' : ` ${t('paper.body.at', { x: length(one.x) })}`}` : '';
  return [
    subheading(t('paper.body.fitted')),
    table(
      [
        { head: '', width: '*' },
        { head: '', width: 'auto', right: true },
      ],
      body.fitted.map(({ name, on, off, inEmptyMass, date }): TableCell[] => [
        {
          stack: [
            name,
            soft([t(`paper.inEmpty.${inEmptyMass}`), ...(date === undefined ? [] : [day(date)])].join(' · ')),
          ],
        },
        figure([change(on, '+'), change(off, '−')].filter((one) => one !== '').join(', ')),
      ]),
    ),
  ];
}

/** Lengths of a body that were measured. */
export function lengthLines({ words }: PaperAsk, body: Body): readonly Content[] {
  const { t, length } = words;
  const known = Object.entries(body.geometry).flatMap(([name, value]) =>
    typeof value === 'number' && lengths.has(name)
      ? [t('paper.body.length', { what: t(`app.geometry.${name}`), length: length(value) })]
      : [],
  );
  return known.length === 0 ? [] : [subheading(t('app.geometry.title')), known.join(' · ')];
}
const lengths = new Set([
  'wheelbase',
  'frontOverhang',
  'rearOverhang',
  'couplingOverhang',
  'pinOverhang',
  'axlePosition',
  'axleSpread',
  'drawbarLength',
  'bodyLength',
  'height',
  'width',
  'track',
  'frontTrack',
  'rearTrack',
  'floorLength',
]);

/** What was seen of a body on a walk round it, with notes and pictures; nothing where nobody went round. */
export function seenLines(ask: PaperAsk, body: Body): readonly Content[] {
  if (body.kind === 'camper') return [];
  const { t } = ask.words;
  const rows = walkStops[body.kind].flatMap((stop): { cells: TableCell[]; photos: readonly string[] }[] => {
    const sight = body.seen?.[stop];
    const look = body.looks?.find(({ id }) => id === stop);
    if (sight === undefined && !look) return [];
    const name = t(`app.walk.stop.${stop}.name`);
    const cells = [
      look?.note === undefined ? name : { stack: [name, soft(look.note)] },
      t(`app.seen.answer.${sight ?? 'notSeen'}`),
    ];
    return [{ cells, photos: look?.photos ?? [] }];
  });
  if (rows.length === 0) return [];
  return [
    subheading(t('paper.body.seen')),
    table(
      [
        { head: '', width: '*' },
        { head: '', width: 'auto', right: true },
      ],
      rows.map(({ cells }) => cells),
    ),
    pictures(
      ask,
      rows.flatMap(({ photos }) => photos),
    ),
  ];
}

/** The bodies of a rig that stand on the road or on a tray. */
export const bodiesOf = ({ vehicle, camper, trailer }: RigView): readonly Body[] =>
  [vehicle, camper, trailer].flatMap((one) => one ?? []);

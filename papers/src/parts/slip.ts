import { placedBodies, placeContents, tankLevel } from '@wagonomos/core';
import { readingMessage, verdictFrom, type Ticket, type TicketAssessment } from '@wagonomos/core/weighing';
import type { Content, TableCell } from 'pdfmake/interfaces';
import type { PaperAsk } from '../ask.ts';
import { written } from '../words/inLanguage.ts';
import { figure, heading, pictures, soft, subheading, table } from './blocks.ts';

/** A slip: where and on which scale, what each reading showed, what it settles, how the rig was loaded, and its pictures. */
export function slipLines(ask: PaperAsk, ticket: Ticket): readonly Content[] {
  const { words } = ask;
  const { t, day, mass } = words;
  const found = verdictFrom(ask.view, ask.tickets, { slip: ticket.id });
  const weighed: TicketAssessment | null = found.from === 'slip' ? found.assessment : null;
  const where = [
    `${day(ticket.date)}${ticket.time === undefined ? '' : `, ${ticket.time}`}`,
    ticket.place ?? '',
    ticket.scale === undefined ? '' : t('paper.weighing.scale', { scale: ticket.scale }),
    ticket.certificate === undefined ? '' : t('paper.weighing.certificate', { certificate: ticket.certificate }),
    t('paper.weighing.steps', { step: mass(ticket.graduation) }),
    ticket.scaleError === undefined ? '' : t('paper.weighing.error', { error: mass(ticket.scaleError) }),
  ];
  const readings = (weighed?.readings ?? []).map(({ reading, sigma, suspect }): TableCell[] => [
    {
      stack: [
        words.say(readingMessage(reading)),
        ...(reading.bars ? [soft(t('app.slip.bars'))] : []),
        ...(suspect ? [soft(t('paper.weighing.suspect'))] : []),
      ],
    },
    figure(words.bare(reading.value)),
    `± ${words.bare(2 * sigma, 'load')}`,
  ]);
  return [
    heading(ticket.name),
    soft(where.filter((one) => one !== '').join(' · ')),
    table(
      [
        { head: t('paper.weighing.stood'), width: '*' },
        { head: t('paper.weighing.shown', { unit: words.unit }), width: 'auto', right: true },
        { head: t('paper.weighing.doubt'), width: 'auto', right: true },
      ],
      readings,
    ),
    ...settled(ask, weighed),
    ...loadedThen(ask, ticket),
    ...(ticket.note === undefined ? [] : [ticket.note]),
    pictures(ask, ticket.photos ?? []),
  ];
}

/** Every load that follows from the readings alone, with its ±. */
function settled({ words, view }: PaperAsk, weighed: TicketAssessment | null): readonly Content[] {
  const { t } = words;
  const known = Object.entries(weighed?.loads.values ?? {}).flatMap(([name, value]) =>
    // Without a trailer a vehicle weighs one thing, and not two.
    value.kind === 'known' && (view.trailer || name !== 'vehicleTotal')
      ? [[words.quantity(name), figure(words.bare(value.value, 'load')), `± ${words.bare(2 * value.sigma, 'load')}`]]
      : [],
  );
  return [
    subheading(t('paper.weighing.settles')),
    known.length === 0
      ? soft(t('paper.weighing.settlesNothing'))
      : table(
          [
            { head: '', width: '*' },
            { head: '', width: 'auto', right: true },
            { head: '', width: 'auto', right: true },
          ],
          known,
        ),
  ];
}

/** How it stood on the plate, by the copy kept with the slip. */
function loadedThen({ view, words }: PaperAsk, { loadout, gone = [] }: Ticket): readonly Content[] {
  const { t } = words;
  if (!loadout) return [soft(t('paper.weighing.noState'))];
  const things = new Map([...view.things, ...gone.map((one) => [one.id, one] as const)]);
  const contents = [...placeContents({ ...view, loadout, things }).values()];
  const tanks = placedBodies(view).flatMap(({ body }) =>
    body.tanks.map(
      ({ id, name }) =>
        `${name} ${t('paper.card.level', { share: written(100 * tankLevel({ ...view, loadout }, body.id, id), 0) })}`,
    ),
  );
  const people = loadout.crew.map(({ name, mass }) => `${name} ${words.mass(mass)}`);
  const lines = [
    t('paper.weighing.things', {
      count: loadout.placements.reduce((sum, { count }) => sum + count, 0),
      mass: words.mass(
        contents.reduce((sum, { mass }) => sum + mass, 0),
        'load',
      ),
    }),
    people.length > 0 ? t('paper.weighing.people', { people: people.join(', ') }) : t('paper.weighing.nobody'),
    ...(tanks.length > 0 ? [t('paper.weighing.tanks', { tanks: tanks.join(', ') })] : []),
  ];
  return [subheading(t('paper.weighing.state', { loadout: loadout.name })), { ul: lines }];
}

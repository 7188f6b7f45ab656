import { binds, type Check } from '../checks/check.ts';
import { marginAfter } from '../limits/limitLine.ts';
import { moveCandidates, type LoadMove, type MoveCandidate } from '../limits/loadMoves.ts';
import { withMove } from '../limits/withMove.ts';
import type { Loadout } from '../loading/loadout.ts';
import { levelledAnew } from '../loading/loadoutChanges.ts';
import { maySend } from '../loading/placing.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { tankLevel } from '../loading/tankLevel.ts';
import { kilograms, message, percent, verbatim, type Message } from '../messages/message.ts';
import type { Tank } from '../rig/equipment.ts';
import { massTolerance } from '../units/rounding.ts';
import type { RoadMoment } from './alongTheRoad.ts';
import { drivenMoments } from './onTheRoad.ts';
import { reckonTrip, type ReckonedTrip } from './reckonTrip.ts';
import type { TankOf } from './roadEvent.ts';
import { capacityOf } from './tanks.ts';
import type { Section, Trip } from './trip.ts';
import { sectionMessage, viewBefore } from './tripWords.ts';
import type { LeastOnTheRoad } from './worstMoment.ts';

/** By effort: what is not done at all, then what a tap does on the way, what is decided at home, what is carried about. */
const efforts = [
  'fillLess',
  'drain',
  'setOut',
  'otherTank',
  'buyLater',
  'putElsewhere',
  'turn',
  'move',
  'home',
] as const;
type Effort = (typeof efforts)[number];

/** One thing that would keep a limit all along a trip, tried against the whole of it. */
export interface TripRemedy {
  readonly kind: Effort;
  readonly says: Message;
  /** What the limit then has left at its worst moment, kg. */
  readonly margin: number;
  /** Whether it keeps the limit by itself, or only helps. */
  readonly keeps: boolean;
  /** The trip as it would then be planned; left out: as it is. */
  readonly plan?: readonly Section[];
  /** Tanks that set out otherwise filled. */
  readonly levels?: Loadout['tankLevels'];
  /** What is packed otherwise. */
  readonly move?: LoadMove;
}

type Candidate = Omit<TripRemedy, 'margin' | 'keeps'>;

const shown = 4;
/** So many packings are tried at most, those that promise most first. */
const mostPackings = 12;

/**
 * What would keep a limit that is exceeded on a trip, in order of effort. Each was tried against the whole trip: the limit is kept
 * wherever the rig is driven, and no other is passed that is kept without it. Where nothing keeps it by itself, what helps most: one
 * after the other they may.
 * @param of which limit, at its worst moment
 * @param behind parts of the trip that are over: they stay as they went, and nothing is set out with otherwise
 */
export function tripRemedies(
  trip: ReckonedTrip,
  plan: Pick<Trip, 'date' | 'rates'>,
  of: LeastOnTheRoad,
  behind: ReadonlySet<Section['id']> = new Set(),
): readonly TripRemedy[] {
  if (of.check.status !== 'over') return [];
  const before = brokenOn(trip, behind);
  const keeping: TripRemedy[] = [];
  const helping: TripRemedy[] = [];
  const kinds = new Map<Effort, number>();
  for (const candidate of candidates(trip, of)) {
    if (!leavesBehind(trip, candidate, behind)) continue;
    if (keeping.length >= shown) break;
    // Of one kind the first that does is enough; of packings two, to choose from.
    const enough = candidate.kind === 'move' || candidate.kind === 'home' ? 2 : 1;
    if ((kinds.get(candidate.kind) ?? 0) >= enough) continue;
    const after = reckonTrip(changed(trip.start, candidate), plan, candidate.plan ?? trip.sections);
    const margin = leastOf(after, of.check.id, behind);
    if (margin === null || [...brokenOn(after, behind)].some((id) => !before.has(id))) continue;
    if (margin < -massTolerance) {
      if (margin > of.check.margin + noticeable) helping.push({ ...candidate, margin, keeps: false });
      continue;
    }
    keeping.push({ ...candidate, margin, keeps: true });
    kinds.set(candidate.kind, (kinds.get(candidate.kind) ?? 0) + 1);
  }
  return keeping.length > 0 ? keeping : helping.sort((a, b) => b.margin - a.margin).slice(0, shown);
}

/** Whether what is behind stays as it went: its parts in their order before all others, and the load it set out with. */
function leavesBehind(
  { sections }: ReckonedTrip,
  { plan, levels, kind }: Candidate,
  behind: ReadonlySet<string>,
): boolean {
  if (behind.size === 0) return true;
  if (levels || kind === 'home') return false;
  const last = sections.findLastIndex(({ id }) => behind.has(id));
  return !plan || sections.slice(0, last + 1).every((section, at) => plan[at] === section);
}

/** kg: less is no help. */
const noticeable = 2;

const leastOf = (trip: ReckonedTrip, id: Check['id'], behind: ReadonlySet<string>): number | null =>
  drivenMoments(trip, behind).reduce<number | null>((least, { checks }) => {
    const margin = checks.find((check) => check.id === id)?.margin ?? null;
    return margin === null ? least : Math.min(least ?? Infinity, margin);
  }, null);

/** Limits and bands that are passed somewhere on the road. */
const brokenOn = (trip: ReckonedTrip, behind: ReadonlySet<string>): ReadonlySet<string> =>
  new Set(
    drivenMoments(trip, behind).flatMap(({ checks }) =>
      checks.filter((check) => check.status === 'over' && (binds(check) || check.role === 'band')).map(({ id }) => id),
    ),
  );

function changed(start: RigView, { levels = [], move }: Candidate): RigView {
  const levelled = { ...start.loadout, tankLevels: levelledAnew(start.loadout.tankLevels, levels) };
  return { ...start, loadout: move ? withMove(levelled, move) : levelled };
}

function candidates(trip: ReckonedTrip, of: LeastOnTheRoad): readonly Candidate[] {
  const all = [...byTanks(trip, of.moment), ...byShopping(trip, of.moment), ...byPacking(trip, of)];
  return all.sort((a, b) => efforts.indexOf(a.kind) - efforts.indexOf(b.kind));
}

interface OwnTank extends TankOf {
  readonly is: Tank;
}

const tanksOf = (view: RigView): readonly OwnTank[] =>
  placedBodies(view).flatMap(({ body }) => body.tanks.map((is) => ({ body: body.id, tank: is.id, is })));

/** The part of the trip a moment belongs to, by its number; -1: before the first. */
const indexOf = (trip: ReckonedTrip, { event }: RoadMoment): number => {
  const section = trip.events.find(({ id }) => id === event)?.section;
  return trip.sections.findIndex(({ id }) => id === section);
};

/** The id of a part of the trip that is new, the same for the same place in it. */
function newIdIn(sections: readonly Section[], wish: string): string {
  const taken = new Set(sections.map(({ id }) => id));
  let at = 1;
  while (taken.has(`${wish}-${at}`)) at += 1;
  return `${wish}-${at}`;
}

function byTanks(trip: ReckonedTrip, moment: RoadMoment): readonly Candidate[] {
  const { start, sections } = trip;
  const at = indexOf(trip, moment);
  const isDrive = sections[at]?.kind === 'drive';
  // Drained before the drive on which it is worst, or once what made it worst is over and before it is driven.
  const before = isDrive ? at : at + 1;
  const drains = tanksOf(moment.view)
    .filter(({ is, ...of }) => is.kind !== 'fuel' && is.kind !== 'gas' && tankLevel(moment.view, of.body, of.tank) > 0)
    .sort((a, b) => wasteFirst(a) - wasteFirst(b))
    .map(({ body, tank, is }): Candidate => {
      const section: Section = { id: newIdIn(sections, 'drain'), kind: 'tank', body, tank, fraction: 0 };
      const plan = [...sections.slice(0, before), section, ...sections.slice(before)];
      const last = sections[before - 1];
      const where = last ? afterMessage(trip, last) : message('road.remedy.atStart');
      return { kind: 'drain', says: message('road.remedy.drain', { tank: verbatim(is.name), where }), plan };
    });
  const less = sections.slice(0, at + 1).flatMap((section, n): readonly Candidate[] => {
    if (section.kind !== 'tank' || section.fraction === 0) return [];
    return [0.75, 0.5, 0.25, 0]
      .filter((fraction) => fraction < section.fraction)
      .map((fraction) => ({
        kind: 'fillLess',
        says: message('road.remedy.fillLess', {
          what: sectionMessage(viewBefore(trip, section), section),
          share: percent(fraction),
        }),
        plan: sections.map((one, m) => (m === n ? { ...section, fraction } : one)),
      }));
  });
  const fresh = tanksOf(start).filter(({ is }) => is.kind === 'fresh');
  const setOut = fresh.flatMap(({ body, tank, is }): readonly Candidate[] => {
    const now = tankLevel(start, body, tank);
    return [0.75, 0.5, 0.25, 0]
      .filter((fraction) => fraction < now)
      .map((fraction) => ({
        kind: 'setOut',
        says: message('road.remedy.setOut', { tank: verbatim(is.name), share: percent(fraction) }),
        levels: [{ body, tank, fraction }],
      }));
  });
  const other = fresh.flatMap((from) =>
    fresh.filter((to) => to !== from).flatMap((to): readonly Candidate[] => pouredOver(start, from, to)),
  );
  return [...drains, ...less, ...setOut, ...other];
}

const wasteFirst = ({ is }: OwnTank): number => (is.kind === 'fresh' ? 1 : 0);

/** The water of one tank set out with in another, as far as that has room. */
function pouredOver(start: RigView, from: OwnTank, to: OwnTank): readonly Candidate[] {
  const [holds, room] = [capacityOf(from.is), capacityOf(to.is)];
  if (!holds || !room) return [];
  const [full, level] = [tankLevel(start, from.body, from.tank), tankLevel(start, to.body, to.tank)];
  const litres = Math.min(full * holds, (1 - level) * room);
  if (litres <= 1) return [];
  return [
    {
      kind: 'otherTank',
      says: message('road.remedy.otherTank', { from: verbatim(from.is.name), to: verbatim(to.is.name) }),
      levels: [
        { body: from.body, tank: from.tank, fraction: Math.max(0, full - litres / holds) },
        { body: to.body, tank: to.tank, fraction: Math.min(1, level + litres / room) },
      ],
    },
  ];
}

const afterMessage = (trip: ReckonedTrip, section: Section): Message =>
  message('road.when.after', { what: sectionMessage(viewBefore(trip, section), section) });

function byShopping(trip: ReckonedTrip, moment: RoadMoment): readonly Candidate[] {
  const { sections, start } = trip;
  const at = indexOf(trip, moment);
  return sections.slice(0, at + 1).flatMap((section, n): readonly Candidate[] => {
    if (section.kind !== 'shop') return [];
    const rest = sections.filter((_one, m) => m !== n);
    const name = verbatim(section.name);
    const later = rest.flatMap((one, m): readonly Candidate[] =>
      m < n || one.kind === 'shop' || !rest.slice(m + 1).some(({ kind }) => kind === 'drive')
        ? []
        : [
            {
              kind: 'buyLater',
              says: message('road.remedy.buyLater', {
                name,
                where: afterMessage(trip, one),
              }),
              plan: [...rest.slice(0, m + 1), section, ...rest.slice(m + 1)],
            },
          ],
    );
    const spots = placedBodies(start).flatMap(({ body }) => body.places.map((is) => ({ body: body.id, is })));
    const here = spots.find(({ body, is }) => body === section.body && is.id === section.place);
    const elsewhere = spots
      .filter((spot) => here && spot !== here && maySend({ id: section.id }, here, spot, start.loadout.packing ?? {}))
      .map(({ body, is }): Candidate => ({
        kind: 'putElsewhere',
        says: message('road.remedy.putElsewhere', { name, place: verbatim(is.name) }),
        plan: sections.map((one, m) => (m === n ? { ...section, body, place: is.id } : one)),
      }));
    return [...later, ...elsewhere];
  });
}

/** Things that would bring the limit right at its worst moment if they lay elsewhere from the start. */
function byPacking({ start }: ReckonedTrip, { check, moment }: LeastOnTheRoad): readonly Candidate[] {
  const sides = ['vehicle', 'trailer'] as const;
  const aboard = new Set(start.loadout.placements.map(({ thing }) => thing));
  const promising = moveCandidates(moment.view, sides)
    .filter(
      (move) =>
        move.kind !== 'tank' && aboard.has(move.id) && (marginAfter(check, move.shifts) ?? -1) >= -massTolerance,
    )
    .sort((a, b) => a.mass - b.mass);
  const moves = promising.filter(({ to, kind }) => to !== null || kind === 'turn').slice(0, mostPackings);
  const home = promising.filter(({ to, kind }) => to === null && kind === 'thing').slice(0, mostPackings);
  return [...moves, ...home].map((move) => ({ kind: effortOf(move), says: packingMessage(move), move }));
}

const effortOf = ({ kind, to }: MoveCandidate): Effort => (kind === 'turn' ? 'turn' : to ? 'move' : 'home');

const packingMessage = (move: MoveCandidate): Message =>
  message(`remedy.${effortOf(move)}`, {
    thing: verbatim(move.name),
    from: verbatim(move.from),
    to: verbatim(move.to?.name ?? ''),
    mass: kilograms(move.mass, 'load'),
  });

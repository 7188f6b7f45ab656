import { binds, comparesLoad, type Check } from '../checks/check.ts';
import { keepsOthers } from '../limits/keepsOthers.ts';
import { mustLeaveAt } from '../limits/mustLeaveAt.ts';
import { moveCandidates, tankMove, type LoadMove, type MoveCandidate } from '../limits/loadMoves.ts';
import { marginAfter } from '../limits/limitLine.ts';
import { tankContents } from '../loading/tankContents.ts';
import { placeContents } from '../loading/placeContents.ts';
import { placedBodies } from '../loading/rigView.ts';
import { tankLevel } from '../loading/tankLevel.ts';
import { kilograms, message, percent, verbatim, type Message } from '../messages/message.ts';
import { massTolerance } from '../units/rounding.ts';
import type { Assessment } from './assess.ts';

/** What another limit has left after a remedy. kg. */
interface RemedyEffect {
  readonly check: Check;
  readonly margin: number;
}

/** One thing that would bring a check right by itself. */
export interface Remedy {
  readonly kind: 'drain' | 'move' | 'turn' | 'takeOut' | 'home';
  /** Of the tank, the thing or the place. */
  readonly name: string;
  /** kg that are handled. */
  readonly mass: number;
  readonly says: Message;
  /** How it is done; null: by somebody who chooses what to take out of a place. */
  readonly move: LoadMove | null;
  /** Of which place something is taken out. */
  readonly place: { readonly body: string; readonly place: string } | null;
  /** The limits that it changes, those with the least left first. */
  readonly effects: readonly RemedyEffect[];
}

const shown = 3;
/** Of two remedies of one mass the one that leaves more as it is comes first. */
const kinds: readonly Remedy['kind'][] = ['drain', 'move', 'turn', 'takeOut', 'home'];

/**
 * What would bring an exceeded check right by itself, the least kilograms handled first: a tank drained so far, a thing moved,
 * turned or left at home, part of a place taken out. Each passes no other limit and leaves the coupling in its band.
 */
export function remedies(assessment: Assessment, check: Check): readonly Remedy[] {
  if (check.status !== 'over' || check.margin === null || !comparesLoad(check)) return [];
  const found = [...drains(assessment, check), ...byThings(assessment, check), ...partsOfPlaces(assessment, check)];
  return found.sort((a, b) => a.mass - b.mass || kinds.indexOf(a.kind) - kinds.indexOf(b.kind)).slice(0, shown);
}

/** Nobody drains a tank more finely than to a twentieth. */
const finestLevel = 20;

function drains(assessment: Assessment, check: Check): readonly Remedy[] {
  const { view } = assessment.loads;
  return placedBodies(view).flatMap(({ body, side, offset }) =>
    body.tanks.flatMap((tank): readonly Remedy[] => {
      const level = tankLevel(view, body.id, tank.id);
      const full = tankContents(tank, 1) ?? 0;
      if (tank.x === undefined || offset === null || full <= 0) return [];
      if (tank.kind === 'fuel' || tank.kind === 'gas') return [];
      const less = mustLeaveAt(check, { side, body: body.id, x: offset + tank.x });
      if (less === null) return [];
      const fraction = Math.floor((level - less / full) * finestLevel + 1e-9) / finestLevel;
      const move = fraction < 0 ? null : tankMove(view, { body: body.id, id: tank.id }, fraction);
      const share = percent(fraction);
      return move ? done(assessment, check, 'drain', move, { tank: verbatim(tank.name), share }) : [];
    }),
  );
}

/** Each thing once, by its best way: within its body before out of it, then where the tightest limit keeps most. */
function byThings(assessment: Assessment, check: Check): readonly Remedy[] {
  const best = new Map<string, { readonly remedy: Remedy; readonly rank: number; readonly least: number }>();
  for (const move of moveCandidates(assessment.loads.view, ['vehicle', 'trailer'])) {
    if (move.kind === 'tank') continue;
    const kind = move.kind === 'turn' ? 'turn' : move.to ? 'move' : 'home';
    const named = { thing: verbatim(move.name), from: verbatim(move.from), to: verbatim(move.to?.name ?? '') };
    const [remedy] = done(assessment, check, kind, move, named);
    if (!remedy) continue;
    const rank = kind === 'home' ? 2 : move.to && move.to.body !== move.body ? 1 : 0;
    const least = Math.min(...remedy.effects.map(({ margin }) => margin));
    const known = best.get(move.id);
    if (!known || rank < known.rank || (rank === known.rank && least > known.least))
      best.set(move.id, { remedy, rank, least });
  }
  return [...best.values()].map(({ remedy }) => remedy);
}

/** So much out of a place that is full of smaller things: whoever does it chooses which. */
function partsOfPlaces(assessment: Assessment, check: Check): readonly Remedy[] {
  const { view } = assessment.loads;
  const contents = placeContents(view);
  return placedBodies(view).flatMap(({ body, side, offset }) =>
    body.places.flatMap((place): readonly Remedy[] => {
      const holds = contents.get(`${body.id}/${place.id}`)?.mass ?? 0;
      // What has no row does not ask where it lies.
      if (holds === 0 || (check.use && (place.x === undefined || offset === null))) return [];
      const spot = { side, body: body.id, place: place.id, x: (offset ?? 0) + (place.x ?? 0) };
      const mass = mustLeaveAt(check, spot);
      if (mass === null || mass > holds) return [];
      const shifts = [{ ...spot, mass: -mass }];
      const move = {
        kind: 'thing',
        id: place.id,
        name: place.name,
        body: body.id,
        from: place.name,
        to: null,
      } as const;
      return done(
        assessment,
        check,
        'takeOut',
        { ...move, shifts, mass, leaves: place.id },
        { place: verbatim(place.name) },
      );
    }),
  );
}

/** A move as a remedy, if it brings the check right and harms no other. */
function done(
  { checks }: Assessment,
  check: Check,
  kind: Remedy['kind'],
  move: MoveCandidate,
  named: NonNullable<Message['params']>,
): readonly Remedy[] {
  if (
    (marginAfter(check, move.shifts) ?? -1) < -massTolerance ||
    !keepsOthers(checks, check, (other) => marginAfter(other, move.shifts))
  )
    return [];
  const { mass } = move;
  return [
    {
      kind,
      name: move.name,
      mass,
      says: message(`remedy.${kind}`, { ...named, mass: kilograms(mass, 'load') }),
      move: kind === 'takeOut' ? null : move,
      place: kind === 'takeOut' ? { body: move.body, place: move.leaves ?? '' } : null,
      effects: effectsOf(checks, move),
    },
  ];
}

/** Changes smaller than this many kg are none. */
const noticed = 0.5;

const effectsOf = (checks: readonly Check[], move: MoveCandidate): readonly RemedyEffect[] =>
  checks
    .flatMap((check): readonly RemedyEffect[] => {
      const margin = marginAfter(check, move.shifts);
      const changed = margin !== null && check.margin !== null && Math.abs(margin - check.margin) > noticed;
      return changed && comparesLoad(check) && (binds(check) || check.role === 'band') ? [{ check, margin }] : [];
    })
    .sort((a, b) => a.margin - b.margin);

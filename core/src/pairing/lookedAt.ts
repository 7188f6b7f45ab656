import type { Check } from '../checks/check.ts';
import { findings, type Finding } from '../limits/findings.ts';
import { buyersPayload } from '../loading/buyersPayload.ts';
import { basisLines, type BasisLine } from '../loading/basisKept.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Message } from '../messages/message.ts';
import { isMotorCaravan, type Trailer, type Vehicle } from '../rig/body.ts';
import { walkStops, type WalkStop } from '../rig/offer.ts';
import { platedLimit } from '../rig/plated.ts';
import type { Situation } from '../situation/situation.ts';
import { judge } from '../verdict/assess.ts';

/** A figure that decides and that one can read where it stands. */
type OpenFigure = 'plate' | 'axles' | 'empty' | 'emptyBall' | 'coupling' | 'loadIndex' | 'tyreAge';

/** What is still needed to say the least payload its maker must leave. */
type LeastNeed = 'runningOrder' | 'berths' | 'seats' | 'length';

/** What comes of looking at a used trailer or vehicle. kg; null: not known. */
export interface LookedAt {
  readonly plate: number | null;
  /** Empty, with everything the empty figure leaves out, and with what it contains. */
  readonly empty: number | null;
  /** What its empty figure contains beside the body. */
  readonly contains: readonly BasisLine[];
  /** What its plate leaves for people, things, water and gas beside that. */
  readonly left: number | null;
  /** Against the least its maker must leave; null: too little is known, or no such rule for it. */
  readonly least: Message | null;
  readonly leastNeeds: readonly LeastNeed[];
  /** What its plates and papers say against each other. */
  readonly findings: readonly Finding[];
  /** What is passed as it stands empty: tyres too old, an axle that bears less than it is plated. */
  readonly broken: readonly Check[];
  readonly doubtful: readonly WalkStop[];
  readonly notSeen: readonly WalkStop[];
  readonly open: readonly OpenFigure[];
}

/** A body by itself, empty, as it stands on the seller's ground. */
function aloneView(body: Trailer | Vehicle, situation: Situation): RigView {
  const id = `alone-${body.id}`.slice(0, 64);
  const loadout = { id, name: body.name, crew: [], placements: [], tankLevels: [] };
  return {
    rig: { id, name: body.name, [body.kind]: body.id, situation: situation.id, loadout: id },
    vehicle: body.kind === 'vehicle' ? body : undefined,
    trailer: body.kind === 'trailer' ? body : undefined,
    camper: undefined,
    situation,
    loadout,
    things: new Map(),
  };
}

/** Goes round a used trailer or vehicle: whether its figures add up, what contradicts, and what could not be seen. */
export function lookedAt(body: Trailer | Vehicle, situation: Situation): LookedAt {
  const view = aloneView(body, situation);
  const { loads, checks } = judge(view);
  const total = loads.values[body.kind === 'trailer' ? 'trailerTotal' : 'vehicleTotal'];
  const empty = body.emptyMass && total.kind === 'known' ? total.value : null;
  const lowest = (limit: Parameters<typeof platedLimit>[1]) => platedLimit(view, limit, [body]).value;
  const plate = lowest(body.kind === 'trailer' ? 'trailerMax' : 'vehicleMax');
  const least = buyersPayload(view, body.kind);
  const stops = walkStops[body.kind];
  const seen = (stop: WalkStop) => body.seen?.[stop] ?? 'notSeen';
  return {
    plate,
    empty,
    contains: basisLines(view, body).filter(({ mass }) => mass !== null),
    left: plate === null || empty === null ? null : plate - empty,
    least,
    leastNeeds: least ? [] : needsForLeast(body),
    findings: findings(loads).filter((one) => one.body === body.id),
    // Tyres that carry less than the plate are among the findings: told once.
    broken: checks.filter(({ status, role }) => status === 'over' && role !== 'tyrePlate'),
    doubtful: stops.filter((stop) => seen(stop) === 'doubtful'),
    notSeen: stops.filter((stop) => seen(stop) === 'notSeen'),
    open: openFigures(body, {
      plate,
      empty,
      axles: lowest(body.kind === 'trailer' ? 'trailerAxlesMax' : 'rearAxleMax'),
    }),
  };
}

function openFigures(
  body: Trailer | Vehicle,
  known: { readonly plate: number | null; readonly empty: number | null; readonly axles: number | null },
): readonly OpenFigure[] {
  const gear = body.gear ?? [];
  const hasPart = body.plates.some(({ source, figures }) => source === 'couplingHead' && figures.length > 0);
  const isOpen: readonly [OpenFigure, boolean][] = [
    ['plate', known.plate === null],
    ['axles', known.axles === null],
    ['empty', known.empty === null],
    ['emptyBall', body.kind === 'trailer' && body.emptyMass?.ballLoad === undefined],
    ['coupling', body.kind === 'trailer' && !hasPart],
    ['loadIndex', !gear.some(({ loadIndex }) => loadIndex !== undefined)],
    ['tyreAge', !gear.some(({ ageCode }) => ageCode !== undefined)],
  ];
  return isOpen.filter(([, open]) => open).map(([figure]) => figure);
}

/** Only caravans and motor caravans have such a rule. */
function needsForLeast(body: Trailer | Vehicle): readonly LeastNeed[] {
  if (body.kind === 'vehicle' && !isMotorCaravan(body)) return [];
  if (body.kind === 'trailer' && body.goods === 'present') return [];
  const needs: LeastNeed[] = [];
  if (!body.emptyMass?.basis.startsWith('running-order')) needs.push('runningOrder');
  if (body.kind === 'trailer') {
    if (body.berths === undefined) needs.push('berths');
    if (body.geometry.bodyLength === undefined) needs.push('length');
  } else {
    const { frontOverhang, wheelbase, rearOverhang } = body.geometry;
    if (body.seats.length === 0) needs.push('seats');
    if ([frontOverhang, wheelbase, rearOverhang].includes(undefined)) needs.push('length');
  }
  return needs;
}

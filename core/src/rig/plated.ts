import type { Body } from './body.ts';
import type { LimitName } from './limitNames.ts';
import type { Missing } from './missing.ts';
import { figuresFor, type Condition, type PlatedFigure } from './plate.ts';
import type { Rig } from './rig.ts';

/** What decides whether a figure holds, besides what the owner confirms: whether a distribution hitch is in use. */
export interface Hitched {
  readonly rig: Pick<Rig, 'hitch'>;
}

/** A limit read off one or more plates, lowest first. */
export interface Limit {
  readonly value: number | null;
  readonly figures: readonly PlatedFigure[];
  readonly missing: readonly Missing[];
  /** Figures below `value` that hold only if something nobody has confirmed is so. */
  readonly doubtful: readonly PlatedFigure[];
}

/** Whether a figure holds on this rig. One that was replaced holds no longer. A distribution hitch in use is known from the rig; the rest the owner confirms. */
export function holds(view: Hitched, figure: PlatedFigure): 'yes' | 'no' | 'unknown' {
  if (figure.stands === 'superseded') return 'no';
  const answers = (figure.conditions ?? []).map((condition) => met(view, condition));
  if (answers.includes('no')) return 'no';
  return answers.includes('unknown') ? 'unknown' : 'yes';
}

function met({ rig }: Hitched, condition: Condition): Condition['met'] {
  const { distribution, distributionAllowed } = rig.hitch ?? {};
  // A higher rating with the bars on counts only where the makers allow the bars: not asked, the other one decides.
  const barsCount = distribution !== undefined && distributionAllowed === 'yes';
  if (condition.kind === 'withDistribution') return barsCount ? 'yes' : 'no';
  if (condition.kind === 'withoutDistribution') return barsCount ? 'no' : 'yes';
  return condition.met;
}

/**
 * The lowest figure that holds. Unknown when the first of the bodies, whose limit it is, states none; an unconfirmed
 * figure counts only where it would decide.
 */
export function platedLimit(view: Hitched, limit: LimitName, bodies: readonly (Body | undefined)[]): Limit {
  const all = bodies.flatMap((body) => figuresFor(body, limit)).sort((a, b) => a.value - b.value);
  const answers = all.map((figure) => holds(view, figure));
  const figures = all.filter((_, index) => answers[index] === 'yes');
  const value = figures[0]?.value ?? null;
  const doubtful = all.filter(
    (figure, index) => answers[index] === 'unknown' && (value === null || figure.value < value),
  );
  const holder = bodies.find((body) => body !== undefined);
  const none: Missing[] =
    holder && value === null ? [{ code: 'limit', body: holder.id, bodyName: holder.name, limit }] : [];
  const missing = value === null && doubtful.length > 0 ? unconfirmed(bodies, limit, doubtful) : none;
  return { value, figures, missing, doubtful };
}

/**
 * The figures of a body for one limit that hold on this rig, lowest first. For whoever asks what is stated, and by which plate;
 * a limit to be kept is asked of `platedLimit`.
 */
export const heldFigures = (view: Hitched, body: Body | undefined, limit: LimitName): readonly PlatedFigure[] =>
  figuresFor(body, limit).filter((figure) => holds(view, figure) === 'yes');

/** The same, and those of which nobody has said whether they do. */
export const possibleFigures = (view: Hitched, body: Body | undefined, limit: LimitName): readonly PlatedFigure[] =>
  figuresFor(body, limit).filter((figure) => holds(view, figure) !== 'no');

/** On how many axles of a body somebody has read a stamp. */
export const axleStamps = ({ plates }: Body): number =>
  plates.filter(({ source, figures }) => source === 'axle' && figures.length > 0).length;

/** What has to be confirmed before the figures can be used. */
export function unconfirmed(
  bodies: readonly (Body | undefined)[],
  limit: LimitName,
  figures: readonly PlatedFigure[],
): Missing[] {
  return figures.flatMap((figure) =>
    (figure.conditions ?? [])
      .filter(({ kind, met }) => met === 'unknown' && kind !== 'withDistribution' && kind !== 'withoutDistribution')
      .map(({ kind, text }) => ({
        code: 'condition' as const,
        body: figure.body,
        bodyName: bodies.find((body) => body?.id === figure.body)?.name ?? '',
        limit,
        condition: kind,
        text: text ?? '',
      })),
  );
}

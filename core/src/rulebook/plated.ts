import type { RigView } from '../loading/rigView.ts';
import type { Missing } from '../rig/missing.ts';
import { figuresFor, type Condition, type PlatedFigure } from '../rig/plate.ts';
import type { LimitName } from '../rig/limitNames.ts';
import type { Body } from '../rig/body.ts';

/** A limit read off one or more plates, lowest first. */
export interface Limit {
  readonly value: number | null;
  readonly figures: readonly PlatedFigure[];
  readonly missing: readonly Missing[];
  /** Figures below `value` that hold only if something nobody has confirmed is so. */
  readonly doubtful: readonly PlatedFigure[];
}

/** Whether a figure holds on this rig. A distribution hitch in use is known from the rig; the rest the owner confirms. */
export function holds(view: RigView, figure: PlatedFigure): 'yes' | 'no' | 'unknown' {
  const answers = (figure.conditions ?? []).map((condition) => met(view, condition));
  if (answers.includes('no')) return 'no';
  return answers.includes('unknown') ? 'unknown' : 'yes';
}

function met({ rig }: RigView, condition: Condition): Condition['met'] {
  const barsOn = rig.hitch?.distribution !== undefined;
  if (condition.kind === 'withDistribution') return barsOn ? 'yes' : 'no';
  if (condition.kind === 'withoutDistribution') return barsOn ? 'no' : 'yes';
  return condition.met;
}

/**
 * The lowest figure that holds. Unknown when the first of the bodies, whose limit it is, states none; an unconfirmed
 * figure counts only where it would decide.
 */
export function platedLimit(view: RigView, limit: LimitName, bodies: readonly (Body | undefined)[]): Limit {
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

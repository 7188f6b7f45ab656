/** What the two supports of one body were weighed to carry: near at its datum, far at `span` m from it. kg. */
export interface WeighedBody {
  readonly near: number;
  readonly far: number;
  readonly nearError: number;
  readonly farError: number;
  /** Front axle to rear axle, or coupling to axles, m. */
  readonly span: number;
}

/** A body's plan as two figures: Σm, kg, and Σm·x, kg·m. */
export interface PlannedBody {
  readonly mass: number;
  readonly moment: number;
}

/** What is on the scale and not in the plan. */
export interface Unlisted {
  /** kg more than planned; negative where the plan has too much. */
  readonly mass: number;
  readonly massError: number;
  /** kg·m more about the body's datum than planned: with nothing unlisted, something stands elsewhere than it is said to.
   * null: not known. */
  readonly moment: number | null;
  readonly momentError: number | null;
  /** m from the body's datum where it must sit; null where the difference is too small to say. */
  readonly x: number | null;
  readonly xError: number | null;
  /** Whether it can be there at all; outside the body the readings or the plan are wrong. null: nobody knows how long the body is. */
  readonly inside: boolean | null;
}

/** Less than so many standard deviations is no difference. */
const noticeable = 2;

/**
 * The unlisted mass m_u = weighed − planned and where it must sit, x_u = (moment weighed − moment planned) / m_u, each with one
 * standard deviation, first order.
 * @param reach where the body begins and ends, m from its datum
 */
export function reconcile(
  weighed: WeighedBody,
  planned: PlannedBody,
  reach: { readonly from: number; readonly to: number } | null,
): Unlisted {
  const { near, far, nearError, farError, span } = weighed;
  const mass = near + far - planned.mass;
  const massError = Math.hypot(nearError, farError);
  const moment = far * span - planned.moment;
  const found = { mass, massError, moment, momentError: span * farError };
  if (Math.abs(mass) < noticeable * massError || mass === 0) {
    return { ...found, x: null, xError: null, inside: null };
  }
  const x = moment / mass;
  const xError = Math.hypot((x / mass) * nearError, ((span - x) / mass) * farError);
  return { ...found, x, xError, inside: reach && x >= reach.from && x <= reach.to };
}

import { message, term, type Message } from '../messages/message.ts';
import type { Body } from '../rig/body.ts';
import { forceLimits, type LimitName } from '../rig/limitNames.ts';
import type { Plate } from '../rig/plate.ts';

/** A figure on a plate that can hardly be: asked about beside the field where it was typed, at once. */
export interface Question {
  readonly limit: LimitName;
  readonly message: Message;
}

/** No coupling part of a road trailer is stronger; more is a mass typed into a field for kN. */
const mostKn = 300;
/** Anything lighter is a misread plate. */
const leastGross = 80;

/** Pairs of figures on one plate, the first of which cannot be more than the second. */
const orders: readonly [LimitName, LimitName][] = [
  ['frontAxleMax', 'vehicleMax'],
  ['rearAxleMax', 'vehicleMax'],
  ['tagAxleMax', 'vehicleMax'],
  ['vehicleMax', 'combinationMax'],
  ['vehicleMax', 'vehicleTechnicalMax'],
  ['frontAxleMin', 'frontAxleMax'],
  ['towUnbraked', 'towBraked'],
  ['emptyStated', 'vehicleMax'],
  ['emptyStated', 'trailerMax'],
  ['emptyStated', 'camperMax'],
  ['trailerMax', 'trailerTechnicalMax'],
  ['trailerAxlesMax', 'trailerMax'],
  ['ballMax', 'trailerMax'],
  ['ballMax', 'towBraked'],
  ['payloadStated', 'vehicleMax'],
  ['payloadStated', 'trailerMax'],
];

/** What cannot be on one plate, figure by figure: an axle above the total, the axles below it, a D-value in kg. */
export function plateQuestions(body: Body, plate: Plate): readonly Question[] {
  const figures = new Map(plate.figures.map((figure) => [figure.limit, figure.value]));
  const ask = (limit: LimitName, key: string, other?: LimitName): Question => ({
    limit,
    message: message(`question.${key}`, { limit: term(limit), ...(other ? { other: term(other) } : {}) }),
  });
  const swapped = orders.flatMap(([less, more]) => {
    const [a, b] = [figures.get(less), figures.get(more)];
    return a !== undefined && b !== undefined && a > b ? [ask(less, 'aboveOther', more)] : [];
  });
  const single = plate.figures.flatMap(({ limit, value }) => {
    if (forceLimits.includes(limit)) return value > mostKn ? [ask(limit, 'massForForce')] : [];
    const gross = limit === 'vehicleMax' || limit === 'trailerMax' || limit === 'combinationMax';
    return gross && value < leastGross ? [ask(limit, 'tooLight')] : [];
  });
  return [...swapped, ...single, ...axlesBelow(body, figures, ask)];
}

function axlesBelow(
  body: Body,
  figures: ReadonlyMap<LimitName, number>,
  ask: (limit: LimitName, key: string, other?: LimitName) => Question,
): readonly Question[] {
  if (body.kind !== 'vehicle') return [];
  const total = figures.get('vehicleMax');
  const axles = [figures.get('frontAxleMax'), figures.get('rearAxleMax')];
  if (body.geometry.tagAxle) axles.push(figures.get('tagAxleMax'));
  if (total === undefined || axles.includes(undefined)) return [];
  const sum = axles.reduce<number>((all, value) => all + (value ?? 0), 0);
  return sum < total ? [ask('vehicleMax', 'axlesBelow')] : [];
}

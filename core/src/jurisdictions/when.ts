import { outfitLength } from '../loading/outfitLength.ts';
import type { Loads } from '../loads/loads.ts';
import { isFifthWheel, type Vehicle } from '../rig/body.ts';
import type { LimitName } from '../rig/limitNames.ts';
import { registered, type Figure } from '../rig/registered.ts';
import type { Missing } from '../rig/missing.ts';

/** On which rigs something bears: all that is stated has to be so. Masses are plated ones, kg, and strictly above. */
export interface When {
  readonly towing?: boolean;
  /** Coupled at a pin over the bed, or at a ball behind. */
  readonly fifthWheel?: boolean;
  /** What a British van or pick-up is by its papers; `unsaid` counts where nobody has said. */
  readonly classedAs?: readonly (NonNullable<Vehicle['classedAs']> | 'unsaid')[];
  readonly builds?: readonly Vehicle['build'][];
  /** A stabilising coupling head, or sway control. */
  readonly stabiliser?: boolean;
  /** Somebody who drives is new to it, as far as was said. */
  readonly novice?: boolean;
  /** Nobody has said whether mirrors reach past the trailer, and not both widths are known. */
  readonly mirrorsOpen?: boolean;
  /** Asked for a day of the months in which winter tyres are asked for somewhere, November to April. */
  readonly winter?: boolean;
  readonly vehicleAbove?: number;
  readonly vehicleMost?: number;
  /** From so much on: the mark itself counts. */
  readonly vehicleLeast?: number;
  /** What it is built for, which a lowered plate leaves as it is. */
  readonly technicalAbove?: number;
  /** With nothing in it; no plate says so. */
  readonly unladenAbove?: number;
  readonly trailerAbove?: number;
  readonly trailerMost?: number;
  readonly trailerAxlesAbove?: number;
  /** Both plates together. */
  readonly togetherAbove?: number;
  /** The plated mass of the combination. */
  readonly combinationAbove?: number;
  /** The heavier of both bodies. */
  readonly eitherAbove?: number;
  /** m, from front to rear. */
  readonly longerThan?: number;
  /** One of these is enough. */
  readonly any?: readonly When[];
}

export type Answer = 'yes' | 'no' | 'unknown';

/** Whether it bears on this rig, and what would have to be known to say so. */
export interface Bearing {
  readonly answer: Answer;
  readonly missing: readonly Missing[];
}

/** Something bears on every rig. */
export const always: When = {};

/** @returns `unknown` only where what is known does not settle it */
export function bears(loads: Loads, when: When): Bearing {
  const answers = parts(loads, when);
  if (answers.some(({ answer }) => answer === 'no')) return { answer: 'no', missing: [] };
  const open = answers.filter(({ answer }) => answer === 'unknown');
  return open.length > 0
    ? { answer: 'unknown', missing: open.flatMap(({ missing }) => missing) }
    : { answer: 'yes', missing: [] };
}

const said = (condition: boolean): Bearing => ({ answer: condition ? 'yes' : 'no', missing: [] });

function parts(loads: Loads, when: When): readonly Bearing[] {
  const { vehicle, trailer } = loads.view;
  const found: Bearing[] = [];
  const ask = (most: number | undefined, figure: () => Figure, above = true) => {
    if (most !== undefined) found.push(compared(figure(), most, above));
  };
  if (when.towing !== undefined) found.push(said(when.towing === (trailer !== undefined)));
  if (when.fifthWheel !== undefined) found.push(said(when.fifthWheel === isFifthWheel(trailer)));
  if (when.classedAs) found.push(classed(vehicle, when.classedAs));
  if (when.stabiliser !== undefined) found.push(said(when.stabiliser === (trailer?.stabiliser === 'present')));
  if (when.novice !== undefined) found.push(said(when.novice === driven(loads)));
  if (when.mirrorsOpen !== undefined) {
    const widths = [vehicle, trailer].map((body) => body?.geometry.width);
    found.push(said(when.mirrorsOpen === (vehicle?.mirrors !== 'present' && widths.includes(undefined))));
  }
  if (when.winter !== undefined) found.push(said(when.winter === inWinter(loads.view.situation.date)));
  if (when.builds) found.push(said(vehicle !== undefined && when.builds.includes(vehicle.build)));
  const car = () => (vehicle ? limitOf(loads, 'vehicleMax', 'vehicle') : nothing);
  const towed = () => (trailer ? limitOf(loads, 'trailerMax', 'trailer') : nothing);
  ask(when.vehicleAbove, car);
  ask(when.vehicleMost, car, false);
  // Plates are whole kilograms.
  ask(when.vehicleLeast === undefined ? undefined : when.vehicleLeast - 1, car);
  ask(when.technicalAbove, () => (vehicle ? technical(loads) : nothing));
  ask(when.unladenAbove, () => (vehicle ? unladen(loads) : nothing));
  ask(when.trailerAbove, towed);
  ask(when.trailerMost, towed, false);
  ask(when.trailerAxlesAbove, () => (trailer ? axlesOf(loads) : nothing));
  ask(when.togetherAbove, () => sumOf(car(), towed()));
  ask(when.combinationAbove, () => (trailer ? limitOf(loads, 'combinationMax', 'vehicle') : nothing));
  ask(when.eitherAbove, () => heavier(car(), towed()));
  ask(when.longerThan, () => ({ ...outfitLength(loads.view), missing: [] }));
  if (when.any) found.push(anyOf(when.any.map((one) => bears(loads, one))));
  return found;
}

const driven = ({ view: { situation } }: Loads): boolean =>
  [situation.licence, ...(situation.drivers ?? []).map(({ licence }) => licence)].some(
    (licence) => licence?.novice !== undefined,
  );

const inWinter = (date: string | undefined): boolean =>
  date !== undefined && [11, 12, 1, 2, 3, 4].includes(Number(date.slice(5, 7)));

function classed(vehicle: Vehicle | undefined, among: NonNullable<When['classedAs']>): Bearing {
  if (!vehicle) return said(false);
  if (vehicle.classedAs !== undefined) return said(among.includes(vehicle.classedAs));
  if (among.includes('unsaid')) return said(true);
  return { answer: 'unknown', missing: [{ code: 'classedAs', body: vehicle.id, bodyName: vehicle.name }] };
}

function anyOf(answers: readonly Bearing[]): Bearing {
  if (answers.some(({ answer }) => answer === 'yes')) return said(true);
  const open = answers.filter(({ answer }) => answer === 'unknown');
  return open.length === 0 ? said(false) : { answer: 'unknown', missing: open.flatMap(({ missing }) => missing) };
}

const known = (value: number): Figure => ({ least: value, most: value, missing: [] });
const nothing = known(0);

function compared({ least, most, missing }: Figure, mark: number, above: boolean): Bearing {
  if (least > mark) return said(above);
  if (most <= mark) return said(!above);
  return { answer: 'unknown', missing };
}

/** Law that goes by a mass means the registered one, never the lowest that is written somewhere. */
const limitOf = ({ view }: Loads, limit: LimitName, side: 'vehicle' | 'trailer'): Figure =>
  registered(view, limit, view[side]);

/** What a vehicle is built for is no less than what it is plated. */
function technical(loads: Loads): Figure {
  const own = limitOf(loads, 'vehicleTechnicalMax', 'vehicle');
  if (own.most < Infinity) return own;
  const plate = limitOf(loads, 'vehicleMax', 'vehicle');
  return { least: plate.least, most: Infinity, missing: own.missing };
}

/** The unladen mass law means is no more than the bare body with what is fitted, and no more than the plate. */
export function unladen(loads: Loads): Figure {
  const { vehicle } = loads.view;
  const plate = limitOf(loads, 'vehicleMax', 'vehicle');
  const own = vehicle && loads.bodies[vehicle.id];
  if (!vehicle || !own || own.missing.length > 0) {
    const about = { body: vehicle?.id ?? '', bodyName: vehicle?.name ?? '' };
    // A plate may settle it, and is read sooner than a vehicle is weighed empty.
    return { least: 0, most: plate.most, missing: [...plate.missing, { code: 'emptyMass', ...about }] };
  }
  return known(own.bare + own.fitted);
}

/** Where the axles are not plated the whole trailer stands for them, which is the stricter reading. */
function axlesOf(loads: Loads): Figure {
  const axles = limitOf(loads, 'trailerAxlesMax', 'trailer');
  if (axles.most < Infinity) return axles;
  const whole = limitOf(loads, 'trailerMax', 'trailer');
  return whole.most < Infinity ? whole : axles;
}

const sumOf = (a: Figure, b: Figure): Figure => ({
  least: a.least + b.least,
  most: a.most + b.most,
  missing: [...a.missing, ...b.missing],
});

const heavier = (a: Figure, b: Figure): Figure => ({
  least: Math.max(a.least, b.least),
  most: Math.max(a.most, b.most),
  missing: [...a.missing, ...b.missing],
});

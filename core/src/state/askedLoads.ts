import { rigLengths } from '../loading/rigLengths.ts';
import type { RigView } from '../loading/rigView.ts';
import { bodyReach } from '../scale/bodyReach.ts';
import { sumOf, type Combination } from '../scale/combination.ts';
import { quantityCombinations, weighingLengths } from '../scale/slipEquations.ts';
import type { Side } from '../statics/pointLoad.ts';
import { effectiveWheelbase, quantityNames, rigRows, type QuantityName, type RigLengths } from '../statics/rigRows.ts';
import type { Row } from '../statics/row.ts';
import type { Asked, Towed } from './bestEstimate.ts';
import { ends, rowOf, type Levers } from './slipToday.ts';

/** How a rig's loads change with what is put on it. */
export const leversOf = (view: RigView, lengths: RigLengths): Levers => ({
  span: { vehicle: effectiveWheelbase(lengths), trailer: lengths.trailer?.axlePosition },
  reaches: { vehicle: bodyReach(view, 'vehicle'), trailer: bodyReach(view, 'trailer') },
});

/** What is said of a ball load is no lever: what is put in since moves it. */
const unsaid = (lengths: RigLengths): RigLengths => ({
  ...lengths,
  trailer: lengths.trailer && { axlePosition: lengths.trailer.axlePosition },
});

/** The rows of a rig's loads; undefined where a length is missing. */
export function rowsOf(lengths: RigLengths): Readonly<Partial<Record<QuantityName, Row>>> {
  const found = Object.entries(rigRows(unsaid(lengths))).flatMap(([name, row]) =>
    row === null || 'missing' in row ? [] : [[name, row] as const],
  );
  return Object.fromEntries(found);
}

type AskedLoads = Readonly<Record<QuantityName, Asked>>;

/** What is asked leans on lengths alone, and those are the same for every way to load a rig: a few rigs are kept. */
const kept = new Map<string, AskedLoads>();
const mostKept = 24;

/** Every load that is compared with a limit, as slips and bodies can settle it. */
export function askedOf(view: RigView, lengths: RigLengths): AskedLoads {
  const { axles, equalises, jockeyPosition } = view.trailer?.geometry ?? {};
  const key = JSON.stringify([lengths, axles, equalises, jockeyPosition]);
  const known = kept.get(key);
  if (known) return known;
  if (kept.size >= mostKept) kept.clear();
  const found = reckoned(view, lengths);
  kept.set(key, found);
  return found;
}

function reckoned(view: RigView, lengths: RigLengths): AskedLoads {
  const own = unsaid(lengths);
  const of = quantityCombinations(weighingLengths(view, own), own.distribution !== undefined);
  const rows = rowsOf(lengths);
  return Object.fromEntries(
    quantityNames.map((name): [QuantityName, Asked] => {
      const row = rows[name];
      // Sums lean on no length, and on one body alone whatever of the other is missing.
      if (!row) return [name, { of: of[name], row: rowOf(of[name], leversOf(view, own)) }];
      return [name, { of: of[name], row, made: madeOf(row, own) }];
    }),
  ) as Record<QuantityName, Asked>;
}

/** A row in terms of the bodies' ends: what it makes of one kg on each. null: it leans on a length nobody knows. */
function madeOf({ vehicle, trailer, fixed = 0 }: Row, lengths: RigLengths): Asked['made'] {
  const [W, A] = [effectiveWheelbase(lengths), lengths.trailer?.axlePosition];
  const ofSide = (part: Row['vehicle'], side: Side, span: number | undefined): Combination | null => {
    if (part.perMetre !== 0 && span === undefined) return null;
    const far = part.at0 + part.perMetre * (span ?? 0);
    // What is left of 1 - A/A is rounding, and no load.
    return { [ends[side].near]: part.at0, [ends[side].far]: Math.abs(far) < 1e-9 ? 0 : far };
  };
  const [front, rear] = [ofSide(vehicle, 'vehicle', W), ofSide(trailer, 'trailer', A)];
  return front && rear ? { of: sumOf([1, front], [1, rear]), fixed } : undefined;
}

/** The loads of a vehicle that tows, coupled in such a way. */
export function coupledLoads(view: RigView): readonly Asked[] {
  const { frontAxle, rearAxle, vehicleTotal } = askedOf(view, rigLengths(view));
  return [frontAxle, rearAxle, vehicleTotal];
}

/** undefined: it tows nothing. */
export const towedOf = (
  { vehicle, trailer }: RigView,
  asked: Readonly<Record<QuantityName, Asked>>,
): Towed | undefined =>
  vehicle && trailer
    ? { near: asked.frontAxle, far: asked.rearAxle, sum: asked.vehicleTotal, all: asked.combination }
    : undefined;

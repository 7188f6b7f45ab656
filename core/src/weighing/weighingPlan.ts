import { compile } from '../loads/compile.ts';
import type { RigView } from '../loading/rigView.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import type { Combination } from '../scale/combination.ts';
import { fewestReadings, settled, type Possible } from './fewestReadings.ts';
import type { Observation } from '../scale/leastSquares.ts';
import { quantityCombinations, weighingLengths } from '../scale/slipEquations.ts';
import { isSingleAxle, stands, type Stand, type StandKey } from '../scale/stands.ts';
import { readingSigma, sigmaOn, type Ticket } from '../loading/ticket.ts';
import { readingOf } from '../scale/weighedLoads.ts';

/** What an owner has to weigh with. */
export const scaleKinds = ['weighbridge', 'axlePads', 'ballScale', 'propScales', 'hitchScale'] as const;
export type ScaleKind = (typeof scaleKinds)[number];

export interface WeighingWish {
  /** What is to be known. */
  readonly want: readonly QuantityName[];
  readonly have: readonly ScaleKind[];
  /** Whether the trailer may be uncoupled on the scale. */
  readonly uncouple: boolean;
  /** Steps of the scale, kg. */
  readonly graduation: number;
}

/** One thing to do, in its order. */
export interface WeighingStep {
  readonly stand: Stand;
  readonly scale: ScaleKind;
  /** What is settled once this reading is in, and was not before. */
  readonly settles: readonly QuantityName[];
}

export interface WeighingPlan {
  readonly steps: readonly WeighingStep[];
  /** One standard deviation that each load asked for can reach, kg. */
  readonly reach: Readonly<Partial<Record<QuantityName, number>>>;
  /** What cannot be known with these scales; the plan is for the rest. */
  readonly beyond: readonly QuantityName[];
}

/** Small scales read in finer steps than a public weighbridge, kg; one in a hitch, of use on the road, in coarser ones. */
const finerSteps: Readonly<Partial<Record<ScaleKind, number>>> = {
  ballScale: 1,
  propScales: 1,
  hitchScale: 5,
  axlePads: 5,
};
/** What the nose may be stood on, the surest first. */
const noseScales = ['ballScale', 'propScales'] as const;

const ballStands: readonly StandKey[] = ['ball', 'jockey'];
const shunted: readonly string[] = ['trailerWhole', 'trailerOnLegs'] satisfies StandKey[];
const padStands: readonly StandKey[] = [
  'rigFront',
  'rigRear',
  'rigTrailer',
  'soloFront',
  'soloRear',
  'trailerOnStand',
  'trailerOnJockey',
  'rigDrive',
  'rigTag',
  'soloDrive',
  'soloTag',
];

/** Which scale of those at hand a stand is taken on; null: none of them. */
function scaleFor(stand: Stand, { have, uncouple }: WeighingWish, lone: boolean): ScaleKind | null {
  if (stand.key === 'rigBall') return have.includes('hitchScale') ? 'hitchScale' : null;
  if (ballStands.includes(stand.key)) {
    return uncouple || lone ? (noseScales.find((one) => have.includes(one)) ?? null) : null;
  }
  // A vehicle by itself has nothing to uncouple from; a trailer by itself stands as it stands.
  if (stand.state === 'uncoupled' && !uncouple && !lone) return null;
  if (have.includes('weighbridge')) return 'weighbridge';
  return have.includes('axlePads') && padStands.includes(stand.key) ? 'axlePads' : null;
}

/**
 * The fewest readings that settle what is asked with the scales at hand, beside the readings of a ticket begun already. Coupled
 * readings come first: nobody couples up again for one.
 */
export function weighingPlan(view: RigView, wish: WeighingWish, begun?: Ticket): WeighingPlan {
  const planned = compile(view);
  const lengths = weighingLengths(view, planned.lengths);
  const of = quantityCombinations(lengths, planned.lengths.distribution !== undefined);
  const lone = !view.vehicle || !view.trailer;
  const possible = stands(view).flatMap((stand) => {
    if (isSingleAxle(stand)) return [];
    const scale = scaleFor(stand, wish, lone);
    const reads = scale && readingOf(lengths, { id: stand.key, value: 0, ...stand });
    if (!scale || !reads) return [];
    const sigma = readingSigma(0, finerSteps[scale] ?? wish.graduation);
    return [{ id: stand.key, of: reads, sigma, stand, scale }];
  });
  const known = (begun?.readings ?? []).flatMap((reading): Observation[] => {
    const reads = readingOf(lengths, reading);
    return reads ? [{ of: reads, value: 0, sigma: begun ? sigmaOn(begun, reading) : 1 }] : [];
  });
  const everything = [...known, ...possible.map(asObservation)];
  const can = settled(
    everything,
    wish.want.map((name) => of[name]),
  );
  const want = wish.want.filter((_, at) => can[at]);
  const asked = want.map((name) => of[name]);
  // A trailer left alone on the plate is shunted there by itself: only where it saves a step, or there is nothing else.
  const [plain] = fewestReadings(known, lone ? possible : possible.filter(({ id }) => !shunted.includes(id)), asked);
  const [short] = lone ? [plain] : fewestReadings(known, possible, asked);
  const best = plain && short && plain.ids.length <= short.ids.length ? plain : short;
  const chosen = possible
    .filter(({ id }) => best?.ids.includes(id))
    .sort((a, b) => Number(a.stand.state === 'uncoupled') - Number(b.stand.state === 'uncoupled'));
  return {
    steps: stepsOf(known, chosen, wish.want, of),
    reach: Object.fromEntries(want.map((name, at) => [name, best?.errors[at] ?? 0])),
    beyond: wish.want.filter((_, at) => !can[at]),
  };
}

const asObservation = ({ of, sigma }: Pick<Possible, 'of' | 'sigma'>): Observation => ({ of, value: 0, sigma });

function stepsOf(
  known: readonly Observation[],
  chosen: readonly (Possible & Pick<WeighingStep, 'stand' | 'scale'>)[],
  want: readonly QuantityName[],
  of: Readonly<Record<QuantityName, Combination>>,
): readonly WeighingStep[] {
  const asked = want.map((name) => of[name]);
  let before = settled(known, asked);
  return chosen.map((one, at) => {
    const now = settled([...known, ...chosen.slice(0, at + 1).map(asObservation)], asked);
    const settles = want.filter((_, index) => now[index] && !before[index]);
    before = now;
    return { stand: one.stand, scale: one.scale, settles };
  });
}

import type { RigView } from '../loading/rigView.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import { fewestReadings, type Possible } from './fewestReadings.ts';
import { adjust, type Observation } from '../scale/leastSquares.ts';
import { slipPicture } from './measured.ts';
import { quantityCombinations } from '../scale/slipEquations.ts';
import { isSingleAxle, standOf, stands, type Stand } from '../scale/stands.ts';
import { sigmaOn, type Ticket } from '../loading/ticket.ts';
import { readingOf } from '../scale/weighedLoads.ts';

/** The reading that would help a slip most, and how. */
export interface NextReading {
  readonly stand: Stand;
  /** What it alone would settle. */
  readonly settles: readonly QuantityName[];
  /** How many readings, this one among them, until all is settled; 0: all is. */
  readonly toGo: number;
  /** Where all is settled: the load it would make surest, one standard deviation before and after, kg. */
  readonly surer: { readonly quantity: QuantityName; readonly from: number; readonly to: number } | null;
}

/** The loads that have a limit, in the order in which they are told. */
export const judgedLoads: readonly QuantityName[] = [
  'frontAxle',
  'rearAxle',
  'driveAxle',
  'tagAxle',
  'vehicleTotal',
  'trailerAxles',
  'ballLoad',
  'trailerTotal',
  'combination',
];

/** Less of the ± than this is not worth another turn on the plate. */
const worthIt = 0.8;

/**
 * What to read next: towards all loads that have a limit settled, the first of the fewest further readings, the one that settles
 * most by itself before the others; where all are settled, the one that narrows the widest ± most, if that is worth it.
 */
export function nextReading(view: RigView, ticket: Ticket): NextReading | null {
  const { planned, lengths, used } = slipPicture(view, ticket);
  const of = quantityCombinations(lengths, planned.lengths.distribution !== undefined);
  const names = judgedLoads.filter(
    (name) => planned.values[name].kind !== 'absent' && Object.keys(of[name]).length > 0,
  );
  const known = used.map((one): Observation => ({ of: one.of, value: 0, sigma: one.sigma }));
  const taken = new Set(used.map(({ reading }) => standOf(reading)));
  const possible = stands(view).flatMap((stand): readonly (Possible & { readonly stand: Stand })[] => {
    // A scale in the hitch is a rare thing: what is proposed can be read on any weighbridge or ball scale.
    if (isSingleAxle(stand) || stand.key === 'rigBall' || taken.has(stand.key)) return [];
    const reading = { id: stand.key, value: 0, ...stand };
    const reads = readingOf(lengths, reading);
    return reads ? [{ id: stand.key, of: reads, sigma: sigmaOn(ticket, reading), stand }] : [];
  });
  const errors = errorsOf(known, names, of);
  const open = names.filter((name) => errors[name] === undefined);
  const reachable = open.filter((name) => adjust([...known, ...possible.map(asRead)]).estimate(of[name]));
  if (reachable.length === 0) return surest(possible, known, names, of, errors);
  const sets = fewestReadings(
    known,
    possible,
    reachable.map((name) => of[name]),
  );
  const [first] = sets;
  if (!first) return null;
  const settledBy = (id: string) => {
    const one = possible.find((each) => each.id === id);
    const then = one ? errorsOf([...known, asRead(one)], names, of) : {};
    return open.filter((name) => then[name] !== undefined);
  };
  const best = [...first.ids].sort((a, b) => settledBy(b).length - settledBy(a).length)[0] ?? '';
  const stand = possible.find((one) => one.id === best)?.stand;
  return stand ? { stand, settles: settledBy(best), toGo: first.ids.length, surer: null } : null;
}

const asRead = ({ of, sigma }: Possible): Observation => ({ of, value: 0, sigma });
type Errors = Partial<Record<QuantityName, number>>;

function errorsOf(
  known: readonly Observation[],
  names: readonly QuantityName[],
  of: ReturnType<typeof quantityCombinations>,
): Errors {
  const { estimate } = adjust(known);
  return Object.fromEntries(
    names.flatMap((name) => {
      const found = estimate(of[name]);
      return found ? [[name, found.se]] : [];
    }),
  );
}

function surest(
  possible: readonly (Possible & { readonly stand: Stand })[],
  known: readonly Observation[],
  names: readonly QuantityName[],
  of: ReturnType<typeof quantityCombinations>,
  errors: Errors,
): NextReading | null {
  const widest = names
    .filter((name) => errors[name] !== undefined)
    .sort((a, b) => (errors[b] ?? 0) - (errors[a] ?? 0))[0];
  if (!widest) return null;
  const from = errors[widest] ?? 0;
  const [best] = possible
    .map((one) => ({ stand: one.stand, to: errorsOf([...known, asRead(one)], [widest], of)[widest] ?? from }))
    .sort((a, b) => a.to - b.to);
  if (!best || best.to > worthIt * from) return null;
  return { stand: best.stand, settles: [], toGo: 0, surer: { quantity: widest, from, to: best.to } };
}

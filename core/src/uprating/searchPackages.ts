import type { RigView } from '../loading/rigView.ts';
import { assess } from '../verdict/assess.ts';
import { applyPackages, placePackages } from './applyPackage.ts';
import { concerns } from './judged.ts';
import { linearModel, withPackages } from './linearModel.ts';
import { loadPattern } from './loadPattern.ts';
import { usableGain, type UsableGain } from './usableGain.ts';
import { costOf, type UpratePackage } from './upratePackage.ts';

/** Some packages together, worked out exactly. kg; cost in their currency. */
interface Combination {
  readonly ids: readonly string[];
  readonly cost: number;
  readonly gain: UsableGain;
  /** Whether every wanted loadout is legal with them; null: nothing known is over, and too little is known to say. */
  readonly legal: boolean | null;
}

export interface SearchResult {
  /** How many compatible combinations there are, nothing at all among them. */
  readonly tried: number;
  /** For each cost the most that can be gained: no other is cheaper and gains as much. Cheapest first. */
  readonly front: readonly Combination[];
  /** The cheapest that makes every wanted loadout legal; null: none does. Nothing to be done is a combination of none. */
  readonly cheapestLegal: Combination | null;
  /** Where none does: the cheapest with which nothing known is over, though too little is known to call it legal. */
  readonly cheapestOpen: Combination | null;
  /** Stopped before all had been tried. */
  readonly stopped: boolean;
}

interface Candidate {
  readonly picked: readonly number[];
  readonly cost: number;
  readonly usable: number;
}

/** Less than this is no more, kg. */
const leastMore = 0.5;
/** Combinations between two words of progress. */
const eachTime = 512;
/** More combinations than this are not gone into: it ends there and says so. */
const mostCombinations = 400_000;
/** So many of the cheapest that look legal are worked out before it is said that none is. */
const mostTried = 200;

/**
 * Tries all combinations of packages that can be had together: quickly on the influence rows, then exactly for those that
 * matter. The first view's load pattern is what is to grow; all of them are to be legal.
 * @param views the rig with each wanted loadout, the usual one first
 * @param progress told how many were tried; answers false to stop
 * @param most combinations to try
 */
export function searchPackages(
  views: readonly RigView[],
  offered: readonly UpratePackage[],
  progress: (tried: number, of: number) => boolean = () => true,
  most = mostCombinations,
): SearchResult {
  const [main] = views;
  if (!main) return { tried: 0, front: [], cheapestLegal: null, cheapestOpen: null, stopped: false };
  const packages = placePackages(
    main,
    offered.filter((one) => concerns(main, one)),
  );
  const today = views.map((view) => assess(view));
  const pattern = loadPattern(today[0]?.loads ?? { points: [] });
  const models = today.map((one, at) => {
    const alone = packages.map((offer) =>
      offer.gear && views[at] ? assess(applyPackages(views[at], [{ ...offer, adds: [] }])) : null,
    );
    return linearModel(one, packages, pattern, alone);
  });
  const total = pattern.reduce((sum, { mass }) => sum + mass, 0);
  const conflicts = packages.map(({ id, excludes }) =>
    packages.flatMap((other, at) => (excludes?.includes(other.id) || other.excludes?.includes(id) ? [at] : [])),
  );
  const all: Candidate[] = [];
  const legal: Candidate[] = [];
  let tried = 0;
  let stopped = false;
  const count = 2 ** packages.length;
  const take = (picked: readonly number[], mask: number) => {
    const cost = picked.reduce((sum, at) => sum + costOf(packages[at] ?? { costs: [] }), 0);
    const candidate = { picked, cost, usable: total * scaleOf(models[0] ?? [], picked) };
    all.push(candidate);
    if (models.every((model) => isLegal(model, picked))) legal.push(candidate);
    tried += 1;
    if (tried >= most || (tried % eachTime === 0 && !progress(mask, count))) stopped = true;
  };
  /** Package by package, without and with it: what excludes one picked already is not gone into. */
  const goOn = (at: number, picked: readonly number[], mask: number): void => {
    if (stopped) return;
    if (at === packages.length) return take(picked, mask);
    goOn(at + 1, picked, mask);
    if (conflicts[at]?.some((other) => picked.includes(other))) return;
    goOn(at + 1, [...picked, at], mask + 2 ** (packages.length - 1 - at));
  };
  goOn(0, [], 0);
  const exact = ({ picked, cost }: Candidate): Combination => {
    const chosen = picked.flatMap((at) => packages[at] ?? []);
    const then = views.map((view) => assess(applyPackages(view, chosen)));
    return {
      ids: chosen.map(({ id }) => id),
      cost,
      gain: usableGain(today[0]?.checks ?? [], then[0]?.checks ?? [], pattern),
      legal: then.some((one) => one.legal === false) ? false : then.every((one) => one.legal) ? true : null,
    };
  };
  return {
    tried,
    front: frontOf(frontOf(all, ({ usable }) => usable).map(exact), ({ gain }) => gain.usable ?? Infinity),
    ...firstLegal(legal, exact),
    stopped,
  };
}

type Model = ReturnType<typeof linearModel>;

/** How many patterns fit; over anywhere: none. */
function scaleOf(model: Model, picked: readonly number[]): number {
  let scale = Infinity;
  for (const one of model) {
    const { left, patterns } = withPackages(one, picked);
    if (left < 0) return 0;
    scale = Math.min(scale, patterns);
  }
  return scale;
}

const isLegal = (model: Model, picked: readonly number[]): boolean =>
  model.every((one) => one.check.kind !== 'legal' || withPackages(one, picked).left >= -1e-6);

/** What nothing cheaper reaches, cheapest first. */
function frontOf<One extends { readonly cost: number }>(
  list: readonly One[],
  worth: (one: One) => number,
): readonly One[] {
  let best = -Infinity;
  return [...list]
    .sort((a, b) => a.cost - b.cost || worth(b) - worth(a))
    .filter((one) => {
      if (worth(one) <= best + leastMore) return false;
      best = worth(one);
      return true;
    });
}

function firstLegal(
  list: readonly Candidate[],
  exact: (one: Candidate) => Combination,
): Pick<SearchResult, 'cheapestLegal' | 'cheapestOpen'> {
  const byCost = [...list].sort((a, b) => a.cost - b.cost || a.picked.length - b.picked.length);
  let cheapestOpen: Combination | null = null;
  for (const one of byCost.slice(0, mostTried)) {
    const found = exact(one);
    if (found.legal) return { cheapestLegal: found, cheapestOpen: null };
    if (found.legal === null) cheapestOpen ??= found;
  }
  return { cheapestLegal: null, cheapestOpen };
}

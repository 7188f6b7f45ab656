import type { RigView } from '../loading/rigView.ts';
import { platedLimit } from '../rig/plated.ts';
import { applyPackages } from './applyPackage.ts';
import { lawOf } from '../jurisdictions/laws.ts';
import type { CaseRoute, CaseStepName } from '../jurisdictions/uprateLaw.ts';
import { roleOf, type CaseRole } from './caseRoles.ts';
import { newFigures, type NewFigure } from './newFigures.ts';
import { underPlatesUntil } from './platesUntil.ts';
import type { CaseStep, UprateCase } from './uprateCase.ts';

/** Steps without which no figure changes. */
const deciding: readonly CaseStepName[] = ['certificate', 'entry', 'plate'];

/** A step of a case, what is known of it, and how it stands on a day. */
export interface CaseItem {
  readonly id: string;
  readonly of: 'vehicle' | 'trailer';
  readonly step: CaseStepName;
  readonly role: CaseRole;
  readonly kept: CaseStep | undefined;
  readonly state: 'done' | 'late' | 'open';
  /** Without it the plates stay as they are. */
  readonly decides: boolean;
}

/** Why the new plates cannot be taken over yet. */
export type CaseObstacle =
  | { readonly code: 'noRoute'; readonly of: 'vehicle' | 'trailer' }
  | { readonly code: 'step'; readonly item: CaseItem }
  | { readonly code: 'evidence'; readonly item: CaseItem }
  | { readonly code: 'figure'; readonly figure: NewFigure };

export interface CaseProgress {
  readonly routes: readonly CaseRoute[];
  readonly items: readonly CaseItem[];
  readonly figures: readonly NewFigure[];
  /** Empty: certificate, entry and new plate are recorded, and every new figure has been read off the plate. */
  readonly obstacles: readonly CaseObstacle[];
  /** What it has cost so far, by the bills typed at the steps. */
  readonly spent: number;
}

/**
 * How a case stands; once applied it is history, read against the plates it replaced.
 * @param day ISO 8601, against which a step is late
 */
export function caseProgress(today: RigView, one: UprateCase, day: string): CaseProgress {
  const view = one.applied === undefined ? today : underPlatesUntil(today, plateDay(one));
  const bodies = (['vehicle', 'trailer'] as const).filter((of) => one.packages.some((offer) => offer.of === of));
  const routes = bodies.flatMap((of) => routeOf(view, one, of) ?? []);
  const items = routes.flatMap((route) => route.steps.map((step) => itemOf(one, route, step, day)));
  const figures = newFigures(view, one);
  return {
    routes,
    items,
    figures,
    obstacles: [
      ...bodies
        .filter((of) => !routes.some((route) => route.of === of))
        .map((of) => ({ code: 'noRoute' as const, of })),
      ...items.flatMap(obstaclesOf),
      ...figures.filter(({ read }) => read === null).map((figure) => ({ code: 'figure' as const, figure })),
    ],
    spent: one.steps.reduce((sum, { cost = 0 }) => sum + cost, 0),
  };
}

/** The day of the first new plate. */
const plateDay = ({ steps, applied = '' }: UprateCase): string =>
  steps.flatMap(({ id, done }) => (id.endsWith('.plate') && done ? [done] : [])).sort()[0] ?? applied;

/** A certificate, an entry and a plate count with a day and with whose they are. */
function obstaclesOf(item: CaseItem): readonly CaseObstacle[] {
  if (!item.decides) return [];
  if (item.state !== 'done') return [{ code: 'step', item }];
  return item.step === 'certificate' && !item.kept?.who ? [{ code: 'evidence', item }] : [];
}

function itemOf(one: UprateCase, { of }: CaseRoute, step: CaseStepName, day: string): CaseItem {
  const id = `${of}.${step}`;
  const kept = one.steps.find((entry) => entry.id === id);
  const late = kept?.due !== undefined && kept.due < day;
  const state = kept?.done !== undefined ? 'done' : late ? 'late' : 'open';
  return { id, of, step, role: roleOf[step], kept, state, decides: deciding.includes(step) };
}

/** The way where the body is registered, for what the packages do to it; null: none is known. */
export function routeOf(view: RigView, one: UprateCase, of: 'vehicle' | 'trailer'): CaseRoute | null {
  const { country, state } = view.situation[of];
  const wanted = aimOf(view, one, of);
  const routes = lawOf(country).uprating?.routes ?? [];
  const fits = routes.filter((route) => route.of === of && route.for.includes(wanted));
  return (
    fits.find(({ states }) => state !== undefined && states?.includes(state)) ??
    fits.find(({ states }) => !states) ??
    null
  );
}

/** Whether it matters where the vehicle is registered that it never was: there is a way of its own for it. */
export const asksUnregistered = ({ situation }: RigView): boolean =>
  (lawOf(situation.vehicle.country).uprating?.routes ?? []).some(
    (route) => route.for.includes('before') && !route.for.includes('up'),
  );

function aimOf(view: RigView, one: UprateCase, of: 'vehicle' | 'trailer'): CaseRoute['for'][number] {
  if (one.unregistered) return 'before';
  const own = one.packages.filter((offer) => offer.of === of);
  const limits = own.flatMap((offer) => offer.limits.map(({ limit }) => limit));
  if (of === 'vehicle' && limits.length > 0 && limits.every((limit) => limit === 'combinationMax'))
    return 'combination';
  const total = of === 'vehicle' ? 'vehicleMax' : 'trailerMax';
  const from = platedLimit(view, total, [view[of]]).value;
  const to = platedLimit(applyPackages(view, own), total, [applyPackages(view, own)[of]]).value;
  return from !== null && to !== null && to < from ? 'down' : 'up';
}

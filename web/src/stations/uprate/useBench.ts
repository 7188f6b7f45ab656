import { assess, type PlannedAssessment, type RigView } from '@wagonomos/core';
import { applyPackages, placePackages, type UpratePackage } from '@wagonomos/core/uprating';
import { computed, inject, provide, type InjectionKey } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { useRig } from '../../stores/rig.ts';
import { useOffers } from '../../shared/useOffers.ts';
import { views } from '../../shared/views.ts';

export const { sheets } = views.uprate;
export type SheetName = (typeof sheets)[number];

const isSheet = (text: unknown): text is SheetName => sheets.some((one) => one === text);
const listOf = (text: unknown): readonly string[] => (typeof text === 'string' && text !== '' ? text.split(',') : []);

type Bench = ReturnType<typeof makeBench>;
const benchKey: InjectionKey<Bench> = Symbol('bench');

/** Lays out the bench of the rig in hand, once for all that is shown on it. */
export function provideBench(): Bench {
  const bench = makeBench();
  provide(benchKey, bench);
  return bench;
}

/** The bench that this lies on; shown by itself, it has one of its own. */
export const useBench = (): Bench => inject(benchKey, makeBench, true);

/**
 * What lies on the bench: packages chosen, and a plate somebody only wants to try. The address keeps it, so that a reload and a
 * copied address come back to the same question.
 */
function makeBench() {
  const { t } = useI18n();
  const rig = useRig();
  const view = (): RigView => {
    if (!rig.view) throw new Error('no rig in hand');
    return rig.view;
  };
  const route = useRoute();
  const router = useRouter();
  const offers = useOffers(view);
  const sheet = computed<SheetName>(() => (isSheet(route.query['sheet']) ? route.query['sheet'] : 'way'));
  const ids = computed(() => listOf(route.query['with']));
  /** kg; null: no plate is tried. */
  const tried = computed(() => {
    const { plate } = route.query;
    const value = typeof plate === 'string' ? Number(plate) : NaN;
    return Number.isFinite(value) && value > 0 && value < 100_000 ? value : null;
  });
  /** Whose plate is tried: the vehicle's, where nobody says otherwise and there is one. */
  const triedOf = computed((): 'vehicle' | 'trailer' =>
    view().trailer && (route.query['of'] === 'trailer' || !view().vehicle) ? 'trailer' : 'vehicle',
  );
  const plain = computed((): UpratePackage | null =>
    tried.value === null
      ? null
      : {
          id: 'tried-plate',
          name: t('app.uprate.triedPlate', { plate: offers.figure(tried.value) }),
          kind: 'paper',
          of: triedOf.value,
          limits: [{ limit: triedOf.value === 'vehicle' ? 'vehicleMax' : 'trailerMax', to: tried.value }],
          adds: [],
          costs: [],
          currency: offers.currency.value,
        },
  );
  const chosen = computed((): readonly UpratePackage[] => [
    ...offers.all.value.filter(({ id }) => ids.value.includes(id)),
    ...(plain.value ? [plain.value] : []),
  ]);
  const then = computed((): RigView => applyPackages(view(), placePackages(view(), chosen.value)));
  const after = computed((): PlannedAssessment => assess(then.value));

  const go = (patch: Record<string, string | undefined>) => {
    const query = Object.entries({ ...route.query, ...patch }).filter(
      ([, value]) => value !== undefined && value !== '',
    );
    void router.replace({ query: Object.fromEntries(query) });
  };
  const open = (to: SheetName) => go({ sheet: to === 'way' ? undefined : to });
  /** Loadouts that need not be legal; all others are wanted. */
  const unwanted = computed(() => listOf(route.query['without']));
  const want = (id: string, on: boolean) => {
    const rest = unwanted.value.filter((one) => one !== id);
    go({ without: (on ? rest : [...rest, id]).join(',') });
  };
  /** Takes a package onto the bench or off it; what cannot be had beside it goes off. */
  const take = (one: UpratePackage, on: boolean) => {
    const barred = (other: UpratePackage) => one.excludes?.includes(other.id) || other.excludes?.includes(one.id);
    const rest = chosen.value.filter(
      (other) => other.id !== one.id && other.id !== plain.value?.id && !(on && barred(other)),
    );
    go({ with: [...rest, ...(on ? [one] : [])].map(({ id }) => id).join(',') });
  };
  const takeAll = (all: readonly string[], to: SheetName) =>
    go({ with: all.join(','), plate: undefined, sheet: to === 'way' ? undefined : to });
  const tryPlate = (value: number | undefined) => go({ plate: value === undefined ? undefined : String(value) });
  const tryOn = (of: 'vehicle' | 'trailer') => go({ of: of === 'vehicle' ? undefined : of });
  return {
    ...offers,
    sheet,
    chosen,
    tried,
    triedOf,
    tryOn,
    unwanted,
    want,
    then,
    after,
    open,
    take,
    takeAll,
    tryPlate,
  };
}

import { assess, byTheList, kilograms, message } from '@wagonomos/core';
import { formerPlateEras, underPlatesUntil } from '@wagonomos/core/uprating';
import type { BasedVerdict, VerdictBasis } from '@wagonomos/core/weighing';
import { drawnFrom, slipName } from '@wagonomos/papers/words';
import { createSharedComposable } from '@vueuse/core';
import { computed, shallowRef, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { useRig } from '../stores/rig.ts';
import type * as SlipVerdicts from './slipVerdict.ts';
import { useSlips } from './useSlips.ts';
import { useSpeech } from '../words/useSpeech.ts';

/**
 * What the verdict on this screen is drawn from: the address says it, so that a reload and a copied address keep it. On
 * screens where the plan is worked on, it is the plan.
 */
function basisHere() {
  const { t } = useI18n();
  const { word, say } = useSpeech();
  const mass = (kg: number) => say(message('known.mass', { kg: kilograms(kg, 'nearest') }));
  const rig = useRig();
  const route = useRoute();
  const router = useRouter();
  const { slips } = useSlips();
  const fromSlips = shallowRef<typeof SlipVerdicts>();
  /** Where nobody asks for a view of its own: all that is known. The list alone and each slip are left with the page. */
  const asked = computed((): string => {
    const { from } = route.query;
    if (route.meta.choosesBasis !== true || typeof from !== 'string') return 'known';
    return from === 'plan' || slips.value.some(({ id }) => id === from) ? from : 'known';
  });
  const basis = computed((): VerdictBasis => {
    if (asked.value === 'plan' || asked.value === 'known') return asked.value;
    return { slip: asked.value };
  });
  /** Until which day the plates held that everything is read against; today's where nobody asks. */
  const eras = computed(() => (rig.view ? formerPlateEras(rig.view) : []));
  const era = computed((): string | null => {
    const { plates } = route.query;
    const known = eras.value.some(({ until }) => until === plates);
    return route.meta.choosesBasis === true && typeof plates === 'string' && known ? plates : null;
  });
  const view = computed(() => (rig.view && era.value !== null ? underPlatesUntil(rig.view, era.value) : rig.view));
  watch(
    () => typeof basis.value === 'object',
    async (needed) => {
      if (needed) fromSlips.value ??= await import('./slipVerdict.ts');
    },
    { immediate: true },
  );
  const based = computed((): BasedVerdict | null => {
    if (!view.value || !rig.assessment) return null;
    if (typeof basis.value === 'object')
      return fromSlips.value?.verdictFrom(view.value, slips.value, basis.value) ?? null;
    const listed = basis.value === 'plan' ? byTheList(view.value) : view.value;
    const assessment = listed === rig.view ? rig.assessment : assess(listed);
    return { from: listed.slips ? 'known' : 'plan', assessment };
  });
  const query = computed(() => ({
    ...(asked.value === 'known' ? {} : { from: asked.value }),
    ...(era.value === null ? {} : { plates: era.value }),
  }));
  const go = ({ from = asked.value, plates = era.value ?? '' }) => {
    const query = { from: from === 'known' ? undefined : from, plates: plates === '' ? undefined : plates };
    return router.replace({ query: { ...route.query, ...query } });
  };
  const choose = (from: string) => go({ from });
  const chooseEra = (plates: string) => go({ plates });
  /** In words what it is drawn from, corrections with it, and against which plates. */
  const says = computed((): string =>
    era.value === null ? drawn.value : `${drawn.value} ${t('app.era.says', { day: era.value })}`,
  );
  const drawn = computed((): string =>
    based.value ? drawnFrom(word, based.value, rig.view?.loadout.name ?? '', asked.value === 'plan', mass) : '',
  );
  const choices = computed(() => [
    { value: 'known', label: t('app.drawn.knownChoice') },
    ...(slips.value.length > 0
      ? [{ value: 'plan', label: t('app.drawn.listChoice', { loadout: rig.view?.loadout.name ?? '' }) }]
      : []),
    ...slips.value.map((one) => ({ value: one.id, label: slipName(word, one) })),
  ]);
  const eraChoices = computed(() => [
    { value: '', label: t('app.era.now') },
    ...eras.value.map(({ until, names }) => ({
      value: until,
      label: t('app.era.until', { day: until, names: names.join(', ') }),
    })),
  ]);
  return { asked, based, choices, choose, says, view, era, eraChoices, chooseEra, query };
}

/** One for all that ask on a screen: a verdict from a slip is drawn once, not once a component. */
export const useBasis = createSharedComposable(basisHere);

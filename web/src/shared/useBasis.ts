import { assess } from '@wagonomos/core';
import { platesOnce, underPlatesUntil } from '@wagonomos/core/uprating';
import type { BasedVerdict, VerdictBasis } from '@wagonomos/core/weighing';
import { drawnFrom, slipName } from '@wagonomos/papers/words';
import { createSharedComposable } from '@vueuse/core';
import { computed, shallowRef, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { useRig } from '../stores/rig.ts';
import './routeMeta.ts';
import { useSettings } from '../stores/settings.ts';
import type * as SlipVerdicts from './slipVerdict.ts';
import { useSlips } from './useSlips.ts';
import { useSpeech } from './useSpeech.ts';

/**
 * What the verdict on this screen is drawn from: the address says it, so that a reload and a copied address keep it. On
 * screens where the plan is worked on, it is the plan.
 */
function basisHere() {
  const { t } = useI18n();
  const { word } = useSpeech();
  const rig = useRig();
  const settings = useSettings();
  const route = useRoute();
  const router = useRouter();
  const { slips } = useSlips();
  const fromSlips = shallowRef<typeof SlipVerdicts>();
  /** Where nobody has chosen: the plan, or the slip that knows what the plan does not. */
  const best = computed((): string => {
    if (!rig.view || !rig.assessment || !fromSlips.value) return 'plan';
    const found = fromSlips.value.bestBasis(rig.view, rig.assessment, slips.value);
    return typeof found === 'object' ? found.slip : found;
  });
  const asked = computed((): string => {
    if (route.meta.choosesBasis !== true) return best.value;
    const { from } = route.query;
    if (typeof from === 'string') return from;
    const kept = settings.basisOf(rig.rigId ?? '');
    const stands = kept === 'plan' || kept === 'corrected' || slips.value.some(({ id }) => id === kept);
    return kept !== undefined && stands ? kept : best.value;
  });
  const basis = computed((): VerdictBasis => {
    if (asked.value === 'plan' || asked.value === 'corrected') return asked.value;
    return { slip: asked.value };
  });
  /** Until which day the plates held that everything is read against; today's where nobody asks. */
  const eras = computed(() => (rig.view ? platesOnce(rig.view) : []));
  const era = computed((): string | null => {
    const { plates } = route.query;
    const known = eras.value.some(({ until }) => until === plates);
    return route.meta.choosesBasis === true && typeof plates === 'string' && known ? plates : null;
  });
  const view = computed(() => (rig.view && era.value !== null ? underPlatesUntil(rig.view, era.value) : rig.view));
  watch(
    () => slips.value.length > 0 || asked.value !== 'plan',
    async (needed) => {
      if (needed) fromSlips.value ??= await import('./slipVerdict.ts');
    },
    { immediate: true },
  );
  const based = computed((): BasedVerdict | null => {
    if (!view.value || !rig.assessment) return null;
    if (basis.value === 'plan') {
      return { from: 'plan', assessment: view.value === rig.view ? rig.assessment : assess(view.value) };
    }
    return fromSlips.value?.verdictFrom(view.value, slips.value, basis.value) ?? null;
  });
  const query = computed(() => ({
    ...(asked.value === 'plan' ? {} : { from: asked.value }),
    ...(era.value === null ? {} : { plates: era.value }),
  }));
  const go = ({ from = asked.value, plates = era.value ?? '' }) => {
    return router.replace({ query: { ...route.query, from, plates: plates === '' ? undefined : plates } });
  };
  const choose = (from: string) => {
    if (rig.rigId !== null) settings.rememberBasis(rig.rigId, from);
    return go({ from });
  };
  const chooseEra = (plates: string) => go({ plates });
  /** In words what it is drawn from, corrections with it, and against which plates. */
  const says = computed((): string =>
    era.value === null ? drawn.value : `${drawn.value} ${t('app.era.says', { day: era.value })}`,
  );
  const drawn = computed((): string =>
    based.value
      ? drawnFrom(word, based.value, rig.view?.loadout.name ?? '', slips.value.length, asked.value === 'plan')
      : '',
  );
  const choices = computed(() => [
    { value: 'plan', label: t('app.card.plan', { loadout: rig.view?.loadout.name ?? '' }) },
    ...(slips.value.length > 0
      ? [{ value: 'corrected', label: t('app.drawn.correctedChoice', { loadout: rig.view?.loadout.name ?? '' }) }]
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

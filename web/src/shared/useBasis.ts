import type { BasedVerdict, VerdictBasis, verdictFrom } from '@wagonomos/core';
import { computed, shallowRef, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { useRig } from '../stores/rig.ts';
import { useSlips } from './useSlips.ts';

/** Screens on which the verdict can be drawn from something else than the plan. */
const choosing: readonly string[] = ['verdict', 'card'];

/**
 * What the verdict on this screen is drawn from: the address says it, so that a reload and a copied address keep it. On
 * screens where the plan is worked on, it is the plan.
 */
export function useBasis() {
  const { t } = useI18n();
  const rig = useRig();
  const route = useRoute();
  const router = useRouter();
  const { slips } = useSlips();
  const asked = computed((): string => {
    const { from } = route.query;
    return choosing.includes(String(route.name)) && typeof from === 'string' ? from : 'plan';
  });
  const basis = computed((): VerdictBasis => {
    if (asked.value === 'plan' || asked.value === 'corrected') return asked.value;
    return { slip: asked.value };
  });
  const fromSlips = shallowRef<typeof verdictFrom>();
  watch(
    asked,
    async (from) => {
      if (from !== 'plan') fromSlips.value ??= (await import('./slipVerdict.ts')).verdictFrom;
    },
    { immediate: true },
  );
  const based = computed((): BasedVerdict | null => {
    if (!rig.view || !rig.assessment) return null;
    if (basis.value === 'plan') return { from: 'plan', assessment: rig.assessment };
    return fromSlips.value?.(rig.view, slips.value, basis.value) ?? null;
  });
  const choose = (from: string) => router.replace({ query: from === 'plan' ? {} : { from } });
  const slipName = ({ name, date }: { readonly name: string; readonly date?: string | undefined }) =>
    t('app.card.slip', { slip: name, day: date ?? '' });
  /** In words what it is drawn from, corrections with it. */
  const says = computed((): string => {
    const found = based.value;
    const loadout = rig.view?.loadout.name ?? '';
    if (!found) return '';
    if (found.from === 'slip') return t('app.drawn.slip', { slip: slipName(found.ticket) });
    if (found.from !== 'corrected') {
      return t(asked.value === 'plan' ? 'app.drawn.plan' : 'app.drawn.planOnly', { loadout });
    }
    const names = [
      ...new Set(found.corrections.filter(({ counted }) => counted).map(({ ticket }) => slipName(ticket))),
    ];
    return names.length > 0
      ? t('app.drawn.corrected', { loadout, slips: names.join(', ') })
      : t('app.drawn.nothingToCorrect', { loadout });
  });
  const choices = computed(() => [
    { value: 'plan', label: t('app.card.plan', { loadout: rig.view?.loadout.name ?? '' }) },
    ...(slips.value.length > 0
      ? [{ value: 'corrected', label: t('app.drawn.correctedChoice', { loadout: rig.view?.loadout.name ?? '' }) }]
      : []),
    ...slips.value.map((one) => ({ value: one.id, label: slipName(one) })),
  ]);
  return { asked, based, choices, choose, says };
}

<script setup lang="ts">
import { segments, type Side } from '@wagonomos/core';
import { massAlong } from '@wagonomos/core/balance';
import { computed, defineAsyncComponent } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech, written } from '../../shared/useSpeech.ts';
import { useRig } from '../../stores/rig.ts';

/** Where the mass of one body sits along its length, its centre, and how hard it is to stop swinging. */
const props = defineProps<{ side: Side }>();
const MassChart = defineAsyncComponent(() => import('../../charts/MassChart.vue'));
const { t } = useI18n();
const { speech } = useSpeech();
const rig = useRig();
const along = computed(() => (rig.assessment ? massAlong(rig.assessment.loads, props.side) : null));
const name = computed(() => rig.view?.[props.side]?.name ?? '');
/** Points close together stand as one bar. */
const step = 0.25;
const bars = computed(() => {
  const places = new Map<number, { mass: number; names: string[] }>();
  for (const load of along.value?.loads ?? []) {
    if (load.origin === 'empty' || load.origin === 'basis') continue;
    const x = Math.round(load.x / step) * step;
    const bar = places.get(x) ?? { mass: 0, names: [] };
    bar.mass += load.mass;
    bar.names.push(
      segments(load.name, speech.value)
        .map((one) => one.text)
        .join(''),
    );
    places.set(x, bar);
  }
  const all = [...places.keys()];
  if (all.length === 0) return [];
  // Also where nothing lies, so that the axis is to scale.
  const [first, last] = [Math.min(...all, along.value?.centre ?? Infinity), Math.max(...all)];
  const count = Math.round((last - Math.floor(first / step) * step) / step) + 1;
  return Array.from({ length: count }, (_, at) => {
    const x = (Math.floor(first / step) + at) * step;
    return { x, ...(places.get(x) ?? { mass: 0, names: [] }) };
  });
});
</script>

<template>
  <div class="along" :data-test="`along-${side}`">
    <h3>{{ name }}</h3>
    <template v-if="along">
      <MassChart :bars="bars" :centre="along.centre" :about="side === 'trailer' ? along.about : null" />
      <dl>
        <dt>{{ t('app.balance.centre') }}</dt>
        <dd class="num">{{ t(`app.balance.from.${side}`, { x: written(along.centre, 2) }) }}</dd>
        <dt>{{ t(`app.balance.inertia.${side}`) }}</dt>
        <dd class="num">{{ t('app.balance.kgm2', { value: written(along.inertia, 0) }) }}</dd>
        <dt>{{ t('app.balance.least') }}</dt>
        <dd class="num">{{ t('app.balance.kgm2', { value: written(along.least, 0) }) }}</dd>
      </dl>
      <p class="soft">{{ t('app.balance.inertiaHint') }}</p>
    </template>
    <p v-else class="soft">{{ t('app.balance.unknown') }}</p>
  </div>
</template>

<style scoped>
.along {
  margin-top: 8px;
}
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 14px;
  margin: 4px 0;
}
dt {
  color: var(--soft);
}
dd {
  margin: 0;
  font-size: 17px;
  font-weight: 600;
}
.soft {
  font-size: 13px;
}
</style>

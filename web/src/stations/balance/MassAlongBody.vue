<script setup lang="ts">
import { segments, type Message, type Side } from '@wagonomos/core';
import { massAlong, massBars } from '@wagonomos/core/balance';
import { computed, defineAsyncComponent } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useRig } from '../../stores/rig.ts';

/** Where the mass of one body sits along its length, its centre, and how hard it is to stop swinging. */
const props = defineProps<{ side: Side }>();
const MassChart = defineAsyncComponent(() => import('../../charts/MassChart.vue'));
const { t } = useI18n();
const { speech } = useSpeech();
const rig = useRig();
const along = computed(() => (rig.assessment ? massAlong(rig.assessment.loads, props.side) : null));
const name = computed(() => rig.view?.[props.side]?.name ?? '');
const plain = (name: Message) =>
  segments(name, speech.value)
    .map((one) => one.text)
    .join('');
const bars = computed(() =>
  along.value ? massBars(along.value).map((bar) => ({ ...bar, names: bar.names.map(plain) })) : [],
);
</script>

<template>
  <div class="along" :data-test="`along-${side}`">
    <h3>{{ name }}</h3>
    <template v-if="along">
      <div class="chart">
        <MassChart :bars="bars" :centre="along.centre" :about="side === 'trailer' ? along.about : null" />
      </div>
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
/* The chart comes later: its room is kept. */
.chart {
  min-height: 205px;
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

<script setup lang="ts">
import { addReading } from '@wagonomos/core/edits';
import type { Reading, Stand, WeighingStep } from '@wagonomos/core/weighing';
import { Footprints, Plus } from '@lucide/vue';
import { useMediaQuery } from '@vueuse/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { newId } from '../../stores/newId.ts';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { useSlips } from '../../slips/useSlips.ts';
import BareTotal from './BareTotal.vue';
import HomeMethods from './HomeMethods.vue';
import LevelAid from '../../fields/LevelAid.vue';
import SlipBook from './SlipBook.vue';
import WeighGuide from './WeighGuide.vue';
import WeighHistory from './WeighHistory.vue';
import WeighPlan from './WeighPlan.vue';

/** From what one wants to know to the readings, and from the readings to the truth. */
const { t } = useI18n();
const rig = useRig();
const workspace = useWorkspace();
const route = useRoute();
const router = useRouter();
const { slips, start } = useSlips();
const narrow = useMediaQuery('(width <= 720px)');
const slip = computed(() => slips.value.find((one) => one.id === route.query['slip']) ?? slips.value.at(-1));
const open = (id: string) => void router.replace({ query: { slip: id } });
/** The address holds the step, so that a reload in the rain comes back to it. */
const step = computed(() => {
  const { step: asked } = route.query;
  return typeof asked === 'string' && /^\d+$/.test(asked) ? Number(asked) : null;
});
const guide = (to: number | null) => {
  const { value: at } = slip;
  if (at) void router.replace({ query: to === null ? { slip: at.id } : { slip: at.id, step: String(to) } });
};
const reading = ({ state, support, on }: Stand) => ({ state, on, value: 0, ...(support ? { support } : {}) });
const begin = (steps: readonly WeighingStep[], graduation: number) => {
  if (!rig.view) return;
  const id = start(rig.view, { graduation, readings: steps.map((one) => reading(one.stand)) });
  // On a phone somebody stands at the scale: one step at a time.
  void router.replace({ query: narrow.value ? { slip: id, step: '0' } : { slip: id } });
};
/** What was found at home goes onto the slip in hand, or starts one. */
const takeHome = (value: number, graduation: number) => {
  if (!rig.view) return;
  const found = { state: 'uncoupled' as const, support: 'ball' as const, on: ['ball' as const], value, graduation };
  const { value: to } = slip;
  if (to) workspace.edit('app.edit.ticket', (document) => addReading(document, to.id, { ...found, id: newId() }));
  else open(start(rig.view, { readings: [found] }));
};
/** Two pads under one axle: each side is a reading of its own. */
const takePads = (left: number, right: number, graduation: number) => {
  if (!rig.view) return;
  const axle: Pick<Reading, 'state' | 'on'> = rig.view.vehicle
    ? { state: rig.view.trailer ? 'coupled' : 'uncoupled', on: ['rear'] }
    : { state: 'uncoupled', on: ['trailer'] };
  const found = [
    { ...axle, side: 'left' as const, value: left, graduation },
    { ...axle, side: 'right' as const, value: right, graduation },
  ];
  const { value: to } = slip;
  if (!to) return void open(start(rig.view, { readings: found }));
  workspace.edit('app.edit.ticket', (document) =>
    found.reduce((all, one) => addReading(all, to.id, { ...one, id: newId() }), document),
  );
};
const blank = () => {
  if (rig.view) open(start(rig.view));
};
</script>

<template>
  <div v-if="rig.view" :inert="workspace.follows">
    <div class="bench weigh" :class="{ first: slips.length === 0 }">
      <section>
        <WeighPlan :view="rig.view" @start="begin" />
        <HomeMethods :view="rig.view" @take="takeHome" @pads="takePads" />
        <LevelAid v-if="rig.view.vehicle && rig.view.trailer" :view="rig.view" />
      </section>
      <section>
        <div class="section-head">
          <h2>{{ t('app.weigh.slips', { count: slips.length }) }}</h2>
          <button type="button" class="quiet-button no-print" @click="blank">
            <Plus :size="15" />{{ t('app.card.newSlip') }}
          </button>
        </div>
        <el-select
          v-if="slips.length > 1"
          :persistent="false"
          class="no-print"
          :model-value="slip?.id ?? ''"
          :aria-label="t('app.weigh.which')"
          @change="open"
        >
          <el-option v-for="one in slips" :key="one.id" :value="one.id" :label="`${one.name} ${one.date ?? ''}`" />
        </el-select>
        <button
          v-if="slip && slip.readings.length > 0"
          type="button"
          class="quiet-button no-print steps"
          @click="guide(0)"
        >
          <Footprints :size="15" />{{ t('app.guide.open') }}
        </button>
        <SlipBook v-if="slip" :key="slip.id" :view="rig.view" :ticket="slip" @gone="router.replace({ query: {} })" />
        <p v-else class="soft">{{ t('app.weigh.none') }}</p>
        <BareTotal :view="rig.view" />
        <RouterLink
          v-if="slip"
          class="quiet-button no-print"
          :to="{ name: 'card', params: { rig: route.params['rig'] }, query: { from: slip.id } }"
        >
          {{ t('app.weigh.verdict') }}
        </RouterLink>
      </section>
    </div>
    <WeighHistory :view="rig.view" :slips="slips" />
    <WeighGuide
      v-if="slip && step !== null"
      :view="rig.view"
      :ticket="slip"
      :step="step"
      @step="guide"
      @close="guide(null)"
    />
  </div>
</template>

<style scoped>
.weigh {
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
}
button.steps {
  margin-top: 8px;
}
.soft {
  color: var(--soft);
}
a.quiet-button {
  margin-top: 14px;
  text-decoration: none;
}
/* Before the first slip there is little to show of one. */
.first {
  grid-template-columns: minmax(0, 1fr) minmax(0, 380px);
}
@media (width <= 1000px) {
  .weigh {
    grid-template-columns: 1fr;
  }
}
</style>

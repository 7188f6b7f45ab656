<script setup lang="ts">
import { addReading, type Stand, type WeighingStep } from '@wagonomos/core';
import { Plus } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { newId } from '../../shared/newId.ts';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { useSlips } from '../../shared/useSlips.ts';
import HomeMethods from './HomeMethods.vue';
import SlipBook from './SlipBook.vue';
import WeighPlan from './WeighPlan.vue';

/** From what one wants to know to the readings, and from the readings to the truth. */
const { t } = useI18n();
const rig = useRig();
const workspace = useWorkspace();
const route = useRoute();
const router = useRouter();
const { slips, start } = useSlips();
const slip = computed(() => slips.value.find((one) => one.id === route.query['slip']) ?? slips.value.at(-1));
const open = (id: string) => void router.replace({ query: { slip: id } });
const reading = ({ state, support, on }: Stand) => ({ state, on, value: 0, ...(support ? { support } : {}) });
const begin = (steps: readonly WeighingStep[], graduation: number) => {
  if (rig.view) open(start(rig.view, { graduation, readings: steps.map((one) => reading(one.stand)) }));
};
/** What was found at home goes onto the slip in hand, or starts one. */
const takeHome = (value: number, graduation: number) => {
  if (!rig.view) return;
  const found = { state: 'uncoupled' as const, support: 'ball' as const, on: ['ball' as const], value, graduation };
  const { value: to } = slip;
  if (to) workspace.edit('app.edit.ticket', (document) => addReading(document, to.id, { ...found, id: newId() }));
  else open(start(rig.view, { readings: [found] }));
};
const blank = () => {
  if (rig.view) open(start(rig.view));
};
</script>

<template>
  <div v-if="rig.view" class="bench weigh" :inert="workspace.follows">
    <section>
      <WeighPlan :view="rig.view" @start="begin" />
      <HomeMethods :view="rig.view" @take="takeHome" />
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
        class="no-print"
        :model-value="slip?.id ?? ''"
        :aria-label="t('app.weigh.which')"
        @change="open"
      >
        <el-option v-for="one in slips" :key="one.id" :value="one.id" :label="`${one.name} ${one.date ?? ''}`" />
      </el-select>
      <SlipBook v-if="slip" :key="slip.id" :view="rig.view" :ticket="slip" @gone="router.replace({ query: {} })" />
      <p v-else class="soft">{{ t('app.weigh.none') }}</p>
      <RouterLink
        v-if="slip"
        class="quiet-button no-print"
        :to="{ name: 'card', params: { rig: route.params['rig'] }, query: { from: slip.id } }"
      >
        {{ t('app.weigh.verdict') }}
      </RouterLink>
    </section>
  </div>
</template>

<style scoped>
.weigh {
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
}
.soft {
  color: var(--soft);
}
a.quiet-button {
  margin-top: 14px;
  text-decoration: none;
}
@media (width <= 1000px) {
  .weigh {
    grid-template-columns: 1fr;
  }
}
</style>

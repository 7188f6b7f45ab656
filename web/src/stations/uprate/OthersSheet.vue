<script setup lang="ts">
import type { PlannedAssessment, RigView } from '@wagonomos/core';
import { keepAlternative } from '@wagonomos/core/edits';
import { alternatives, type Alternative, type Swap } from '@wagonomos/core/uprating';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import { newId } from '../../stores/newId.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import AlternativeCard from './AlternativeCard.vue';
import SwapTable from './SwapTable.vue';
import { useBench } from './useBench.ts';
import { usePackingAnswer } from './usePackingAnswer.ts';

/** Everything that needs no higher plate, each worked out like a loadout and kept as one if wanted. */
const props = defineProps<{ view: RigView; assessment: PlannedAssessment }>();
const { t } = useI18n();
const router = useRouter();
const workspace = useWorkspace();
/** Under a lower plate on the bench the question is the same: what else would do. */
const { chosen, then, open } = useBench();
const swaps = ref<readonly Swap[]>([]);
const { found: ways, state } = usePackingAnswer(
  () => then.value,
  (api, rig, seconds) => api.solvedWays(rig, { name: t('app.others.trailerName'), box: t('app.others.box') }, seconds),
);
const found = computed(() => alternatives(then.value, { swaps: swaps.value, ways: ways.value }));
const keep = (one: Alternative) => {
  let rig = props.view.rig.id;
  workspace.edit('app.edit.keepAlternative', (document) => {
    const kept = keepAlternative(document, rig, one, t(`app.others.keptName.${one.id}`), newId);
    rig = kept.rig;
    return kept.workspace;
  });
  void router.push({ name: 'load', params: { rig } });
};
</script>

<template>
  <div class="bench others">
    <section>
      <h2>{{ t('app.others.title') }}</h2>
      <p class="soft">
        {{
          t(chosen.length > 0 ? 'app.others.underBench' : 'app.others.hint', {
            names: chosen.map(({ name }) => name).join(' + '),
          })
        }}
      </p>
      <p v-if="state !== 'done'" class="soft" role="status">
        {{ t(state === 'looking' ? 'app.others.looking' : 'app.others.notFound') }}
      </p>
      <p v-else-if="found.length === 0" class="soft">{{ t('app.others.none') }}</p>
      <AlternativeCard v-for="one in found" :key="one.id" :view="view" :one="one" @keep="keep(one)" />
      <el-button size="small" @click="open('packages')">{{ t('app.uprate.toPackages') }}</el-button>
    </section>
    <section>
      <h2>{{ t('app.others.lighter') }}</h2>
      <SwapTable :view="view" @change="(list) => (swaps = list)" />
    </section>
  </div>
</template>

<style scoped>
.others {
  grid-template-columns: minmax(0, 1.2fr) minmax(320px, 0.9fr);
}
@media (width <= 1000px) {
  .others {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

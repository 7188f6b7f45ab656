<script setup lang="ts">
import type { PlannedAssessment, RigView } from '@wagonomos/core';
import { useI18n } from 'vue-i18n';
import ChainHeadroom from './ChainHeadroom.vue';
import FullTrailerNote from './FullTrailerNote.vue';
import LimitMatrix from './LimitMatrix.vue';
import LimitsInTheWay from './LimitsInTheWay.vue';
import PaperReachTable from './PaperReachTable.vue';

/** Which limits are in the way, in every loadout and on every slip; what each part of each chain still has; how far paper goes. */
defineProps<{ view: RigView; assessment: PlannedAssessment }>();
const { t } = useI18n();
</script>

<template>
  <div class="bench way">
    <section>
      <h2>{{ t('app.uprate.inTheWay') }}</h2>
      <LimitsInTheWay :assessment="assessment" />
      <h2>{{ t('app.uprate.paperReach') }}</h2>
      <PaperReachTable :assessment="assessment" />
    </section>
    <section>
      <h2>{{ t('app.uprate.across') }}</h2>
      <LimitMatrix :view="view" />
      <FullTrailerNote :view="view" :assessment="assessment" />
      <h2>{{ t('app.uprate.headroom') }}</h2>
      <ChainHeadroom />
    </section>
  </div>
</template>

<style scoped>
.way {
  grid-template-columns: minmax(300px, 0.7fr) minmax(0, 1.3fr);
}
h2:not(:first-child) {
  margin-top: 20px;
}
@media (width <= 1000px) {
  .way {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

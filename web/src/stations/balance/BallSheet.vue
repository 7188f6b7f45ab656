<script setup lang="ts">
import type { PlannedAssessment, RigView } from '@wagonomos/core';
import { useI18n } from 'vue-i18n';
import BallAtHeight from './BallAtHeight.vue';
import BallLine from './BallLine.vue';
import BallMoves from './BallMoves.vue';
import WaterTrim from './WaterTrim.vue';

/** The load on the coupling and what would bring it right: things, water, the height of the coupling. */
defineProps<{ view: RigView; assessment: PlannedAssessment }>();
const { t } = useI18n();
</script>

<template>
  <div class="bench ball">
    <section>
      <h2>{{ t('app.balance.ball') }}</h2>
      <BallLine />
      <BallMoves :view="view" />
    </section>
    <section>
      <WaterTrim :view="view" :assessment="assessment" />
      <BallAtHeight />
    </section>
  </div>
</template>

<style scoped>
.ball {
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 380px), 1fr));
}
</style>

<script setup lang="ts">
import type { PlannedAssessment, RigView } from '@wagonomos/core';
import { useI18n } from 'vue-i18n';
import MassAlongBody from './MassAlongBody.vue';
import OverhangTable from './OverhangTable.vue';
import SideBalance from './SideBalance.vue';

/** Where the mass of each body sits along it, and what hangs over. */
defineProps<{ view: RigView; assessment: PlannedAssessment }>();
const { t } = useI18n();
</script>

<template>
  <div class="bench along">
    <section>
      <h2>{{ t('app.balance.along') }}</h2>
      <MassAlongBody v-if="view.trailer" side="trailer" />
      <MassAlongBody v-if="view.vehicle" side="vehicle" />
    </section>
    <section>
      <SideBalance :view="view" :assessment="assessment" />
      <template v-if="view.vehicle">
        <h2>{{ t('app.balance.overhang') }}</h2>
        <OverhangTable :view="view" />
      </template>
    </section>
  </div>
</template>

<style scoped>
.along {
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 380px), 1fr));
}
</style>

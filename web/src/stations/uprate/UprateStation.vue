<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { useRig } from '../../stores/rig.ts';
import LimitsInTheWay from './LimitsInTheWay.vue';
import PackageSearch from './PackageSearch.vue';
import PackageTable from './PackageTable.vue';

/** What stands in the way of carrying more, and what each package would really be worth on this rig. */
const { t } = useI18n();
const rig = useRig();
</script>

<template>
  <div v-if="rig.view && rig.assessment" class="bench uprate">
    <section>
      <h2>{{ t('app.uprate.inTheWay') }}</h2>
      <LimitsInTheWay :assessment="rig.assessment" />
    </section>
    <section>
      <h2>{{ t('app.uprate.packages') }}</h2>
      <PackageTable :view="rig.view" :assessment="rig.assessment" />
      <h2>{{ t('app.uprate.combinations') }}</h2>
      <PackageSearch :view="rig.view" />
      <p class="soft">{{ t('app.uprate.later') }}</p>
    </section>
  </div>
</template>

<style scoped>
.uprate {
  grid-template-columns: minmax(300px, 0.6fr) minmax(0, 1.4fr);
}
h2:not(:first-child) {
  margin-top: 20px;
}
.soft {
  margin-top: 14px;
  color: var(--soft);
}
@media (width <= 1000px) {
  .uprate {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

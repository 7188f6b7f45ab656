<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';

/** A station that stands on the route and is not there yet: it says so and pretends nothing. */
const { t } = useI18n();
const route = useRoute();
</script>

<template>
  <section class="later">
    <h2>{{ t('app.later.title', { station: t(`app.station.${String(route.name)}`) }) }}</h2>
    <p>{{ t(`app.later.${String(route.name)}`) }}</p>
  </section>
</template>

<style scoped>
.later {
  max-width: 640px;
  padding: 28px 18px 60px;
}
p {
  margin-top: 8px;
  color: var(--soft);
}
</style>

<script setup lang="ts">
import { useI18n } from 'vue-i18n';

/** A station that stands on the route and is not there yet: it says so and pretends nothing. */
defineProps<{ station: string }>();
const { t } = useI18n();
</script>

<template>
  <section class="later">
    <h2>{{ t('app.later.title', { station: t(`app.station.${station}`) }) }}</h2>
    <p>{{ t(`app.later.${station}`) }}</p>
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

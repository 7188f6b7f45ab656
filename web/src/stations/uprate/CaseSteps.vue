<script setup lang="ts">
import type { CaseProgress, UprateCase } from '@wagonomos/core/uprating';
import { useI18n } from 'vue-i18n';
import CaseStepRow from './CaseStepRow.vue';

/** The way to a lawful new figure, step by step, with its source and how sure it is. */
defineProps<{ one: UprateCase; progress: CaseProgress }>();
const { t } = useI18n();
</script>

<template>
  <section>
    <div v-for="route in progress.routes" :key="route.id" class="route">
      <h2>{{ t(`app.case.wayOf.${route.of}`) }}</h2>
      <p :class="{ low: route.confidence === 'low' }">
        {{
          t(route.confidence === 'low' ? 'app.uprate.perhaps' : 'app.notes.plain', {
            text: t(`caseRoute.${route.id}`),
          })
        }}
        <small>{{
          t('app.source.line', { source: t(`source.${route.source}`), sure: t(`app.confidence.${route.confidence}`) })
        }}</small>
      </p>
      <ol>
        <CaseStepRow
          v-for="item in progress.items.filter(({ of }) => of === route.of)"
          :key="item.id"
          :one="one"
          :item="item"
        />
      </ol>
    </div>
  </section>
</template>

<style scoped>
ol {
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}
small {
  display: block;
  color: var(--soft);
}
.low {
  font-style: italic;
}
.low small {
  color: var(--tight);
}
</style>

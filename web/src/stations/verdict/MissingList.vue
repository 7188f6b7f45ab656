<script setup lang="ts">
import { missingMessage, whereToFind } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useBasis } from '../../shared/useBasis.ts';
import MessageText from '../../shared/MessageText.vue';
import { useRig } from '../../stores/rig.ts';

/** What nobody has said yet and where it stands, each once. What a mere permission asks for stands with it. */
const { t } = useI18n();
const rig = useRig();
const { based } = useBasis();
const missing = computed(() => {
  const unknown = (based.value?.assessment?.checks ?? []).filter(
    (check) => check.status === 'unknown' && check.kind !== 'permit',
  );
  return [...new Map(unknown.flatMap((check) => check.missing).map((one) => [JSON.stringify(one), one])).values()];
});
</script>

<template>
  <section v-if="missing.length > 0" class="missing" :aria-label="t('app.source.missing')">
    <h2>{{ t('app.source.missing') }}</h2>
    <ul>
      <li v-for="(one, index) in missing" :key="index">
        <MessageText :message="missingMessage(one)" />
        <small><MessageText :message="whereToFind(one)" /></small>
      </li>
    </ul>
    <RouterLink :to="{ name: 'plates', params: { rig: rig.rigId } }">{{ t('app.verdict.toPlates') }}</RouterLink>
  </section>
</template>

<style scoped>
.missing {
  margin-bottom: 18px;
  padding: 10px 14px;
  border: 1px solid var(--line);
  border-left: 6px solid var(--slate);
  background: var(--sheet);
}
ul {
  columns: 2 360px;
  margin: 6px 0;
  padding-left: 18px;
}
li {
  break-inside: avoid;
}
small {
  display: block;
  color: var(--soft);
}
</style>

<script setup lang="ts">
import { buyersPayload } from '@wagonomos/core';
import { findings } from '@wagonomos/core/limits';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import MessageText from '../../words/MessageText.vue';
import { useRig } from '../../stores/rig.ts';

/** What the plates say of each other, before anything is loaded: warnings first. */
const { t } = useI18n();
const rig = useRig();
const order = ['warning', 'question', 'note'] as const;
const found = computed(() => {
  const all = rig.assessment ? findings(rig.assessment.loads) : [];
  return [...all].sort((a, b) => order.indexOf(a.severity) - order.indexOf(b.severity));
});
const buyers = computed(() => {
  const { view } = rig;
  return view ? (['vehicle', 'trailer'] as const).flatMap((side) => buyersPayload(view, side) ?? []) : [];
});
</script>

<template>
  <section v-if="found.length + buyers.length > 0" class="findings" :aria-label="t('app.findings.title')">
    <h2>{{ t('app.findings.title') }}</h2>
    <ul>
      <li v-for="(one, index) in found" :key="index" :class="one.severity" :data-test="`finding-${one.code}`">
        <b>{{ t(`app.findings.${one.severity}`) }}</b> <MessageText :message="one.message" />
      </li>
      <li v-for="(one, index) in buyers" :key="`b${index}`" class="note" data-test="buyers-payload">
        <b>{{ t('app.findings.note') }}</b> <MessageText :message="one" />
      </li>
    </ul>
  </section>
</template>

<style scoped>
.findings {
  padding: 14px 18px 16px;
  border-bottom: 1px solid var(--line);
}
ul {
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
}
li {
  padding: 5px 10px;
  border-left: 5px solid var(--slate);
  border-bottom: 1px dotted var(--line);
}
.warning {
  border-left-color: var(--over);
}
.question {
  border-left-color: var(--tight);
}
b {
  font: 600 15px var(--figures);
}
.warning b {
  color: var(--over);
}
.question b {
  color: var(--tight);
}
</style>

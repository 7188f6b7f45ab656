<script setup lang="ts">
import { informationFor, worstFirst } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRig } from '../../stores/rig.ts';

/** What nobody judges where no law is asked, beside the verdict: silence would read as in order. */
const { t } = useI18n();
const rig = useRig();
const notes = computed(() =>
  (rig.assessment ? worstFirst(informationFor(rig.assessment.loads)) : []).filter(({ facts }) => facts.unjudged),
);
</script>

<template>
  <ul v-if="notes.length > 0" data-test="not-judged">
    <li v-for="{ facts } in notes" :key="facts.id">{{ t(`info.${facts.id}`) }}</li>
  </ul>
</template>

<style scoped>
ul {
  margin: 0 0 16px;
  padding: 0;
  list-style: none;
}
</style>

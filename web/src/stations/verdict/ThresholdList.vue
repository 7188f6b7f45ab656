<script setup lang="ts">
import { nearThresholds, term, message, type NearThreshold } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useRig } from '../../stores/rig.ts';
import SideSection from './SideSection.vue';
import SourceLine from '../../words/SourceLine.vue';

/** Marks close to this rig's plates at which something changes. They go by the plates, not by today's load. */
const { t } = useI18n();
const { say } = useSpeech();
const rig = useRig();
const near = computed(() => (rig.assessment ? nearThresholds(rig.assessment.loads) : []));
/** Several things that change at one mark of one plate stand under one line. */
const marks = computed(() => {
  const found = new Map<string, NearThreshold[]>();
  for (const one of near.value) {
    const key = `${one.facts.of} ${one.facts.at}`;
    found.set(key, [...(found.get(key) ?? []), one]);
  }
  return [...found].map(([key, list]) => ({ key, list }));
});
const whose = ({ facts }: NearThreshold): string =>
  facts.of === 'sumOfPlates' || facts.of === 'vehicleUnladen'
    ? t(`app.threshold.${facts.of}`)
    : say(message('check.limit', { limit: term(facts.of) }));
</script>

<template>
  <SideSection v-if="near.length > 0" name="thresholds" :title="t('app.threshold.title')">
    <li v-for="{ key, list } in marks" :key="key">
      <span v-for="one in list.slice(0, 1)" :key="one.facts.id" class="num">{{
        t(one.passed ? 'app.threshold.above' : 'app.threshold.below', {
          whose: whose(one),
          value: written(one.value, 0),
          at: written(one.facts.at, 0),
        })
      }}</span>
      <div v-for="one in list" :key="one.facts.id">
        {{ t(`threshold.${one.facts.id}`) }}
        <SourceLine :facts="one.facts" />
      </div>
    </li>
  </SideSection>
</template>

<style scoped>
.num {
  display: block;
  font-weight: 600;
}
</style>

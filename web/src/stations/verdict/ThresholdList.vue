<script setup lang="ts">
import { nearThresholds, term, message, type NearThreshold } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech, written } from '../../shared/useSpeech.ts';
import { useRig } from '../../stores/rig.ts';
import SideSection from './SideSection.vue';
import SourceLine from './SourceLine.vue';

/** Marks close to this rig's plates at which something changes. They go by the plates, not by today's load. */
const { t } = useI18n();
const { say } = useSpeech();
const rig = useRig();
const near = computed(() => (rig.assessment ? nearThresholds(rig.assessment.loads) : []));
const whose = ({ facts }: NearThreshold): string =>
  facts.of === 'sumOfPlates' ? t('app.threshold.sum') : say(message('check.limit', { limit: term(facts.of) }));
</script>

<template>
  <SideSection v-if="near.length > 0" name="thresholds" :title="t('app.threshold.title')">
    <li v-for="one in near" :key="one.facts.id">
      <span class="num">{{
        t(one.passed ? 'app.threshold.above' : 'app.threshold.below', {
          whose: whose(one),
          value: written(one.value, 0),
          at: written(one.facts.at, 0),
        })
      }}</span>
      {{ t(`threshold.${one.facts.id}`) }}
      <SourceLine :source="one.facts.source" :confidence="one.facts.confidence" />
    </li>
  </SideSection>
</template>

<style scoped>
.num {
  display: block;
  font-weight: 600;
}
</style>

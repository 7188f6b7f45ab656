<script setup lang="ts">
import { informationFor, type Information } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { usePlaces } from '../../shared/usePlaces.ts';
import { useRig } from '../../stores/rig.ts';
import SideSection from './SideSection.vue';
import SourceLine from '../../shared/SourceLine.vue';

/** What a well-read person would mention of these places and no arithmetic decides. */
const { t } = useI18n();
const { placeName } = usePlaces();
const rig = useRig();
const notes = computed(() =>
  rig.assessment ? informationFor(rig.assessment.loads).filter((one) => one.bears !== 'no') : [],
);
const how = ({ coming, facts }: Information): 'coming' | 'perhaps' | 'plain' =>
  coming ? 'coming' : facts.confidence === 'low' ? 'perhaps' : 'plain';
</script>

<template>
  <SideSection v-if="notes.length > 0" name="notes" :title="t('app.notes.title')">
    <li v-for="one in notes" :key="one.facts.id">
      <b>{{ placeName(one.place) }}</b>
      {{ t(`app.notes.${how(one)}`, { text: t(`info.${one.facts.id}`) }) }}
      <SourceLine
        :source="one.facts.source"
        :confidence="one.facts.confidence"
        :country="one.place.country"
        :more="one.bears === 'unknown' ? t('app.notes.unknown') : ''"
      />
    </li>
  </SideSection>
</template>

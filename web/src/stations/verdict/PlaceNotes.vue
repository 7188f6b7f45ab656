<script setup lang="ts">
import { informationFor, mostInformation, worstFirst, type Information } from '@wagonomos/core';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { usePlaces } from '../../words/usePlaces.ts';
import { useRig } from '../../stores/rig.ts';
import SideSection from './SideSection.vue';
import SourceLine from '../../words/SourceLine.vue';

/** What a well-read person would mention of these places and no arithmetic decides. */
const { t } = useI18n();
const { placeName } = usePlaces();
const rig = useRig();
/** What can hurt somebody first, then what is fined; no more at once than is read. */
const all = computed(() =>
  (rig.assessment ? worstFirst(informationFor(rig.assessment.loads)) : []).filter(({ facts }) => !facts.unjudged),
);
const whole = ref(false);
const notes = computed(() => (whole.value ? all.value : all.value.slice(0, mostInformation)));
const how = ({ coming, facts }: Information): 'coming' | 'perhaps' | 'plain' =>
  coming ? 'coming' : facts.confidence === 'low' ? 'perhaps' : 'plain';
</script>

<template>
  <SideSection v-if="notes.length > 0" name="notes" :title="t('app.notes.title')">
    <li v-for="one in notes" :key="one.facts.id">
      <b>{{ placeName(one.place) }}</b>
      {{ t(`app.notes.${how(one)}`, { text: t(`info.${one.facts.id}`) }) }}
      <SourceLine
        :facts="one.facts"
        :country="one.place.country"
        :more="one.bears === 'unknown' ? t('app.notes.unknown') : ''"
      />
    </li>
    <li v-if="all.length > notes.length" class="no-print">
      <button type="button" class="quiet-button" @click="whole = true">
        {{ t('app.notes.more', { count: all.length - notes.length }, all.length - notes.length) }}
      </button>
    </li>
  </SideSection>
</template>

<script setup lang="ts">
import { lawSorts, placeLaw, type Confidence, type Jurisdiction } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import LawLine from './LawLine.vue';

/** All that is known of one place on one day, whatever the rig. */
const props = defineProps<{
  place: Jurisdiction;
  day: string;
  shows: (one: { readonly kind: string | null; readonly confidence: Confidence }) => boolean;
}>();
const { t } = useI18n();
const { say } = useSpeech();
const groups = computed(() => {
  const law = placeLaw(props.place, props.day).filter(props.shows);
  return lawSorts
    .map((sort) => ({ sort, entries: law.filter((one) => one.sort === sort) }))
    .filter(({ entries }) => entries.length > 0);
});
</script>

<template>
  <div data-test="place-rules">
    <section v-for="{ sort, entries } in groups" :key="sort">
      <h2>{{ t(`app.rules.sort.${sort}`) }}</h2>
      <article v-for="one in entries" :key="one.id" :data-test="`law-${one.id}`">
        <h3 v-if="sort !== 'note'">{{ say(one.name) }}</h3>
        <LawLine :entry="one" />
      </article>
    </section>
    <p v-if="groups.length === 0" class="soft">{{ t('app.rules.none') }}</p>
  </div>
</template>

<style scoped src="./lawList.css"></style>

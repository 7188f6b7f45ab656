<script setup lang="ts">
import { lawChanges, lawSorts, placeLaw, type Confidence, type Jurisdiction } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { usePlaces } from '../../words/usePlaces.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import LawLine from './LawLine.vue';

/** Two places, or two days of one, side by side: only what is otherwise. */
const props = defineProps<{
  one: { readonly place: Jurisdiction; readonly day: string };
  other: { readonly place: Jurisdiction; readonly day: string };
  shows: (one: { readonly kind: string | null; readonly confidence: Confidence }) => boolean;
}>();
const { t } = useI18n();
const { say } = useSpeech();
const { placeName } = usePlaces();
const changes = computed(() =>
  lawChanges(placeLaw(props.one.place, props.one.day), placeLaw(props.other.place, props.other.day)).filter(
    ({ one, other }) => (one !== null && props.shows(one)) || (other !== null && props.shows(other)),
  ),
);
const groups = computed(() =>
  lawSorts
    .map((sort) => ({ sort, changes: changes.value.filter((change) => change.sort === sort) }))
    .filter((group) => group.changes.length > 0),
);
const heads = computed(() =>
  [props.one, props.other].map(({ place, day }) => t('app.rules.on', { place: placeName(place), day })),
);
</script>

<template>
  <div data-test="rule-changes">
    <p v-if="changes.length === 0" class="soft">{{ t('app.rules.noChange') }}</p>
    <p v-else class="soft">{{ t('app.rules.changed', { count: changes.length }, changes.length) }}</p>
    <section v-for="group in groups" :key="group.sort">
      <h2>{{ t(`app.rules.sort.${group.sort}`) }}</h2>
      <div class="pair heads" aria-hidden="true">
        <span v-for="(head, at) in heads" :key="at">{{ head }}</span>
      </div>
      <article v-for="change in group.changes" :key="change.id" :data-test="`change-${change.id}`">
        <h3 v-if="group.sort !== 'note'">{{ say(change.name) }}</h3>
        <div class="pair">
          <div>
            <span class="where">{{ heads[0] }}</span>
            <LawLine :entry="change.one" />
          </div>
          <div>
            <span class="where">{{ heads[1] }}</span>
            <LawLine :entry="change.other" />
          </div>
        </div>
      </article>
    </section>
  </div>
</template>

<style scoped src="./lawList.css"></style>
<style scoped>
section {
  columns: auto;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 34px;
}
.heads {
  font-weight: 600;
}
/* On a wide page the two heads stand once over their columns. */
.where {
  position: absolute;
  overflow: hidden;
  width: 1px;
  height: 1px;
  clip-path: inset(50%);
}
@media (width <= 720px) {
  .pair {
    grid-template-columns: 1fr;
    gap: 8px;
  }
  .heads {
    display: none;
  }
  .where {
    position: static;
    width: auto;
    height: auto;
    clip-path: none;
    color: var(--soft);
    font-size: 13px;
  }
}
</style>

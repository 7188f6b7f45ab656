<script setup lang="ts">
import { bordersOf, type Border } from '@wagonomos/core/road';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import MarginText from '../../words/MarginText.vue';
import { usePlaces } from '../../words/usePlaces.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import SourceLine from '../../words/SourceLine.vue';
import { useTrip } from './useTrip.ts';

/** The rules on the way: where it sets out, and what is otherwise beyond each border, said once. */
const { t } = useI18n();
const { say } = useSpeech();
const { placeName } = usePlaces();
const route = useRoute();
const { reckoned } = useTrip();
const borders = computed(() => (reckoned.value ? bordersOf(reckoned.value) : []));
const roads = ['rural', 'dual', 'motorway'] as const;
const title = ({ from, to }: Border) =>
  from ? t('app.road.border', { from: placeName(from), to: placeName(to) }) : placeName(to);
const figure = (speed: Border['speed'], road: (typeof roads)[number]): string => {
  const value = speed?.[road];
  return value === null || value === undefined || !speed
    ? t('app.speed.unknown')
    : t('app.speed.value', { value, unit: speed.unit });
};
const speeds = ({ from, speed, speedBefore }: Border): readonly string[] => {
  if (!speed) return [t(from ? 'app.road.signsFrom' : 'app.road.signs')];
  return roads.flatMap((road) => {
    const [now, then] = [figure(speed, road), figure(speedBefore, road)];
    if (!from) return [t('app.road.speed', { road: t(`app.speed.${road}`), now })];
    return now === then ? [] : [t('app.road.speedChange', { road: t(`app.speed.${road}`), now, then })];
  });
};
const same = ({ from, checks, notes, ...border }: Border) =>
  from !== null && checks.length + notes.length === 0 && speeds({ from, checks, notes, ...border }).length === 0;
</script>

<template>
  <section v-if="borders.length > 0" :aria-label="t('app.road.rules')" data-test="trip-borders">
    <h2>{{ t('app.road.rules') }}</h2>
    <details v-for="(border, n) in borders" :key="n" :open="n > 0 || borders.length === 1">
      <summary>
        {{ title(border) }} <small v-if="border.day">{{ border.day }}</small>
      </summary>
      <ul>
        <li v-for="one in speeds(border)" :key="one">{{ one }}</li>
        <li v-for="{ before, after } in border.checks" :key="(after ?? before)?.id">
          <template v-if="after && after.status !== 'notApplicable'">
            {{ t('app.road.limitThere', { what: say(after.name) }) }} <MarginText :check="after" />
          </template>
          <template v-else-if="before">{{ t('app.road.noLonger', { what: say(before.name) }) }}</template>
        </li>
        <li v-for="note in border.notes" :key="note.id">
          {{ t(`info.${note.id}`) }}
          <SourceLine :facts="note" :country="border.to.country" />
        </li>
        <li v-if="same(border)" class="soft">{{ t('app.road.sameRules') }}</li>
      </ul>
    </details>
    <p class="soft">
      {{ t('app.speed.posted') }}
      <RouterLink :to="{ name: 'rules', params: { rig: route.params['rig'] } }">{{
        t('app.road.allRules')
      }}</RouterLink>
    </p>
  </section>
</template>

<style scoped>
h2 {
  padding-bottom: 3px;
  border-bottom: 2px solid var(--ink);
}
summary {
  margin: 8px 0 0;
  cursor: pointer;
  font: 600 17px/1.3 var(--figures);
}
summary small,
.soft {
  color: var(--soft);
  font: 400 14px var(--text);
}
ul {
  margin: 2px 0 0;
  padding-left: 18px;
}
</style>

<script setup lang="ts">
import { displayMass } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import MarginCurves from '../../charts/MarginCurves.vue';
import { useSpeech } from '../../words/useSpeech.ts';
import { useSettings } from '../../stores/settings.ts';
import { useTrip } from './useTrip.ts';
import { watchedLimits } from './watchedLimits.ts';

/** What the tightest limits have left along the trip. */
const emit = defineEmits<{ area: [area: { readonly left: number; readonly width: number }] }>();
const { t } = useI18n();
const { say } = useSpeech();
const settings = useSettings();
const { reckoned, least, placed, spans } = useTrip();

const shown = (margin: number) => displayMass(margin, settings.massUnit, 'nearest');
const series = computed(() =>
  reckoned.value
    ? watchedLimits(least.value).map(({ check }) => ({
        name: say(check.name),
        data: placed.value.flatMap(({ moment, from, to }) => {
          const margin = moment.checks.find(({ id }) => id === check.id)?.margin ?? null;
          const y = margin === null ? null : shown(margin);
          return from === to
            ? [{ x: to, y }]
            : [
                { x: from, y },
                { x: to, y },
              ];
        }),
      }))
    : [],
);
/** So many parts are told apart by posts; more would be a grey wall, each drawn by itself. */
const mostPosts = 60;
const posts = computed(() => (spans.value.length > mostPosts ? [] : spans.value.slice(1).map(({ from }) => from)));
</script>

<template>
  <MarginCurves
    v-if="series.length > 0"
    :series="series"
    :posts="posts"
    :label="t('app.road.curves')"
    :zero="t('app.road.zero', { unit: settings.massUnit })"
    @area="emit('area', $event)"
  />
</template>

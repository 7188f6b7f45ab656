<script setup lang="ts">
import { journeyStops, missingMessage, type JourneyStop } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { usePlaces } from '../../words/usePlaces.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { useRig } from '../../stores/rig.ts';

/** Home and every place of the journey side by side: information, apart from the verdict. Plates stay what they are. */
const { t } = useI18n();
const { placeName } = usePlaces();
const { say } = useSpeech();
const rig = useRig();
const roads = ['rural', 'dual', 'motorway'] as const;
const stops = computed(() => (rig.assessment ? journeyStops(rig.assessment.loads) : []));
const differs = (stop: JourneyStop, road: (typeof roads)[number]): boolean => {
  const [home] = stops.value;
  return !stop.home && home?.speed?.[road] !== stop.speed?.[road];
};
const speed = (stop: JourneyStop, road: (typeof roads)[number]): string => {
  const value = stop.speed?.[road];
  if (!stop.speed) return stop.waitsFor ? t('app.speed.unknown') : t('app.journey.posted');
  return value === null || value === undefined
    ? t('app.speed.unknown')
    : t('app.speed.value', { value, unit: stop.speed.unit });
};
const asWhat = (stop: JourneyStop): string => {
  if (stop.speed?.asks) return `${t(`app.speed.kind.${stop.speed.as}`)}. ${t(`app.speed.asks.${stop.speed.asks}`)}`;
  if (stop.speed) return t(`app.speed.kind.${stop.speed.as}`);
  return stop.waitsFor ? t('app.journey.waits', { what: say(missingMessage(stop.waitsFor)) }) : t('app.journey.posted');
};
/** Where only signs count, rows of figures would say nothing. */
const speeds = computed(() => stops.value.some((stop) => stop.speed !== null));
const ball = computed(() => stops.value.some((stop) => stop.leastBall === 'legal' || stop.leastBall === 'guidance'));
const novice = computed(() => stops.value.some((stop) => stop.speed?.novice !== undefined));
</script>

<template>
  <section v-if="stops.length > 0" class="journey" data-test="journey" :aria-label="t('app.journey.title')">
    <h2>{{ t('app.journey.title') }}</h2>
    <div class="scroll" tabindex="0" role="region" :aria-label="t('app.journey.title')">
      <table>
        <thead>
          <tr>
            <td></td>
            <th
              v-for="stop in stops"
              :key="placeName(stop.place)"
              scope="col"
              :data-test="`stop-${stop.place.country}`"
            >
              {{ placeName(stop.place) }} <small v-if="stop.home">{{ t('app.journey.home') }}</small>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">{{ t('app.journey.as') }}</th>
            <td v-for="(stop, at) in stops" :key="at" :data-test="`as-${stop.place.country}`">
              {{ asWhat(stop) }}
            </td>
          </tr>
          <tr v-for="road in speeds ? roads : []" :key="road">
            <th scope="row">{{ t(`app.speed.${road}`) }}</th>
            <td
              v-for="(stop, at) in stops"
              :key="at"
              class="num"
              :class="{ differs: differs(stop, road) }"
              :data-test="`${road}-${stop.place.country}`"
            >
              {{ speed(stop, road) }}
            </td>
          </tr>
          <tr v-if="novice">
            <th scope="row">{{ t('app.journey.novice') }}</th>
            <td v-for="(stop, at) in stops" :key="at" class="num">
              {{
                stop.speed?.novice
                  ? t('app.speed.value', { value: stop.speed.novice, unit: stop.speed.unit })
                  : t('app.journey.none')
              }}
            </td>
          </tr>
          <tr v-if="ball">
            <th scope="row">{{ t('app.journey.leastBall') }}</th>
            <td v-for="(stop, at) in stops" :key="at">
              {{ t(`app.journey.ball.${stop.leastBall ?? 'none'}`) }}
            </td>
          </tr>
          <tr v-if="speeds">
            <th scope="row">{{ t('app.source.confidence') }}</th>
            <td v-for="(stop, at) in stops" :key="at" class="soft" :class="stop.speed?.confidence">
              {{
                stop.speed?.confidence === 'low'
                  ? t('app.verdict.low', { whom: t(`ask.${stop.place.country}`) })
                  : t(`app.speed.confidence.${stop.speed?.confidence ?? 'medium'}`)
              }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="soft">{{ t('app.journey.text') }} {{ t('app.speed.posted') }}</p>
  </section>
</template>

<style scoped>
.journey {
  margin: 6px 0 22px;
}
h2 {
  padding-bottom: 3px;
  border-bottom: 2px solid var(--ink);
}
.scroll {
  overflow-x: auto;
}
table {
  min-width: min(100%, 420px);
  margin: 6px 0;
  border-collapse: collapse;
}
th,
td {
  padding: 4px 18px 4px 0;
  border-bottom: 1px dotted var(--line);
  text-align: left;
  vertical-align: baseline;
}
thead th {
  font: 600 18px/1.2 var(--figures);
}
thead small {
  color: var(--soft);
  font: 400 13px var(--text);
}
tbody th {
  color: var(--soft);
  font-weight: 400;
}
td.num {
  white-space: nowrap;
  font-size: 19px;
  font-weight: 600;
}
.differs {
  text-decoration: underline;
  text-decoration-color: var(--pen);
  text-decoration-thickness: 3px;
  text-underline-offset: 3px;
}
.soft {
  max-width: 36em;
  font-size: 13px;
}
td.low {
  color: var(--tight);
}
</style>

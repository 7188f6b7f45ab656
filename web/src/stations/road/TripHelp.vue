<script setup lang="ts">
import { kilograms, message, verbatim } from '@wagonomos/core';
import { massChanges, sectionMessage, storeMessage, viewBefore, type Amount } from '@wagonomos/core/road';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import TripRemedies from './TripRemedies.vue';
import { useTrip } from './useTrip.ts';

/** What to do about the worst moment, and what on this trip runs short, runs over or cannot be reckoned. */
const { t } = useI18n();
const { say } = useSpeech();
const { trip, reckoned, least } = useTrip();
const worst = computed(() => least.value[0] ?? null);
/** Where no limit can be held against it, how much comes and goes is known all the same. */
const changes = computed(() =>
  reckoned.value && !worst.value
    ? massChanges(reckoned.value).map(({ side, most, when, end }) => ({
        side,
        text: say(
          message('road.change', {
            body: verbatim(reckoned.value?.start[side]?.name ?? ''),
            most: message(most < 0 ? 'road.lighter' : 'road.heavier', { mass: kilograms(Math.abs(most), 'load') }),
            when,
            end: message(end < 0 ? 'road.lighter' : 'road.heavier', { mass: kilograms(Math.abs(end), 'load') }),
          }),
        ),
      }))
    : [],
);
const unitOf = (of: Amount['of']): 'L' | 'kg' => {
  const { value: trip } = reckoned;
  if (!trip || 'food' in of) return 'kg';
  const body = [trip.start.vehicle, trip.start.trailer, trip.start.camper].find((one) => one?.id === of.body);
  return body?.tanks.find(({ id }) => id === of.tank)?.kind === 'gas' ? 'kg' : 'L';
};
/** Less than a litre is nobody's concern. */
const worthTelling = 1;
const flows = computed(() => {
  const { value: trip } = reckoned;
  if (!trip) return [];
  return trip.sections.flatMap((section) => {
    const flowed = trip.flowed.get(section.id);
    if (!flowed) return [];
    const what = say(sectionMessage(viewBefore(trip, section), section));
    return (['short', 'spilt'] as const).flatMap((kind) =>
      flowed[kind]
        .filter(({ amount }) => amount >= worthTelling)
        .map(({ of, amount }) => ({
          key: `${section.id} ${kind} ${JSON.stringify(of)}`,
          text: t(`app.road.${kind}`, {
            what,
            store: say(storeMessage(trip.start, of)),
            amount: `${written(amount, 0)} ${unitOf(of)}`,
          }),
        })),
    );
  });
});
/** Lines before one has to ask for the rest: of a long trip they would push the plan out of sight. */
const fewFlows = 6;
const allFlows = ref(false);
const shownFlows = computed(() => (allFlows.value ? flows.value : flows.value.slice(0, fewFlows)));
</script>

<template>
  <section v-if="reckoned" data-test="trip-help">
    <TripRemedies v-if="worst?.check.status === 'over' && !trip?.carried" :worst="worst" />
    <ul v-if="changes.length + flows.length + reckoned.unreckoned.length > 0" class="told">
      <li v-for="one in changes" :key="one.side">{{ one.text }}</li>
      <li v-for="one in shownFlows" :key="one.key">{{ one.text }}</li>
      <li v-if="flows.length > shownFlows.length">
        <button type="button" class="text-button" @click="allFlows = true">
          {{ t('app.road.moreFlows', { count: flows.length - shownFlows.length }) }}
        </button>
      </li>
      <li v-for="(one, n) in reckoned.unreckoned" :key="n" class="soft">{{ say(one) }}</li>
    </ul>
  </section>
</template>

<style scoped>
.told {
  margin: 6px 0 0;
  padding: 0;
  font-size: 14.5px;
  list-style: none;
}
.soft {
  color: var(--soft);
}
</style>

<script setup lang="ts">
import { kilograms, message } from '@wagonomos/core';
import { changeTrip, makeMove, setTankLevel, mergeLog } from '@wagonomos/core/edits';
import type { LeastOnTheRoad, TripRemedy } from '@wagonomos/core/road';
import { watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { roadWorker } from '../../workers/clients.ts';
import { unwatched } from '../../workers/unwatched.ts';
import { useLatest } from '../../workers/useLatest.ts';
import type { RoadWork } from '../../workers/road.worker.ts';
import { useTrip } from './useTrip.ts';

/** What would keep the limit all the way, the least trouble first; each was tried against the whole trip. */
const props = defineProps<{ worst: LeastOnTheRoad }>();
const { t } = useI18n();
const { say } = useSpeech();
const workspace = useWorkspace();
const { start, trip, sections, sight, behind } = useTrip();

const { answer: found, state, ask } = useLatest<RoadWork, readonly TripRemedy[]>(roadWorker());
watch(
  [start, trip, sections, () => props.worst.check.id],
  () => {
    const [{ value: from }, { value: of }] = [start, trip];
    if (!from || !of) return ask(null);
    const question = {
      start: from,
      trip: { date: of.date, rates: of.rates },
      sections: sections.value,
      check: props.worst.check.id,
      behind: [...behind.value],
    };
    return ask(async (api) => api.remedies(unwatched(question)));
  },
  { immediate: true },
);
/** On a trip under way the plan is changed as it went: what is behind stays behind. */
const carryOut = ({ plan, levels = [], move }: TripRemedy) => {
  const [{ value: of }, { value: from }] = [trip, start];
  if (!of || !from) return;
  const loadout = from.loadout.id;
  workspace.edit('app.edit.remedy', (document) => {
    // What was logged is part of the plan from here on, or its parts would be twice in it.
    const logged = plan && sight.value === 'went' ? mergeLog(document, of.id) : document;
    const planned = plan ? changeTrip(logged, of.id, { plan: [...plan] }) : logged;
    const levelled = levels.reduce((all, one) => setTankLevel(all, loadout, one.body, one.tank, one.fraction), planned);
    return move ? makeMove(levelled, loadout, move) : levelled;
  });
};
const left = ({ margin, keeps }: TripRemedy) =>
  say(
    message(keeps ? 'road.remedy.left' : 'road.remedy.helps', {
      left: kilograms(Math.abs(margin), keeps ? 'margin' : 'load'),
      limit: props.worst.check.name,
    }),
  );
</script>

<template>
  <div class="remedies no-print" data-test="trip-remedies" aria-live="polite">
    <p v-if="state === 'broken'" role="alert">{{ t('app.road.notTried') }}</p>
    <p v-else-if="found === null" class="soft">{{ t('app.road.trying') }}</p>
    <p v-else-if="found.length === 0" class="soft">{{ t('app.road.noRemedy') }}</p>
    <template v-else>
      <p v-if="!found[0]?.keeps" class="soft">{{ t('app.road.onlyHelps') }}</p>
      <ul>
        <li v-for="(one, n) in found" :key="n">
          <span>{{ say(one.says) }}</span>
          <small>{{ left(one) }}</small>
          <button type="button" class="quiet-button" @click="carryOut(one)">
            {{ t('app.next.do') }}
          </button>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
ul {
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: 2px 14px;
  align-items: center;
  padding: 3px 0;
  border-top: 1px dotted var(--line);
}
small,
.soft {
  color: var(--soft);
}
.soft {
  margin: 6px 0 0;
}
@media (width <= 720px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  small {
    grid-row: 2;
  }
  button {
    grid-row: 1 / span 2;
    min-height: 44px;
  }
}
</style>

<script setup lang="ts">
import { quantityMessage } from '@wagonomos/core';
import type { WeighedOnTheRoad } from '@wagonomos/core/road';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { useWeighedWords } from '../../words/useWeighedWords.ts';
import { useTrip } from './useTrip.ts';

/** A slip of the way beside what was reckoned for its moment. */
defineProps<{ weighed: WeighedOnTheRoad }>();
const { t } = useI18n();
const { say } = useSpeech();
const { plusMinus, signed, unit } = useWeighedWords();
const { start } = useTrip();
</script>

<template>
  <div v-if="start" data-test="plan-against-log">
    <h3>{{ t('app.road.against', { slip: weighed.ticket.name }) }}</h3>
    <p v-if="weighed.loads.length === 0" class="soft">{{ t('app.road.againstNothing') }}</p>
    <table v-else>
      <thead>
        <tr>
          <th scope="col">{{ unit() }}</th>
          <th scope="col" class="num">{{ t('app.road.reckoned') }}</th>
          <th scope="col" class="num">{{ t('app.road.weighed') }}</th>
          <th scope="col" class="num">{{ t('app.road.difference') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ quantity, reckoned, weighed: scale } in weighed.loads" :key="quantity">
          <th scope="row">{{ say(quantityMessage(start, quantity)) }}</th>
          <td class="num">{{ plusMinus(reckoned.value, reckoned.sigma) }}</td>
          <td class="num">{{ plusMinus(scale.value, scale.sigma) }}</td>
          <td class="num">
            <b>{{ signed(scale.value - reckoned.value) }}</b>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped src="../../shared/figureTable.css"></style>
<style scoped>
h3 {
  margin: 14px 0 2px;
  font: 600 17px/1.3 var(--figures);
}
.soft {
  color: var(--soft);
}
</style>

<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { belowEmpty, contradictions, leverCheck, readingMessage, type Ticket } from '@wagonomos/core/weighing';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useWeighedWords } from '../../words/useWeighedWords.ts';

/** What on a slip cannot be right: readings against each other, the lever against the lengths, a body lighter than empty. */
const props = defineProps<{ view: RigView; ticket: Ticket }>();
const { t } = useI18n();
const { say } = useSpeech();
const { kg, plusMinus, unit } = useWeighedWords();

const against = computed(() => contradictions(props.view, props.ticket));
const lever = computed(() => leverCheck(props.view, props.ticket));
const light = computed(() => belowEmpty(props.view, props.ticket));
const leverSays = computed(() => {
  const found = lever.value;
  if (!found) return '';
  return t(found.agrees ? 'app.weigh.leverAgrees' : 'app.weigh.leverDiffers', {
    loss: kg(found.loss),
    ball: kg(found.ballLoad),
    weighed: written(found.weighed, 2),
    give: written(2 * found.se, 2),
    measured: written(found.measured, 2),
    unit: unit(),
  });
});
</script>

<template>
  <section v-if="against.length > 0 || lever || light.length > 0" data-test="doubts">
    <template v-if="against.length > 0">
      <h3>{{ t('app.weigh.cannotBe', { count: against.length }, against.length) }}</h3>
      <table>
        <thead>
          <tr>
            <th scope="col">{{ t('app.weigh.reading') }}</th>
            <th scope="col">{{ t('app.weigh.read') }}</th>
            <th scope="col">{{ t('app.weigh.othersMake') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in against" :key="one.reading.id">
            <th scope="row">{{ say(readingMessage(one.reading)) }}</th>
            <td class="num">{{ kg(one.read) }}</td>
            <td class="num">{{ plusMinus(one.others, one.se) }}</td>
          </tr>
        </tbody>
      </table>
      <p class="soft">{{ t(against.length > 1 ? 'app.weigh.oneOfThem' : 'app.weigh.theCulprit') }}</p>
    </template>
    <p v-for="one in light" :key="`${one.side} ${one.what}`" class="over">
      {{
        t(one.what === 'ball' ? 'app.weigh.ballBelowEmpty' : 'app.weigh.belowEmpty', {
          body: view[one.side]?.name ?? '',
          weighed: plusMinus(one.weighed.value, one.weighed.se),
          empty: kg(one.empty),
          unit: unit(),
        })
      }}
    </p>
    <p v-if="lever" :class="lever.agrees ? 'soft' : 'over'" data-test="lever">{{ leverSays }}</p>
  </section>
</template>

<style scoped src="../../shared/figureTable.css"></style>
<style scoped>
h3 {
  margin: 16px 0 2px;
  color: var(--over);
}
thead th:not(:first-child) {
  text-align: right;
}
p {
  margin: 6px 0;
}
.over {
  color: var(--over);
}
.soft {
  color: var(--soft);
  font-size: 14px;
}
</style>

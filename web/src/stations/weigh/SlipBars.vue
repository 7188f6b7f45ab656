<script setup lang="ts">
import type { Check, RigView } from '@wagonomos/core';
import { addReading } from '@wagonomos/core/edits';
import { ratedBothWays, threePass, type Reading, type Ticket } from '@wagonomos/core/weighing';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { checkAmount } from '@wagonomos/papers/words';
import { newId } from '../../stores/newId.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { useWeighedWords } from '../../words/useWeighedWords.ts';

/** A distribution hitch in three passes: what its bars do, what each setting would do, and which ratings hold with and without. */
const props = defineProps<{ view: RigView; ticket: Ticket }>();
const { t } = useI18n();
const { say } = useSpeech();
const { kg, signed, plusMinus, unit } = useWeighedWords();
const settings = useSettings();
const workspace = useWorkspace();

const found = computed(() => threePass(props.view, props.ticket));
const axles = ['front', 'rear', 'trailer'] as const;
const cell = (one: { value: number; se: number } | null | undefined) => (one ? plusMinus(one.value, one.se) : '–');
const alone = (axle: (typeof axles)[number]) => (axle === 'front' ? cell(found.value?.front.alone) : '');

const passes: readonly Omit<Reading, 'id' | 'value'>[] = [
  { state: 'uncoupled', on: ['front'] },
  { state: 'coupled', on: ['front'] },
  { state: 'coupled', on: ['rear'] },
  { state: 'coupled', on: ['trailer'] },
  { state: 'coupled', bars: true, on: ['front'] },
  { state: 'coupled', bars: true, on: ['rear'] },
  { state: 'coupled', bars: true, on: ['trailer'] },
];
const missing = computed(() =>
  passes.filter(
    (pass) =>
      !props.ticket.readings.some(
        (one) =>
          one.state === pass.state && (one.bars ?? false) === (pass.bars ?? false) && one.on.join() === pass.on.join(),
      ),
  ),
);
const addPasses = () =>
  workspace.edit('app.edit.ticket', (document) =>
    missing.value.reduce((to, pass) => addReading(to, props.ticket.id, { ...pass, id: newId(), value: 0 }), document),
  );

/** The limits that a plate may give twice: with the bars in use and without. */
const rated = computed(() =>
  ratedBothWays(props.view).map(({ on, off }) => ({ name: on.name, on: limit(on), off: limit(off) })),
);
const limit = (check: Check) =>
  check.limit === null ? t('app.verdict.unknown') : checkAmount(check, check.limit, settings.massUnit, 'nearest');
</script>

<template>
  <details v-if="found" class="bars" data-test="bars">
    <summary>{{ t('app.bars.title') }}</summary>
    <p class="caution">{{ t('app.bars.cautions') }}</p>
    <ol class="soft">
      <li v-for="step in 3" :key="step">{{ t(`app.bars.step.${step}`) }}</li>
    </ol>
    <button v-if="missing.length > 0" type="button" class="quiet-button no-print" @click="addPasses">
      {{ t('app.bars.addPasses', { count: missing.length }) }}
    </button>
    <table>
      <thead>
        <tr>
          <th scope="col">{{ t('app.bars.axle') }}</th>
          <th scope="col">{{ t('app.bars.alone') }}</th>
          <th scope="col">{{ t('app.bars.off') }}</th>
          <th scope="col">{{ t('app.bars.on') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="axle in axles" :key="axle">
          <th scope="row">{{ t(`app.weigh.part.${axle}`) }}</th>
          <td class="num">{{ alone(axle) }}</td>
          <td class="num">{{ cell(found[axle].off) }}</td>
          <td class="num">{{ cell(found[axle].on) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="found.couple" class="result" data-test="couple">
      {{ t('app.bars.couple', { couple: written(found.couple.value, 0), give: written(2 * found.couple.se, 0) }) }}
      <template v-if="found.restored">
        {{ ' '
        }}{{
          t('app.bars.restored', {
            share: written(100 * found.restored.value, 0),
            give: written(200 * found.restored.se, 0),
          })
        }}
      </template>
      <template v-if="found.ontoTrailer">
        {{ ' ' }}{{ t('app.bars.ontoTrailer', { mass: signed(found.ontoTrailer.value), unit: unit() }) }}
      </template>
    </p>
    <p v-else class="soft">
      {{ t('app.bars.notYet', { what: found.missing.map((one) => t(`app.bars.pass.${one}`)).join(', ') }) }}
    </p>
    <table v-if="found.settings.length > 0" data-test="bar-settings">
      <thead>
        <tr>
          <th scope="col">{{ t('app.bars.setTo') }}</th>
          <th scope="col">{{ t('app.bars.needs') }}</th>
          <th v-for="axle in axles" :key="axle" scope="col">{{ t(`app.weigh.part.${axle}`) }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in found.settings" :key="one.share">
          <th scope="row">{{ t('app.bars.share', { share: written(100 * one.share, 0) }) }}</th>
          <td class="num">
            {{ t('app.bars.newtonMetres', { couple: written(one.couple, 0) }) }}
            <small v-if="one.times !== null && one.share > 0">{{
              t('app.bars.times', { times: written(one.times, 1) })
            }}</small>
          </td>
          <td v-for="axle in axles" :key="axle" class="num">{{ kg(one[axle]) }}</td>
        </tr>
      </tbody>
    </table>
    <table v-if="rated.length > 0">
      <thead>
        <tr>
          <th scope="col">{{ t('app.bars.rating') }}</th>
          <th scope="col">{{ t('app.bars.off') }}</th>
          <th scope="col">{{ t('app.bars.on') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(one, at) in rated" :key="at">
          <th scope="row">{{ say(one.name) }}</th>
          <td class="num">{{ one.off }}</td>
          <td class="num">{{ one.on }}</td>
        </tr>
      </tbody>
    </table>
    <p class="soft">{{ t('app.bars.noMore') }}</p>
  </details>
</template>

<style scoped src="../../shared/figureTable.css"></style>
<style scoped>
.bars {
  margin-top: 16px;
}
summary {
  font: 600 18px var(--figures);
  cursor: pointer;
}
.caution {
  padding: 6px 10px;
  border-left: 4px solid var(--tight);
}
ol {
  margin: 6px 0;
  padding-left: 20px;
}
table {
  margin: 8px 0;
}
thead th:not(:first-child) {
  text-align: right;
}
td small {
  display: block;
  color: var(--soft);
}
.result {
  font: 600 17px/1.35 var(--figures);
}
.soft {
  color: var(--soft);
  font-size: 14px;
}
</style>

<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { betweenSlips, byDay, type BodyChange, type Ticket } from '@wagonomos/core/weighing';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useWeighedWords } from '../../words/useWeighedWords.ts';

/** Two slips brought to one load state, beside what the ledger says was fitted in between; and what is left. */
const props = defineProps<{ view: RigView; slips: readonly Ticket[] }>();
const { t } = useI18n();
const { say } = useSpeech();
const { kg, signed, plusMinus, unit } = useWeighedWords();

const order = computed(() => byDay(props.slips));
const chosen = ref<{ before?: string; after?: string }>({});
const slip = (id: string | undefined, otherwise: Ticket | undefined) =>
  order.value.find((one) => one.id === id) ?? otherwise;
const before = computed(() => slip(chosen.value.before, order.value.at(-2)));
const after = computed(() => slip(chosen.value.after, order.value.at(-1)));
const changes = computed(() =>
  before.value && after.value && before.value !== after.value
    ? betweenSlips(props.view, before.value, after.value)
    : [],
);
const kept = computed(() => before.value?.loadout !== undefined && after.value?.loadout !== undefined);
const left = ({ unexplained: { mass, massError, x, xError, inside } }: BodyChange): string => {
  const named = { mass: plusMinus(mass, massError), x: written(x ?? 0, 2), give: written(2 * (xError ?? 0), 2) };
  if (x === null) return named.mass;
  return t(inside === false ? 'app.history.outside' : 'app.history.leftAt', named);
};
const label = ({ name, date }: Ticket) => t('app.card.slip', { slip: name, day: date ?? '' });
</script>

<template>
  <section v-if="order.length > 1" data-test="before-after">
    <h2>{{ t('app.history.beforeAfter') }}</h2>
    <div class="pick no-print">
      <el-select
        :persistent="false"
        :model-value="before?.id ?? ''"
        :aria-label="t('app.history.before')"
        @change="(id: string) => (chosen = { ...chosen, before: id })"
      >
        <el-option v-for="one in order" :key="one.id" :value="one.id" :label="label(one)" />
      </el-select>
      <span>{{ t('app.history.to') }}</span>
      <el-select
        :persistent="false"
        :model-value="after?.id ?? ''"
        :aria-label="t('app.history.after')"
        @change="(id: string) => (chosen = { ...chosen, after: id })"
      >
        <el-option v-for="one in order" :key="one.id" :value="one.id" :label="label(one)" />
      </el-select>
    </div>
    <p v-if="!kept" class="soft">{{ t('app.history.loadsNotKept') }}</p>
    <p v-if="changes.length === 0" class="soft">{{ t('app.history.nothingBoth') }}</p>
    <table v-for="one in changes" :key="one.side">
      <tbody>
        <tr>
          <th scope="row">{{ t('app.history.weighedChange', { body: view[one.side]?.name ?? '' }) }}</th>
          <td class="num">{{ plusMinus(one.weighed.value, one.weighed.se) }}</td>
        </tr>
        <tr>
          <th scope="row">{{ t('app.history.loadChange') }}</th>
          <td class="num">{{ signed(one.load.mass) }}</td>
        </tr>
        <tr v-for="part in one.parts" :key="part.id">
          <th scope="row">{{ t('app.history.partChange', { name: say(part.name), date: part.date }) }}</th>
          <td class="num">{{ signed(part.mass) }}</td>
        </tr>
        <tr class="sum">
          <th scope="row">{{ t('app.history.unexplained') }}</th>
          <td class="num">
            <b>{{ left(one) }}</b>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="changes.length > 0" class="soft">{{ t('app.history.sumNote', { unit: unit(), zero: kg(0) }) }}</p>
  </section>
</template>

<style scoped src="../../shared/figureTable.css"></style>
<style scoped src="./history.css"></style>
<style scoped>
table {
  margin-bottom: 12px;
}
.sum {
  border-top: 2px solid var(--ink);
}
</style>

<script setup lang="ts">
import { changeThing, changeTrip } from '@wagonomos/core/edits';
import { learntFrom, rateNames, ratesOf, type Learnt, type RateName, type Trip } from '@wagonomos/core/road';
import { thingsAboard, type FieldName } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import QuantityField from '../../fields/QuantityField.vue';
import { written } from '@wagonomos/papers/words';
import { useWorkspace } from '../../stores/workspace.ts';
import { useTrip } from './useTrip.ts';

/** What is used up by the kilometre and the day: usual figures to start from, the owner's own, or what the log has shown. */
const { t } = useI18n();
const workspace = useWorkspace();
const { trip, trips, start } = useTrip();

const fields: Readonly<Record<RateName, FieldName>> = {
  fuelAlone: 'litres',
  fuelTowing: 'litres',
  water: 'litres',
  waste: 'share',
  gas: 'mass',
  food: 'mass',
  pace: 'distance',
};
/** A share is shown in per cent. */
const factor = (name: RateName) => (name === 'waste' ? 100 : 1);
const rates = computed(() => (start.value && trip.value ? ratesOf(start.value, trip.value) : null));
const learnt = computed(() => (start.value ? learntFrom(start.value, trips.value) : []));
const shown = computed(() => rateNames.filter((name) => start.value?.trailer !== undefined || name !== 'fuelTowing'));
const rows = computed(() =>
  rates.value
    ? shown.value.map((name) => ({
        name,
        rate: rates.value![name],
        learnt: learnt.value.find((one) => one.name === name),
      }))
    : [],
);
const put = (name: RateName, patch: { readonly value?: number; readonly plusMinus?: number } | null) => {
  const { value: of } = trip;
  const { value: known } = rates;
  if (!of || !known) return;
  const { [name]: now, ...others } = of.rates ?? {};
  const own = { ...(now ?? { value: known[name].value }), ...patch };
  const next: Trip['rates'] = patch === null ? others : { ...others, [name]: own };
  workspace.edit(
    'app.edit.tripRate',
    (document) => changeTrip(document, of.id, { rates: next }),
    `rate ${of.id} ${name}`,
  );
};
const take = ({ name, value, plusMinus }: Learnt) =>
  put(name, { value: Number(value.toFixed(3)), plusMinus: Number(plusMinus.toFixed(3)) });
const foods = computed(() => (start.value ? thingsAboard(start.value) : []));
const eaten = computed({
  get: () => foods.value.filter((thing) => thing.food).map(({ id }) => id),
  set: (ids: readonly string[]) => {
    workspace.edit('app.edit.thing', (document) =>
      foods.value
        .filter((thing) => (thing.food === true) !== ids.includes(thing.id))
        .reduce((all, { id }) => changeThing(all, id, { food: ids.includes(id) ? true : undefined }), document),
    );
  },
});
</script>

<template>
  <details v-if="rates" class="rates" data-test="trip-rates">
    <summary>{{ t('app.road.rates') }}</summary>
    <p class="soft">{{ t('app.road.ratesHint') }}</p>
    <div v-for="{ name, rate, learnt: found } in rows" :key="name" class="row">
      <span class="name">
        {{ t(`app.road.rate.${name}`) }}
        <small>{{ t(`app.road.from.${rate.from}`) }}</small>
      </span>
      <QuantityField
        quiet
        :label="t(`app.road.rate.${name}`)"
        :field="fields[name]"
        :value="factor(name) * rate.value"
        :digits="2"
        @change="(value) => put(name, value === undefined ? null : { value: value / factor(name) })"
      />
      <span class="pm">±</span>
      <QuantityField
        quiet
        :label="t('app.road.plusMinusOf', { of: t(`app.road.rate.${name}`) })"
        :field="fields[name]"
        :value="factor(name) * rate.plusMinus"
        :digits="2"
        @change="(value) => value !== undefined && put(name, { plusMinus: value / factor(name) })"
      />
      <button v-if="found" type="button" class="quiet-button learnt" @click="take(found)">
        {{
          t(
            'app.road.learnt',
            {
              value: written(found.value, 2),
              plusMinus: written(found.plusMinus, 2),
              count: found.from,
            },
            found.from,
          )
        }}
      </button>
    </div>
    <label class="food">
      <span>{{ t('app.road.foodAboard') }}</span>
      <el-select v-model="eaten" multiple :persistent="false" :aria-label="t('app.road.foodAboard')">
        <el-option v-for="thing in foods" :key="thing.id" :value="thing.id" :label="thing.name" />
      </el-select>
    </label>
  </details>
</template>

<style scoped>
.rates {
  margin-top: 16px;
}
summary {
  padding: 4px 0;
  border-bottom: 2px solid var(--ink);
  font: 600 19px var(--figures);
  cursor: pointer;
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 104px 12px 104px;
  gap: 2px 6px;
  align-items: center;
  padding: 4px 0;
  border-bottom: 1px dotted var(--line);
}
.learnt {
  grid-column: 1 / -1;
  justify-self: end;
}
small,
.soft {
  color: var(--soft);
}
small {
  display: block;
}
.food {
  display: block;
  margin-top: 10px;
}
.food span {
  color: var(--soft);
  font-size: 13px;
}
</style>

<script setup lang="ts">
import { overhanging, overhangTotals } from '@wagonomos/core/balance';
import { displayMass, type RigView } from '@wagonomos/core';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import QuantityField from '../../fields/QuantityField.vue';
import { useSpeech } from '../../words/useSpeech.ts';
import { written, writtenLength } from '@wagonomos/papers/words';
import { useRig } from '../../stores/rig.ts';
import { useSettings } from '../../stores/settings.ts';

/** What sits beyond an axle, what it does to each, and what it would do on another wheelbase. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const { say } = useSpeech();
const rig = useRig();
const settings = useSettings();
const own = computed(() => props.view.vehicle?.geometry.wheelbase);
const other = ref<number>();
const compared = computed(() =>
  own.value === undefined ? undefined : (other.value ?? Math.round(own.value * 12) / 10),
);
const ball = computed(() => {
  const load = rig.assessment?.loads.values.ballLoadTowed;
  return load?.kind === 'known' ? load.value : null;
});
const wheelbases = computed(() => [own.value, compared.value].filter((one) => one !== undefined));
const rows = computed(() => overhanging(props.view, ball.value, wheelbases.value));
const kg = (value: number) => {
  const shown = displayMass(value, settings.massUnit, 'nearest');
  return `${shown > 0 ? '+' : ''}${written(shown, 0)}`;
};
const metres = (length: number) => writtenLength(length, settings.massUnit);
const totals = computed(() => overhangTotals(rows.value, wheelbases.value));
</script>

<template>
  <p v-if="own === undefined" class="soft">{{ t('app.overhang.unknown') }}</p>
  <p v-else-if="rows.length === 0" class="soft">{{ t('app.overhang.none') }}</p>
  <div v-else class="overhang" data-test="overhang">
    <p class="soft">{{ t('app.overhang.hint') }}</p>
    <QuantityField
      :label="t('app.overhang.other')"
      field="length"
      :value="compared"
      @change="(value) => (other = value)"
    />
    <div class="scroll" tabindex="0" role="region" :aria-label="t('app.balance.overhang')">
      <table>
        <thead>
          <tr>
            <td></td>
            <th v-for="one in wheelbases" :key="one" scope="colgroup" colspan="2">
              {{ t('app.overhang.wheelbase', { length: metres(one) }) }}
            </th>
          </tr>
          <tr>
            <th scope="col">{{ t('app.overhang.what') }}</th>
            <template v-for="one in wheelbases" :key="one">
              <th scope="col" class="num">{{ t('app.overhang.front') }}</th>
              <th scope="col" class="num">{{ t('app.overhang.rear') }}</th>
            </template>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.key">
            <th scope="row">
              {{ say(row.name) }}
              <small>{{
                t('app.overhang.at', {
                  mass: written(displayMass(row.mass, settings.massUnit, 'nearest'), 0),
                  x: metres(row.x),
                })
              }}</small>
            </th>
            <template v-for="(effect, at) in row.effects" :key="at">
              <td class="num" :class="{ lighter: effect.front < 0 }">{{ kg(effect.front) }}</td>
              <td class="num" :class="{ lighter: effect.rear < 0 }">{{ kg(effect.rear) }}</td>
            </template>
          </tr>
          <tr class="sum">
            <th scope="row">{{ t('app.overhang.together') }}</th>
            <template v-for="(total, at) in totals" :key="at">
              <td class="num">{{ kg(total.front) }}</td>
              <td class="num">{{ kg(total.rear) }}</td>
            </template>
          </tr>
        </tbody>
      </table>
    </div>
  </div>
</template>

<style scoped>
.scroll {
  margin-top: 8px;
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  padding: 4px 0 4px 10px;
  border-bottom: 1px dotted var(--line);
  text-align: right;
}
th:first-child,
td:first-child {
  padding-left: 0;
  text-align: left;
}
thead th {
  color: var(--soft);
  font: 600 14px var(--figures);
}
tbody th {
  font-weight: 400;
}
th small {
  display: block;
  color: var(--soft);
}
td.num {
  font-size: 17px;
  font-weight: 600;
}
.lighter {
  color: var(--pen);
}
.sum th,
.sum td {
  border-top: 2px solid var(--ink);
  font-weight: 600;
}
.soft {
  font-size: 13.5px;
}
</style>

<script setup lang="ts">
import { displayMass, type RigView } from '@wagonomos/core';
import { carNeeds, type Need } from '@wagonomos/core/pairing';
import { Printer } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';
import '../../shared/figureTable.css';

/** The other way round: what a car must be able to do for this trailer, as a list to take along. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const settings = useSettings();
const found = computed(() => carNeeds(props.view));
const kg = (value: number) => `${written(displayMass(value, settings.massUnit, 'load'), 0)} ${settings.massUnit}`;
const amount = ({ name }: Need, value: number | null) => {
  if (value === null) return t('app.pair.needs.unknown');
  // As much as is needed: rounded up.
  return name === 'dValue'
    ? t('app.pair.needs.kilonewtons', { value: written(Math.ceil(value * 100 - 1e-6) / 100, 2) })
    : kg(value);
};
const nameOf = ({ name }: Need) =>
  t(`app.pair.needs.name.${name === 'towing' && found.value?.unbraked ? 'towingUnbraked' : name}`, {
    car: kg(found.value?.dValueFor ?? 0),
  });
const print = () => window.print();
</script>

<template>
  <div v-if="found" class="needs" data-test="pair-needs">
    <h2>{{ t('app.pair.needs.title', { trailer: view.trailer?.name ?? '' }) }}</h2>
    <p>{{ t('app.pair.needs.intro') }}</p>
    <table class="figure-table">
      <thead>
        <tr>
          <th scope="col">{{ t('app.pair.needs.what') }}</th>
          <th scope="col">{{ t('app.pair.needs.loaded') }}</th>
          <th scope="col">{{ t('app.pair.needs.plated') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="need in found.needs" :key="need.name" :data-test="`need-${need.name}`">
          <th scope="row">
            {{ nameOf(need) }} <small v-if="need.usual">{{ t('app.pair.needs.usual') }}</small>
          </th>
          <td class="num">{{ amount(need, need.loaded) }}</td>
          <td class="num">{{ amount(need, need.plated) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="found.controller">{{ t('app.pair.needs.controller') }}</p>
    <p class="soft">{{ t('app.pair.needs.platedNote') }} {{ t('app.pair.needs.also') }}</p>
    <el-button class="no-print" @click="print"><Printer :size="16" />{{ t('app.pair.needs.print') }}</el-button>
  </div>
  <p v-else>{{ t('app.pair.needs.noTrailer') }}</p>
</template>

<style scoped>
.needs {
  max-width: 860px;
}
h2 {
  font: 600 20px var(--figures);
}
p {
  margin: 6px 0;
}
small,
.soft {
  color: var(--soft);
}
.needs :deep(svg) {
  margin-right: 6px;
}
</style>

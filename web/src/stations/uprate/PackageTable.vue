<script setup lang="ts">
import { judgePackages, type Assessment, type JudgedPackage, type RigView } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../shared/useSpeech.ts';
import { useExamplePackages } from './useExamplePackages.ts';

/** Example packages on this rig: nominal beside usable, what binds next, what a usable kilogram costs, which marks are passed. */
const props = defineProps<{ view: RigView; assessment: Assessment }>();
const { t } = useI18n();
const { say } = useSpeech();

const { packages, kg, money, unit } = useExamplePackages(() => props.view);
const judged = computed(() => judgePackages(props.view, props.assessment, packages.value));
const binds = ({ gain }: JudgedPackage) => gain.after.binding.map(({ name }) => say(name)).join(', ');
const because = (one: JudgedPackage): string => {
  const { gain } = one;
  if (gain.after.kind === 'over') {
    return t('app.uprate.stillOver', { deficit: kg(gain.after.deficit), unit: unit.value, limit: binds(one) });
  }
  if (gain.usable === null) return t('app.uprate.noEnd');
  if (gain.usable < -0.5) return t('app.uprate.costsCapacity', { own: kg(one.own), unit: unit.value });
  if (one.costPerKg === null) return t('app.uprate.gainsNothing', { limit: binds(one) });
  return t('app.uprate.next', { limit: binds(one) });
};
const passed = ({ plated }: JudgedPackage): string => {
  if (!plated) return '';
  const marks = [...plated.crossed.up, ...plated.crossed.down];
  return marks.length === 0 ? '' : t('app.uprate.passes', { mark: marks.map(kg).join(', '), unit: unit.value });
};
</script>

<template>
  <p class="caution">{{ t('app.uprate.examplesOnly') }}</p>
  <table data-test="packages">
    <thead>
      <tr>
        <th scope="col">{{ t('app.uprate.package') }}</th>
        <th scope="col" class="num">{{ t('app.uprate.onPaper') }}</th>
        <th scope="col" class="num">{{ t('app.uprate.usable') }}</th>
        <th scope="col" class="num">{{ t('app.uprate.cost') }}</th>
        <th scope="col" class="num">{{ t('app.uprate.perKg', { unit }) }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="one in judged" :key="one.package.id" :class="{ nothing: one.costPerKg === null }">
        <th scope="row">
          {{ one.package.name }}
          <small>{{ because(one) }}</small>
          <small v-if="passed(one)" class="mark">{{ passed(one) }}</small>
        </th>
        <td class="num">{{ kg(one.nominal) }}</td>
        <td class="num">
          <b>{{ one.gain.usable === null ? '–' : kg(one.gain.usable) }}</b>
        </td>
        <td class="num">{{ money(one.cost) }}</td>
        <td class="num">{{ one.costPerKg === null ? '–' : money(one.costPerKg) }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped src="../../shared/figureTable.css"></style>
<style scoped>
.caution {
  margin: 0 0 8px;
  padding: 6px 10px;
  border-left: 4px solid var(--tight);
}
tbody th {
  padding: 5px 0;
}
td {
  padding-top: 5px;
}
td b {
  font-size: 18px;
}
small {
  display: block;
  color: var(--soft);
}
.mark {
  color: var(--tight);
}
.nothing td b {
  color: var(--over);
}
</style>

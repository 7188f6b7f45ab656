<script setup lang="ts">
import { displayMass, kilogramsOf, type MassUnit } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSettings } from '../stores/settings.ts';
import ChoiceField from '../fields/ChoiceField.vue';
import { written } from '@wagonomos/papers/words';

/** From one step of a scale to the next, kg, offered in the round steps of the unit that people read; kept in kg. */
const props = defineProps<{ value: number; label?: string }>();
const emit = defineEmits<{ change: [kg: number] }>();
const { t } = useI18n();
const settings = useSettings();
/** From bathroom scales to weighbridges. */
const round: Readonly<Record<MassUnit, readonly number[]>> = {
  kg: [0.1, 0.5, 1, 2, 5, 10, 20, 50],
  lb: [0.2, 1, 2, 5, 10, 20, 50, 100],
};
const options = computed(() => {
  const kg = round[settings.massUnit].map((step) => kilogramsOf(step, settings.massUnit));
  const all = kg.some((step) => Math.abs(step - props.value) < 1e-9) ? kg : [...kg, props.value].sort((a, b) => a - b);
  return all.map((value) => ({
    value,
    label: t('app.slip.step', {
      step: written(displayMass(value, settings.massUnit, 'nearest', 0.1), 1),
      unit: settings.massUnit,
    }),
  }));
});
</script>

<template>
  <ChoiceField
    :label="label ?? t('app.slip.steps')"
    :value="value"
    :options="options"
    @change="(kg) => emit('change', kg)"
  />
</template>

<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../../fields/ChoiceField.vue';
import QuantityField from '../../fields/QuantityField.vue';
import type { FamilyAsked, WhoseLoad } from './useFamily.ts';

/** Whose load goes into every pair, and how much of it where. */
const props = defineProps<{ asked: FamilyAsked }>();
const { t } = useI18n();
const { whose, loadouts, family, trailerLoad, inCar, inTrailer, choose } = props.asked;
const mostPeople = 8;
const options = computed((): readonly { readonly value: WhoseLoad; readonly label: string }[] => [
  { value: 'plan', label: t('app.pair.family.plan') },
  ...loadouts.value.map(({ id, name }) => ({ value: `loadout ${id}` as const, label: name })),
  ...Array.from({ length: mostPeople }, (_, at) => ({
    value: `typical ${at + 1}` as const,
    label: t('app.pair.family.typical', { count: at + 1 }, at + 1),
  })),
]);
</script>

<template>
  <ChoiceField :label="t('app.pair.family.whose')" :value="whose" :options="options" @change="choose" />
  <QuantityField
    :label="t('app.pair.family.inCar')"
    field="mass"
    :digits="0"
    :value="family.inCar"
    @change="(mass) => (inCar = mass)"
  />
  <QuantityField
    :label="t('app.pair.trailers.load')"
    field="mass"
    :digits="0"
    :value="trailerLoad"
    @change="(mass) => (inTrailer = mass)"
  />
</template>

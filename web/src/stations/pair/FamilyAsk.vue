<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../../shared/ChoiceField.vue';
import QuantityField from '../../shared/QuantityField.vue';
import { whoseLoads, type FamilyAsked, type WhoseLoad } from './useFamily.ts';

/** Whose load goes into every pair, and how much of it where. */
const props = defineProps<{ asked: FamilyAsked }>();
const { t } = useI18n();
const { whose, people, family, inCar, inTrailer, choose } = props.asked;
const mostPeople = 8;
const options = computed(() => [
  { value: 'plan', label: t('app.pair.family.plan') },
  ...Array.from({ length: mostPeople }, (_, at) => ({
    value: `typical ${at + 1}`,
    label: t('app.pair.family.typical', { count: at + 1 }, at + 1),
  })),
]);
const pick = (value: string) => {
  const [kind, count] = value.split(' ');
  const next = whoseLoads.find((one) => one === kind) ?? ('plan' satisfies WhoseLoad);
  choose(next, count === undefined ? undefined : Number(count));
};
</script>

<template>
  <ChoiceField
    :label="t('app.pair.family.whose')"
    :value="whose === 'plan' ? 'plan' : `typical ${people}`"
    :options="options"
    @change="pick"
  />
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
    :value="family.inTrailer"
    @change="(mass) => (inTrailer = mass)"
  />
</template>

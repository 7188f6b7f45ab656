<script setup lang="ts">
import { countries, type Country } from '@wagonomos/core';
import { useI18n } from 'vue-i18n';
import ChoiceField from './ChoiceField.vue';

/** Where a new rig is at home. */
defineProps<{ value: Country }>();
const emit = defineEmits<{ change: [value: Country] }>();
const { t } = useI18n();
</script>

<template>
  <ChoiceField
    :label="t('app.newRig.country')"
    :value="value"
    :options="countries.map((one) => ({ value: one, label: t(`country.${one}`) }))"
    @change="(next) => emit('change', next)"
  />
</template>

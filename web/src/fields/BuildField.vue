<script setup lang="ts">
import { vehicleBuilds, type VehicleBuild } from '@wagonomos/core';
import { useI18n } from 'vue-i18n';
import ChoiceField from './ChoiceField.vue';

/** What a vehicle is built as. */
defineProps<{ value: VehicleBuild }>();
const emit = defineEmits<{ change: [value: VehicleBuild] }>();
const { t } = useI18n();
</script>

<template>
  <ChoiceField
    :label="t('app.newRig.build')"
    :value="value"
    :options="vehicleBuilds.map((one) => ({ value: one, label: t(`app.build.${one}`) }))"
    @change="(next) => emit('change', next)"
  />
</template>

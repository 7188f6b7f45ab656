<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import ChoiceField from './ChoiceField.vue';

/** How many axles a trailer has. */
defineProps<{ value: number }>();
const emit = defineEmits<{ change: [value: number] }>();
const { t } = useI18n();
</script>

<template>
  <ChoiceField
    :label="t('app.geometry.axles')"
    :value="value"
    :options="[1, 2, 3].map((one) => ({ value: one, label: t(`app.axles.${one}`) }))"
    @change="(next) => emit('change', next)"
  />
</template>

<script setup lang="ts">
import type { Check } from '@wagonomos/core';
import { useI18n } from 'vue-i18n';

/** What a figure rests on, beside its name: on what is usual, or on readings that cannot all be right. */
defineProps<{ check: Check }>();
const { t } = useI18n();
</script>

<template>
  <small v-if="check.typical">{{ t('app.typical.mark') }}</small>
  <small v-if="check.missing.some(({ code }) => code === 'contradiction')">{{ t('app.card.contradicted') }}</small>
</template>

<style scoped>
small {
  display: inline-block;
  margin-left: 4px;
  color: var(--soft);
  font-weight: 400;
}
</style>

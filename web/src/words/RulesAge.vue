<script setup lang="ts">
import { message, rulesAge, type Check } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from './useSpeech.ts';

/** When the rules that decided here were written down, and whether they should have been gone through since. */
const props = defineProps<{ checks: readonly Check[]; day: string | undefined }>();
const { t } = useI18n();
const { say } = useSpeech();
const age = computed(() => rulesAge(props.checks));
const overdue = computed(() => {
  const [first, ...more] = age.value.overdue;
  return (
    first &&
    t('app.age.overdue', { by: first.by, rule: say(message(`rule.${first.rule}`)), count: more.length }, more.length)
  );
});
</script>

<template>
  <p class="age" data-test="rules-age">
    {{ t('app.age.compiled', { day: age.compiled }) }}
    <b v-if="overdue" role="status">{{ overdue }}</b>
  </p>
</template>

<style scoped>
.age {
  color: var(--soft);
  font-size: 13px;
}
b {
  color: var(--tight);
}
</style>

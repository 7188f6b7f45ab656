<script setup lang="ts">
import dayjs from 'dayjs';
import customParseFormat from 'dayjs/plugin/customParseFormat.js';
import { ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';

/** A calendar day somebody may leave open: chosen, or typed as it is written here. A day the calendar does not have is not taken. */
const props = defineProps<{
  value: string | undefined;
  label: string;
  id?: string;
  placeholder?: string;
  size?: 'small';
}>();
const emit = defineEmits<{ change: [day: string | undefined] }>();
const { t } = useI18n();
dayjs.extend(customParseFormat);
const format = 'D MMM YYYY';

/** What was typed and not taken yet. */
const typed = ref<string | null>(null);
/** A day that was typed and that there is not. */
const problem = ref<string | null>(null);
const type = (event: Event) => {
  if (event.target instanceof HTMLInputElement) typed.value = event.target.value.trim();
};
watch(
  () => props.value,
  () => {
    problem.value = null;
  },
);
const take = (day: string | null) => {
  const text = typed.value;
  typed.value = null;
  // Read generously, 29 Feb 2027 is 1 Mar: what is taken must be what was typed, unless it was chosen with the mouse instead.
  const slipped =
    text !== null && dayjs(text, format).format('YYYY-MM-DD') === day && !dayjs(text, format, true).isValid();
  const asked = slipped && Number(/^\d+/.exec(text)?.[0] ?? 0) !== dayjs(day).date();
  problem.value = asked ? t('app.day.none', { text }) : null;
  if (!asked) emit('change', day ?? undefined);
};
</script>

<template>
  <span class="day" @input.capture="type">
    <el-date-picker
      v-bind="id === undefined ? {} : { id }"
      :model-value="value ?? ''"
      type="date"
      value-format="YYYY-MM-DD"
      :format="format"
      :size="size ?? 'default'"
      :placeholder="placeholder ?? ''"
      :aria-label="label"
      @update:model-value="take"
    />
    <span v-if="problem !== null" class="problem" role="alert">{{ problem }}</span>
  </span>
</template>

<style scoped>
.day {
  display: inline-block;
  max-width: 100%;
}
.problem {
  display: block;
  color: var(--over);
  font-size: 12.5px;
}
</style>

<script setup lang="ts">
import { countries, statesOf, type Country, type Jurisdiction } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';

/** A country and, where its law is told state by state, a state of it. */
const props = defineProps<{ place: Jurisdiction; label: string; inputId: string }>();
const emit = defineEmits<{ change: [place: Jurisdiction] }>();
const { t } = useI18n();
const states = computed(() => statesOf(props.place.country));
const inState = (state: Jurisdiction['state'] | '' | null): Jurisdiction => ({
  country: props.place.country,
  ...(state ? { state } : {}),
});
</script>

<template>
  <div class="place">
    <el-select
      :id="inputId"
      :persistent="false"
      :model-value="place.country"
      :aria-label="label"
      @change="(country: Country) => emit('change', { country })"
    >
      <el-option v-for="country in countries" :key="country" :value="country" :label="t(`country.${country}`)" />
    </el-select>
    <el-select
      v-if="states.length > 0"
      :persistent="false"
      class="state"
      :model-value="place.state ?? ''"
      :aria-label="t('app.situation.stateOf', { of: label })"
      :placeholder="t('app.situation.state')"
      clearable
      @change="(state: Jurisdiction['state'] | '') => emit('change', inState(state))"
    >
      <el-option v-for="state in states" :key="state" :value="state" :label="t(`state.${state}`)" />
    </el-select>
  </div>
</template>

<style scoped>
.place {
  display: flex;
  gap: 10px;
}
.place > * {
  flex: 1 1 0;
}
</style>

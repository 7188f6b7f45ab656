<script setup lang="ts">
import type { RunningGear } from '@wagonomos/core';
import { Plus, X } from '@lucide/vue';
import { useI18n } from 'vue-i18n';
import QuantityField from '../../fields/QuantityField.vue';

/** The maker's table of pressures, line by line as it is printed. */
type Lines = NonNullable<RunningGear['pressureTable']>;
const props = defineProps<{ lines: Lines }>();
const emit = defineEmits<{ change: [lines: Lines | undefined] }>();
const { t } = useI18n();

const change = (at: number, patch: Partial<Lines[number]>) =>
  emit(
    'change',
    props.lines.map((line, index) => (index === at ? { ...line, ...patch } : line)),
  );
const add = () => {
  const last = props.lines.at(-1) ?? { load: 1000, pressureKpa: 300 };
  emit('change', [...props.lines, { ...last }]);
};
const remove = (at: number) => {
  const rest = props.lines.filter((_, index) => index !== at);
  emit('change', rest.length > 0 ? rest : undefined);
};
</script>

<template>
  <details class="table">
    <summary>{{ t('app.gear.table') }}</summary>
    <div v-for="(line, index) in lines" :key="index" class="line">
      <QuantityField
        :label="t('app.gear.tableLoad')"
        field="mass"
        :value="line.load"
        @change="(load) => load !== undefined && change(index, { load })"
      />
      <QuantityField
        :label="t('app.gear.tablePressure')"
        field="pressure"
        :value="line.pressureKpa"
        @change="(pressureKpa) => pressureKpa !== undefined && change(index, { pressureKpa })"
      />
      <button
        type="button"
        class="icon-button"
        :aria-label="t('app.gear.tableRemove', { number: index + 1 })"
        @click="remove(index)"
      >
        <X :size="14" />
      </button>
    </div>
    <button type="button" class="quiet-button" @click="add"><Plus :size="14" />{{ t('app.gear.tableAdd') }}</button>
  </details>
</template>

<style scoped>
.table {
  margin: 6px 0;
}
summary {
  color: var(--soft);
  font-size: 13px;
  cursor: pointer;
}
.line {
  display: grid;
  grid-template-columns: 1fr 1fr 28px;
  gap: 8px;
  align-items: end;
  max-width: 320px;
  margin: 4px 0;
}
.icon-button {
  width: 28px;
}
</style>

<script setup lang="ts">
import type { Body } from '@wagonomos/core';
import { setFacts } from '@wagonomos/core/edits';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import QuantityField from '../../fields/QuantityField.vue';
import { useWorkspace } from '../../stores/workspace.ts';
import { furtherLengths, knownLength } from './lengths.ts';
import { useLengths } from './useLengths.ts';

/** What nothing waits for: heights, widths, tracks, berths. Some rules, some drawings and some scales ask for one of them. */
const props = defineProps<{ body: Body }>();
const { t } = useI18n();
const workspace = useWorkspace();
const { change } = useLengths(() => props.body.id);
const rows = computed(() =>
  furtherLengths[props.body.kind].map((name) => ({ name, value: knownLength(props.body, name) })),
);
const known = computed(() => rows.value.filter(({ value }) => value !== undefined).length);
const setBerths = (berths: number | undefined) =>
  workspace.edit('app.edit.facts', (document) => setFacts(document, props.body.id, { berths }));
</script>

<template>
  <details class="fold" data-test="further">
    <summary>{{ t('app.geometry.further', { known, all: rows.length }) }}</summary>
    <div class="fields">
      <QuantityField
        v-for="row in rows"
        :key="row.name"
        :label="t(`app.geometry.${row.name}`)"
        field="length"
        :value="row.value"
        @change="(value) => change({ [row.name]: value }, row.name)"
      />
      <label v-if="body.kind === 'trailer'">
        {{ t('app.plates.berths') }}
        <el-input-number
          size="small"
          :min="1"
          :max="12"
          :precision="0"
          :model-value="body.berths ?? null"
          :aria-label="t('app.plates.berths')"
          @change="setBerths($event ?? undefined)"
        />
      </label>
    </div>
  </details>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(128px, 1fr));
  gap: 10px;
  align-items: end;
  margin-top: 6px;
}
label {
  color: var(--soft);
  font-size: 13px;
}
</style>

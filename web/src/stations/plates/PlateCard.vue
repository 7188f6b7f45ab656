<script setup lang="ts">
import {
  changePart,
  plateTemplates,
  removePart,
  setFigure,
  whereToFind,
  type LimitName,
  type Plate,
  type Trailer,
  type Vehicle,
} from '@wagonomos/core';
import { X } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import QuantityField from '../../shared/QuantityField.vue';
import { useSpeech } from '../../shared/useSpeech.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** A plate as it is screwed on: its kind, the day it was read, and a line for each figure that usually stands there. */
const props = defineProps<{ body: Vehicle | Trailer; plate: Plate }>();
const { t } = useI18n();
const { limitWord, say } = useSpeech();
const workspace = useWorkspace();

const rows = computed(() => {
  const usual = plateTemplates(props.body.kind)[props.plate.source] ?? [];
  const tag: readonly LimitName[] =
    props.body.kind === 'vehicle' && props.body.geometry.tagAxle && usual.includes('rearAxleMax') ? ['tagAxleMax'] : [];
  const limits = [...new Set([...usual, ...tag, ...props.plate.figures.map((figure) => figure.limit)])];
  return limits.map((limit) => ({ limit, figure: props.plate.figures.find((one) => one.limit === limit) }));
});
const where = (limit: LimitName) =>
  say(whereToFind({ code: 'limit', limit, body: props.body.id, bodyName: props.body.name }));

const write = (limit: LimitName, value: number | undefined, typed: string) =>
  workspace.edit(
    'app.edit.figure',
    (document) =>
      setFigure(document, props.body.id, props.plate.id, limit, value === undefined ? null : { value, typed }),
    `figure ${props.body.id} ${props.plate.id} ${limit}`,
  );
const setDate = (date: string | null) =>
  workspace.edit('app.edit.date', (document) =>
    changePart(document, props.body.id, 'plates', props.plate.id, { date: date || undefined }),
  );
const remove = () =>
  workspace.edit('app.edit.removePlate', (document) => removePart(document, props.body.id, 'plates', props.plate.id));
</script>

<template>
  <article class="plate" :aria-label="t(`plateSource.${plate.source}`)">
    <header>
      <h3>{{ t(`plateSource.${plate.source}`) }}</h3>
      <button
        type="button"
        class="icon-button"
        :aria-label="t('app.plates.remove', { plate: t(`plateSource.${plate.source}`) })"
        @click="remove"
      >
        <X :size="16" />
      </button>
    </header>
    <div v-for="{ limit, figure } in rows" :key="limit" class="row" :title="where(limit)">
      <span class="word" aria-hidden="true">{{ limitWord(limit) }}</span>
      <QuantityField
        quiet
        :label="limitWord(limit)"
        field="mass"
        :value="figure?.value"
        :typed="figure?.typed"
        @change="(value, typed) => write(limit, value, typed)"
      />
    </div>
    <footer>
      <label :for="`date-${body.id}-${plate.id}`">{{ t('app.plates.read') }}</label>
      <el-date-picker
        :id="`date-${body.id}-${plate.id}`"
        :model-value="plate.date ?? ''"
        type="date"
        value-format="YYYY-MM-DD"
        format="D MMM YYYY"
        size="small"
        :placeholder="t('app.plates.noDate')"
        @update:model-value="setDate"
      />
    </footer>
    <p v-if="plate.note" class="note">{{ plate.note }}</p>
  </article>
</template>

<style scoped>
.plate {
  padding: 8px 12px 10px;
  border: 2px solid var(--ink);
  border-radius: 8px;
  background: var(--sheet);
  box-shadow:
    inset 0 0 0 3px var(--sheet),
    inset 0 0 0 4px var(--line);
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
.row {
  display: grid;
  grid-template-columns: 1fr 122px;
  gap: 10px;
  align-items: center;
  padding: 4px 0;
  border-bottom: 1px dotted var(--line);
}
.word {
  font: 400 16px/1.15 var(--figures);
}
footer {
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: space-between;
  margin-top: 8px;
  color: var(--soft);
  font-size: 13px;
}
footer :deep(.el-date-editor) {
  --el-date-editor-width: 132px;
}
.note {
  margin-top: 6px;
  color: var(--soft);
  font-size: 13px;
}
</style>

<script setup lang="ts">
import { setConditions, setStands } from '@wagonomos/core/edits';
import {
  conditionKinds,
  figureStands,
  type Body,
  type Condition,
  type ConditionKind,
  type Figure,
  type FigureStands,
  type Plate,
} from '@wagonomos/core';
import { Split, X } from '@lucide/vue';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../../fields/ChoiceField.vue';
import NameField from '../../fields/NameField.vue';
import { useWorkspace } from '../../stores/workspace.ts';

/** Under which conditions a figure holds, whether they are met here, and which figure it is. Unconfirmed, it decides nothing. */
const props = defineProps<{
  body: Body;
  plate: Plate;
  figure: Figure;
  variant: 'withDistribution' | 'withoutDistribution' | undefined;
  label: string;
}>();
const { t } = useI18n();
const workspace = useWorkspace();

const bars: readonly ConditionKind[] = ['withDistribution', 'withoutDistribution'];
const kinds = conditionKinds.filter((kind) => !bars.includes(kind));
const answers = ['unknown', 'yes', 'no'] as const;
const all = computed(() => props.figure.conditions ?? []);
const asked = computed(() =>
  all.value.map((one, index) => ({ one, index })).filter(({ one }) => !bars.includes(one.kind)),
);

const save = (conditions: readonly Condition[]) =>
  workspace.edit('app.edit.condition', (document) =>
    setConditions(
      document,
      props.body.id,
      props.plate.id,
      { limit: props.figure.limit, ...(props.variant ? { variant: props.variant } : {}) },
      conditions,
    ),
  );
const stand = (stands: FigureStands | '') =>
  workspace.edit('app.edit.stands', (document) =>
    setStands(
      document,
      props.body.id,
      props.plate.id,
      { limit: props.figure.limit, ...(props.variant ? { variant: props.variant } : {}) },
      stands === '' ? undefined : stands,
    ),
  );
const adding = ref(false);
const add = (kind: ConditionKind) => {
  adding.value = false;
  save([...all.value, { kind, met: 'unknown' }]);
};
const change = (at: number, patch: Partial<Condition>) =>
  save(all.value.map((one, index) => (index === at ? { ...one, ...patch } : one)));
const remove = (at: number) => save(all.value.filter((_, index) => index !== at));
</script>

<template>
  <div class="conditions">
    <div v-for="{ one, index } in asked" :key="index" class="condition" data-test="condition">
      <span>{{ t(`app.condition.${one.kind}`) }}</span>
      <NameField
        class="text"
        :name="one.text ?? t('app.condition.which')"
        :label="t('app.condition.textOf', { label })"
        @change="(text) => change(index, { text })"
      />
      <el-select
        :persistent="false"
        :model-value="one.met"
        size="small"
        :aria-label="t('app.condition.metOf', { label })"
        @change="change(index, { met: $event })"
      >
        <el-option v-for="answer in answers" :key="answer" :value="answer" :label="t(`app.condition.met.${answer}`)" />
      </el-select>
      <button
        type="button"
        class="icon-button"
        :aria-label="t('app.condition.remove', { label })"
        @click="remove(index)"
      >
        <X :size="14" />
      </button>
    </div>
    <button
      type="button"
      class="icon-button only"
      :class="{ asked: asked.length > 0 || figure.stands }"
      :aria-label="t('app.condition.addTo', { label })"
      :title="t('app.condition.addTo', { label })"
      :aria-expanded="adding"
      @click="adding = !adding"
    >
      <Split :size="14" />
    </button>
    <span v-if="adding" class="kinds">
      <button v-for="kind in kinds" :key="kind" type="button" class="kind" @click="add(kind)">
        {{ t(`app.condition.${kind}`) }}
      </button>
    </span>
    <ChoiceField
      v-if="adding || figure.stands"
      class="stands"
      shape="quiet"
      :label="t('app.stands.title', { label })"
      :value="figure.stands ?? ''"
      :placeholder="t('app.stands.placeholder')"
      :options="[
        { value: '', label: t('app.stands.none') },
        ...figureStands.map((value) => ({ value, label: t(`app.stands.${value}`) })),
      ]"
      @change="stand"
    />
  </div>
</template>

<style scoped>
/* The small button stands beside the figure; what it opens, under it. */
.conditions {
  display: contents;
}
.condition {
  display: grid;
  grid-column: 1 / -1;
  grid-template-columns: auto minmax(60px, 1fr) 104px 24px;
  gap: 6px;
  align-items: center;
  font-size: 13px;
}
.text {
  font: 600 14px var(--figures);
}
.only {
  grid-row: 1;
  grid-column: 3;
  color: var(--line);
}
.only:hover,
.only:focus-visible,
.only.asked,
.only[aria-expanded='true'] {
  color: var(--pen);
}
.stands {
  grid-column: 1 / -1;
}
.kinds {
  display: flex;
  flex-wrap: wrap;
  grid-column: 1 / -1;
  gap: 4px;
  padding: 3px 0;
}
.kind {
  padding: 1px 8px;
  border: 1px solid var(--line);
  border-radius: 2px;
  background: var(--field);
  color: var(--ink);
  font-size: 12.5px;
  cursor: pointer;
}
.icon-button {
  width: 26px;
  height: 26px;
}
@media (width <= 720px) {
  .only {
    height: 44px;
  }
  .kind {
    min-height: 44px;
  }
}
</style>

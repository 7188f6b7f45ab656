<script setup lang="ts">
import { addPart, changePart, removePart, type Body } from '@wagonomos/core';
import { Plus, Trash2 } from '@lucide/vue';
import { useI18n } from 'vue-i18n';
import { newId } from '../../shared/newId.ts';
import NameField from '../../shared/NameField.vue';
import QuantityField from '../../shared/QuantityField.vue';
import { useWorkspace } from '../../stores/workspace.ts';

/** What was fitted since, and what came off for it, each at its own place; and whether the empty figure knows of it. */
const props = defineProps<{ body: Body }>();
const { t } = useI18n();
const workspace = useWorkspace();
type Part = Body['fitted'][number];
const answers = ['yes', 'no', 'unknown'] as const;
const sides = ['on', 'off'] as const;

const add = () =>
  workspace.edit('app.edit.fitted', (document) =>
    addPart(document, props.body.id, 'fitted', {
      id: newId(),
      name: t('app.fitted.newName'),
      on: { mass: 0 },
      inEmptyMass: 'no',
    }),
  );
const change = (part: Part, patch: Partial<Part>) =>
  workspace.edit(
    'app.edit.fitted',
    (document) => changePart(document, props.body.id, 'fitted', part.id, patch),
    `fitted ${props.body.id} ${part.id} ${Object.keys(patch).join()}`,
  );
const setMass = (part: Part, side: 'on' | 'off', mass: number | undefined) => {
  const other = side === 'on' ? part.off : part.on;
  if (mass === undefined && !other) return;
  change(part, { [side]: mass === undefined ? undefined : { ...part[side], mass } });
};
const setX = (part: Part, side: 'on' | 'off', x: number | undefined) => {
  const change_ = part[side];
  if (change_) change(part, { [side]: x === undefined ? { mass: change_.mass } : { ...change_, x } });
};
const remove = (part: Part) =>
  workspace.edit('app.edit.fitted', (document) => removePart(document, props.body.id, 'fitted', part.id));
</script>

<template>
  <details class="fold">
    <summary>{{ t('app.fitted.title', { count: body.fitted.length }, body.fitted.length) }}</summary>
    <p class="soft">{{ t('app.fitted.hint') }}</p>
    <div v-for="part in body.fitted" :key="part.id" class="part" role="group" :aria-label="part.name">
      <div class="section-head">
        <NameField :name="part.name" :label="t('app.fitted.name')" @change="(name) => change(part, { name })" />
        <button
          type="button"
          class="icon-button"
          :aria-label="t('app.fitted.remove', { name: part.name })"
          @click="remove(part)"
        >
          <Trash2 :size="15" />
        </button>
      </div>
      <div class="fields">
        <template v-for="side in sides" :key="side">
          <QuantityField
            :label="t(`app.fitted.${side}`)"
            field="mass"
            :value="part[side]?.mass"
            @change="(mass) => setMass(part, side, mass)"
          />
          <QuantityField
            v-if="part[side]"
            :label="t('app.fitted.at')"
            field="position"
            :value="part[side]?.x"
            @change="(x) => setX(part, side, x)"
          />
        </template>
        <label>
          {{ t('app.fitted.inEmpty') }}
          <el-select
            :model-value="part.inEmptyMass"
            :aria-label="t('app.fitted.inEmptyOf', { name: part.name })"
            @change="change(part, { inEmptyMass: $event })"
          >
            <el-option v-for="one in answers" :key="one" :value="one" :label="t(`app.yesNo.${one}`)" />
          </el-select>
        </label>
      </div>
    </div>
    <button type="button" class="quiet-button" @click="add"><Plus :size="15" />{{ t('app.fitted.add') }}</button>
  </details>
</template>

<style scoped>
.soft,
label {
  color: var(--soft);
  font-size: 13px;
}
.part {
  padding: 4px 0 8px;
  border-bottom: 1px dotted var(--line);
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(112px, 1fr));
  gap: 8px 10px;
  align-items: end;
}
.quiet-button {
  margin-top: 8px;
}
</style>

<script setup lang="ts">
import type { Body, Plate } from '@wagonomos/core';
import { formOf, formsFor, type PlateForm } from '@wagonomos/core/plates';
import { Plus } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRig } from '../../stores/rig.ts';

/** Which plate or paper one has in hand: those read so far with their figures, then those looked for where one is, then all others. */
const props = defineProps<{ body: Body }>();
const emit = defineEmits<{ take: [plate: Plate]; add: [form: PlateForm] }>();
const { t } = useI18n();
const rig = useRig();

const read = computed(() =>
  props.body.plates.map((plate) => {
    const form = formOf(plate);
    return {
      plate,
      name: form ? t(`form.${form.id}.name`) : t(`plateSource.${plate.source}`),
      count: plate.figures.length,
    };
  }),
);
const forms = computed(() =>
  formsFor(props.body.kind, rig.words).filter((form) => !props.body.plates.some((plate) => plate.form === form.id)),
);
/** What is looked for here first; a part that was read without a form is not offered a second time. */
const near = computed(() =>
  forms.value.filter(
    (form) =>
      (form.region === rig.words || form.region === 'any') &&
      !props.body.plates.some((plate) => plate.form === undefined && plate.source === form.source),
  ),
);
const far = computed(() => forms.value.filter((form) => !near.value.includes(form)));
</script>

<template>
  <div class="picker" role="group" :aria-label="t('app.plates.inHand')">
    <span class="soft">{{ t('app.plates.inHand') }}</span>
    <button v-for="one in read" :key="one.plate.id" type="button" class="chip read" @click="emit('take', one.plate)">
      {{ t('app.plates.readSoFar', { name: one.name, count: one.count }, one.count) }}
    </button>
    <button v-for="form in near" :key="form.id" type="button" class="chip" @click="emit('add', form)">
      <Plus :size="14" />{{ t(`form.${form.id}.name`) }}
    </button>
    <el-dropdown
      v-if="far.length > 0"
      :persistent="false"
      trigger="click"
      max-height="420px"
      @command="(form: PlateForm) => emit('add', form)"
    >
      <button type="button" class="chip">{{ t('app.plates.another') }}</button>
      <template #dropdown>
        <el-dropdown-menu>
          <el-dropdown-item v-for="form in far" :key="form.id" :command="form">
            {{ t(`form.${form.id}.name`) }}
          </el-dropdown-item>
        </el-dropdown-menu>
      </template>
    </el-dropdown>
  </div>
</template>

<style scoped>
.picker {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  margin: 2px 0 12px;
}
.picker > span {
  margin-right: 4px;
  font-size: 14px;
}
.chip {
  display: inline-flex;
  gap: 4px;
  align-items: center;
  min-height: 30px;
  padding: 2px 9px;
  border: 1px dashed var(--soft);
  border-radius: 4px;
  background: none;
  color: var(--ink);
  font: 400 15px/18px var(--figures);
  text-align: left;
  cursor: pointer;
}
.chip.read {
  border-style: solid;
  background: var(--sheet);
  font-weight: 600;
}
.chip:hover {
  border-color: var(--pen);
  color: var(--pen);
}
@media (width <= 720px) {
  .chip {
    min-height: 44px;
  }
}
</style>

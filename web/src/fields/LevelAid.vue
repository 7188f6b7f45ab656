<script setup lang="ts">
import { withoutUndefined, type RigView } from '@wagonomos/core';
import { setHitch } from '@wagonomos/core/edits';
import { barAngle, levelling, type ArchHeights } from '@wagonomos/core/weighing';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import QuantityField from './QuantityField.vue';
import { useWorkspace } from '../stores/workspace.ts';
import { written } from '@wagonomos/papers/words';

/** Wheel-arch heights and the angle of the bars: an aid to standing level, and never a load. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const workspace = useWorkspace();
const ends = ['front', 'rear'] as const;
const states = ['alone', 'coupled', 'bars'] as const;
const heights = computed((): Readonly<Record<(typeof ends)[number], ArchHeights>> => {
  const { front = {}, rear = {} } = props.view.rig.hitch?.arches ?? {};
  return { front, rear };
});
const bar = ref<{ rise?: number | undefined; length?: number | undefined }>({});
const set = (end: (typeof ends)[number], state: (typeof states)[number], value: number | undefined) => {
  const arch = withoutUndefined({ ...heights.value[end], [state]: value });
  const arches = { ...props.view.rig.hitch?.arches, [end]: arch };
  workspace.edit(
    'app.edit.hitch',
    (document) => setHitch(document, props.view.rig.id, { arches }),
    `arch ${end} ${state}`,
  );
};
const found = computed(() => levelling(heights.value.front, heights.value.rear));
const angle = computed(() =>
  bar.value.rise === undefined || bar.value.length === undefined ? null : barAngle(bar.value.rise, bar.value.length),
);
const mm = (metres: number) => written(1000 * Math.abs(metres), 0);
const lines = computed(() => [
  ...(found.value.frontRise === null
    ? []
    : [t(found.value.frontRise >= 0 ? 'app.level.rises' : 'app.level.sinks', { mm: mm(found.value.frontRise) })]),
  ...(found.value.rearDrop === null ? [] : [t('app.level.drops', { mm: mm(found.value.rearDrop) })]),
  ...(found.value.restored === null
    ? []
    : [t('app.level.restored', { share: written(100 * found.value.restored, 0) })]),
  ...(found.value.overdone ? [t('app.level.overdone')] : []),
  ...(angle.value === null ? [] : [t('app.level.angle', { degrees: written(angle.value, 0) })]),
]);
</script>

<template>
  <details class="level no-print" data-test="level-aid">
    <summary>{{ t('app.level.title') }}</summary>
    <p class="caution">{{ t('app.level.caution') }}</p>
    <div v-for="end in ends" :key="end" class="fields">
      <QuantityField
        v-for="state in states"
        :key="state"
        :label="t(`app.level.${end}.${state}`)"
        field="length"
        :value="heights[end][state]"
        @change="(value) => set(end, state, value)"
      />
    </div>
    <div class="fields">
      <QuantityField
        :label="t('app.level.rise')"
        field="length"
        :value="bar.rise"
        @change="(rise) => (bar = { ...bar, rise })"
      />
      <QuantityField
        :label="t('app.level.length')"
        field="length"
        :value="bar.length"
        @change="(length) => (bar = { ...bar, length })"
      />
    </div>
    <p v-for="line in lines" :key="line" role="status">{{ line }}</p>
  </details>
</template>

<style scoped>
.level {
  margin-top: 18px;
  padding-top: 10px;
  border-top: 1px solid var(--line);
}
summary {
  font: 600 18px var(--figures);
  cursor: pointer;
}
.caution {
  padding: 6px 10px;
  border-left: 4px solid var(--tight);
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(136px, 1fr));
  gap: 10px;
  align-items: end;
  margin-bottom: 8px;
}
p {
  margin: 6px 0;
}
</style>

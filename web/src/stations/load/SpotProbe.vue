<script setup lang="ts">
import { displayMass, placedBodies, type RigView } from '@wagonomos/core';
import { roomAt } from '@wagonomos/core/limits';
import { computed, onBeforeUnmount, ref, watchEffect } from 'vue';
import { useI18n } from 'vue-i18n';
import QuantityField from '../../fields/QuantityField.vue';
import { useSpeech } from '../../words/useSpeech.ts';
import { leastWord, written } from '@wagonomos/papers/words';
import { useRig } from '../../stores/rig.ts';
import { useSettings } from '../../stores/settings.ts';

/** How much more would go at any spot of any body, and which limit would be the first to say no. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const { say } = useSpeech();
const rig = useRig();
const settings = useSettings();
const open = ref(false);
const chosen = ref('');
const at = ref(2);

const bodies = computed(() => placedBodies(props.view));
const placed = computed(() => bodies.value.find(({ body }) => body.id === chosen.value) ?? bodies.value[0]);
const reach = computed<[number, number]>(() => {
  const body = placed.value?.body;
  if (body?.kind === 'vehicle') return [-1.5, 9];
  return body?.kind === 'camper' ? [-2, 5] : [0, 12];
});
const kg = (value: number, rounding: 'load' | 'margin') =>
  `${written(displayMass(value, settings.massUnit, rounding), 0)} ${settings.massUnit}`;
/** Somewhere along a body, in none of its places. */
const spotOf = ({ side, body }: (typeof bodies.value)[number], offset: number) => ({
  side,
  body: body.id,
  x: offset + at.value,
});
const answer = computed(() => {
  const spot = placed.value;
  if (!spot || spot.offset === null || !rig.assessment) return t('app.probe.unknown');
  const room = roomAt(rig.assessment.checks, spotOf(spot, spot.offset));
  if (room.kind === 'unknown') return t('app.probe.unknown');
  if (room.kind === 'none') return t('app.probe.none', { limit: say(room.binding.name) });
  if (room.mends) {
    const named = { least: kg(room.least, 'load'), mends: say(room.mends.name) };
    if (room.most === null || !room.binding) return t('app.probe.atLeast', named);
    return t(`app.probe.between${leastWord(room.binding)}`, {
      ...named,
      most: kg(room.most, 'margin'),
      limit: say(room.binding.name),
    });
  }
  if (room.most === null || !room.binding) return t('app.probe.unbound');
  return t('app.probe.room', { room: kg(room.most, 'margin'), limit: say(room.binding.name) });
});
const danger = computed(() => answer.value !== '' && placed.value !== undefined && open.value && mends.value);
const mends = computed(() => {
  const spot = placed.value;
  if (!spot || spot.offset === null || !rig.assessment) return false;
  const room = roomAt(rig.assessment.checks, spotOf(spot, spot.offset));
  return room.kind === 'room' && room.mends !== null;
});
const slide = (value: number | number[]) => {
  at.value = Array.isArray(value) ? (value[0] ?? 0) : value;
};

watchEffect(() => {
  const spot = placed.value;
  rig.probe =
    open.value && spot && spot.offset !== null
      ? { side: spot.side, x: spot.offset + at.value, text: answer.value }
      : null;
});
onBeforeUnmount(() => {
  rig.probe = null;
});
</script>

<template>
  <details class="probe" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>{{ t('app.probe.title') }}</summary>
    <div class="where">
      <el-select
        :persistent="false"
        :model-value="placed?.body.id ?? ''"
        :aria-label="t('app.probe.body')"
        @change="chosen = $event"
      >
        <el-option v-for="{ body } in bodies" :key="body.id" :value="body.id" :label="body.name" />
      </el-select>
      <QuantityField
        quiet
        :label="t('app.probe.x')"
        field="position"
        :value="at"
        @change="(value) => value !== undefined && (at = value)"
      />
    </div>
    <el-slider
      :persistent="false"
      :model-value="at"
      :min="reach[0]"
      :max="reach[1]"
      :step="0.05"
      :show-tooltip="false"
      :aria-label="t('app.probe.x')"
      @input="slide"
    />
    <p class="answer" role="status" data-test="probe">{{ answer }}</p>
    <p v-if="danger" class="caution">{{ t('app.probe.caution') }}</p>
  </details>
</template>

<style scoped>
.probe {
  margin-top: 14px;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
summary {
  font: 600 17px var(--figures);
  cursor: pointer;
}
.where {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 110px;
  gap: 8px;
  margin-top: 6px;
}
.answer {
  font: 600 17px/1.25 var(--figures);
}
.caution {
  color: var(--over);
  font-size: 13px;
}
.probe :deep(.el-slider) {
  --el-slider-main-bg-color: var(--pen);
  margin: 0 8px;
  width: auto;
}
</style>

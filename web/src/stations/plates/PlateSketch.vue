<script setup lang="ts">
import type { PlateForm } from '@wagonomos/core/plates';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';

/** A plate of no maker in particular: where each mark stands, the one in hand picked out. */
const props = defineProps<{ form: PlateForm; active: number }>();
const { t } = useI18n();

const line = 17;
const head = 16;
const height = computed(() => head + props.form.fields.length * line + 12);
const rivets = computed(() => [
  [9, 9],
  [171, 9],
  [9, height.value - 9],
  [171, height.value - 9],
]);
</script>

<template>
  <svg
    class="sketch"
    :class="form.look"
    :viewBox="`0 0 180 ${height}`"
    role="img"
    :aria-label="t('app.plates.sketch', { name: t(`form.${form.id}.name`) })"
  >
    <rect x="2" y="2" width="176" :height="height - 4" :rx="form.look === 'paper' ? 1 : 7" class="ground" />
    <template v-if="form.look === 'plate'">
      <circle v-for="[x, y] in rivets" :key="`${x} ${y}`" :cx="x" :cy="y" r="2.6" class="rivet" />
    </template>
    <path v-if="form.look === 'paper'" :d="`M44 2V${height - 2}`" class="rule" />
    <g v-for="(field, index) in form.fields" :key="index" :class="{ active: index === active }">
      <rect x="16" :y="head + index * line - 3" width="148" :height="line - 1" rx="2" class="pick" />
      <text x="20" :y="head + index * line + 9">{{ field.mark }}</text>
      <path :d="`M98 ${head + index * line + 9}H146`" class="blank" />
      <text x="150" :y="head + index * line + 9" class="unit">{{ field.limit.endsWith('Kn') ? 'kN' : form.unit }}</text>
    </g>
  </svg>
</template>

<style scoped>
.sketch {
  display: block;
  width: 100%;
  max-width: 210px;
}
.ground {
  fill: var(--field);
  stroke: var(--slate);
  stroke-width: 1.5;
}
.plate .ground,
.stamp .ground {
  fill: color-mix(in srgb, var(--slate) 16%, var(--field));
}
.sticker .ground {
  stroke-dasharray: 5 3;
}
.rivet {
  fill: var(--paper);
  stroke: var(--slate);
}
.rule,
.blank {
  stroke: var(--slate);
  stroke-width: 1;
}
.pick {
  fill: none;
}
.active .pick {
  fill: color-mix(in srgb, var(--pen) 22%, transparent);
  stroke: var(--pen);
}
text {
  fill: var(--ink);
  font: 600 11px var(--figures);
}
.unit {
  fill: var(--soft);
  font-weight: 400;
}
</style>

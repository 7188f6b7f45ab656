<script setup lang="ts">
import type { Check } from '@wagonomos/core';
import type { Pair } from '@wagonomos/core/pairing';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import MarginText from '../../words/MarginText.vue';
import QuantityField from '../../fields/QuantityField.vue';
import { useSpeech } from '../../words/useSpeech.ts';

/** The point in hand: its two masses, to be typed as well, and what each limit leaves there, least first. */
const props = defineProps<{
  point: Pair;
  holds: number;
  place: string;
  left: readonly { readonly check: Check; readonly margin: number }[];
}>();
const emit = defineEmits<{ point: [point: Pair] }>();
const { t } = useI18n();
const { say } = useSpeech();
const shown = 6;
const rows = computed(() =>
  props.left.slice(0, shown).map(({ check, margin }) => ({
    id: check.id,
    name: say(check.name),
    check: { ...check, margin, status: margin < 0 ? ('over' as const) : ('within' as const) },
  })),
);
const first = computed(() => rows.value[0]);
const says = computed(() => {
  if (!first.value) return t('app.pair.here.nothing');
  const over = props.left.filter(({ margin }) => margin < 0).length;
  return over > 0 ? t('app.pair.here.over', { count: over }) : t('app.pair.here.within', { limit: first.value.name });
});
</script>

<template>
  <div class="reading" data-test="pair-reading">
    <div class="fields">
      <QuantityField
        :label="t('app.pair.trailer')"
        field="mass"
        :digits="0"
        :value="point.trailerMass"
        @change="(mass) => mass !== undefined && emit('point', { ...point, trailerMass: mass })"
      />
      <QuantityField
        :label="place"
        field="mass"
        :digits="0"
        :value="point.load + holds"
        @change="(mass) => mass !== undefined && emit('point', { ...point, load: mass - holds })"
      />
    </div>
    <p class="says" role="status" data-test="pair-says">{{ says }}</p>
    <ol v-if="rows.length > 0">
      <li v-for="row in rows" :key="row.id" :data-test="`pair-left-${row.id}`">
        <span>{{ row.name }}</span>
        <MarginText :check="row.check" />
      </li>
    </ol>
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  align-items: end;
}
.says {
  min-height: 46px;
  margin: 8px 0 4px;
  font: 600 18px/1.25 var(--figures);
}
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  gap: 12px;
  justify-content: space-between;
  padding: 3px 0;
  border-bottom: 1px dotted var(--line);
}
</style>

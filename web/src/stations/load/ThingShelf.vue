<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { useMediaQuery, useVirtualList } from '@vueuse/core';
import { computed } from 'vue';
import ThingRow from './ThingRow.vue';
import type { ShelfRow } from '../../stores/shelfRows.ts';
import type { PlaceGroup } from './placeChoices.ts';
import { useGrowing } from '../../shared/useGrowing.ts';

/** Things one below the other. A long list makes only the rows in sight, in a window of its own. */
const props = defineProps<{ rows: readonly ShelfRow[]; view: RigView; groups: readonly PlaceGroup[] }>();
const longFrom = 60;
const narrow = useMediaQuery('(width <= 720px)');
const height = computed(() => (narrow.value ? 50 : 46));
const long = computed(() => props.rows.length > longFrom);
/** Measured anew only where rows come, go or change places, not at every stroke. */
const order = computed<readonly string[]>((before) => {
  const now = props.rows.map(({ key }) => key);
  return before?.length === now.length && now.every((id, at) => id === before[at]) ? before : now;
});
const byKey = computed(() => new Map(props.rows.map((row) => [row.key, row])));
const { list, containerProps, wrapperProps } = useVirtualList(order, {
  itemHeight: () => height.value,
  overscan: 6,
});
const inWindow = computed(() => list.value.flatMap(({ data }) => byKey.value.get(data) ?? []));
/** A short one begins with what is in sight. */
const made = useGrowing(() => (long.value ? 0 : props.rows.length), 10);
</script>

<template>
  <div v-if="long" v-bind="containerProps" class="window" tabindex="-1">
    <div v-bind="wrapperProps">
      <ThingRow
        v-for="row in inWindow"
        :key="row.key"
        :style="{ height: `${height}px` }"
        :row="row"
        :loadout="view.loadout.id"
        :groups="groups"
      />
    </div>
  </div>
  <template v-else>
    <ThingRow
      v-for="row in rows.slice(0, made)"
      :key="row.key"
      :row="row"
      :loadout="view.loadout.id"
      :groups="groups"
    />
    <div v-if="made < rows.length" :style="{ height: `${height * (rows.length - made)}px` }" />
  </template>
</template>

<style scoped>
.window {
  max-height: min(70vh, 720px);
}
</style>

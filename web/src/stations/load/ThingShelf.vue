<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { useMediaQuery, useVirtualList } from '@vueuse/core';
import { computed, toRef } from 'vue';
import ThingRow from './ThingRow.vue';
import type { ShelfRow } from './ownThings.ts';
import type { PlaceGroup } from './placeChoices.ts';

/** Things one below the other. A long list makes only the rows in sight, in a window of its own. */
const props = defineProps<{ rows: readonly ShelfRow[]; view: RigView; groups: readonly PlaceGroup[] }>();
const longFrom = 60;
const narrow = useMediaQuery('(width <= 720px)');
const height = computed(() => (narrow.value ? 78 : 39));
const long = computed(() => props.rows.length > longFrom);
const { list, containerProps, wrapperProps } = useVirtualList(toRef(props, 'rows'), {
  itemHeight: () => height.value,
  overscan: 6,
});
</script>

<template>
  <div v-if="long" v-bind="containerProps" class="window" tabindex="-1">
    <div v-bind="wrapperProps">
      <ThingRow
        v-for="{ data } in list"
        :key="data.thing.id"
        :style="{ height: `${height}px` }"
        :thing="data.thing"
        :placement="data.placement"
        :view="view"
        :groups="groups"
      />
    </div>
  </div>
  <template v-else>
    <ThingRow
      v-for="row in rows"
      :key="row.thing.id"
      :thing="row.thing"
      :placement="row.placement"
      :view="view"
      :groups="groups"
    />
  </template>
</template>

<style scoped>
.window {
  max-height: min(70vh, 720px);
}
</style>

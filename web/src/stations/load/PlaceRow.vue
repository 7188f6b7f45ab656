<script setup lang="ts">
import type { Message, Place, RigView } from '@wagonomos/core';
import { computed, ref } from 'vue';
import PartFigures from '../../rig-drawing/PartFigures.vue';
import { usePartEdits } from '../../rig-drawing/usePartEdits.ts';
import MessageText from '../../words/MessageText.vue';
import { useArithmetic } from '../../stores/arithmetic.ts';

/** One place: its figures folded away, what lies in it, and what more it could take or what would be left. */
const props = defineProps<{
  place: Place;
  body: string;
  view: RigView;
  chosen: boolean;
  /** Something is held over it. */
  target: boolean;
  lies: string;
  room: Message | undefined;
  wouldLeave: string | undefined;
  breaks: boolean;
}>();
const arithmetic = useArithmetic();
const key = computed(() => `${props.body}/${props.place.id}`);
const edits = usePartEdits();
/** Folded figures are not made: a rig has dozens of places. */
const opened = ref(false);
</script>

<template>
  <div :id="`place-${key}`" class="place" :class="{ chosen, target }" :data-drop="key" data-test="place">
    <details :open="chosen" @toggle="opened = ($event.target as HTMLDetailsElement).open">
      <summary>{{ place.name }}</summary>
      <PartFigures
        v-if="opened || chosen"
        class="fields"
        :view="view"
        :chosen="`places:${body}/${place.id}`"
        @change="edits.change"
        @remove="edits.remove"
      />
    </details>
    <button type="button" class="num lies" @click="arithmetic.open(`contents:${key}`)">{{ lies }}</button>
    <small v-if="wouldLeave" class="room" :class="{ breaks }">{{ wouldLeave }}</small>
    <small v-else-if="room" class="room"><MessageText :message="room" /></small>
  </div>
</template>

<style scoped>
.place {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 10px;
  align-items: baseline;
  padding: 4px 0;
  border-bottom: 1px dotted var(--line);
}
.place.chosen {
  border-left: 4px solid var(--pen);
  padding-left: 8px;
}
details {
  grid-row: 1;
}
details[open] {
  grid-column: 1 / -1;
}
summary {
  cursor: pointer;
}
.lies {
  grid-row: 1;
  grid-column: 2;
  align-self: start;
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font-size: 17px;
  font-weight: 600;
  cursor: pointer;
}
.target {
  outline: 2px solid var(--pen);
}
.breaks.room {
  color: var(--over);
  font-weight: 600;
}
.room {
  grid-row: 2;
  grid-column: 1 / -1;
  color: var(--soft);
  font: 400 14px var(--figures);
}
.fields {
  padding: 4px 0 10px;
  border-top: 0;
  background: none;
}
</style>

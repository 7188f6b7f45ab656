<script setup lang="ts">
/** A cell of a row as it is read: pressed, it becomes a field. */
defineProps<{ cell: string; text: string; label: string; figure?: boolean }>();
const emit = defineEmits<{ touch: [cell: string] }>();
</script>

<template>
  <button
    type="button"
    class="cell"
    :class="{ num: figure }"
    :data-cell="cell"
    :aria-label="label"
    @click="emit('touch', cell)"
  >
    {{ text }}
  </button>
</template>

<style scoped>
.cell {
  min-height: 30px;
  padding: 2px 4px;
  border: 1px solid transparent;
  border-radius: 2px;
  background: none;
  color: var(--ink);
  font: inherit;
  font-size: 15px;
  line-height: 18px;
  text-align: left;
  overflow-wrap: anywhere;
  cursor: text;
}
.cell:hover {
  border-color: var(--line);
  background: var(--field);
}
.num {
  font: 600 16px/20px var(--figures);
  text-align: right;
  white-space: nowrap;
}
@media (width <= 720px) {
  .cell {
    min-height: 44px;
  }
}
</style>

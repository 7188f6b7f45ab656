<script setup lang="ts">
/** A list beside the verdict that moves none of it. */
defineProps<{ title: string; name: string; hint?: string }>();
</script>

<template>
  <section :data-test="name" :aria-label="title">
    <h2>{{ title }}</h2>
    <p v-if="hint" class="soft">{{ hint }}</p>
    <ul>
      <slot />
    </ul>
  </section>
</template>

<style scoped>
section {
  margin-bottom: 18px;
  break-inside: avoid;
}
h2 {
  padding-bottom: 3px;
  border-bottom: 2px solid var(--ink);
}
ul {
  margin: 4px 0;
  padding: 0;
  list-style: none;
}
ul > :slotted(li) {
  padding: 5px 0;
  border-bottom: 1px dotted var(--line);
  break-inside: avoid;
}
.soft {
  font-size: 13px;
}
</style>

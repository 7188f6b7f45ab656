<script setup lang="ts">
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useTerms } from './useTerms.ts';

/**
 * A word of the trade: its plain meaning and its names elsewhere are a hover or a tap away. There are many of them on a
 * screen, so what opens is made only once somebody asks.
 */
const props = defineProps<{ term: string; text: string }>();
const { t } = useI18n();
const { meaningOf, namesOf } = useTerms();
const open = ref(false);
const asked = ref(false);
const patience = 250;
let waiting: ReturnType<typeof setTimeout> | undefined;

const show = () => {
  asked.value = true;
  open.value = true;
};
const enter = () => {
  waiting = setTimeout(show, patience);
};
const leave = () => {
  clearTimeout(waiting);
  open.value = false;
};
const toggle = () => (open.value ? leave() : show());
</script>

<template>
  <span
    v-if="meaningOf(props.term)"
    class="term"
    @pointerenter="enter"
    @pointerleave="leave"
    @click.stop.prevent="toggle"
  >
    <el-popover v-if="asked" :visible="open" :width="280">
      <template #reference>
        <span>{{ text }}</span>
      </template>
      <p>{{ meaningOf(props.term) }}</p>
      <dl v-if="namesOf(props.term).length > 0">
        <template v-for="one in namesOf(props.term)" :key="one.region">
          <dt>{{ t(`app.region.${one.region}`) }}</dt>
          <dd>{{ one.name }}</dd>
        </template>
      </dl>
    </el-popover>
    <template v-else>{{ text }}</template>
  </span>
  <span v-else class="plain">{{ text }}</span>
</template>

<style scoped>
.term {
  text-decoration: underline dotted var(--slate) 1px;
  text-underline-offset: 3px;
  cursor: help;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 1px 10px;
  margin: 6px 0 0;
}
dt {
  color: var(--soft);
}
dd {
  margin: 0;
  font-weight: 600;
}
</style>

<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { RegionName } from './useTerms.ts';

/** What a word of the trade means and what it is called elsewhere, beside the word. */
defineProps<{ word: HTMLElement; open: boolean; meaning: string; names: readonly RegionName[] }>();
const { t } = useI18n();
</script>

<template>
  <el-popover :visible="open" :width="280" :virtual-ref="word" virtual-triggering>
    <p>{{ meaning }}</p>
    <dl v-if="names.length > 0">
      <template v-for="one in names" :key="one.region">
        <dt>{{ t(`app.region.${one.region}`) }}</dt>
        <dd>{{ one.name }}</dd>
      </template>
    </dl>
  </el-popover>
</template>

<style scoped>
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

<script setup lang="ts">
import type { Assessment, Check, Pillar, RigView } from '@wagonomos/core';
import { ArrowUp } from '@lucide/vue';
import { useMediaQuery } from '@vueuse/core';
import { useI18n } from 'vue-i18n';
import RigMini from '../rig-drawing/RigMini.vue';
import MarkWord from '../words/MarkWord.vue';
import { useSpeech } from '../words/useSpeech.ts';
import PillarChips from './PillarChips.vue';

/** What stays of the stage when it is scrolled away: the rig, small; what it comes to; what every limit has left. */
defineProps<{ view: RigView; assessment: Assessment; supports: readonly Pillar[]; totals: readonly Check[] }>();
const emit = defineEmits<{ open: [id: string]; up: [] }>();
const { t } = useI18n();
const { say } = useSpeech();
const wide = useMediaQuery('(width > 1000px)');
</script>

<template>
  <aside class="strip no-print" :aria-label="t('app.strip.name')" data-test="strip">
    <RigMini v-if="wide" :view="view" :width="150" />
    <p class="says">
      <MarkWord :mark="assessment.mark" />
      {{ say(assessment.sentence) }}
    </p>
    <PillarChips :supports="supports" :totals="wide ? totals : []" name="strip" @open="emit('open', $event)" />
    <button type="button" class="up" :aria-label="t('app.strip.up')" :title="t('app.strip.up')" @click="emit('up')">
      <ArrowUp :size="18" />
    </button>
  </aside>
</template>

<style scoped>
.strip {
  position: fixed;
  z-index: 15;
  top: 0;
  right: 0;
  left: 0;
  display: grid;
  grid-template-columns: auto minmax(200px, 1fr) auto auto;
  gap: 4px 18px;
  align-items: center;
  padding: 5px 18px;
  border-bottom: 2px solid var(--road);
  background: var(--paper);
}
.says {
  margin: 0;
  font-size: 15px;
  line-height: 19px;
}
.up {
  display: grid;
  place-items: center;
  width: 36px;
  height: 36px;
  border: 1px solid var(--line);
  border-radius: 3px;
  background: var(--field);
  color: var(--ink);
  cursor: pointer;
}
@media (width <= 1000px) {
  .strip {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .strip > .chips {
    grid-row: 2;
    grid-column: 1 / -1;
  }
}
@media (width <= 720px) {
  .strip {
    gap: 2px 10px;
    padding: 4px 14px;
  }
  .says {
    font-size: 14px;
    line-height: 17px;
  }
  .up {
    width: 44px;
    height: 44px;
  }
}
</style>

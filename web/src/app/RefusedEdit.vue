<script setup lang="ts">
import { X } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRefusalWords } from '../words/useRefusalWords.ts';
import { useWorkspace } from '../stores/workspace.ts';

/** What a button would have done and was not done, with its reason. A field says it itself, where it was typed. */
const { t } = useI18n();
const workspace = useWorkspace();
const { reason } = useRefusalWords();
const why = computed(() => reason(workspace.refusal));
</script>

<template>
  <div v-if="why !== null" class="refused no-print" role="alert" data-test="refused-edit">
    <p>
      <b>{{ t('app.refused.title') }}</b> {{ why }} {{ t('app.refused.unchanged') }}
    </p>
    <button
      type="button"
      class="icon-button small"
      :aria-label="t('app.refused.close')"
      @click="workspace.dismissRefusal()"
    >
      <X :size="16" />
    </button>
  </div>
</template>

<style scoped>
.refused {
  position: fixed;
  right: 12px;
  bottom: calc(12px + env(safe-area-inset-bottom));
  z-index: 3000;
  display: flex;
  gap: 10px;
  align-items: start;
  max-width: min(520px, calc(100vw - 24px));
  padding: 10px 12px;
  border: 2px solid var(--over);
  background: var(--sheet);
  color: var(--ink);
}
p {
  margin: 0;
  overflow-wrap: anywhere;
}
</style>

<script setup lang="ts">
import { computed, defineAsyncComponent, onErrorCaptured, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { useArithmetic } from '../stores/arithmetic.ts';
import { useFaults } from '../stores/faults.ts';
import { useOpenRig } from '../stores/openRig.ts';
import { useSettings } from '../stores/settings.ts';
import { useWorkspace } from '../stores/workspace.ts';
import AppHeader from './AppHeader.vue';
import FaultScreen from './FaultScreen.vue';
import NoticeBar from './NoticeBar.vue';
import RefusedEdit from './RefusedEdit.vue';
import { useListArrows } from './listArrows.ts';
import { useShortcuts } from './shortcuts.ts';

const { t } = useI18n();
const faults = useFaults();
const workspace = useWorkspace();
const rig = useOpenRig();
const route = useRoute();
useSettings();
/** Fetched when a number is first asked for. */
const ShortcutHelp = defineAsyncComponent(() => import('./ShortcutHelp.vue'));
const ArithmeticSheet = defineAsyncComponent(() => import('./ArithmeticSheet.vue'));
const arithmetic = useArithmetic();
const asked = ref(false);
watch(
  () => arithmetic.openId,
  (id) => {
    if (id !== null) asked.value = true;
  },
);
const { helpOpen } = useShortcuts();
useListArrows();
/** It stays once it was there, so that it can close as it opened. */
const helped = ref(false);
watch(helpOpen, () => {
  helped.value = true;
});
/** Nothing stands before everything has its place: what comes later would push away what is already read. */
const ready = computed(() => workspace.document !== null && route.name !== undefined);

onErrorCaptured((error) => {
  faults.report(error);
  return false;
});

watch(
  () => route.params['rig'],
  (id) => {
    rig.rigId = typeof id === 'string' ? id : null;
  },
  { immediate: true },
);
</script>

<template>
  <FaultScreen v-if="faults.fault !== null" />
  <div v-else class="app">
    <a class="skip" href="#main">{{ t('app.skip') }}</a>
    <AppHeader v-if="ready" @help="helpOpen = true" />
    <NoticeBar />
    <main v-if="ready" id="main" tabindex="-1">
      <RouterView :key="workspace.turn" />
    </main>
    <main v-else class="wait" role="status">{{ t('app.opening') }}</main>
    <footer v-if="ready">{{ t('app.caution') }}</footer>
    <ArithmeticSheet v-if="asked" />
    <RefusedEdit />
    <ShortcutHelp v-if="helped" v-model="helpOpen" />
  </div>
</template>

<style scoped>
.app {
  display: flex;
  flex-direction: column;
  min-height: 100vh;
}
main {
  flex: 1;
  outline: 0;
}
.skip {
  position: absolute;
  left: -999px;
  z-index: 20;
  padding: 8px 12px;
  background: var(--ink);
  color: var(--on-ink);
}
.skip:focus {
  left: 8px;
  top: 6px;
}
.wait {
  padding: 40px 18px;
  color: var(--soft);
}
footer {
  padding: 10px 18px calc(10px + env(safe-area-inset-bottom));
  border-top: 1px solid var(--line);
  background: var(--sheet);
  color: var(--soft);
  font-size: 13px;
}
</style>

<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { defineAsyncComponent } from 'vue';
import { useI18n } from 'vue-i18n';

/**
 * One rig of the Yard. What it is called stands there at once and can be pressed; its drawing and what it comes to follow, once
 * `whole`, into the room that is kept for them.
 */
defineProps<{ view: RigView; whole: boolean }>();
const RigPicture = defineAsyncComponent(() => import('../../rig-drawing/RigPicture.vue'));
const RigAnswer = defineAsyncComponent(() => import('./RigAnswer.vue'));
const { t } = useI18n();
</script>

<template>
  <RouterLink class="card" :to="{ name: 'verdict', params: { rig: view.rig.id } }" data-test="rig-card">
    <div class="picture"><RigPicture v-if="whole" :view="view" /></div>
    <div class="words">
      <h2>{{ view.rig.name }}</h2>
      <p class="soft">{{ t('app.yard.line', { loadout: view.loadout.name, situation: view.situation.name }) }}</p>
      <div class="answer"><RigAnswer v-if="whole" :view="view" /></div>
    </div>
  </RouterLink>
</template>

<style scoped>
.card {
  display: flex;
  flex-direction: column;
  border: 1.5px solid var(--line);
  border-radius: 3px;
  background: var(--sheet);
  color: var(--ink);
  text-decoration: none;
}
.card:hover {
  border-color: var(--pen);
}
.picture,
.words {
  min-width: 0;
}
.picture {
  display: flex;
  flex-direction: column;
  justify-content: flex-end;
  height: 168px;
  overflow: hidden;
  background:
    linear-gradient(var(--hair) 1px, transparent 1px) 0 0 / 100% 20px,
    linear-gradient(90deg, var(--hair) 1px, transparent 1px) 0 0 / 20px 100%,
    var(--paper);
}
.words {
  padding: 12px 16px 14px;
}
.answer {
  min-height: 112px;
}
@media (width <= 720px) {
  .answer {
    min-height: 138px;
  }
}
</style>

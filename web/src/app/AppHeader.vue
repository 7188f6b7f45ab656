<script setup lang="ts">
import { BookOpen, CircleHelp, Moon, Redo2, Sun, Undo2 } from '@lucide/vue';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useOpenRig } from '../stores/openRig.ts';
import { useSettings } from '../stores/settings.ts';
import { useWorkspace } from '../stores/workspace.ts';

// Asked for only when it is opened: its fields are a good part of what there is to load.
const SituationPanel = defineAsyncComponent(() => import('./SituationPanel.vue'));
const emit = defineEmits<{ help: [] }>();
const { t } = useI18n();
const workspace = useWorkspace();
const settings = useSettings();
const rig = useOpenRig();
const situationOpen = ref(false);
/** It stays once it was there, so that it can close as it opened. */
const situationSeen = ref(false);
watch(situationOpen, () => {
  situationSeen.value = true;
});

const chip = computed(() => {
  const place = rig.view?.situation.vehicle;
  return place ? [place.country, place.state].filter(Boolean).join(' · ') : '';
});
const labelled = (key: 'undo' | 'redo', what: string | undefined) =>
  what === undefined ? t(`app.${key}`) : t(`app.${key}Of`, { what: t(what) });
</script>

<template>
  <header class="bar no-print">
    <RouterLink to="/" class="wordmark" :aria-label="t('app.toYard')">{{ t('app.name') }}</RouterLink>
    <RouterLink v-if="rig.view" to="/" class="rig" :title="t('app.toYard')">
      <b>{{ rig.view.rig.name }}</b>
      <span class="loadout">{{ rig.view.loadout.name }}</span>
    </RouterLink>
    <button
      v-if="rig.view"
      type="button"
      class="chip"
      :aria-label="t('app.situation.open', { place: chip })"
      @click="situationOpen = true"
    >
      {{ chip }}
    </button>
    <span class="gap" />
    <span v-if="workspace.saveFailed" class="unsaved" role="status">{{ t('app.saveFailed') }}</span>
    <button
      type="button"
      class="icon-button"
      :disabled="!workspace.undoLabel"
      :title="labelled('undo', workspace.undoLabel)"
      :aria-label="labelled('undo', workspace.undoLabel)"
      @click="workspace.undo()"
    >
      <Undo2 :size="19" />
    </button>
    <button
      type="button"
      class="icon-button"
      :disabled="!workspace.redoLabel"
      :title="labelled('redo', workspace.redoLabel)"
      :aria-label="labelled('redo', workspace.redoLabel)"
      @click="workspace.redo()"
    >
      <Redo2 :size="19" />
    </button>
    <button type="button" class="icon-button unit num" :aria-label="t('app.switchUnit')" @click="settings.switchUnit()">
      {{ settings.massUnit }}
    </button>
    <button type="button" class="icon-button" :aria-label="t('app.switchTheme')" @click="settings.switchTheme()">
      <Sun v-if="settings.dark" :size="19" /><Moon v-else :size="19" />
    </button>
    <RouterLink to="/words" class="icon-button words" :aria-label="t('app.words.open')" :title="t('app.words.open')">
      <BookOpen :size="19" />
    </RouterLink>
    <button type="button" class="icon-button help" :aria-label="t('app.keys')" @click="emit('help')">
      <CircleHelp :size="19" />
    </button>
    <SituationPanel v-if="rig.view && (situationOpen || situationSeen)" v-model="situationOpen" />
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 46px;
  padding: 4px 18px;
  border-bottom: 1px solid var(--line);
  background: var(--sheet);
}
.wordmark {
  margin-right: 14px;
  color: var(--ink);
  font: 700 23px var(--figures);
  letter-spacing: 0.07em;
  text-decoration: none;
}
.rig {
  display: flex;
  gap: 0 8px;
  min-width: 0;
  margin-right: 10px;
  color: var(--ink);
  text-decoration: none;
}
.rig b,
.loadout {
  overflow: hidden;
  font-weight: 600;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.loadout {
  color: var(--soft);
  font-weight: 400;
}
.rig:hover b {
  text-decoration: underline;
  text-decoration-color: var(--pen);
}
.chip {
  flex: none;
  padding: 4px 10px;
  border: 1.5px solid var(--ink);
  border-radius: 3px;
  background: none;
  color: var(--ink);
  font: 600 14px var(--figures);
  letter-spacing: 0.05em;
  cursor: pointer;
}
.chip:hover {
  background: var(--ink);
  color: var(--on-ink);
}
.gap {
  flex: 1;
}
.unit {
  font-size: 17px;
  font-weight: 600;
}
.unsaved {
  color: var(--over);
  font-weight: 600;
}
@media (width <= 720px) {
  .bar {
    flex-wrap: wrap;
    padding: 4px 10px;
  }
  .wordmark,
  .rig {
    min-height: 44px;
    align-items: center;
  }
  .wordmark {
    display: flex;
    margin-right: 4px;
    font-size: 19px;
  }
  .rig {
    order: 2;
    flex: 1 1 60%;
  }
  .chip {
    order: 3;
  }
  .loadout,
  .help {
    display: none;
  }
}
</style>

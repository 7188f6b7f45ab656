<script setup lang="ts">
import { Signpost } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useOpenRig } from '../stores/openRig.ts';
import { posts } from './stations.ts';

const open = defineModel<boolean>({ required: true });
const { t } = useI18n();
const rig = useOpenRig();
const inLists = [
  { keys: ['↑', '↓'], says: 'rows' },
  { keys: ['Enter'], says: 'enter' },
  { keys: ['Space'], says: 'carry' },
  { keys: ['Esc'], says: 'escape' },
] as const;
const tour = computed(() => ({ name: 'load', params: { rig: rig.rigId }, query: { tour: '' } }));
</script>

<template>
  <el-dialog v-model="open" :title="t('app.keys')" width="min(460px, 94vw)">
    <dl class="keys">
      <template v-for="station in posts" :key="station.name">
        <dt>
          <kbd>g</kbd> <kbd>{{ station.key }}</kbd>
        </dt>
        <dd>{{ t(`app.station.${station.name}`) }}</dd>
      </template>
      <dt><kbd>g</kbd> <kbd>y</kbd></dt>
      <dd>{{ t('app.toYard') }}</dd>
      <dt><kbd>/</kbd></dt>
      <dd>{{ t('app.quick.label') }}</dd>
      <dt><kbd>Ctrl</kbd> <kbd>Z</kbd></dt>
      <dd>{{ t('app.undo') }}</dd>
      <dt><kbd>Ctrl</kbd> <kbd>Y</kbd></dt>
      <dd>{{ t('app.redo') }}</dd>
      <template v-for="one in inLists" :key="one.says">
        <dt>
          <template v-for="key in one.keys" :key="key">
            <kbd>{{ key }}</kbd>
            {{ ' ' }}
          </template>
        </dt>
        <dd>{{ t(`app.help.${one.says}`) }}</dd>
      </template>
      <dt><kbd>?</kbd></dt>
      <dd>{{ t('app.keys') }}</dd>
    </dl>
    <p class="soft">{{ t('app.fieldHelp') }}</p>
    <RouterLink v-if="rig.rigId" class="quiet-button" :to="tour" @click="open = false">
      <Signpost :size="16" />{{ t('app.tour.begin') }}
    </RouterLink>
  </el-dialog>
</template>

<style scoped>
.keys {
  display: grid;
  grid-template-columns: 110px 1fr;
  gap: 5px 12px;
  margin: 0 0 12px;
}
a {
  margin-top: 10px;
  text-decoration: none;
}
dd {
  margin: 0;
}
kbd {
  padding: 0 6px;
  border: 1px solid var(--line);
  border-radius: 2px;
  font: 600 14px var(--figures);
}
</style>

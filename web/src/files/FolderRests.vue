<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { localStore } from '../storage/localStore.ts';
import { useFolder } from '../stores/folder.ts';
import { useWorkspace } from '../stores/workspace.ts';
import FileOpener from './FileOpener.vue';

/**
 * The file in the owner's folder is not written, since what is here was not read from all that was kept: it may be the best copy
 * there is. It can be looked at and taken, or left beside what is written from now on.
 */
const { t } = useI18n();
const workspace = useWorkspace();
const folder = useFolder();
void folder.start(localStore);
</script>

<template>
  <div v-if="folder.state === 'rests'" class="rests" role="alert" data-test="folder-rests">
    <p>
      {{ t('app.folder.rests', { name: folder.name }) }}
      {{ t(workspace.keeps ? 'app.folder.restsUntil' : 'app.folder.restsNow') }}
    </p>
    <div class="ways">
      <FileOpener :from="folder.file" @taken="folder.goOn">{{ t('app.folder.lookAt') }}</FileOpener>
      <el-button v-if="workspace.keeps" :disabled="workspace.follows" @click="folder.goOn">
        {{ t('app.folder.goOn') }}
      </el-button>
    </div>
  </div>
</template>

<style scoped>
.rests {
  padding: 7px 18px;
  border-bottom: 1px solid var(--line);
  border-left: 6px solid var(--over);
  background: var(--sheet);
}
p {
  margin: 0 0 6px;
  overflow-wrap: anywhere;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.ways :deep(.el-button + .el-button) {
  margin-left: 0;
}
</style>

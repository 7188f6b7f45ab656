<script setup lang="ts">
import { fileProblemMessages } from '@wagonomos/core';
import { useRegisterSW } from 'virtual:pwa-register/vue';
import { useI18n } from 'vue-i18n';
import { downloadText } from '../shared/download.ts';
import MessageText from '../shared/MessageText.vue';
import { useWorkspace } from '../stores/workspace.ts';

/** Things to know before going on: another tab writes, a new version waits, the kept document was damaged. */
const { t } = useI18n();
const workspace = useWorkspace();
const { needRefresh, updateServiceWorker } = useRegisterSW();
const rescued = 'damaged.wagonomos.json';
</script>

<template>
  <div class="notices no-print">
    <p v-if="workspace.writes === false" role="status" data-test="follower">
      {{ t('app.tabs.follows') }}
      <el-button size="small" @click="workspace.takeOver()">{{ t('app.tabs.takeOver') }}</el-button>
    </p>
    <p v-if="needRefresh" role="status">
      {{ t('app.update.waits') }}
      <el-button size="small" @click="updateServiceWorker()">{{ t('app.update.now') }}</el-button>
    </p>
    <p v-if="workspace.damaged" role="alert">
      {{ t('app.damaged') }}
      <MessageText
        v-for="(line, index) in fileProblemMessages(workspace.damaged.problem)"
        :key="index"
        :message="line"
      />
      <el-button size="small" @click="downloadText(rescued, workspace.damaged.text)">
        {{ t('app.fault.download') }}
      </el-button>
    </p>
  </div>
</template>

<style scoped>
p {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  padding: 7px 18px;
  border-bottom: 1px solid var(--line);
  border-left: 6px solid var(--pen);
  background: var(--sheet);
}
</style>

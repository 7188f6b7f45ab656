<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { useFaults } from '../stores/faults.ts';
import { useWorkspace } from '../stores/workspace.ts';
import { downloadText } from '../storage/download.ts';

/** Instead of a white page: what happened, and the file to take along. */
const { t } = useI18n();
const faults = useFaults();
const workspace = useWorkspace();
const fileName = 'rescued.wagonomos.json';
const reload = () => location.reload();
</script>

<template>
  <main class="fault" data-test="fault">
    <h1>{{ t('app.fault.title') }}</h1>
    <p>{{ t('app.fault.text') }}</p>
    <p class="soft num">{{ faults.fault }}</p>
    <p class="actions">
      <el-button type="primary" :disabled="!workspace.document" @click="downloadText(fileName, workspace.text())">
        {{ t('app.fault.download') }}
      </el-button>
      <el-button @click="faults.clear()">{{ t('app.fault.goOn') }}</el-button>
      <el-button @click="reload">{{ t('app.fault.reload') }}</el-button>
    </p>
  </main>
</template>

<style scoped>
.fault {
  max-width: 620px;
  margin: 12vh auto;
  padding: 24px;
  border: 2px solid var(--ink);
  background: var(--sheet);
}
h1 {
  margin-bottom: 8px;
  font: 600 26px var(--figures);
}
.soft {
  margin: 10px 0;
}
</style>

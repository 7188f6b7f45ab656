<script setup lang="ts">
import { fileProblemMessages, readWorkspace, type Message, type Workspace } from '@wagonomos/core';
import { ref, shallowRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { openParcel } from '../storage/photos.ts';
import MessageText from './MessageText.vue';

/** Chooses a file, reads it, and hands over a whole document or says what is wrong with it; what is open stays. */
const emit = defineEmits<{ open: [workspace: Workspace] }>();
const { t } = useI18n();
const input = ref<HTMLInputElement>();
const refused = shallowRef<{ name: string; lines: readonly Message[] } | null>(null);

/** The parcel was opened, but the browser had no room for all of its pictures. */
const picturesLost = ref(false);

const read = async () => {
  const file = input.value?.files?.[0];
  if (!file) return;
  const isParcel = file.name.endsWith('.zip');
  const parcel = isParcel ? await openParcel(file) : null;
  const result = readWorkspace(parcel?.text ?? (isParcel ? '' : await file.text()));
  if (input.value) input.value.value = '';
  picturesLost.value = parcel?.noRoom ?? false;
  if (result.ok) {
    refused.value = null;
    emit('open', result.workspace);
  } else refused.value = { name: file.name, lines: fileProblemMessages(result.problem) };
};
</script>

<template>
  <el-button @click="input?.click()"><slot /></el-button>
  <input
    ref="input"
    type="file"
    accept=".json,.zip,application/json,application/zip"
    class="sr-only"
    tabindex="-1"
    :aria-label="t('app.file.choose')"
    data-test="file-input"
    @change="read"
  />
  <p v-if="picturesLost" class="lost" role="alert">{{ t('app.file.picturesLost') }}</p>
  <el-dialog
    :model-value="refused !== null"
    :title="t('app.file.refused', { name: refused?.name ?? '' })"
    width="min(560px, 94vw)"
    @update:model-value="refused = null"
  >
    <div class="reasons" role="alert" data-test="file-refused">
      <p v-for="(line, index) in refused?.lines ?? []" :key="index"><MessageText :message="line" /></p>
    </div>
    <p class="soft">{{ t('app.file.nothingChanged') }}</p>
  </el-dialog>
</template>

<style scoped>
.lost {
  color: var(--over);
}
.reasons {
  margin-bottom: 12px;
}
.reasons p {
  margin-bottom: 4px;
  overflow-wrap: anywhere;
}
</style>

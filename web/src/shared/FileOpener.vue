<script setup lang="ts">
import { message, type Message, type Workspace } from '@wagonomos/core';
import { fileProblemMessages, planMerge, readBytes } from '@wagonomos/core/files';
import { computed, ref, shallowRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { keepAll, openParcel } from '../storage/photos.ts';
import { useWorkspace } from '../stores/workspace.ts';
import type { KeptFile } from '../workers/parcel.ts';
import MessageText from './MessageText.vue';
import TakeInPlan from './TakeInPlan.vue';

/**
 * Chooses a file, reads it, shows what is in it and what would become of it, and takes it in when the owner says how. Until
 * then nothing of it is kept; what cannot be used is refused with its reason.
 */
const { t } = useI18n();
const workspace = useWorkspace();
const input = ref<HTMLInputElement>();

interface Incoming {
  readonly name: string;
  readonly document: Workspace;
  readonly files: readonly KeptFile[];
  readonly forged: number;
}
const incoming = shallowRef<Incoming | null>(null);
const refused = shallowRef<{ readonly name: string; readonly lines: readonly Message[] } | null>(null);
const busy = ref(false);
/** The browser had no room for all pictures of the parcel. */
const picturesLost = ref(false);
const plan = computed(() =>
  incoming.value && workspace.document ? planMerge(workspace.document, incoming.value.document) : null,
);

const read = async () => {
  const file = input.value?.files?.[0];
  if (!file) return;
  busy.value = true;
  picturesLost.value = false;
  try {
    await look(file);
  } finally {
    busy.value = false;
    if (input.value) input.value.value = '';
  }
};
const look = async (file: File) => {
  const refuse = (lines: readonly Message[]) => {
    refused.value = { name: file.name, lines };
  };
  const zip = file.name.toLowerCase().endsWith('.zip');
  const parcel = zip ? await openParcel(file) : null;
  if (parcel && !parcel.ok) return refuse([message(`file.parcel.${parcel.why}`)]);
  const bytes = parcel ? new TextEncoder().encode(parcel.text) : new Uint8Array(await file.arrayBuffer());
  const result = readBytes(bytes);
  if (!result.ok) return refuse(fileProblemMessages(result.problem));
  refused.value = null;
  const { files, forged } = parcel ?? { files: [], forged: 0 };
  incoming.value = { name: file.name, document: result.workspace, files, forged };
};

const take = async (how: 'beside' | 'instead') => {
  const from = incoming.value;
  if (!from) return;
  busy.value = true;
  const refusal = await workspace.takeIn(from.document, how);
  if (!refusal) picturesLost.value = !(await keepAll(from.files));
  else
    refused.value = {
      name: from.name,
      lines: [message('file.noRoomBeside'), ...fileProblemMessages(refusal).slice(1)],
    };
  busy.value = false;
  incoming.value = null;
  workspace.dismissRefusal();
};
</script>

<template>
  <el-button :loading="busy" @click="input?.click()"><slot /></el-button>
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
    append-to-body
    @update:model-value="refused = null"
  >
    <div class="reasons" role="alert" data-test="file-refused">
      <p v-for="(line, index) in refused?.lines ?? []" :key="index"><MessageText :message="line" /></p>
    </div>
    <p class="soft">{{ t('app.file.nothingChanged') }}</p>
  </el-dialog>
  <el-dialog
    :model-value="incoming !== null"
    :title="t('app.papers.howTitle', { name: incoming?.document.name ?? '' })"
    width="min(560px, 94vw)"
    append-to-body
    data-test="take-in"
    @update:model-value="incoming = null"
  >
    <TakeInPlan v-if="incoming && plan" :document="incoming.document" :plan="plan" />
    <p v-if="incoming?.files.length">{{ t('app.file.pictures', { count: incoming.files.length }) }}</p>
    <p v-if="incoming?.forged" class="lost">{{ t('app.file.forged', { count: incoming.forged }) }}</p>
    <template #footer>
      <div class="ways">
        <el-button @click="incoming = null">{{ t('app.cancel') }}</el-button>
        <el-button :disabled="busy" @click="take('instead')">{{ t('app.papers.instead') }}</el-button>
        <el-button type="primary" :loading="busy" @click="take('beside')">{{ t('app.papers.beside') }}</el-button>
      </div>
    </template>
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
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  justify-content: flex-end;
}
.ways :deep(.el-button + .el-button) {
  margin-left: 0;
}
</style>

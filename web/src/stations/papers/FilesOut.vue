<script setup lang="ts">
import type { RigView } from '@wagonomos/core';
import { extractRig, photosIn, writeWorkspace } from '@wagonomos/core/files';
import { Download, FolderOpen, Images } from '@lucide/vue';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { downloadBlob, downloadText, fileNameFrom } from '../../storage/download.ts';
import FileOpener from '../../files/FileOpener.vue';
import { parcels } from '../../storage/photos.ts';
import { useKeeping } from '../../stores/keeping.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** The file in and out, with its pictures or without. */
const props = defineProps<{ view: RigView }>();
const { t } = useI18n();
const workspace = useWorkspace();
const keeping = useKeeping();

const saveAll = () => {
  if (!workspace.document) return;
  downloadText(fileNameFrom(workspace.document.name), workspace.text());
  keeping.fileSaved();
};
const saveRig = () => {
  const one = workspace.document && extractRig(workspace.document, props.view.rig.id);
  if (one) downloadText(fileNameFrom(one.name), writeWorkspace(one));
};
/** With pictures the document travels in a parcel of its own kind of file. */
const photos = computed(() => (workspace.document ? photosIn(workspace.document) : []));
const packing = ref(false);
const unpacked = ref(false);
/** Pictures and papers the document names and this browser does not have. */
const missing = ref(0);
/** Parcels it took; more than one is said. */
const parts = ref(1);
const saveParcel = async () => {
  if (!workspace.document) return;
  packing.value = true;
  const made = await parcels(workspace.text(), photos.value);
  packing.value = false;
  unpacked.value = made === null;
  missing.value = made?.missing ?? 0;
  parts.value = made?.blobs.length ?? 1;
  if (!made) return;
  const { name } = workspace.document;
  for (const [n, blob] of made.blobs.entries())
    downloadBlob(fileNameFrom(parts.value > 1 ? `${name} ${n + 1}` : name, 'wagonomos.zip'), blob);
  keeping.fileSaved();
};
</script>

<template>
  <h2>{{ t('app.papers.files') }}</h2>
  <p class="soft">{{ t('app.papers.filesText') }}</p>
  <div class="actions">
    <el-button type="primary" @click="saveAll"><Download :size="16" />{{ t('app.papers.saveAll') }}</el-button>
    <el-button v-if="photos.length > 0" :loading="packing" @click="saveParcel">
      <Images :size="16" />{{ t('app.papers.saveParcel', { count: photos.length }) }}
    </el-button>
    <el-button @click="saveRig"><Download :size="16" />{{ t('app.papers.saveRig') }}</el-button>
    <FileOpener v-if="!workspace.follows"><FolderOpen :size="16" />{{ t('app.papers.open') }}</FileOpener>
  </div>
  <p v-if="unpacked" role="alert">{{ t('app.papers.notPacked') }}</p>
  <p v-if="parts > 1" role="status">{{ t('app.papers.inParts', { count: parts }) }}</p>
  <p v-if="missing > 0" role="alert">{{ t('app.papers.notHere', { count: missing }, missing) }}</p>
  <p class="soft">{{ t('app.papers.kept') }}</p>
</template>

<style scoped>
.actions {
  display: flex;
  flex-direction: column;
  gap: 10px;
  align-items: flex-start;
  margin: 14px 0;
}
.actions :deep(.el-button + .el-button) {
  margin-left: 0;
}
</style>

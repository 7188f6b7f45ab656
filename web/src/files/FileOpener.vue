<script setup lang="ts">
import { message, type Message } from '@wagonomos/core';
import { fileProblemMessages } from '@wagonomos/core/files';
import { defineAsyncComponent, ref, shallowRef, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { keepAll, openParcel } from '../storage/photos.ts';
import { reading } from '../storage/reader.ts';
import { useWorkspace } from '../stores/workspace.ts';
import type { Incoming, Refused } from './incomingFile.ts';

/**
 * Chooses a file, reads it, shows what is in it and what would become of it, and takes it in when the owner says how. Until
 * then nothing of it is kept; what cannot be used is refused with its reason.
 */
const props = defineProps<{
  /** Where the file comes from, if nobody has to choose it. null: it is not there. */
  readonly from?: () => Promise<File | null>;
}>();
const emit = defineEmits<{ taken: [] }>();
const { t } = useI18n();
const workspace = useWorkspace();
const input = ref<HTMLInputElement>();

const FileLook = defineAsyncComponent(() => import('./FileLook.vue'));
const incoming = shallowRef<Incoming | null>(null);
const refused = shallowRef<Refused | null>(null);
/** What shows a file is fetched with the first one, and stays, so that it can close as it opened. */
const looked = ref(false);
watch([incoming, refused], () => {
  looked.value = true;
});
const close = () => {
  incoming.value = null;
  refused.value = null;
};
const busy = ref(false);
/** The browser had no room for all pictures of the parcel. */
const picturesLost = ref(false);
/** The file was asked for and did not come. */
const notThere = ref(false);
const open = async () => {
  if (!props.from) return input.value?.click();
  const file = await props.from();
  notThere.value = file === null;
  await read(file);
};
const read = async (file: File | null | undefined) => {
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
  const { readBytes } = await reading();
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
  if (!refusal) emit('taken');
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
  <el-button :loading="busy" @click="open"><slot /></el-button>
  <input
    ref="input"
    type="file"
    accept=".json,.zip,application/json,application/zip"
    class="sr-only"
    tabindex="-1"
    :aria-label="t('app.file.choose')"
    data-test="file-input"
    @change="read(input?.files?.[0])"
  />
  <p v-if="notThere" class="lost" role="alert">{{ t('app.file.notThere') }}</p>
  <p v-if="picturesLost" class="lost" role="alert">{{ t('app.file.picturesLost') }}</p>
  <FileLook v-if="looked" :incoming="incoming" :refused="refused" :busy="busy" @close="close" @take="take" />
</template>

<style scoped>
.lost {
  color: var(--over);
}
</style>

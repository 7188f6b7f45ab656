<script setup lang="ts">
import { listBounds, textBounds } from '@wagonomos/core';
import type { CaseFile } from '@wagonomos/core/uprating';
import { FileText, Paperclip, X } from '@lucide/vue';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useKeptUrls } from '../../slips/useKeptUrls.ts';
import { keepPaper, keepPhoto, type PhotoRefusal } from '../../storage/photos.ts';

/** Pictures and PDFs of one step: kept in this browser beside the document, and in its parcel. */
const props = defineProps<{ files: readonly CaseFile[] }>();
const emit = defineEmits<{ change: [files: CaseFile[]] }>();
const { t } = useI18n();
const most = listBounds.caseFiles;
const input = ref<HTMLInputElement>();
const refused = ref<PhotoRefusal | 'notAPaper' | 'tooLarge' | 'tooMany' | null>(null);
const urls = useKeptUrls(() => props.files.map(({ hash }) => hash));

const isPdf = (file: File) => file.type === 'application/pdf' || file.name.toLowerCase().endsWith('.pdf');
const take = async () => {
  const chosen = [...(input.value?.files ?? [])];
  if (input.value) input.value.value = '';
  refused.value = null;
  const files = [...props.files];
  for (const file of chosen) {
    if (files.length >= most) {
      refused.value = 'tooMany';
      break;
    }
    const pdf = isPdf(file);
    const kept = pdf ? await keepPaper(file) : await keepPhoto(file);
    if ('refused' in kept) {
      refused.value = kept.refused;
      continue;
    }
    if (files.some(({ hash }) => hash === kept.hash)) continue;
    files.push({
      hash: kept.hash,
      name: file.name.slice(0, textBounds.name) || kept.hash.slice(0, 8),
      kind: pdf ? 'pdf' : 'picture',
    });
    emit('change', [...files]);
  }
};
</script>

<template>
  <div class="files" data-test="case-files">
    <span v-for="(one, at) in files" :key="one.hash" class="one">
      <a v-if="urls.get(one.hash) && one.kind === 'picture'" :href="urls.get(one.hash)" target="_blank" rel="noopener">
        <img :src="urls.get(one.hash)" :alt="one.name" decoding="async" />
      </a>
      <!-- The page's own rules forbid a PDF viewer inside it: a paper is handed out instead. -->
      <a v-else-if="urls.get(one.hash)" :href="urls.get(one.hash)" :download="one.name">
        <FileText :size="15" />{{ one.name }}
      </a>
      <span v-else class="soft">{{ t('app.case.fileElsewhere', { name: one.name }) }}</span>
      <button
        type="button"
        class="icon-button small"
        :aria-label="t('app.case.dropFile', { name: one.name })"
        @click="emit('change', files.toSpliced(at, 1))"
      >
        <X :size="13" />
      </button>
    </span>
    <button type="button" class="quiet-button" @click="input?.click()">
      <Paperclip :size="15" />{{ t('app.case.attach') }}
    </button>
    <input
      ref="input"
      type="file"
      accept="image/*,application/pdf,.pdf"
      multiple
      class="sr-only"
      tabindex="-1"
      :aria-label="t('app.case.chooseFiles')"
      @change="take"
    />
    <p v-if="refused" class="refused" role="alert">{{ t(`app.case.refused.${refused}`) }}</p>
  </div>
</template>

<style scoped>
.files {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.one {
  display: inline-flex;
  gap: 4px;
  align-items: center;
}
.one a {
  display: inline-flex;
  gap: 4px;
  align-items: center;
}
img {
  display: block;
  width: 84px;
  height: 62px;
  border: 1px solid var(--line);
  object-fit: cover;
}
.refused {
  flex-basis: 100%;
  margin: 0;
  color: var(--over);
}
</style>

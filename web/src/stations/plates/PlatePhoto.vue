<script setup lang="ts">
import type { Body, Plate } from '@wagonomos/core';
import { changePart } from '@wagonomos/core/edits';
import { Camera, X } from '@lucide/vue';
import { onScopeDispose, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { keepPhoto, loadPhoto, type PhotoRefusal } from '../../storage/photos.ts';
import { useWorkspace } from '../../stores/workspace.ts';

/** A photograph of the plate, for the day somebody doubts the figure. */
const props = defineProps<{ body: Body; plate: Plate; name: string }>();
const { t } = useI18n();
const workspace = useWorkspace();
const input = ref<HTMLInputElement>();
const url = ref<string | null>(null);
const refused = ref<PhotoRefusal | null>(null);

const release = () => {
  if (url.value) URL.revokeObjectURL(url.value);
  url.value = null;
};
watch(
  () => props.plate.photo,
  async (hash) => {
    release();
    const blob = hash === undefined ? null : await loadPhoto(hash);
    if (blob && props.plate.photo === hash) url.value = URL.createObjectURL(blob);
  },
  { immediate: true },
);
onScopeDispose(release);

const set = (photo: string | undefined) =>
  workspace.edit('app.edit.photo', (document) =>
    changePart(document, props.body.id, 'plates', props.plate.id, { photo }),
  );
const take = async () => {
  const file = input.value?.files?.[0];
  if (!file) return;
  const kept = await keepPhoto(file);
  refused.value = 'refused' in kept ? kept.refused : null;
  if ('hash' in kept) set(kept.hash);
  if (input.value) input.value.value = '';
};
</script>

<template>
  <div class="photo">
    <a v-if="url" :href="url" target="_blank" rel="noopener">
      <img :src="url" :alt="t('app.photo.of', { name })" data-test="photo" />
    </a>
    <button type="button" class="add" @click="input?.click()">
      <Camera :size="14" />{{ t(plate.photo ? 'app.photo.replace' : 'app.photo.add') }}
    </button>
    <button
      v-if="plate.photo"
      type="button"
      class="icon-button"
      :aria-label="t('app.photo.remove', { name })"
      @click="set(undefined)"
    >
      <X :size="14" />
    </button>
    <input
      ref="input"
      type="file"
      accept="image/*"
      capture="environment"
      class="sr-only"
      tabindex="-1"
      :aria-label="t('app.photo.choose', { name })"
      @change="take"
    />
    <p v-if="refused" class="refused" role="alert">{{ t(`app.photo.why.${refused}`, { count: 1 }) }}</p>
  </div>
</template>

<style scoped>
.photo {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  margin-top: 6px;
}
img {
  display: block;
  max-width: 92px;
  max-height: 60px;
  border: 1px solid var(--line);
}
.add {
  display: inline-flex;
  gap: 4px;
  align-items: center;
  padding: 0;
  border: 0;
  background: none;
  color: var(--soft);
  font-size: 12.5px;
  cursor: pointer;
}
.add:hover {
  color: var(--pen);
}
.icon-button {
  width: 24px;
  height: 24px;
}
.refused {
  flex-basis: 100%;
  color: var(--over);
  font-size: 12.5px;
}
</style>

<script setup lang="ts">
import { Camera, X } from '@lucide/vue';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useKeptUrls } from './useKeptUrls.ts';
import { keepPhoto, type PhotoRefusal } from '../storage/photos.ts';

/** Pictures in a row: looked at, added (several at once), taken away. They are made smaller away from the page. */
const props = defineProps<{ hashes: readonly string[]; name: string; most: number }>();
const emit = defineEmits<{ change: [hashes: string[]] }>();
const { t } = useI18n();
const input = ref<HTMLInputElement>();
const urls = useKeptUrls(() => props.hashes);
const busy = ref(0);
const refused = ref<{ readonly why: PhotoRefusal | 'tooMany'; readonly count: number } | null>(null);

const take = async () => {
  const files = [...(input.value?.files ?? [])];
  if (input.value) input.value.value = '';
  const room = props.most - props.hashes.length;
  refused.value = files.length > room ? { why: 'tooMany', count: files.length - room } : null;
  const hashes = [...props.hashes];
  busy.value = Math.min(files.length, room);
  for (const file of files.slice(0, room)) {
    const kept = await keepPhoto(file);
    busy.value -= 1;
    if ('refused' in kept) {
      refused.value = { why: kept.refused, count: busy.value + 1 };
      if (kept.refused === 'noRoom') break;
    } else if (!hashes.includes(kept.hash)) {
      hashes.push(kept.hash);
      emit('change', [...hashes]);
    }
  }
  busy.value = 0;
};
</script>

<template>
  <div class="strip" data-test="photos">
    <span v-for="(hash, at) in hashes" :key="hash" class="one">
      <a v-if="urls.get(hash)" :href="urls.get(hash)" target="_blank" rel="noopener">
        <img :src="urls.get(hash)" :alt="t('app.photo.number', { name, number: at + 1 })" decoding="async" />
      </a>
      <span v-else class="gone">{{ t('app.photo.elsewhere') }}</span>
      <button
        type="button"
        class="icon-button small"
        :aria-label="t('app.photo.drop', { number: at + 1 })"
        @click="
          emit(
            'change',
            hashes.filter((one) => one !== hash),
          )
        "
      >
        <X :size="13" />
      </button>
    </span>
    <button type="button" class="quiet-button" :disabled="busy > 0" @click="input?.click()">
      <Camera :size="15" />{{ busy > 0 ? t('app.photo.busy', { count: busy }) : t('app.photo.add') }}
    </button>
    <input
      ref="input"
      type="file"
      accept="image/*"
      multiple
      class="sr-only"
      tabindex="-1"
      :aria-label="t('app.photo.choose', { name })"
      @change="take"
    />
    <p v-if="refused" class="refused" role="alert">{{ t(`app.photo.why.${refused.why}`, { count: refused.count }) }}</p>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.one {
  position: relative;
  display: inline-block;
}
img {
  display: block;
  width: 84px;
  height: 62px;
  border: 1px solid var(--line);
  object-fit: cover;
}
.gone {
  display: grid;
  place-items: center;
  width: 84px;
  height: 62px;
  border: 1px dashed var(--line);
  color: var(--soft);
  font-size: 12px;
  text-align: center;
}
.one .icon-button {
  position: absolute;
  top: 2px;
  right: 2px;
  background: var(--sheet);
}
.refused {
  flex-basis: 100%;
  margin: 0;
  color: var(--over);
}
</style>

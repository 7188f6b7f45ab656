import { onScopeDispose, shallowRef, watch, type ShallowRef } from 'vue';
import { loadPhoto } from '../storage/photos.ts';

/** Addresses under which kept pictures and papers can be shown, by their hash; let go of when the screen goes. */
export function useKeptUrls(hashes: () => readonly string[]): ShallowRef<ReadonlyMap<string, string>> {
  const urls = shallowRef<ReadonlyMap<string, string>>(new Map());
  watch(
    hashes,
    async (wanted) => {
      for (const hash of wanted) {
        if (urls.value.has(hash)) continue;
        const blob = await loadPhoto(hash);
        if (blob && !urls.value.has(hash)) urls.value = new Map(urls.value).set(hash, URL.createObjectURL(blob));
      }
    },
    { immediate: true },
  );
  onScopeDispose(() => {
    for (const url of urls.value.values()) URL.revokeObjectURL(url);
  });
  return urls;
}

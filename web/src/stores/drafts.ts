import { defineStore } from 'pinia';
import { ref, toValue, watch, type MaybeRefOrGetter, type Ref } from 'vue';
import type { KeyValueStore } from '../storage/keyValueStore.ts';

const draftsKey = 'drafts';
/** Bounds of all drafts together: the oldest give way. */
const mostDrafts = 60;
const mostCharacters = 2_500_000;
/** ms of rest after which typing is kept. */
const restsFor = 150;

/**
 * Text that is typed and not taken yet: a figure that cannot be read, a line not entered, a form not sent. Kept while it is
 * typed, shown again where it was typed, dropped when it is taken or wiped.
 */
export const useDrafts = defineStore('drafts', () => {
  let texts = new Map<string, string>();
  let store: KeyValueStore | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let saving: Promise<void> = Promise.resolve();

  const start = async (from: KeyValueStore) => {
    store = from;
    const kept = await from.get(draftsKey).catch(() => null);
    const entries = Array.isArray(kept) ? (kept as unknown[]) : [];
    texts = new Map(
      entries.flatMap((one): [string, string][] =>
        Array.isArray(one) && typeof one[0] === 'string' && typeof one[1] === 'string' ? [[one[0], one[1]]] : [],
      ),
    );
  };
  const save = () => {
    clearTimeout(timer);
    timer = undefined;
    const entries = [...texts];
    saving = saving.then(() => store?.set(draftsKey, entries)).catch(() => undefined);
    return saving;
  };
  const soon = () => {
    clearTimeout(timer);
    timer = setTimeout(() => void save(), restsFor);
  };
  const bound = () => {
    let characters = [...texts.values()].reduce((sum, text) => sum + text.length, 0);
    for (const [key, text] of texts) {
      if (texts.size <= mostDrafts && characters <= mostCharacters) return;
      texts.delete(key);
      characters -= text.length;
    }
  };

  const read = (key: string): string | undefined => texts.get(key);
  const keep = (key: string, text: string) => {
    texts.delete(key);
    texts.set(key, text);
    bound();
    soon();
  };
  const drop = (key: string) => {
    if (texts.delete(key)) soon();
  };
  /** Keeps what was typed at once: the page is left, or another tab takes over. */
  const flush = (): Promise<void> => (timer === undefined ? saving : save());
  return { start, read, keep, drop, flush };
});

/** A text that outlives a reload until it is what it was at first again. */
export function useDraft(key: MaybeRefOrGetter<string>, initial = ''): Ref<string> {
  const drafts = useDrafts();
  const text = ref(drafts.read(toValue(key)) ?? initial);
  watch(text, (next) => (next === initial ? drafts.drop(toValue(key)) : drafts.keep(toValue(key), next)));
  return text;
}

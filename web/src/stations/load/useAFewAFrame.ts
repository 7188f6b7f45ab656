import { onScopeDispose, shallowRef, watch, type ShallowRef } from 'vue';

/** Rows a frame: forty that change at once make a page wait, so many do not. */
const aFrame = 8;

/**
 * Follows a map a few entries a frame, so that a long list never changes in one task.
 * @param source what is to be shown in the end; null: nothing
 * @param said turns a value into what its row shows, asked only for the rows whose turn it is
 */
export function useAFewAFrame<Value, Shown>(
  source: () => ReadonlyMap<string, Value> | null,
  said: (value: Value) => Shown,
): Readonly<ShallowRef<ReadonlyMap<string, Shown>>> {
  const shown = shallowRef<ReadonlyMap<string, Shown>>(new Map());
  const from = new Map<string, Value>();
  let asked = 0;
  const step = () => {
    asked = 0;
    const target = source();
    const late = [...new Set([...from.keys(), ...(target?.keys() ?? [])])].filter(
      (key) => from.get(key) !== target?.get(key),
    );
    const next = new Map(shown.value);
    for (const key of late.slice(0, aFrame)) {
      const value = target?.get(key);
      if (value === undefined) {
        from.delete(key);
        next.delete(key);
      } else {
        from.set(key, value);
        next.set(key, said(value));
      }
    }
    shown.value = next;
    if (late.length > aFrame) asked = requestAnimationFrame(step);
  };
  watch(source, () => (asked ||= requestAnimationFrame(step)), { immediate: source() !== null });
  onScopeDispose(() => cancelAnimationFrame(asked));
  return shown;
}

import { nextTick, onBeforeUnmount, ref, type Ref } from 'vue';

/** How a row of a table comes to life. */
export interface LiveRow {
  /** Its element, to be bound as `ref="row"`. */
  readonly row: Ref<HTMLElement | undefined>;
  /** The row's fields are there. */
  readonly live: Ref<boolean>;
  /** Makes the fields and enters the one of this cell; a drop-down opens. */
  readonly touch: (cell: string) => Promise<void>;
  /** Reads as text again once nothing in it is in use or left to be mended. */
  readonly rest: () => void;
}

/**
 * A row that is read as text and has fields only while it is touched: a list of fields is slow to make and cuts off every name.
 * `starts`: it begins with its fields; `touched` and `left` are told when they come and go.
 */
export function useLiveRow(told: { starts?: boolean; touched?: () => void; left?: () => void } = {}): LiveRow {
  const row = ref<HTMLElement>();
  const live = ref(told.starts === true);
  const cellIn = (of: Element | null | undefined, cell: string) =>
    of?.querySelector<HTMLElement>(`[data-cell="${cell}"]`);

  const touch = async (cell: string) => {
    live.value = true;
    told.touched?.();
    await nextTick();
    const field = cellIn(row.value, cell);
    const list = field?.querySelector<HTMLElement>('.el-select__wrapper');
    list?.click();
    const input = field?.matches('input') ? field : field?.querySelector<HTMLElement>('input');
    input?.focus();
    if (!list && input instanceof HTMLInputElement) input.select();
  };
  const rest = () => {
    setTimeout(() => {
      const { value: of } = row;
      const busy =
        of?.contains(document.activeElement) || of?.querySelector('[aria-invalid="true"], [aria-expanded="true"]');
      if (!of || busy) return;
      live.value = false;
      told.left?.();
    });
  };
  // A row that goes while it is written in would keep whoever waits for it.
  onBeforeUnmount(() => told.left?.());
  return { row, live, touch, rest };
}

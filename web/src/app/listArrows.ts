import { useEventListener } from '@vueuse/core';

const rows = 'li, tr, [data-row]';
const reached = 'button:not(:disabled), a[href], summary, input:not(:disabled), [tabindex="0"]';
/** What has its own use for up and down. */
const owners =
  'input:not([type=checkbox]), textarea, select, [role=slider], [role=radio], [role=radiogroup], [role=menu], [role=listbox], [role=combobox], svg';

/** What can be reached in a row; a row that is one button is its own. */
const stopsIn = (row: HTMLElement): HTMLElement[] =>
  row.matches(reached)
    ? [row]
    : [...row.querySelectorAll<HTMLElement>(reached)].filter((one) =>
        one.checkVisibility({ visibilityProperty: true }),
      );

/**
 * Where the same column of the next row is, within its section: by the cell's name where cells have one, else by its place
 * among what can be reached.
 */
export function sameInNextRow(from: HTMLElement, down: boolean): HTMLElement | null {
  const row = from.closest<HTMLElement>(rows);
  if (!row) return null;
  const cell = from.closest<HTMLElement>('[data-cell]')?.dataset['cell'];
  const at = stopsIn(row).indexOf(from);
  const scope = row.closest('section, [role=dialog]') ?? row.parentElement ?? row;
  const all = [...scope.querySelectorAll<HTMLElement>(rows)].filter((one) => one === row || !one.contains(row));
  const beyond = down ? all.slice(all.indexOf(row) + 1) : all.slice(0, all.indexOf(row)).reverse();
  for (const next of beyond) {
    if (row.contains(next)) continue;
    const named = cell === undefined ? null : next.querySelector<HTMLElement>(`[data-cell="${cell}"]`);
    const stops = stopsIn(next);
    const found = named ?? stops[Math.min(at, stops.length - 1)];
    if (found?.checkVisibility({ visibilityProperty: true })) return found;
  }
  return null;
}

/** Up and down go from row to row in every list, and stay in their column. */
export function useListArrows(): void {
  useEventListener('keydown', (event: KeyboardEvent) => {
    const { target, key } = event;
    if ((key !== 'ArrowDown' && key !== 'ArrowUp') || event.defaultPrevented || !(target instanceof HTMLElement))
      return;
    if (event.ctrlKey || event.metaKey || event.altKey || event.shiftKey || target.closest(owners)) return;
    const next = sameInNextRow(target, key === 'ArrowDown');
    if (!next) return;
    event.preventDefault();
    next.focus();
  });
}

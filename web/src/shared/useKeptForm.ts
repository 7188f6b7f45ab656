import { watch } from 'vue';
import { useDrafts } from '../stores/drafts.ts';

/**
 * Keeps what is filled into a form until it was used, beyond a reload.
 * @param form reactive; what was kept of it is put into it at once
 * @returns puts the form back to how it began, and forgets what was kept
 */
export function useKeptForm(key: string, form: object): () => void {
  const drafts = useDrafts();
  const begun = JSON.stringify(form);
  Object.assign(form, kept(drafts.read(key)));
  watch(form, () => {
    const now = JSON.stringify(form);
    if (now === begun) drafts.drop(key);
    else drafts.keep(key, now);
  });
  return () => {
    Object.assign(form, JSON.parse(begun));
    drafts.drop(key);
  };
}

function kept(text: string | undefined): object {
  try {
    const read: unknown = JSON.parse(text ?? '{}');
    return typeof read === 'object' && read !== null ? read : {};
  } catch {
    return {};
  }
}

import type { Workspace } from '@wagonomos/core';
import { ref } from 'vue';
import type { Revision } from '../storage/keptDocument.ts';
import { leaveBehind, nothingLeft } from '../storage/leftBehind.ts';
import { putDocument, type Keeping } from './keeper.ts';

/** What the saver asks of the page it saves for. */
interface Page {
  readonly keeping: () => Keeping | undefined;
  /** What is to be kept; null: nothing. */
  readonly inHand: () => Workspace | null;
  /** Whether the store may be written to, and old copies may go for it. */
  readonly may: (way: 'store' | 'oldCopies') => boolean;
  /** Whether other tabs can be told who writes; where not, what another saved is kept beside. */
  readonly guarded: () => boolean;
  /** It is in the store. */
  readonly saved: (latest: Workspace) => void;
  /** Something else stands in the store than this page has read: nothing was written. */
  readonly overtaken: () => Promise<void>;
}

/** Brings what is in hand to the store, one state after the other, each in the place of the one it came from. */
export function makeSaver({ keeping, inHand, may, guarded, saved, overtaken }: Page) {
  const failed = ref(false);
  /** What stands in the store as far as this page knows; undefined: it has not read it, and so writes nothing. */
  let basis: Revision | undefined;
  /** The document that is it. */
  let settled: Workspace | null = null;
  let saving: Promise<void> = Promise.resolve();
  /** The page seemed to be left once, and what it held was put down. */
  let putDown = false;

  /** What is in hand was read from the store, or is what stands for it. */
  const begin = (shown: Workspace, from: Revision | undefined) => {
    basis = from;
    settled = shown;
  };
  /** What is in hand goes on from what was read: a page put it down when it was left, and it is not in the store yet. */
  const goOnFrom = (read: Workspace) => {
    settled = read;
    putDown = true;
  };
  const write = async (latest: Workspace) => {
    const deps = keeping();
    if (!deps || basis === undefined) throw new Error('nothing was read: nothing is written');
    const put = () => putDocument(deps, latest, may('oldCopies'));
    let written = await deps.kept.write(latest, basis, put);
    if (!written.kept && !guarded()) {
      const beside = await deps.copies.keep(written.found.raw, 'otherTab', may('oldCopies'));
      if (beside) written = await deps.kept.write(latest, written.found.revision, put);
    }
    if (!written.kept) return overtaken();
    begin(latest, written.revision);
    if (putDown) nothingLeft(deps.left);
    putDown = false;
    failed.value = false;
    saved(latest);
  };

  /**
   * Saves after whatever is being saved now, so that the last state wins.
   * @param then done once it is saved
   * @param anew also where nothing has changed: what is only shown so far is kept from then on
   */
  const save = (then?: () => Promise<void>, anew = false) => {
    saving = saving
      .then(async () => {
        const latest = inHand();
        if (!latest || !may('store')) return;
        if (latest === settled && !anew) failed.value = false;
        else await write(latest);
        await then?.();
      })
      .catch(() => {
        failed.value = true;
      });
  };
  /** The page is being left: what is in hand and not saved yet is put down at once, beside what is kept. */
  const leave = () => {
    const [deps, latest] = [keeping(), inHand()];
    if (!deps || !latest || latest === settled || basis === undefined || !may('store')) return;
    putDown = true;
    leaveBehind(deps.left, latest, basis);
  };
  return {
    failed,
    begin,
    goOnFrom,
    leave,
    save,
    /** Whether something is in hand that the store does not have, as far as this page knows. */
    ahead: () => inHand() !== settled,
    /** What the store must still hold for this page to go on from it. */
    basis: () => basis,
    /** Resolves when everything said so far is in the store, or could not be kept. */
    done: () => saving,
  };
}

import { emptyWorkspace, localDay, type Workspace } from '@wagonomos/core';
import { mergeWorkspaces, writeWorkspace, type FileProblem } from '@wagonomos/core/files';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import type { CopyNote, CopyReason } from '../storage/copies.ts';
import type { Revision } from '../storage/keptDocument.ts';
import { openKept, type Opening } from '../storage/opening.ts';
import { leftFor, takeUpLeft } from '../storage/leftBehind.ts';
import { reading, type CheckEdit } from '../storage/reader.ts';
import { isLess, mayReplace, type WayOut } from '../storage/wayOut.ts';
import { demoWorkspace } from './demo.ts';
import { useDrafts } from './drafts.ts';
import { recalled, toKeep, type Entry } from './keptHistory.ts';
import { historyKey, type Keeping } from './keeper.ts';
import { makeSaver } from './saver.ts';
import { useSteps } from './steps.ts';

/** ms of rest after which the history is kept. */
const historyRests = 400;
/** Says, across visits, that the file in the owner's folder may hold more than what is here. */
const folderAheadKey = 'folderAhead';

/** Why an edit was not taken: the document it would have left could not be read back. */
export type Refusal = FileProblem & { readonly code: 'invalid' };

/** The document, its history and its keeping. Everything shown is computed from it by core, never stored. */
export const useWorkspace = defineStore('workspace', () => {
  const document = shallowRef<Workspace | null>(null);
  const steps = useSteps();
  /** Whether this tab may change the document; undefined until the tabs have agreed who writes. */
  const writes = ref<boolean | undefined>(undefined);
  /** Whether other tabs can be told who writes. */
  const guarded = ref(true);
  /** What was found where the document is kept. */
  const opening = shallowRef<Opening | null>(null);
  /** The owner has said that what could not be read may be replaced. */
  const released = ref(false);
  /** The file in the owner's folder may hold more than what is here: it is not written until he has said what becomes of it. */
  const folderAhead = ref(false);
  /** Another tab saved something between: what was done here is a copy, and what it saved is shown. */
  const overtaken = ref(false);
  /** Another tab writes and holds what it could not keep. */
  const takeOverRefused = ref(false);
  const refusal = shallowRef<Refusal | null>(null);
  /** Goes up when this tab takes over: what is on screen begins anew from what was being typed in the other. */
  const turn = ref(0);
  /** Changes since the page was opened, undoing and redoing among them, for whoever counts them. */
  const edits = ref(0);

  let keeping: Keeping | undefined;
  /** Comes behind the first screen; until then nothing can be edited. */
  let checkEdit: CheckEdit | undefined;
  /** The taking over that is under way; 0: none. */
  let turning = 0;
  let lastTurn = 0;
  /** Whether this tab has changed anything since it became the writer. */
  let touched = false;
  /** Goes up with every change: what was read meanwhile does not take its place. */
  let changes = 0;
  let historyTimer: ReturnType<typeof setTimeout> | undefined;
  /** Whether what this tab held when another took the lead is safe, so that it may be replaced on the screen. */
  let handedOff: Promise<boolean> = Promise.resolve(true);
  /** What is in hand was put down by a page that was left, and is not saved yet. */
  let goesOn = false;
  /** The day of the last daily copy. */
  let copiedOn = '';

  /** The document may only be looked at: a newer version of the app wrote it. */
  const locked = computed(() => opening.value?.kind === 'newer' && !released.value);
  const may = (way: WayOut) =>
    mayReplace(way, { found: opening.value, released: released.value, folderAhead: folderAhead.value });
  /** Whether what is done here may be kept: never over something that was not read. */
  const keeps = computed(() => may('store'));
  const saver = makeSaver({
    keeping: () => keeping,
    inHand: () => document.value,
    may,
    guarded: () => guarded.value,
    saved: (latest) => {
      keeping?.mark.write({ day: localDay(keeping.now()), rigs: latest.rigs.length, version: keeping.version });
      keeping?.tabs.announce();
    },
    overtaken: () => giveWay(),
  });
  const saveFailed = saver.failed;
  /** Something was done that is kept nowhere. */
  const unsaved = computed(() => saveFailed.value || (!keeps.value && edits.value > 0));
  /** True where another tab writes, or nobody knows yet: things may be looked at and not be changed. */
  const follows = computed(() => writes.value !== true || locked.value);
  const undoLabel = computed(() => (follows.value ? undefined : steps.undoLabel.value));
  const redoLabel = computed(() => (follows.value ? undefined : steps.redoLabel.value));

  /** Reads what is kept, or starts with the demo rigs, and joins the other tabs. */
  const start = async (deps: Keeping) => {
    keeping = deps;
    // While the browser opens its store comes what will be needed: on a first visit the demo, on a later one what reads.
    const firstVisit = deps.mark.read() === null;
    const looksFirst = firstVisit && deps.showsDemoFirst;
    if (firstVisit) demoWorkspace().then(preview, () => undefined);
    if (!looksFirst) reading().catch(() => undefined);
    await open(true);
    // In a yard seen for the first time nobody edits anything before he has looked at it.
    if (looksFirst) await deps.idle();
    ({ checkEdit } = await reading());
    // Another tab may have kept something meanwhile, when this one could not hear it yet.
    if (firstVisit && deps.mark.read() !== null) await open(true);
    deps.tabs.listen({
      becameWriter: (others) => {
        guarded.value = others;
        takeOverRefused.value = false;
        touched = false;
        void lead();
      },
      becameFollower: () => {
        turning = 0;
        writes.value = false;
        handedOff = saver.done().then(handOff);
      },
      // The tab that wrote before may still be finishing a save: what it kept counts, unless this one went on from there.
      savedElsewhere: () => {
        if (turning > 0) void lead();
        else if (writes.value === false) void follow();
        else if (!touched) void open();
      },
      handOver: () => flush(true),
      takeOverRefused: () => {
        takeOverRefused.value = true;
      },
    });
  };

  /**
   * Begins to write, from what is in the store at that moment: where it is not what this page shows, or another tab wrote before, all
   * of it is read, with its history and what was being typed there. Until then nothing can be done here: what is on screen begins
   * anew then, and would take with it what was typed meanwhile.
   */
  const lead = async () => {
    const begun = (lastTurn += 1);
    turning = begun;
    if (!goesOn) await takeUp();
    const anew = writes.value === false || !(await isAsRead());
    if (anew && (await handedOff)) {
      await open(true).catch(() => undefined);
      if (!goesOn) await takeUp();
    }
    if (turning !== begun) return;
    turning = 0;
    writes.value = true;
    if (anew) turn.value += 1;
    if (goesOn) saver.save();
    goesOn = false;
  };
  /** What a page held that was left before it was saved is saved now, or a copy where something else was saved meanwhile. */
  const takeUp = async () => {
    if (!keeping || opening.value?.kind === 'blocked') return;
    const left = await takeUpLeft(keeping.left, keeping.store, keeping.kept).catch(() => null);
    if (left && (await copy('otherTab', left))) overtaken.value = true;
  };
  /** Whether the store still holds what this page has read. */
  const isAsRead = async (): Promise<boolean> => {
    // What gave no answer is never written to, so that nobody need know what is in it.
    if (!keeping || opening.value?.kind === 'blocked') return true;
    return (await keeping.kept.read().catch(() => null))?.revision === saver.basis();
  };
  /** What is in hand and not in the store becomes a copy, before something else takes its place. @returns false: it could not */
  const handOff = async (): Promise<boolean> => {
    // What was only taken up from a page that was left is the next writer's to save.
    if (!document.value || !saver.ahead() || goesOn) return true;
    if (!(await copy('otherTab'))) {
      saveFailed.value = true;
      return false;
    }
    overtaken.value = true;
    return true;
  };
  /** Another tab has saved what this one has not read. What is in hand becomes a copy, and this page goes on from what was saved. */
  const giveWay = async () => {
    writes.value = false;
    handedOff = handOff();
    if (await handedOff) return lead();
    writes.value = true;
    throw new Error('neither saved nor copied');
  };
  /** Opens what is kept, with its history. @param withDrafts and with what was being typed */
  const open = async (withDrafts = false) => {
    if (!keeping) return;
    const { store, kept: keptDocument, copies, mark, version, pause } = keeping;
    const begun = changes;
    const kept = store.get(historyKey).catch(() => null);
    const ahead = store.get(folderAheadKey).catch(() => null);
    const drafts = withDrafts ? useDrafts().start(store) : undefined;
    const found = await openKept(store, keptDocument, copies, mark, version, pause);
    folderAhead.value = folderAhead.value || isLess(found) || (await ahead) === true;
    // Before anything takes the place of what was kept: on the next visit nobody could tell any more.
    if (isLess(found)) await store.set(folderAheadKey, true).catch(() => undefined);
    const workspace = 'workspace' in found ? found.workspace : null;
    const fresh = found.kind === 'first' || found.kind === 'blocked';
    const inHand = found.kind === 'blocked' ? document.value : null;
    // What a page held that was left a moment ago: whoever writes saves it first of all.
    const left = found.kind === 'read' ? await leftFor(keeping.left, found.revision) : null;
    const shown = left ?? workspace ?? inHand ?? (fresh ? await demoWorkspace() : emptyWorkspace('yard', 'Yard'));
    const history = await recalled(await kept, shown);
    await drafts;
    opening.value = found;
    released.value = false;
    if (changes === begun)
      show(
        history.present,
        found.kind === 'read' ? history : null,
        found.kind === 'blocked' ? undefined : found.revision,
      );
    if (changes === begun && left && workspace) saver.goOnFrom(workspace);
    goesOn = changes === begun && left !== null;
    saveFailed.value = found.kind === 'blocked';
    // One store after the other: the browser's stores are opened by raising one version, and two at once can wait for each other.
    const daily = (await copies.list()).find(({ why }) => why === 'day');
    copiedOn = daily ? localDay(new Date(daily.at)) : '';
  };
  const preview = (demo: Workspace) => {
    if (keeping?.showsDemoFirst && !opening.value) document.value ??= demo;
  };
  /** @param from what it was read from */
  const show = (
    shown: Workspace,
    history: { past: readonly Entry[]; future: readonly Entry[] } | null,
    from: Revision | undefined,
  ) => {
    steps.begin(history);
    document.value = shown;
    saver.begin(shown, from);
  };
  /** Shows what another tab has just saved. What cannot be read here leaves what is shown, and so does what could not be copied. */
  const follow = async () => {
    const { readParsed } = await reading();
    const found = await keeping?.kept.read().catch(() => null);
    const read = readParsed(found?.raw);
    if (!found || !read.ok || !(await handedOff) || writes.value !== false) return;
    show(read.workspace, null, found.revision);
  };

  /** Keeps a copy of the document as it stands. Never rejects; without room for it the work goes on. */
  const copy = async (why: CopyReason, of = document.value): Promise<CopyNote | null> =>
    (of && (await keeping?.copies.keep(of, why, may('oldCopies')))) ?? null;

  /** Once a day of work, before its first edit. */
  const copyOfTheDay = (before: Workspace) => {
    const today = keeping ? localDay(keeping.now()) : '';
    if (copiedOn === today || opening.value?.kind !== 'read') return;
    copiedOn = today;
    void copy('day', before);
  };

  /** @param step a step of the history was begun: it is kept at once; more of the same step can wait a moment */
  const save = (step: boolean) => {
    touched = true;
    changes += 1;
    if (!keeps.value) return;
    saver.save(step ? saveHistory : undefined);
    clearTimeout(historyTimer);
    historyTimer = step ? undefined : setTimeout(() => void saveHistory(), historyRests);
  };
  /** The history follows the document; that it lags behind by a moment is made up for on opening. */
  const saveHistory = async () => {
    clearTimeout(historyTimer);
    historyTimer = undefined;
    const present = document.value;
    if (!present || writes.value !== true || !keeps.value || !touched) return;
    await keeping?.store.set(historyKey, toKeep(present, steps.past.value, steps.future.value)).catch(() => undefined);
  };

  /**
   * Replaces the document by what `change` makes of it, unless that could not be read back: then nothing is changed, and the
   * reason is said.
   * @param label key of the words for the edit
   * @param merge edits in a row with the same key are one step of the history (typing in one field)
   */
  const edit = (label: string, change: (workspace: Workspace) => Workspace, merge = ambient): Refusal | null => {
    const before = document.value;
    if (!before || !checkEdit || follows.value) return null;
    const after = change(before);
    if (after === before) return null;
    const checked = checkEdit(after);
    if (!checked.ok) {
      refusal.value = checked.problem;
      return checked.problem;
    }
    refusal.value = null;
    copyOfTheDay(before);
    const step = steps.note(before, label, merge);
    document.value = checked.workspace;
    edits.value += 1;
    save(step);
    return null;
  };

  let ambient: string | undefined;
  /**
   * Runs what a field says on its being typed in: all of it is one step of the history.
   * @returns why the last edit in it was refused; then the field says so, and nobody else
   */
  const typing = (field: string, say: () => void): Refusal | null => {
    ambient = `typing ${field}`;
    refusal.value = null;
    try {
      say();
    } finally {
      ambient = undefined;
    }
    const refused = refusal.value;
    refusal.value = null;
    return refused;
  };

  /** Opens a document beside this one or instead of it; a copy of this one is kept. @returns why it could not be */
  const takeIn = async (incoming: Workspace, how: 'beside' | 'instead'): Promise<Refusal | null> => {
    await copy(how === 'beside' ? 'merged' : 'replaced');
    return edit('app.edit.openFile', (here) => (how === 'beside' ? mergeWorkspaces(here, incoming) : incoming));
  };
  /** Goes back to a copy; a copy of what is here is kept. */
  const restore = async (from: Workspace): Promise<Refusal | null> => {
    await copy('restored');
    return edit('app.edit.restore', () => from);
  };

  const travel = (way: 'back' | 'on') => {
    if (!document.value || follows.value) return;
    const there = steps.step(way, document.value);
    if (!there) return;
    document.value = there;
    edits.value += 1;
    refusal.value = null;
    save(true);
  };
  const undo = () => travel('back');
  const redo = () => travel('on');

  const takeOver = () => keeping?.tabs.takeOver();
  /** What could not be read may be replaced from now on: the owner has it, or a copy is kept. */
  const release = () => {
    released.value = true;
    if (edits.value > 0) save(true);
  };
  /** Reads again what could not be read. What was done meanwhile is kept as a copy where something else is found. */
  const tryAgain = async () => {
    const done = edits.value > 0 ? document.value : null;
    await open();
    if (done && opening.value?.kind === 'read') await copy('otherTab', done);
    else if (done) {
      document.value = done;
      steps.begin(null);
      if (opening.value?.kind !== 'blocked') save(true);
    }
  };
  const dismissRefusal = () => {
    refusal.value = null;
  };

  const text = () => (document.value ? writeWorkspace(document.value) : '');
  /** Every document that undo or redo can bring back. */
  const documents = (): readonly Workspace[] => [
    ...(document.value ? [document.value] : []),
    ...[...steps.past.value, ...steps.future.value].map((entry) => entry.document),
  ];

  /** Keeps what is shown, also where nothing was changed yet: somebody has begun to rely on it. */
  const keep = (): Promise<void> => {
    if (writes.value === true) saver.save(undefined, true);
    return saver.done();
  };
  /** The owner has said what becomes of the file in his folder: it may be written again. */
  const settleFolder = async () => {
    folderAhead.value = false;
    await keeping?.store.remove(folderAheadKey).catch(() => undefined);
  };
  /** The file in the folder was not written from what is here. */
  const holdFolder = async () => {
    folderAhead.value = true;
    await keeping?.store.set(folderAheadKey, true).catch(() => undefined);
  };
  const dismissOvertaken = () => {
    overtaken.value = false;
  };

  /** Resolves when everything said so far is in the store. */
  const saved = () => saver.done();
  /**
   * Keeps all that is in hand: document, history, drafts.
   * @param leaving what stands in a field is taken as if the field were left
   * @returns false where something could not be kept
   */
  const flush = async (leaving = false): Promise<boolean> => {
    if (leaving) leaveField();
    await Promise.all([saver.done(), saveHistory(), useDrafts().flush()]);
    return !unsaved.value;
  };

  const leaveField = () => {
    const active = window.document.activeElement;
    if (active instanceof HTMLElement) active.blur();
  };
  /** The page is being left, and there is no time to wait for anything. */
  const leave = () => {
    leaveField();
    if (writes.value === true) saver.leave();
    void flush();
  };

  return {
    document,
    writes,
    guarded,
    opening,
    released,
    locked,
    keeps,
    may,
    folderAhead,
    overtaken,
    unsaved,
    follows,
    saveFailed,
    takeOverRefused,
    refusal,
    edits,
    turn,
    undoLabel,
    redoLabel,
    start,
    edit,
    typing,
    settle: steps.settle,
    takeIn,
    restore,
    copy,
    undo,
    redo,
    takeOver,
    release,
    tryAgain,
    dismissRefusal,
    dismissOvertaken,
    keep,
    settleFolder,
    holdFolder,
    text,
    documents,
    saved,
    flush,
    leave,
  };
});

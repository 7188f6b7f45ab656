import { emptyWorkspace, localDay, type Workspace } from '@wagonomos/core';
import { mergeWorkspaces, writeWorkspace, type FileProblem } from '@wagonomos/core/files';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import type { CopyReason } from '../storage/copies.ts';
import { documentKey, openKept, type Opening } from '../storage/opening.ts';
import { reading, type CheckEdit } from '../storage/reader.ts';
import { demoWorkspace } from './demo.ts';
import { useDrafts } from './drafts.ts';
import { recalled, toKeep, type Entry } from './keptHistory.ts';
import { historyKey, keepTheirs, putDocument, type Keeping } from './keeper.ts';
import { useSteps } from './steps.ts';

/** ms of rest after which the history is kept. */
const historyRests = 400;

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
  const saveFailed = ref(false);
  /** Another tab writes and holds what it could not keep. */
  const takeOverRefused = ref(false);
  const refusal = shallowRef<Refusal | null>(null);
  /** Goes up when this tab takes over: what is on screen begins anew from what was being typed in the other. */
  const turn = ref(0);
  /** Edits since the page was opened, for whoever counts them. */
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
  let saving: Promise<void> = Promise.resolve();
  let historyTimer: ReturnType<typeof setTimeout> | undefined;
  /** What this tab last read or wrote, for a browser whose tabs do not know each other. */
  let lastKept = '';
  /** The day of the last daily copy. */
  let copiedOn = '';

  /** The document may only be looked at: a newer version of the app wrote it. */
  const locked = computed(() => opening.value?.kind === 'newer' && !released.value);
  /** Whether what is done here may be kept: never over something that was not read. */
  const keeps = computed(() => {
    const found = opening.value;
    if (!found || found.kind === 'blocked') return false;
    if (found.kind === 'damaged') return found.copied || released.value;
    return found.kind !== 'newer' || released.value;
  });
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
        if (writes.value === false) void goOn();
        else writes.value = true;
      },
      becameFollower: () => {
        turning = 0;
        writes.value = false;
      },
      // The tab that wrote before may still be finishing a save: what it kept counts, unless this one went on from there.
      savedElsewhere: () => {
        if (turning > 0) void goOn();
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
   * Goes on where the tab that wrote before left off: with its document, its history, and what was being typed there. Until all
   * of it is read nothing can be done here: what is on screen begins anew then, and would take with it what was typed meanwhile.
   */
  const goOn = async () => {
    const begun = (lastTurn += 1);
    turning = begun;
    await open(true).catch(() => undefined);
    if (turning !== begun) return;
    turning = 0;
    writes.value = true;
    turn.value += 1;
  };
  /** Opens what is kept, with its history. @param withDrafts and with what was being typed */
  const open = async (withDrafts = false) => {
    if (!keeping) return;
    const { store, copies, mark, version, pause } = keeping;
    const begun = changes;
    const kept = store.get(historyKey).catch(() => null);
    const drafts = withDrafts ? useDrafts().start(store) : undefined;
    const found = await openKept(store, copies, mark, version, pause);
    const workspace = 'workspace' in found ? found.workspace : null;
    const fresh = found.kind === 'first' || found.kind === 'blocked';
    const inHand = found.kind === 'blocked' ? document.value : null;
    const shown = workspace ?? inHand ?? (fresh ? await demoWorkspace() : emptyWorkspace('yard', 'Yard'));
    const history = await recalled(await kept, shown);
    await drafts;
    opening.value = found;
    released.value = false;
    saveFailed.value = found.kind === 'blocked';
    lastKept = JSON.stringify(workspace);
    if (changes === begun) show(history.present, found.kind === 'read' ? history : null);
    // One store after the other: the browser's stores are opened by raising one version, and two at once can wait for each other.
    const daily = (await copies.list()).find(({ why }) => why === 'day');
    copiedOn = daily ? localDay(new Date(daily.at)) : '';
  };
  const preview = (demo: Workspace) => {
    if (keeping?.showsDemoFirst && !opening.value) document.value ??= demo;
  };
  const show = (shown: Workspace, history: { past: readonly Entry[]; future: readonly Entry[] } | null) => {
    steps.begin(history);
    document.value = shown;
  };
  /** Shows what another tab has just saved. What cannot be read here leaves what is shown. */
  const follow = async () => {
    const { readParsed } = await reading();
    const read = readParsed(await keeping?.store.get(documentKey).catch(() => null));
    if (read.ok) show(read.workspace, null);
  };

  /** Keeps a copy of the document as it stands. Never rejects; without room for it the work goes on. */
  const copy = async (why: CopyReason, of = document.value): Promise<void> => {
    if (of) await keeping?.copies.keep(of, why);
  };

  /** Once a day of work, before its first edit. */
  const copyOfTheDay = (before: Workspace) => {
    const today = keeping ? localDay(keeping.now()) : '';
    if (copiedOn === today || opening.value?.kind !== 'read') return;
    copiedOn = today;
    void copy('day', before);
  };

  /**
   * Saves after whatever is being saved now, so that the last state wins.
   * @param step a step of the history was begun: it is kept at once; more of the same step can wait a moment
   */
  const save = (step: boolean) => {
    const latest = document.value;
    if (!latest) return;
    touched = true;
    changes += 1;
    if (!keeps.value) return;
    saving = saving
      .then(async () => {
        if (document.value !== latest) return;
        if (!keeping) return;
        if (!guarded.value) await keepTheirs(keeping, lastKept);
        await putDocument(keeping, latest);
        lastKept = guarded.value ? '' : JSON.stringify(latest);
        keeping?.mark.write({ day: localDay(keeping.now()), rigs: latest.rigs.length, version: keeping.version });
        saveFailed.value = false;
        keeping?.tabs.announce();
        if (step) await saveHistory();
      })
      .catch(() => {
        saveFailed.value = true;
      });
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
    else if (done && opening.value?.kind !== 'blocked') {
      show(done, null);
      save(true);
    } else if (done) show(done, null);
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

  /** Resolves when everything said so far is in the store. */
  const saved = () => saving;
  /**
   * Keeps all that is in hand: document, history, drafts.
   * @param leaving what stands in a field is taken as if the field were left
   * @returns false where something could not be kept
   */
  const flush = async (leaving = false): Promise<boolean> => {
    const active = leaving ? window.document.activeElement : null;
    if (active instanceof HTMLElement) active.blur();
    await Promise.all([saving, saveHistory(), useDrafts().flush()]);
    return !unsaved.value;
  };

  return {
    document,
    writes,
    guarded,
    opening,
    released,
    locked,
    keeps,
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
    text,
    documents,
    saved,
    flush,
  };
});

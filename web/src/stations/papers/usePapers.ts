import { regionOf } from '@wagonomos/core';
import { extractRig, photosIn } from '@wagonomos/core/files';
import { makePaper, paperWords, type Paper, type PaperAsk, type PaperKind } from '@wagonomos/papers';
import { createSharedComposable } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useBasis } from '../../slips/useBasis.ts';
import { downloadBlob, fileNameFrom } from '../../storage/download.ts';
import { useSlips } from '../../slips/useSlips.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { loadPhoto } from '../../storage/photos.ts';
import { useRig } from '../../stores/rig.ts';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { useToday } from '../../stores/today.ts';
import { paperWorker } from '../../workers/clients.ts';
import { unwatched } from '../../workers/unwatched.ts';

const printer = paperWorker();

/** Kinds of paper that show pictures. */
const pictured: readonly PaperKind[] = ['weighing', 'request', 'case', 'dossier'];

/** Papers of the rig in hand: made here, printed away from the page, saved or shared. */
function papersHere() {
  const rig = useRig();
  const settings = useSettings();
  const workspace = useWorkspace();
  const today = useToday();
  const { word } = useSpeech();
  const { based, asked, view, era } = useBasis();
  const { slips } = useSlips();
  /** What is being made, and what could not be. */
  const making = ref<PaperKind | null>(null);
  const failed = ref<PaperKind | null>(null);
  const made = ref<{ readonly kind: PaperKind; readonly title: string } | null>(null);
  const cases = computed(() => (workspace.document?.cases ?? []).filter(({ rig: of }) => of === rig.rigId));

  const askWith = (pictures: ReadonlySet<string>): PaperAsk | null =>
    view.value && based.value
      ? {
          view: view.value,
          based: based.value,
          planAsked: asked.value === 'plan',
          platesUntil: era.value,
          tickets: slips.value,
          cases: cases.value,
          words: paperWords(word, view.value.situation.words, settings.massUnit),
          abroad: paperWords(word, regionOf(view.value.situation.travel.country), settings.massUnit),
          size: settings.sheetSize,
          today: today.day,
          pictures,
        }
      : null;

  const picturesFor = async (kind: PaperKind) => {
    const own = workspace.document && rig.rigId !== null ? extractRig(workspace.document, rig.rigId) : null;
    if (!pictured.includes(kind) || !own) return {};
    const found: (readonly [string, Blob])[] = [];
    for (const hash of photosIn(own)) {
      const blob = await loadPhoto(hash);
      if (blob) found.push([hash, blob]);
    }
    return found.length === 0 ? {} : printer.ask((api) => api.pictures(found));
  };
  const printed = async (kind: PaperKind): Promise<{ readonly paper: Paper; readonly file: File } | null> => {
    const images = await picturesFor(kind);
    const ask = askWith(new Set(Object.keys(images)));
    const paper = ask && makePaper(kind, ask);
    if (!paper) return null;
    const bytes = await printer.ask((api) => api.print(unwatched(paper), images));
    return {
      paper,
      file: new File([new Uint8Array(bytes)], fileNameFrom(paper.fileName, 'pdf'), { type: 'application/pdf' }),
    };
  };
  const make = async (kind: PaperKind, hand: (file: File) => unknown) => {
    if (making.value !== null) return;
    making.value = kind;
    failed.value = null;
    made.value = null;
    try {
      const done = await printed(kind);
      if (!done) throw new Error('nothing to print');
      await hand(done.file);
      made.value = { kind, title: done.file.name };
    } catch (error) {
      // Who closes the sheet for sharing has changed his mind.
      if (!(error instanceof DOMException && error.name === 'AbortError')) failed.value = kind;
    }
    making.value = null;
  };
  const save = (kind: PaperKind) => make(kind, (file) => downloadBlob(file.name, file));
  /** Whether this browser hands PDFs on to other apps. */
  const shares = computed(
    () =>
      'canShare' in navigator &&
      navigator.canShare({ files: [new File([''], 'paper.pdf', { type: 'application/pdf' })] }),
  );
  const share = (kind: PaperKind) => make(kind, (file) => navigator.share({ files: [file], title: file.name }));
  return { askWith, cases, making, failed, made, save, share, shares };
}

/** One for all rows of the desk: one paper is made at a time. */
export const usePapers = createSharedComposable(papersHere);

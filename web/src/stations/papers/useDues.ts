import { dueDates } from '@wagonomos/core/due';
import { paperWords } from '@wagonomos/papers';
import { computed } from 'vue';
import { useSlips } from '../../slips/useSlips.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { useRig } from '../../stores/rig.ts';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { useToday } from '../../stores/today.ts';

/** What falls due of the rig in hand, as of today, and the words for it. */
export function useDues() {
  const rig = useRig();
  const settings = useSettings();
  const workspace = useWorkspace();
  const today = useToday();
  const { word } = useSpeech();
  const { slips } = useSlips();
  const words = computed(() => paperWords(word, rig.words, settings.massUnit));
  const cases = computed(() => (workspace.document?.cases ?? []).filter((one) => one.rig === rig.rigId));
  const dues = computed(() =>
    rig.view && rig.assessment ? dueDates(rig.view, rig.assessment.checks, slips.value, cases.value, today.day) : [],
  );
  return { dues, words };
}

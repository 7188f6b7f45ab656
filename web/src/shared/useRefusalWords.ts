import { plainText } from '@wagonomos/core';
import { faultMessage } from '@wagonomos/core/files';
import type { Refusal } from '../stores/workspace.ts';
import { useSpeech } from './useSpeech.ts';

/** Why an edit was not taken, in words: the first fault of what it would have left. */
export function useRefusalWords() {
  const { speech } = useSpeech();
  const reason = (refusal: Refusal | null): string | null => {
    const [fault] = refusal?.faults ?? [];
    return fault ? plainText(faultMessage(fault), speech.value) : null;
  };
  return { reason };
}

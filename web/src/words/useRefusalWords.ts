import { plainText } from '@wagonomos/core';
import { faultInFieldMessage, faultMessage } from '@wagonomos/core/files';
import type { Refusal } from '../stores/workspace.ts';
import { useSpeech } from './useSpeech.ts';

/** Why an edit was not taken, in words: the first fault of what it would have left. */
export function useRefusalWords() {
  const { speech } = useSpeech();
  const said = (refusal: Refusal | null, message: typeof faultMessage): string | null => {
    const [fault] = refusal?.faults ?? [];
    return fault ? plainText(message(fault), speech.value) : null;
  };
  return {
    reason: (refusal: Refusal | null) => said(refusal, faultMessage),
    /** The same under the field it was typed in, which needs no place. */
    reasonHere: (refusal: Refusal | null) => said(refusal, faultInFieldMessage),
  };
}

import type { PlannedAssessment, RigView } from '@wagonomos/core';
import { defineStore } from 'pinia';
import { shallowRef } from 'vue';

/** The rig at the moment of a trip a hand points at, while one is looked at: the stage shows it. Nothing of it is kept. */
interface Along {
  readonly view: RigView;
  readonly assessment: PlannedAssessment;
  /** When on the trip it is, in words. */
  readonly says: string;
}

export const useAlong = defineStore('along', () => {
  const shown = shallowRef<Along | null>(null);
  return { shown };
});

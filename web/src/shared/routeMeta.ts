import 'vue-router';

declare module 'vue-router' {
  interface RouteMeta {
    /** What stands above the view: the rig as it is drawn, folded to a row of margins, the sentence alone, or nothing (it says sentences of its own). */
    readonly stage?: 'rig' | 'folded' | 'sentence' | 'none';
    /** Things are carried and places arranged in the drawing. */
    readonly workbench?: boolean;
    /** The verdict may be drawn from something else than the plan. */
    readonly choosesBasis?: boolean;
  }
}

import 'vue-router';

declare module 'vue-router' {
  interface RouteMeta {
    /** What stands above the view: the rig as it is drawn, the sentence alone, or nothing (it says sentences of its own). */
    readonly stage?: 'rig' | 'sentence' | 'none';
    /** Things are carried and places arranged in the drawing. */
    readonly workbench?: boolean;
    /** The verdict may be drawn from something else than the plan. */
    readonly choosesBasis?: boolean;
  }
}

import 'vue-router';

/** What a route knows of its view: `shared/views.ts` has it. */
declare module 'vue-router' {
  interface RouteMeta {
    readonly stage?: 'rig' | 'folded' | 'sentence' | 'none' | undefined;
    readonly workbench?: boolean | undefined;
    readonly choosesBasis?: boolean | undefined;
  }
}

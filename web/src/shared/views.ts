/** What the shell and every list of views has to know of one. */
interface ViewRow {
  /** A path of its own; left out: it is a view of a rig, under its name. */
  readonly path?: string;
  /** The key that goes there after `g`; left out: it is no post of the route. */
  readonly key?: string;
  /** What stands above it: the rig as it is drawn, folded to a row of margins, the sentence alone, or nothing (it says sentences of its own). */
  readonly stage?: 'rig' | 'folded' | 'sentence' | 'none';
  /** Things are carried and places arranged in the drawing. */
  readonly workbench?: true;
  /** The verdict may be drawn from something else than all that is known. */
  readonly choosesBasis?: true;
  /** Its sheets in their order; the first is open. */
  readonly sheets?: readonly [string, ...string[]];
}

/**
 * Every view, those of the route in the owner's order first. Routes, posts, keys, sheets, the lists of whoever looks at every view and the
 * pictures follow from it. Plain data: it is read outside the browser too.
 */
export const views = {
  plates: { key: 'p', stage: 'rig' },
  load: { key: 'l', stage: 'rig', workbench: true },
  balance: { key: 'b', stage: 'rig', sheets: ['ball', 'pack', 'sway', 'hitch', 'along'] },
  weigh: { key: 'w', stage: 'folded' },
  verdict: { key: 'v', stage: 'folded', choosesBasis: true },
  uprate: {
    key: 'u',
    stage: 'folded',
    sheets: ['way', 'packages', 'changes', 'others', 'case'],
  },
  road: { key: 'r', stage: 'rig' },
  papers: {
    key: 'f',
    stage: 'folded',
    choosesBasis: true,
    sheets: ['before', 'stopped', 'certifier', 'selling', 'phone', 'dates', 'kept'],
  },
  rules: { stage: 'sentence' },
  pair: { stage: 'none', sheets: ['map', 'trailers', 'cars', 'needs', 'thumbs'] },
  compare: { stage: 'none' },
  card: { stage: 'none', choosesBasis: true },
  yard: { path: '/' },
  start: { path: '/start' },
  look: { path: '/look/:body' },
  take: { path: '/take' },
  words: { path: '/words' },
} as const satisfies Readonly<Record<string, ViewRow>>;

type Views = typeof views;
type ViewName = keyof Views;
/** A view of one rig. */
export type RigViewName = {
  [Name in ViewName]: Views[Name] extends { readonly path: string } ? never : Name;
}[ViewName];
/** A view that is a post of the route. */
export type PostName = { [Name in ViewName]: Views[Name] extends { readonly key: string } ? Name : never }[ViewName];

const rows = Object.entries(views) as readonly (readonly [ViewName, ViewRow])[];

export const rigViews = rows.flatMap(([name, row]) =>
  row.path === undefined ? [{ name: name as RigViewName, ...row }] : [],
);
export const posts = rigViews.flatMap(({ name, key }) => (key === undefined ? [] : [{ name: name as PostName, key }]));

/** Views with a path of their own, without what stands in it for somebody's body. */
export const ownPaths = rows.flatMap(([, { path }]) => (path === undefined || path.includes(':') ? [] : [path]));

/** Every address of a rig's views, with each sheet that is not open at first. */
export const rigPaths: readonly string[] = rigViews.flatMap(({ name, sheets }) => [
  name,
  ...(sheets?.slice(1) ?? []).map((sheet) => `${name}?sheet=${sheet}`),
]);

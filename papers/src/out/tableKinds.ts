/** Lists that go out as tables. */
export const tableKinds = ['inventory', 'slips', 'verdict'] as const;
export type TableKind = (typeof tableKinds)[number];

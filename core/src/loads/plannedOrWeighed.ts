import type { Compiled } from './compile.ts';
import type { WeighedLoads } from './weighedOn.ts';

/** The two origins of loads that there are: for what shows how a load came about, and not only what it is. */
export type PlannedOrWeighed = Compiled | WeighedLoads;

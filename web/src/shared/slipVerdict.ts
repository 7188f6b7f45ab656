/** Kept apart from the first load: a verdict from slips brings the whole of weighing along. */
export { bestBasis, verdictFrom } from '@wagonomos/core/weighing';

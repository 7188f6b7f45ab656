/** Kept apart from the first load: a verdict from slips brings the whole of weighing along. */
export { verdictFrom } from '@wagonomos/core/weighing';

/** Papers of a rig as plain data: what the work comes to, to take along, hand over and keep. */
export type { PaperAsk } from './ask.ts';
export { makePaper, paperKinds, type PaperKind } from './makePaper.ts';
export { tableKinds, type TableKind } from './out/tableKinds.ts';
export { figuresRead } from './parts/figuresRead.ts';
export { sheetSizes, type Paper, type SheetSize } from './print/paper.ts';
export { paperWords, type PaperWords } from './words/paperWords.ts';

/**
 * The document as a file: reading (strictly, or as far as a damaged one goes), writing, checking an edit, merging, taking one
 * rig out, and which pictures are referred to.
 */
export { checkEdit } from '../document/checkEdit.ts';
export type { FileFault, FileProblem } from '../document/fileProblem.ts';
export { faultInFieldMessage, faultMessage, fileProblemMessages } from '../document/fileProblemMessages.ts';
export { workspaceJsonSchema } from '../document/jsonSchema.ts';
export { entryLists } from '../document/referenceTable.ts';
export { hashesIn, photosIn } from '../document/photosIn.ts';
export { extractRig } from '../files/extractRig.ts';
export { mergeWorkspaces, planMerge, type MergePlan } from '../files/mergeWorkspaces.ts';
export { readLeniently } from '../files/readLeniently.ts';
export { readBytes, readParsed } from '../files/readWorkspace.ts';
export { packRig, unpackRig } from '../files/rigLink.ts';
export { writeWorkspace } from '../files/writeWorkspace.ts';

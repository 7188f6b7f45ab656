/** A paper printed as a PDF, in a browser's worker or in a terminal. */
export { faces, type FaceName, type Faces } from './faces.ts';
export { facesFor, printPaper } from './printPaper.ts';

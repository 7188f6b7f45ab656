/**
 * Changing a limit: which limits are in the way, what packages gain, what changes with them, the other ways (leaving things,
 * swapping them, taking parts off), and a case with its papers.
 */
export { alternatives, type Alternative, type Swap } from '../uprating/alternatives.ts';
export type { SmallTrailerWords } from '../uprating/smallTrailer.ts';
export type { SolvedWays } from '../uprating/ways.ts';
export { applyPackages, placePackages } from '../uprating/applyPackage.ts';
export { beforeAfter } from '../uprating/beforeAfter.ts';
export {
  asksUnregistered,
  caseProgress,
  type CaseItem,
  type CaseObstacle,
  type CaseProgress,
} from '../uprating/caseProgress.ts';
export {
  certifierAnswerSchema,
  certifierQuestion,
  certifierQuestionSchema,
  type Certifier,
  type CertifierAnswer,
  type CertifierOffer,
  type CertifierQuestion,
} from '../uprating/certifier.ts';
export type { Consequence } from '../uprating/consequence.ts';
export { inTheWay } from '../uprating/diagnosis.ts';
export { examplePackages } from '../uprating/examplePackages.data.ts';
export { fullTrailer } from '../uprating/fullTrailer.ts';
export { judgePackages, type JudgedPackage } from '../uprating/judged.ts';
export { limitsAcross } from '../uprating/limitsAcross.ts';
export { loadPattern } from '../uprating/loadPattern.ts';
export type { NewFigure } from '../uprating/newFigures.ts';
export { newFindings } from '../uprating/newFindings.ts';
export { paperReach } from '../uprating/paperReach.ts';
export { formerPlateEras, underPlatesUntil } from '../uprating/platesUntil.ts';
export { searchPackages, type SearchResult } from '../uprating/searchPackages.ts';
export type { CaseFile, UprateCase } from '../uprating/uprateCase.ts';
export {
  costKinds,
  costOf,
  packageKinds,
  packageRoutes,
  taxComes,
  type Quote,
  type UpratePackage,
} from '../uprating/upratePackage.ts';

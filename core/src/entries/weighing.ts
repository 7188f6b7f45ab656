/**
 * Slips: what a reading says, the loads that readings settle, what to weigh next, contradictions, what was found on board
 * beside the plan, and the verdict from a slip.
 */
export { askedSince, type AskedSince } from '../weighing/askedSince.ts';
export { belowEmpty } from '../weighing/belowEmpty.ts';
export { betweenSlips, type BodyChange } from '../weighing/betweenSlips.ts';
export { contradictions } from '../weighing/contradictions.ts';
export { foretold } from '../weighing/foretold.ts';
export { guessedQuantity, guesses, ownGuesses, planQuality } from '../weighing/guesses.ts';
export { homeBallLoad, homeInputs, homeMethods, type HomeMethod, type HomeReading } from '../weighing/homeMethods.ts';
export type { ArchHeights } from '../rig/hitch.ts';
export { barAngle, levelling } from '../weighing/levelling.ts';
export { leverCheck } from '../weighing/leverCheck.ts';
export { assessTicket, type TicketAssessment } from '../weighing/measured.ts';
export { mightBe, type Suspect } from '../weighing/mightBe.ts';
export { judgedLoads, nextReading } from '../weighing/nextReading.ts';
export { scaleHistory, scalePairs } from '../weighing/scaleHistory.ts';
export { hearScale, silentScale, type ScaleWord } from '../weighing/scaleLines.ts';
export { ratedBothWays } from '../weighing/ratedBothWays.ts';
export { isOfBall, readingMessage, standOf, stands, type Stand } from '../scale/stands.ts';
export { threePass } from '../weighing/threePass.ts';
export { sigmaOn, type Reading, type Ticket } from '../loading/ticket.ts';
export { trend } from '../weighing/trend.ts';
export { unlistedNow, type UnlistedNow } from '../weighing/unlistedNow.ts';
export { unlistedOn, type UnlistedOn } from '../weighing/unlisted.ts';
export { toldOf } from '../state/told.ts';
export { verdictFrom, type BasedVerdict, type VerdictBasis } from '../weighing/verdictFrom.ts';
export { byDay } from '../scale/viewThen.ts';
export { isLopsided, weighedSides } from '../weighing/weighedSides.ts';
export { weighable, weighingAims, type WeighingAim } from '../weighing/weighingAims.ts';
export { scaleKinds, weighingPlan, type ScaleKind, type WeighingStep } from '../weighing/weighingPlan.ts';

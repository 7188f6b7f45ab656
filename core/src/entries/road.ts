/**
 * A trip as it is planned, as it goes and when it is over: the load along the road, its worst moment and what to do about it, the rules
 * on the way, the log and what is learnt from it.
 */
export { bordersOf, type Border } from '../road/borders.ts';
export { learntFrom, type Learnt } from '../road/learnt.ts';
export { asItWent, nextPlanned, reached } from '../road/log.ts';
export { massChanges } from '../road/massChanges.ts';
export { checkOf, drivenMoments } from '../road/onTheRoad.ts';
export { planAgainstLog, type WeighedOnTheRoad } from '../road/planAgainstLog.ts';
export { ratesOf } from '../road/rates.ts';
export { reckonTrip, type ReckonedTrip } from '../road/reckonTrip.ts';
export { answerTrip, type TripAnswer, type TripQuestion } from '../road/tripAnswer.ts';
export { placedMoments, spansOf, viewAt, type Span } from '../road/ribbon.ts';
export type { Amount } from '../road/flowing.ts';
export { rateNames, type LogEntry, type RateName, type Section, type SectionKind, type Trip } from '../road/trip.ts';
export { tripRemedies, type TripRemedy } from '../road/tripRemedies.ts';
export { sectionMessage, storeMessage, viewBefore, whenMessage } from '../road/tripWords.ts';
export { leastOnTheRoad, worstMessage, type LeastOnTheRoad } from '../road/worstMoment.ts';

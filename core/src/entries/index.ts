/**
 * A rig and its verdict: bodies, plates and situations as they are kept, the words of messages and quantities, the loads of a rig
 * (planned or weighed), every check of its rulebook, the sentence they come to and the arithmetic behind each number. All that
 * nearly every screen needs; what is asked on fewer screens stands in an entry of its own.
 */
export { basisLines, type BasisLine } from '../loading/basisKept.ts';
export { namedLevel } from '../loading/namedLevel.ts';
export { tankLevel } from '../loading/tankLevel.ts';
export { ballShare, usualBallShare } from '../loads/ballShare.ts';
export {
  binds,
  comparesLoad,
  checkGroups,
  isTotal,
  leavesOpen,
  type Check,
  type CheckKind,
  type CheckStatus,
} from '../checks/check.ts';
export type { Confidence } from '../situation/confidence.ts';
export { isAged } from '../verdict/verdictLevel.ts';
export { viewRig } from '../document/viewRig.ts';
export { emptyWorkspace } from '../document/emptyWorkspace.ts';
export type { Workspace } from '../document/workspace.ts';
export { buyersPayload } from '../loading/buyersPayload.ts';
export { withoutUndefined } from '../plain/lists.ts';
export { leaveAtHome, type Wanted } from '../road/leaveAtHome.ts';
export type { Loadout, Placement, Thing } from '../loading/loadout.ts';
export { fittedNet, positionNow } from '../loading/loadoutLoads.ts';
export { tankContents } from '../loading/tankContents.ts';
export { listedOn, listedOnBall } from '../loading/said.ts';
export { saidOf } from '../loading/saidOf.ts';
export { placeContents } from '../loading/placeContents.ts';
export { namedParts } from '../loading/loadoutChanges.ts';
export { leanOf, placedMass } from '../loading/placed.ts';
export { mayGo } from '../loading/placing.ts';
export { byTheList, onDay, placedBodies, thingsAboard, type RigView } from '../loading/rigView.ts';
export { kilograms, message, term, verbatim, type Amount, type Message } from '../messages/message.ts';
export { plainText, segments, type Speech } from '../messages/segments.ts';
export { standardPerson } from '../rig/bareMass.ts';
export {
  brakeKinds,
  isFifthWheel,
  isMotorCaravan,
  presences,
  towReadings,
  vanClasses,
  vehicleBuilds,
  type Body,
  type Presence,
  type Trailer,
  type Vehicle,
  type VehicleBuild,
} from '../rig/body.ts';
export {
  camperBases,
  trailerBases,
  vehicleBases,
  type CamperEmptyMass,
  type EmptyBasis,
  type TrailerEmptyMass,
  type VehicleEmptyMass,
} from '../rig/emptyMass.ts';
export {
  placeKinds,
  type Fitting,
  type Place,
  type PlaceKind,
  type Seat,
  type Tank,
  type TankKind,
} from '../rig/equipment.ts';
export { boundPassed, fieldBounds, finest, isDay, listBounds, textBounds, type FieldName } from '../rig/fields.ts';
export type { Hitch } from '../rig/hitch.ts';
export { forceLimits, limitsOf, plateSources, type LimitName, type PlateSource } from '../rig/limitNames.ts';
export { missingMessage, whereToFind } from '../rig/missing.ts';
export {
  conditionKinds,
  figureStands,
  type Condition,
  type ConditionKind,
  type Figure,
  type FigureStands,
  type Plate,
} from '../rig/plate.ts';
export type { GearAxle, RunningGear } from '../rig/runningGear.ts';
export { seatsIn } from '../rig/seatsIn.ts';
export { whenMessages } from '../jurisdictions/whenMessages.ts';
export { rulesAge } from '../rulebook/rulesAge.ts';
export { informationFor, mostInformation, worstFirst, type Information } from '../rulebook/information.ts';
export { journeyStops, type JourneyStop } from '../rulebook/journey.ts';
export { lawChanges, lawSorts, placeLaw, type LawEntry } from '../rulebook/placeLaw.ts';
export { ruleList } from '../rulebook/ruleList.ts';
export { sanctions, type Sanction } from '../rulebook/sanctions.ts';
export { nearThresholds, type NearThreshold } from '../rulebook/thresholds.ts';
export { countries, lawfulCountries, platesAlone, type Country } from '../situation/countries.ts';
export { testPeriods, type Licence } from '../situation/licence.ts';
export { askedOfLicence, classesOf, statesOf } from '../jurisdictions/laws.ts';
export { localDay, localMinute } from '../situation/localDay.ts';
export {
  ballSchools,
  journeyOf,
  regionOf,
  usualSchool,
  type Driver,
  type Jurisdiction,
  type Region,
  type Situation,
} from '../situation/situation.ts';
export type { Side } from '../statics/pointLoad.ts';
export type { QuantityName } from '../statics/rigRows.ts';
export { worthWeighing } from '../uncertainty/contributions.ts';
export { chanceOver } from '../checks/chanceOver.ts';
export {
  displayLength,
  displayMass,
  kilogramsOf,
  lengthUnitOf,
  massUnits,
  type MassUnit,
  type Rounding,
} from '../units/display.ts';
export { parseQuantity, type QuantityProblem } from '../units/parseQuantity.ts';
export { slippedPoint } from '../units/slippedPoint.ts';
export { numberHabit } from '../situation/numberHabit.ts';
export { isVisible } from '../rig/fields.ts';
export { isWholeMass } from '../rig/limitNames.ts';
export { wholePlate } from '../rig/wholePlate.ts';
export { unitTable } from '../units/unitTable.ts';
export { isState } from '../state/stateLoads.ts';
export { assess, type Assessment, type PlannedAssessment } from '../verdict/assess.ts';
export { loadoutDifferences } from '../verdict/compareLoadouts.ts';
export { explain } from '../verdict/explain.ts';
export type { Operand, Step } from '../verdict/explanation.ts';
export { toFindOut, type ToFindOut } from '../verdict/findOut.ts';
export { pillars, type Pillar } from '../verdict/pillars.ts';
export { quantityMessage } from '../verdict/quantityMessage.ts';
export { openQuestions } from '../verdict/openQuestions.ts';
export { nextStep, type NextStep } from '../verdict/nextStep.ts';
export { whatIsOver } from '../verdict/whatIsOver.ts';
export { mustLeave } from '../verdict/mustLeave.ts';
export { remedies, type Remedy } from '../verdict/remedies.ts';
export { roadsideChecks } from '../verdict/roadside.ts';
export { roomMessage } from '../verdict/roomMessage.ts';
export { typicalMessage } from '../verdict/typicalMessage.ts';
export { summary, type Summary } from '../verdict/summary.ts';

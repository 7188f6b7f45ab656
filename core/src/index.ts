export { parseQuantity } from './units/parseQuantity.ts';
export type { ParsedQuantity, QuantityProblem } from './units/parseQuantity.ts';
export { unitTable } from './units/unitTable.ts';
export type { QuantityKind } from './units/unitTable.ts';
export { displayMass, massUnits } from './units/display.ts';
export type { MassUnit, Rounding } from './units/display.ts';

export { kilograms, message, term, verbatim } from './messages/message.ts';
export type { Amount, Message } from './messages/message.ts';
export { plainText, segments } from './messages/segments.ts';
export type { Segment, Speech } from './messages/segments.ts';

export { boundPassed, fieldBounds, finest, listBounds, textBounds } from './rig/fields.ts';
export type { FieldName, ListName } from './rig/fields.ts';
export { standardPerson } from './rig/bareMass.ts';
export { camperBases, trailerBases, vehicleBases } from './rig/emptyMass.ts';
export type { CamperEmptyMass, EmptyBasis, TrailerEmptyMass, VehicleEmptyMass } from './rig/emptyMass.ts';
export { isDay } from './rig/fields.ts';
export { brakeKinds, isFifthWheel, isMotorCaravan, presences, vehicleBuilds } from './rig/body.ts';
export type { Body, Camper, Presence, Trailer, Vehicle, VehicleBuild } from './rig/body.ts';
export { placeKinds } from './rig/equipment.ts';
export type { FittedPart, Fitting, Place, PlaceKind, Seat, Tank, TankKind } from './rig/equipment.ts';
export { forceLimits, limitsOf, plateSources } from './rig/limitNames.ts';
export type { LimitName, PlateSource } from './rig/limitNames.ts';
export { conditionKinds } from './rig/plate.ts';
export type { Condition, ConditionKind, Figure, Plate } from './rig/plate.ts';
export type { GearAxle, RunningGear } from './rig/runningGear.ts';
export type { Hitch } from './rig/hitch.ts';
export type { Rig } from './rig/rig.ts';
export { missingMessage, whereToFind } from './rig/missing.ts';
export type { Missing } from './rig/missing.ts';

export type { CrewMember, Loadout, Placement, Thing, Trip } from './loading/loadout.ts';
export { fittedNet, positionNow, tankContents } from './loading/loadoutLoads.ts';
export { payload } from './limits/payload.ts';
export type { Payload } from './limits/payload.ts';
export { viewRig } from './document/viewRig.ts';
export { onDay, placedBodies } from './loading/rigView.ts';
export type { PlacedBody, RigView } from './loading/rigView.ts';
export type { Compiled } from './loads/compile.ts';
export type { Loads, Value } from './loads/loads.ts';

export { classesOf, licenceCodes, testPeriods } from './situation/licence.ts';
export type { Licence, LicenceClass } from './situation/licence.ts';
export { countries } from './situation/countries.ts';
export type { Country } from './situation/countries.ts';
export {
  ballSchools,
  australianStates,
  journeyOf,
  regionOf,
  samePlace,
  situationIn,
  usualSchool,
} from './situation/situation.ts';
export { localDay } from './situation/localDay.ts';
export type { Driver, Jurisdiction, Region, Situation } from './situation/situation.ts';

export { quantityNames } from './statics/rigRows.ts';
export type { QuantityName } from './statics/rigRows.ts';
export type { Side } from './statics/pointLoad.ts';
export { roomInPlaces } from './limits/roomInPlaces.ts';
export type { PlaceRoom } from './limits/roomInPlaces.ts';

export { checkGroups } from './checks/check.ts';
export { informationFor } from './rulebook/information.ts';
export type { Information } from './rulebook/information.ts';
export { journeyStops } from './rulebook/journey.ts';
export type { JourneyStop } from './rulebook/journey.ts';
export { sanctions } from './rulebook/sanctions.ts';
export type { Sanction } from './rulebook/sanctions.ts';
export { nearThresholds } from './rulebook/thresholds.ts';
export type { NearThreshold } from './rulebook/thresholds.ts';
export type { Check, CheckGroup, CheckStatus } from './checks/check.ts';
export { ruleList } from './rulebook/ruleList.ts';
export { assess } from './verdict/assess.ts';
export type { Assessment, PlannedAssessment } from './verdict/assess.ts';
export type { Mark } from './verdict/mark.ts';
export { remedies } from './verdict/remedies.ts';
export { excessMessage } from './verdict/sentence.ts';
export { explain } from './verdict/explain.ts';
export { roomMessage } from './verdict/roomMessage.ts';
export type { Explanation, Operand, Step } from './verdict/explanation.ts';

export { extractRig } from './files/extractRig.ts';
export { writeWorkspace } from './files/writeWorkspace.ts';
export { mergeWorkspaces } from './files/mergeWorkspaces.ts';
export { readBytes, readParsed, readWorkspace } from './files/readWorkspace.ts';
export { readLeniently } from './files/readLeniently.ts';
export type { Lenient } from './files/readLeniently.ts';
export { checkEdit } from './document/checkEdit.ts';
export { planMerge } from './files/mergeWorkspaces.ts';
export type { MergePlan } from './files/mergeWorkspaces.ts';
export type { FileFault, FileProblem } from './document/fileProblem.ts';
export { faultMessage, fileProblemMessages } from './document/fileProblemMessages.ts';
export { workspaceJsonSchema } from './document/jsonSchema.ts';
export { emptyWorkspace } from './document/workspace.ts';
export type { Workspace } from './document/workspace.ts';

export { quantityMessage } from './verdict/quantityMessage.ts';
export { pillars } from './verdict/pillars.ts';
export type { Pillar } from './verdict/pillars.ts';
export { placeContents } from './loading/placeContents.ts';
export { conditionFor } from './plates/fieldCondition.ts';
export { formOf, formsFor, plateFields, plateForms, sameField } from './plates/forms.ts';
export type { FormField, PlateForm } from './plates/plateForm.ts';

export { chains } from './limits/chains.ts';
export type { Chain, ChainPart } from './limits/chains.ts';
export { findings } from './limits/findings.ts';
export type { Finding } from './limits/findings.ts';
export { hitchMoment } from './limits/hitchMoment.ts';
export { plateQuestions } from './limits/questions.ts';
export { roomAt } from './limits/roomAt.ts';
export { tabledPressure, tyreCapacity } from './limits/tyreCapacity.ts';
export { buyersPayload } from './loading/buyersPayload.ts';
export { chanceAbove } from './uncertainty/normal.ts';
export { worthWeighing } from './uncertainty/contributions.ts';
export type { Contribution } from './uncertainty/contributions.ts';

export {
  addPart,
  addSeat,
  changePart,
  renameBody,
  removePart,
  removeSeat,
  setConditions,
  setEmptyMass,
  setFacts,
  setFigure,
  setGeometry,
  setSeat,
} from './edits/bodyEdits.ts';
export {
  addCrew,
  addThing,
  changeCrew,
  changeThing,
  placeThing,
  removeCrew,
  removeThing,
  setFittingPosition,
  setTankLevel,
} from './edits/loadoutEdits.ts';
export { addNewRig } from './edits/newRig.ts';
export type { NewRig } from './edits/newRig.ts';
export type { BodyFacts } from './edits/bodyEdits.ts';
export { setGear } from './edits/gearEdits.ts';
export { changeSituation, removeRig, renameRig, setCamperPosition, setHitch } from './edits/rigEdits.ts';
export { summary } from './verdict/summary.ts';

export {
  addReading,
  addTicket,
  changeReading,
  changeTicket,
  removeReading,
  removeTicket,
} from './edits/ticketEdits.ts';
export { assessTicket } from './weighing/measured.ts';
export { hashesIn, photosIn } from './document/photosIn.ts';
export { barAngle, levelling } from './weighing/levelling.ts';
export type { ArchHeights } from './weighing/levelling.ts';
export { barShares, threePass } from './weighing/threePass.ts';
export { belowEmpty } from './weighing/belowEmpty.ts';
export { betweenSlips } from './weighing/betweenSlips.ts';
export type { BodyChange } from './weighing/betweenSlips.ts';
export { byDay } from './weighing/viewThen.ts';
export { contradictions } from './weighing/contradictions.ts';
export { foretold } from './weighing/foretold.ts';
export { guesses, planQuality } from './weighing/guesses.ts';
export { hearScale, silentScale } from './weighing/scaleLines.ts';
export type { ScaleWord } from './weighing/scaleLines.ts';
export { isLopsided, weighedSides } from './weighing/weighedSides.ts';
export { leverCheck } from './weighing/leverCheck.ts';
export { mightBe } from './weighing/mightBe.ts';
export type { Suspect } from './weighing/mightBe.ts';
export { judgedLoads, nextReading } from './weighing/nextReading.ts';
export { scaleHistory, scalePairs } from './weighing/scaleHistory.ts';
export { trend } from './weighing/trend.ts';
export { corrections, verdictFrom } from './weighing/verdictFrom.ts';
export type { BasedVerdict, VerdictBasis } from './weighing/verdictFrom.ts';
export type { TicketAssessment } from './weighing/measured.ts';
export { homeBallLoad, homeInputs, homeMethods } from './weighing/homeMethods.ts';
export type { HomeMethod, HomeReading } from './weighing/homeMethods.ts';
export { scaleKinds, weighingPlan } from './weighing/weighingPlan.ts';
export type { ScaleKind, WeighingPlan, WeighingStep, WeighingWish } from './weighing/weighingPlan.ts';
export { unlistedOn } from './weighing/unlisted.ts';
export type { UnlistedOn } from './weighing/unlisted.ts';
export { readingMessage, standOf, stands } from './weighing/stands.ts';
export type { Stand } from './weighing/stands.ts';
export type { Reading, Ticket } from './weighing/ticket.ts';

export { ballMoves, ballTarget, goalOf } from './balance/ballPlan.ts';
export type { BallMove } from './balance/ballPlan.ts';
export { overhanging, overhangTotals } from './balance/overhanging.ts';
export { placePreviews } from './limits/placePreview.ts';
export type { PlacePreview } from './limits/placePreview.ts';
export { massAlong } from './balance/yawInertia.ts';
export { lighterInstead, typicalMass } from './library/typicalThings.ts';
export { typicalGroups, typicalThings } from './library/typicalThings.data.ts';
export type { TypicalThing } from './library/typicalThings.data.ts';
export { completions } from './entry/matching.ts';
export { parseQuickLine } from './entry/quickLine.ts';
export type { Nameable, QuickContext, QuickEntry, QuickProblem } from './entry/quickLine.ts';
export { cutTable, guessColumns, mostRows, readTable, tableColumns, writeTable } from './entry/thingTable.ts';
export type { HeadingWords, RowFault, TableColumn, TableRow } from './entry/thingTable.ts';
export { addPlaces } from './edits/placeEdits.ts';
export { addFitting, changeFitting, removeFitting } from './edits/fittingEdits.ts';
export { addTrip, removeTrip } from './edits/tripEdits.ts';
export { sideLoads } from './balance/sideLoads.ts';
export type { SideLoad, SideLoads, WheelEnd } from './balance/sideLoads.ts';
export { placeSetsFor, placesOfSet } from './library/placeSets.ts';
export type { PlaceSet } from './library/placeSets.data.ts';
export { leaveAtHome } from './loading/leaveAtHome.ts';
export type { Wanted } from './loading/leaveAtHome.ts';
export { leanOf, massOfOne, mayGo, placedMass } from './loading/placed.ts';
export { seatsIn } from './rig/seatsIn.ts';
export { takeRows } from './edits/tableEdits.ts';
export { chooseLoadout, copyLoadout, loadoutsOf, removeLoadout, renameLoadout } from './edits/variantEdits.ts';
export { loadoutDifferences } from './verdict/compareLoadouts.ts';
export { applyCase } from './edits/applyCase.ts';
export { addCase, changeCase, removeCase, setCaseStep, setCertified } from './edits/caseEdits.ts';
export { addQuote, removeQuote, setQuote } from './edits/quoteEdits.ts';
export { keepAlternative } from './edits/alternativeEdits.ts';
export { alternatives } from './uprating/alternatives.ts';
export type { Alternative, Swap } from './uprating/alternatives.ts';
export { applyPackages, placePackages } from './uprating/applyPackage.ts';
export { beforeAfter } from './uprating/beforeAfter.ts';
export { caseProgress } from './uprating/caseProgress.ts';
export type { CaseItem, CaseObstacle, CaseProgress } from './uprating/caseProgress.ts';
export { certifierAnswerSchema, certifierQuestion, certifierQuestionSchema } from './uprating/certifier.ts';
export type { Certifier, CertifierAnswer, CertifierOffer, CertifierQuestion } from './uprating/certifier.ts';
export type { Consequence } from './uprating/consequence.ts';
export { fullTrailer } from './uprating/fullTrailer.ts';
export { limitsAcross } from './uprating/limitsAcross.ts';
export { newFindings } from './uprating/newFindings.ts';
export type { NewFigure } from './uprating/newFigures.ts';
export { paperReach } from './uprating/paperReach.ts';
export { platesOnce, underPlatesUntil } from './uprating/platesUntil.ts';
export { takeAway } from './uprating/takingAway.ts';
export type { CaseFile, UprateCase } from './uprating/uprateCase.ts';
export { costKinds, costOf, packageKinds, packageRoutes, taxComes } from './uprating/upratePackage.ts';
export type { Quote } from './uprating/upratePackage.ts';
export { inTheWay } from './uprating/diagnosis.ts';
export { examplePackages } from './uprating/examplePackages.data.ts';
export { judgePackages } from './uprating/judged.ts';
export type { JudgedPackage } from './uprating/judged.ts';
export { loadPattern } from './uprating/loadPattern.ts';
export { searchPackages } from './uprating/searchPackages.ts';
export type { SearchResult } from './uprating/searchPackages.ts';
export type { UpratePackage } from './uprating/upratePackage.ts';

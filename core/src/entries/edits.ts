/**
 * Named changes of the document. Each takes a document and returns the one after it; nothing is changed in place.
 */
export { keepAlternative } from '../edits/alternativeEdits.ts';
export { applyCase } from '../edits/applyCase.ts';
export {
  addPart,
  addSeat,
  changePart,
  removePart,
  removeSeat,
  renameBody,
  setConditions,
  setStands,
  setEmptyMass,
  setFacts,
  setFigure,
  setGeometry,
  setLengthDoubt,
  setSeat,
  type BodyFacts,
  setTypical,
} from '../edits/bodyEdits.ts';
export { addCase, changeCase, removeCase, setCaseStep, setCertified } from '../edits/caseEdits.ts';
export { forgetTankLevel, setTakenOut } from '../edits/figureEdits.ts';
export { addFitting, changeFitting, removeFitting } from '../edits/fittingEdits.ts';
export { setGear } from '../edits/gearEdits.ts';
export {
  addCrew,
  addThing,
  changeCrew,
  changeThing,
  placePart,
  placeThing,
  sayOf,
  removeCrew,
  removeThing,
  sendThing,
  setFittingPosition,
  setTankLevel,
} from '../edits/loadoutEdits.ts';
export { knownLimit, knownLimits, setKnownLimit, type KnownFigure } from '../edits/knownFigures.ts';
export {
  addOffer,
  removeOffer,
  setLeftOut,
  setLook,
  setBuild,
  setOffer,
  setSeatCount,
  takeOffer,
  type KnownOffer,
} from '../edits/offerEdits.ts';
export { addKnownRig, type KnownRig } from '../edits/startRig.ts';
export { addNewRig, type NewRig } from '../edits/newRig.ts';
export { addPlaces } from '../edits/placeEdits.ts';
export { doneDue, removeDue, setDue } from '../edits/dueEdits.ts';
export { addQuote, removeQuote, setQuote } from '../edits/quoteEdits.ts';
export { putAway, removeRig } from '../edits/removeRig.ts';
export { changeSituation, renameRig, setCamperPosition, setHitch } from '../edits/rigEdits.ts';
export { takeRows } from '../edits/tableEdits.ts';
export {
  addBareTotal,
  addReading,
  addTicket,
  changeReading,
  changeTicket,
  removeReading,
  removeTicket,
} from '../edits/ticketEdits.ts';
export {
  cameSince,
  foundFitted,
  foundInTank,
  foundOnBody,
  foundOnSeat,
  foundThing,
  listOnSlip,
  wasSoThen,
} from '../edits/unlistedEdits.ts';
export {
  addTrip,
  changeTrip,
  logEntry,
  putSection,
  removeLogEntry,
  removeSection,
  removeTrip,
  shiftSection,
  mergeLog,
} from '../edits/tripEdits.ts';
export { chooseLoadout, copyLoadout, loadoutsOf, removeLoadout, renameLoadout } from '../edits/variantEdits.ts';
export { makeMove, makeMoves, wishPacking } from '../edits/moveEdits.ts';
export type { NewRigTools } from '../edits/newBodies.ts';
export { situationIn } from '../situation/situation.ts';

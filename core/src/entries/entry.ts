/**
 * What an owner types or picks: the quick line, tables of things, typical things with their masses, and sets of places.
 */
export { completions } from '../entry/matching.ts';
export { parseQuickLine, type Nameable, type QuickContext, type QuickEntry } from '../entry/quickLine.ts';
export {
  cutTable,
  guessColumns,
  mostRows,
  readTable,
  tableColumns,
  writeTable,
  type HeadingWords,
  type RowFault,
  type TableColumn,
  type TableRow,
} from '../entry/thingTable.ts';
export type { PlaceSet } from '../library/placeSets.data.ts';
export { placeSetsFor, placesOfSet } from '../library/placeSets.ts';
export { typicalGroups, typicalThings, type TypicalThing } from '../library/typicalThings.data.ts';
export { lighterInstead, typicalMass } from '../library/typicalThings.ts';
export { offerColumns, readOffers, type OfferColumn, type OfferFault, type OfferRow } from '../entry/offerTable.ts';

import type { FactLayer } from '../../rules/ruleId.ts';

/** What papers may allow more while towing, where a place knows it: EU approval texts, medium confidence on the road. */
export const whileTowing = {
  vehicle: { towingShare: 0.1, towingMostKg: 100 },
  rearAxle: { towingShare: 0.15 },
} as const;

/** True wherever a plate is: a body may not weigh more than its plate, an axle not carry more than its rating. */
export const rules: FactLayer = {
  'vehicle.max': { kind: 'legal', confidence: 'high', source: 'plateLaw', figures: whileTowing.vehicle },
  'vehicle.technicalMax': { kind: 'maker', confidence: 'medium', source: 'makerPlate' },
  'axle.front': { kind: 'legal', confidence: 'high', source: 'plateLaw' },
  'axle.rear': { kind: 'legal', confidence: 'high', source: 'plateLaw', figures: whileTowing.rearAxle },
  'axle.tag': { kind: 'legal', confidence: 'high', source: 'plateLaw' },
  'axle.frontMin': { kind: 'maker', confidence: 'high', source: 'handbook', variesBy: 'maker' },
  'trailer.max': { kind: 'legal', confidence: 'high', source: 'plateLaw' },
  'trailer.technicalMax': { kind: 'maker', confidence: 'medium', source: 'makerPlate' },
  'trailer.axles': { kind: 'legal', confidence: 'high', source: 'plateLaw' },
  'trailer.axleGroup': { kind: 'legal', confidence: 'medium', source: 'plateLaw' },
  'trailer.axleEach': { kind: 'legal', confidence: 'medium', source: 'plateLaw', variesBy: 'country' },
  'combination.max': { kind: 'legal', confidence: 'high', source: 'plateLaw' },
  'tow.braked': { kind: 'legal', confidence: 'high', source: 'makerTow' },
  'tow.unbraked': { kind: 'legal', confidence: 'high', source: 'makerTow' },
  'ball.max': { kind: 'legal', confidence: 'high', source: 'couplingPlates' },
  'ball.share': { kind: 'guidance', confidence: 'medium', source: 'ballSchool' },
  'coupling.part': { kind: 'maker', confidence: 'high', source: 'couplingPlates' },
  'coupling.dValue': { kind: 'maker', confidence: 'high', source: 'couplingApproval' },
  'vehicle.cargo': { kind: 'maker', confidence: 'medium', source: 'makerPlate', variesBy: 'maker' },
  'camper.max': { kind: 'maker', confidence: 'medium', source: 'makerPlate', variesBy: 'maker' },
  'gear.tyres': { kind: 'legal', confidence: 'medium', source: 'tyreMarks', variesBy: 'country' },
  'gear.tyresForPlate': { kind: 'maker', confidence: 'medium', source: 'tyreMarks', variesBy: 'country' },
  'gear.tyreReserve': { kind: 'guidance', confidence: 'medium', source: 'tyrePractice' },
  'gear.wheels': { kind: 'maker', confidence: 'high', source: 'wheelMarks', variesBy: 'maker' },
  'gear.springs': { kind: 'maker', confidence: 'high', source: 'springMarks', variesBy: 'maker' },
  'gear.age': { kind: 'guidance', confidence: 'medium', source: 'tyrePractice', figures: { years: 7 } },
  'people.seats': { kind: 'legal', confidence: 'high', source: 'seatsAndBelts' },
  'place.rating': { kind: 'maker', confidence: 'high', source: 'handbook', variesBy: 'maker' },
};

import type { Compiled } from '../loading/compile.ts';
import { message, term, type Message } from '../messages/message.ts';
import type { LimitName } from '../rig/limitNames.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import { massTolerance } from '../units/rounding.ts';
import type { Check, CheckGroup } from './check.ts';
import { factsFor, judgeLeast, judgeMost, placeOf, plated, regionFor } from './context.ts';
import type { RuleId } from './facts.ts';

/** A plain comparison: one load, one plated limit. */
interface LimitCheck {
  readonly rule: RuleId;
  readonly group: CheckGroup;
  readonly limit: LimitName;
  readonly quantity: QuantityName;
  /** Whose registration decides, and whose plates hold the limit first. */
  readonly side: Side;
  readonly sense?: 'min';
  /** Judged only where a figure is stated: no owner can be asked for a limit that plates need not show. */
  readonly optional?: true;
  readonly required?: true;
}

const limitChecks: readonly LimitCheck[] = [
  {
    rule: 'vehicle.max',
    group: 'vehicle',
    limit: 'vehicleMax',
    quantity: 'vehicleTotal',
    side: 'vehicle',
    required: true,
  },
  {
    rule: 'vehicle.technicalMax',
    group: 'vehicle',
    limit: 'vehicleTechnicalMax',
    quantity: 'vehicleTotal',
    side: 'vehicle',
    optional: true,
  },
  { rule: 'axle.front', group: 'axles', limit: 'frontAxleMax', quantity: 'frontAxle', side: 'vehicle', required: true },
  {
    rule: 'axle.frontMin',
    group: 'axles',
    limit: 'frontAxleMin',
    quantity: 'frontAxle',
    side: 'vehicle',
    sense: 'min',
    optional: true,
  },
  { rule: 'axle.rear', group: 'axles', limit: 'rearAxleMax', quantity: 'rearAxle', side: 'vehicle', required: true },
  { rule: 'axle.tag', group: 'axles', limit: 'tagAxleMax', quantity: 'tagAxle', side: 'vehicle', required: true },
  {
    rule: 'trailer.max',
    group: 'trailer',
    limit: 'trailerMax',
    quantity: 'trailerTotal',
    side: 'trailer',
    required: true,
  },
  {
    rule: 'trailer.technicalMax',
    group: 'trailer',
    limit: 'trailerTechnicalMax',
    quantity: 'trailerTotal',
    side: 'trailer',
    optional: true,
  },
  {
    rule: 'trailer.axles',
    group: 'trailer',
    limit: 'trailerAxlesMax',
    quantity: 'trailerAxles',
    side: 'trailer',
    required: true,
  },
  {
    rule: 'trailer.axleGroup',
    group: 'trailer',
    limit: 'axleGroupMax',
    quantity: 'trailerAxles',
    side: 'trailer',
    optional: true,
  },
  {
    rule: 'combination.max',
    group: 'combination',
    limit: 'combinationMax',
    quantity: 'combination',
    side: 'vehicle',
    required: true,
  },
  { rule: 'tow.braked', group: 'coupling', limit: 'towBraked', quantity: 'trailerTotal', side: 'vehicle' },
  { rule: 'tow.unbraked', group: 'coupling', limit: 'towUnbraked', quantity: 'trailerTotal', side: 'vehicle' },
  { rule: 'ball.max', group: 'coupling', limit: 'ballMax', quantity: 'ballLoad', side: 'vehicle', required: true },
];

/** Every plated limit of the rig against its load. */
export const plainChecks = (compiled: Compiled): readonly Check[] =>
  limitChecks.flatMap((definition) => plainCheck(compiled, definition) ?? []);

function plainCheck(compiled: Compiled, definition: LimitCheck): Check | null {
  const { rule, limit: limitName, side } = definition;
  const facts = factsFor(compiled, side, rule);
  if (!facts) return null;
  const quantity = judgedQuantity(compiled, definition);
  const demand = compiled.values[quantity];
  const base = {
    id: rule,
    rule,
    region: regionFor(compiled, side),
    kind: facts.kind,
    group: definition.group,
    quantity,
    name: message('check.limit', { limit: term(limitName) }),
    sense: definition.sense ?? ('max' as const),
    required: definition.required ?? false,
    source: facts,
  };
  const why = whyNot(compiled, definition);
  if (demand.kind === 'absent' || why) return notApplicable(base, why ?? 'check.no.trailer');
  const limit = plated(compiled, limitName, limitName === 'ballMax' ? ['vehicle', 'trailer'] : [side]);
  if (definition.optional && limit.value === null) return notApplicable(base, 'check.no.figure');
  const judged =
    definition.sense === 'min'
      ? judgeLeast(compiled, demand, limit.value, shifted(demand, limit.value ?? 0))
      : judgeMost(compiled, demand, limit);
  return { ...base, ...judged, figures: limit.figures, notes: towNotes(compiled, definition, limit.value) };
}

/** A value less a fixed figure: same row, same ±. */
const shifted = (demand: Compiled['values'][QuantityName], by: number) =>
  demand.kind === 'known' ? { ...demand, value: demand.value - by } : demand;

const notApplicable = (
  base: Omit<Check, 'demand' | 'sigma' | 'limit' | 'margin' | 'status' | 'figures' | 'missing' | 'notes' | 'use'>,
  why: string,
): Check => ({
  ...base,
  demand: null,
  sigma: null,
  limit: null,
  margin: null,
  status: 'notApplicable',
  figures: [],
  missing: [],
  notes: [message(why)],
  use: null,
});

function whyNot(compiled: Compiled, { rule }: LimitCheck): string | null {
  const { vehicle, trailer } = compiled.view;
  if (rule === 'axle.tag' && !vehicle.geometry.tagAxle) return 'check.no.tagAxle';
  if (rule === 'combination.max' && !trailer) return 'check.no.trailer';
  if (rule === 'tow.braked' && trailer && !trailer.braked) return 'check.no.brakes';
  if (rule === 'tow.unbraked' && trailer?.braked) return 'check.no.unbraked';
  return null;
}

/** With a tag axle the rear limit is the drive axle's; German law compares towed mass as the load on the trailer's axles. */
function judgedQuantity(compiled: Compiled, { rule, quantity }: LimitCheck): QuantityName {
  if (rule === 'axle.rear' && compiled.view.vehicle.geometry.tagAxle) return 'driveAxle';
  const towing = rule === 'tow.braked' || rule === 'tow.unbraked';
  return towing && placeOf(compiled, 'vehicle').country === 'DE' ? 'trailerAxles' : quantity;
}

/** Where the trailer's total fails the towing limit and its axle load passes, both readings are said. */
function towNotes(compiled: Compiled, { rule }: LimitCheck, limit: number | null): readonly Message[] {
  if ((rule !== 'tow.braked' && rule !== 'tow.unbraked') || limit === null) return [];
  const { country } = placeOf(compiled, 'vehicle');
  const { trailerTotal: total, trailerAxles: axles } = compiled.values;
  if (country === 'AU' || total.kind !== 'known' || axles.kind !== 'known') return [];
  const split = total.value > limit + massTolerance && axles.value <= limit + massTolerance;
  return split ? [message(country === 'DE' ? 'check.note.towByAxle' : 'check.note.towByTotal')] : [];
}

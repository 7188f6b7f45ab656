import { saidAgainst } from '../loading/saidAgainst.ts';
import { axlePlates } from './axlePlates.ts';
import type { Loads } from '../loads/loads.ts';
import { kilograms, message, term, verbatim, type Message } from '../messages/message.ts';
import { isFifthWheel, type Body } from '../rig/body.ts';
import { placedBodies } from '../loading/rigView.ts';
import type { RunningGear } from '../rig/runningGear.ts';
import type { LimitName, PlateSource } from '../rig/limitNames.ts';
import { massTolerance } from '../units/rounding.ts';
import { axleStamps, heldFigures, platedLimit } from '../rig/plated.ts';
import { chains } from './chains.ts';
import { tyresAndPlate } from './tyresAndPlate.ts';
import { tyrePressure } from './tyrePressure.ts';
import { indexFor } from './tyreTable.ts';

/** What the plates say of each other, before anything is loaded. A warning to a buyer, or a question to an owner. */
export interface Finding {
  readonly code: string;
  readonly severity: 'warning' | 'question' | 'note';
  readonly body: string;
  readonly message: Message;
}

/** How much stronger every part must be before a plate looks set lower than it need be, kg. */
const farBelow = 150;

/** Whether the parts bear the plate, and whether the figures can stand beside each other. */
export function findings(loads: Loads): readonly Finding[] {
  const found = placedBodies(loads.view).flatMap(({ body }) => [
    ...axlesAgainstTotal(loads, body),
    ...plateAgainstMaker(loads, body),
    ...statedMasses(loads, body),
    ...saidMasses(loads, body),
    ...tyresAgainstPlates(loads, body),
    ...partsAgainstMaker(loads, body),
  ]);
  return [...found, ...trailerFindings(loads), ...hitchFindings(loads)];
}

const kg = (value: number) => kilograms(value, 'nearest');
const lowest = (loads: Loads, body: Body, limit: LimitName) => platedLimit(loads.view, limit, [body]).value;
const finding = (
  body: Body,
  code: string,
  severity: Finding['severity'],
  params: NonNullable<Message['params']>,
): Finding => ({
  code,
  severity,
  body: body.id,
  message: message(`finding.${code}`, { body: verbatim(body.name), ...params }),
});

function axlesAgainstTotal(loads: Loads, body: Body): readonly Finding[] {
  if (body.kind !== 'vehicle') return [];
  const total = lowest(loads, body, 'vehicleMax');
  const sum = axlePlates(loads.view, body);
  if (total === null || sum === null) return [];
  return sum < total - massTolerance
    ? [finding(body, 'axlesBelowTotal', 'question', { sum: kg(sum), total: kg(total) })]
    : [];
}

/** A plate, or one that is tried, above what the maker states as technically permissible: what lies between cannot be used. */
function plateAgainstMaker(loads: Loads, body: Body): readonly Finding[] {
  if (body.kind === 'camper') return [];
  const [limit, technical] =
    body.kind === 'vehicle'
      ? (['vehicleMax', 'vehicleTechnicalMax'] as const)
      : (['trailerMax', 'trailerTechnicalMax'] as const);
  const [plate, most] = [lowest(loads, body, limit), lowest(loads, body, technical)];
  if (plate === null || most === null || plate <= most + massTolerance) return [];
  return [finding(body, 'plateAboveMaker', 'warning', { plate: kg(plate), most: kg(most), short: kg(plate - most) })];
}

/** Gross less the stated greatest load is an empty mass; it should be the one stated. */
function statedMasses(loads: Loads, body: Body): readonly Finding[] {
  const gross = lowest(loads, body, body.kind === 'vehicle' ? 'vehicleMax' : 'trailerMax');
  const empty = lowest(loads, body, 'emptyStated');
  const load = lowest(loads, body, 'payloadStated');
  if (gross === null) return [];
  if (empty !== null && empty > gross + massTolerance) {
    return [finding(body, 'emptyAboveGross', 'question', { empty: kg(empty), gross: kg(gross) })];
  }
  if (load === null) return [];
  const implied = gross - load;
  const known = empty ?? body.emptyMass?.total ?? null;
  if (known === null) return [finding(body, 'impliedEmpty', 'note', { implied: kg(implied) })];
  return Math.abs(implied - known) > 1
    ? [finding(body, 'emptyContradicted', 'question', { implied: kg(implied), empty: kg(known), load: kg(load) })]
    : [];
}

/** What is said of all of it, beside what it cannot weigh less than: both figures, and what would tell. */
function saidMasses({ view }: Loads, body: Body): readonly Finding[] {
  const against = saidAgainst(view, body);
  if (!against) return [];
  const { kind, said, other } = against;
  const code = kind === 'belowEmpty' ? 'saidBelowEmpty' : 'saidBelowListed';
  return [finding(body, code, 'question', { said: kg(said), other: kg(other) })];
}

/** Parts a vehicle tows by, and papers that speak for its maker. */
const towingSources: readonly PlateSource[] = [
  'towBar',
  'receiver',
  'ball',
  'extension',
  'distributionHitch',
  'fifthWheel',
];
const makerSources: readonly PlateSource[] = ['vehiclePlate', 'registration', 'handbook', 'doorSticker', 'certificate'];

/** A tow bar, receiver or ball that bears more than the vehicle's maker allows raises nothing; alone it says nothing of the vehicle. */
function partsAgainstMaker(loads: Loads, body: Body): readonly Finding[] {
  if (body.kind !== 'vehicle') return [];
  return (['towBraked', 'towUnbraked', 'ballMax'] as const).flatMap((limit) => {
    const figures = heldFigures(loads.view, body, limit);
    const strong = figures.filter(({ source }) => towingSources.includes(source));
    const [maker] = figures.filter(({ source }) => makerSources.includes(source));
    const onPin = limit === 'ballMax' && isFifthWheel(loads.view.trailer);
    const name = message('check.limit', { limit: term(onPin ? 'pinMax' : limit) });
    const { country } = loads.view.situation.vehicle;
    return strong.flatMap(({ source, value }) => {
      const part = message(`plateSource.${source}`);
      if (!maker) return [finding(body, 'partWithoutMaker', 'question', { part, limit: name, rating: kg(value) })];
      if (value <= maker.value + massTolerance) return [];
      const who = message(`ask.${country}`);
      const params = { part, limit: name, rating: kg(value), allowed: kg(maker.value), who };
      return [finding(body, 'partAboveMaker', 'note', params)];
    });
  });
}

function tyresAgainstPlates(loads: Loads, body: Body): readonly Finding[] {
  if (body.kind === 'camper') return [];
  return (body.gear ?? []).flatMap((gear) => {
    const axle = message(`gearAxle.${gear.axle}`);
    const twinned = gear.twinned ?? false;
    const found = tyresAndPlate(loads.view, body, gear);
    const weak =
      found && found.tyres.capacity < found.plate - massTolerance
        ? [
            finding(body, 'tyresBelowPlate', 'warning', {
              axle,
              capacity: kg(found.tyres.capacity),
              plate: kg(found.plate),
            }),
          ]
        : [];
    const { loadIndex: fitted, platedLoadIndex: wanted } = gear;
    const lesser =
      fitted !== undefined && wanted !== undefined && indexFor(fitted, twinned) < indexFor(wanted, twinned)
        ? [finding(body, 'tyresBelowPlated', 'warning', { axle, fitted, wanted })]
        : [];
    return [...weak, ...lesser, ...softTyres(loads, body, gear)];
  });
}

/** A pressure below what the maker's table asks for the load there now, or below what looks too soft by the tyre's wall. */
function softTyres(loads: Loads, body: Body, gear: RunningGear): readonly Finding[] {
  const found = tyrePressure(loads, body, gear.axle);
  if (gear.pressureKpa === undefined || found.from === 'unknown' || found.from === 'overloaded' || !found.low)
    return [];
  const kPa = (value: number) => ({ kind: 'amount', unit: 'kPa', value, rounding: 'nearest' }) as const;
  const params = { axle: message(`gearAxle.${gear.axle}`), set: kPa(gear.pressureKpa), asked: kPa(found.kPa) };
  const code = found.from === 'table' ? 'pressureLow' : 'pressureSoft';
  return [finding(body, code, 'warning', { ...params, load: kilograms(found.load, 'load') })];
}

/** A distribution hitch where a maker forbids it or nobody asked; an extension nobody has seen in a turn. */
function hitchFindings({ view }: Loads): readonly Finding[] {
  const { vehicle, trailer, rig } = view;
  const hitch = rig.hitch;
  if (!vehicle || !trailer || !hitch) return [];
  const allowed = hitch.distributionAllowed ?? 'unknown';
  const out: Finding[] = [];
  if (hitch.distribution && allowed === 'no') out.push(finding(vehicle, 'distributionForbidden', 'warning', {}));
  if (hitch.distribution && allowed === 'unknown') out.push(finding(vehicle, 'distributionUnasked', 'question', {}));
  if (hitch.extension !== undefined && hitch.turningClearance === undefined) {
    out.push(finding(vehicle, 'turnUnseen', 'question', {}));
  }
  return out;
}

/** What a buyer wants to know of a trailer from its plates alone. */
function trailerFindings(loads: Loads): readonly Finding[] {
  const { trailer } = loads.view;
  if (!trailer) return [];
  const plate = lowest(loads, trailer, 'trailerMax');
  const axles = lowest(loads, trailer, 'trailerAxlesMax');
  const ball = lowest(loads, trailer, 'ballMax');
  const out: Finding[] = [];
  if (plate !== null && axles !== null) {
    if (axles > plate + massTolerance) {
      out.push(finding(trailer, 'axlesAbovePlate', 'question', { axles: kg(axles), plate: kg(plate) }));
    } else if (ball !== null && plate - axles > ball + massTolerance) {
      const needed = plate - axles;
      out.push(finding(trailer, 'plateNeedsBall', 'warning', { needed: kg(needed), ball: kg(ball), plate: kg(plate) }));
    }
  }
  return plate === null ? out : [...out, ...partsAgainstPlate(loads, trailer, plate)];
}

function partsAgainstPlate(loads: Loads, trailer: Body, plate: number): readonly Finding[] {
  const chain = chains(loads).find((one) => one.name === 'trailer');
  const parts = (chain?.parts ?? []).filter((part) => !part.unconfirmed && !part.id.endsWith('.trailerMax'));
  const weak = parts.filter((part) => part.rating < plate - massTolerance);
  const [first] = parts;
  if (weak.length > 0) {
    const axles = trailer.kind === 'trailer' ? trailer.geometry.axles : 1;
    return weak.map((part) => {
      const [rating, short] = [kg(part.rating), kg(plate - part.rating)];
      const together = part.rating * axles;
      const ofOne = axleStamps(trailer) === 1 && part.id.endsWith('.axleGroupMax') && together >= plate - massTolerance;
      // One stamp where there are several axles may be each axle's: it is asked before a plate is called too high.
      return axles > 1 && ofOne
        ? finding(trailer, 'oneStamp', 'question', {
            part: part.name,
            rating,
            plate: kg(plate),
            axles: String(axles),
            together: kg(together),
          })
        : finding(trailer, 'partBelowPlate', 'warning', { part: part.name, rating, plate: kg(plate), short });
    });
  }
  return first && parts.length >= 3 && first.rating >= plate + farBelow
    ? [finding(trailer, 'plateFarBelow', 'note', { plate: kg(plate), part: first.name, rating: kg(first.rating) })]
    : [];
}

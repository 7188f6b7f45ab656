import {
  typicalAxlePosition,
  typicalCabin,
  typicalEmptyBall,
  typicalFrontSeats,
  typicalFrontShare,
  typicalOverhang,
  typicalPinOverhang,
  typicalTrailerFrame,
  typicalVehicleFrame,
  typicalWheelbase,
  type TypicalFrame,
} from '../library/typicalRanges.ts';
import type { TypicalRange } from '../library/typicalRanges.data.ts';
import { verbatim } from '../messages/message.ts';
import { isFifthWheel, type Trailer, type Vehicle } from '../rig/body.ts';
import type { Place, Seat, Tank } from '../rig/equipment.ts';
import type { Missing } from '../rig/missing.ts';
import type { RigView } from './rigView.ts';
import { typicalKey } from './typicalFacts.ts';

/**
 * The rig with what is usual put in where nobody has said, on the bodies whose owner wants it so: each a figure with a ±
 * wide enough for 95 of 100 such bodies. What is known stays as it is.
 */
export function withTypical(view: RigView): RigView {
  const { vehicle, trailer } = view;
  if (!vehicle?.typical && !trailer?.typical) return view;
  const facts = new Map<string, Missing>();
  const spots = new Map<string, TypicalRange>();
  return {
    ...view,
    vehicle: vehicle?.typical ? usualVehicle(vehicle, trailer, { facts, spots }) : vehicle,
    trailer: trailer?.typical ? usualTrailer(trailer, { facts, spots }) : trailer,
    typical: { facts, spots, cabin: vehicle?.typical ? typicalCabin(vehicle) : undefined },
  };
}

type Facts = Map<string, Missing>;
interface Found {
  readonly facts: Facts;
  readonly spots: Map<string, TypicalRange>;
}
type Owner = Pick<Vehicle | Trailer, 'id' | 'name'>;

function usualVehicle(vehicle: Vehicle, trailer: Trailer | undefined, { facts, spots }: Found): Vehicle {
  const frame = typicalVehicleFrame(vehicle);
  spots.set(typicalKey(vehicle.id, 'driver'), typicalFrontSeats(vehicle));
  tankSpots(vehicle, frame, spots);
  const lengths = noting(facts, vehicle);
  const geometry = { ...vehicle.geometry };
  const doubts = { ...geometry.plusMinus };
  const put = (length: 'wheelbase' | 'couplingOverhang' | 'pinOverhang', usual: TypicalRange) => {
    if (geometry[length] !== undefined) return;
    geometry[length] = usual.middle;
    doubts[length] = usual.plusMinus;
    lengths(length === 'pinOverhang' ? 'couplingOverhang' : length, length);
  };
  put('wheelbase', typicalWheelbase(vehicle));
  if (trailer && isFifthWheel(trailer)) put('pinOverhang', typicalPinOverhang());
  else if (trailer) put('couplingOverhang', typicalOverhang(vehicle));
  return {
    ...vehicle,
    geometry: { ...geometry, plusMinus: doubts },
    emptyMass: usualSplit(vehicle, () => lengths('emptyAxles', 'emptyAxles')),
    seats: vehicle.seats.map((seat) =>
      placed(vehicle, seat, seat.driver ? typicalFrontSeats(vehicle) : typicalCabin(vehicle), facts),
    ),
    ...usualParts(vehicle, frame, facts),
  };
}

/** An empty vehicle known as a whole, shared between its axles as is usual. */
function usualSplit({ emptyMass, build, ...rest }: Vehicle, note: () => void): Vehicle['emptyMass'] {
  if (emptyMass?.total === undefined || emptyMass.frontAxle !== undefined || emptyMass.rearAxle !== undefined) {
    return emptyMass;
  }
  note();
  const { middle, plusMinus } = typicalFrontShare({ emptyMass, build, ...rest });
  return { ...emptyMass, frontAxle: middle * emptyMass.total, splitPlusMinus: plusMinus * emptyMass.total };
}

function usualTrailer(trailer: Trailer, { facts, spots }: Found): Trailer {
  const frame = typicalTrailerFrame(trailer);
  tankSpots(trailer, frame, spots);
  const note = noting(facts, trailer);
  const geometry = { ...trailer.geometry };
  const { emptyMass } = trailer;
  const estimated = emptyMass?.estimateBallLoad && geometry.drawbarLength !== undefined && geometry.bodyLength;
  let empty = emptyMass;
  if (emptyMass?.total !== undefined && emptyMass.ballLoad === undefined && !estimated) {
    const { middle, plusMinus } = typicalEmptyBall(trailer);
    empty = { ...emptyMass, ballLoad: middle * emptyMass.total, ballLoadPlusMinus: plusMinus * emptyMass.total };
    note('emptyBallLoad', 'emptyBallLoad');
  }
  if (geometry.axlePosition === undefined) {
    const { middle, plusMinus } = typicalAxlePosition(trailer);
    geometry.axlePosition = middle;
    geometry.plusMinus = { ...geometry.plusMinus, axlePosition: plusMinus };
    note('axlePosition', 'axlePosition');
  }
  return { ...trailer, geometry, emptyMass: empty, ...usualParts(trailer, frame, facts) };
}

type LengthCode = 'wheelbase' | 'couplingOverhang' | 'pinOverhang' | 'axlePosition' | 'emptyAxles' | 'emptyBallLoad';

const noting =
  (facts: Facts, { id, name }: Owner) =>
  (key: string, code: LengthCode): void =>
    void facts.set(typicalKey(id, key), { code, body: id, bodyName: name });

function tankSpots({ id }: Owner, frame: TypicalFrame, spots: Map<string, TypicalRange>): void {
  for (const [part, kind] of [
    ['fuel', 'fuel'],
    ['water', 'fresh'],
    ['gas', 'gas'],
  ] as const) {
    spots.set(typicalKey(id, part), frame.tank(kind));
  }
}

const usualParts = (body: Vehicle | Trailer, frame: TypicalFrame, facts: Facts) => ({
  tanks: body.tanks.map((tank) => placed(body, tank, frame.tank(tank.kind), facts)),
  places: body.places.map((place) => placed(body, place, frame.place(place), facts)),
});

/** A seat, tank or place where such a thing usually is, if nobody has said where it is. */
function placed<Part extends Seat | Tank | Place>(body: Owner, part: Part, usual: TypicalRange, facts: Facts): Part {
  if (part.x !== undefined) return part;
  const about = { body: body.id, bodyName: body.name, item: part.id, name: verbatim(part.name) };
  facts.set(typicalKey(body.id, part.id), { code: 'position', ...about });
  return { ...part, x: usual.middle, xPlusMinus: usual.plusMinus };
}

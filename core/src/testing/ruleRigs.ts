import type { Vehicle } from '../rig/body.ts';
import type { RigView } from '../loading/rigView.ts';
import { caseView, vehicleOf } from './caseRig.ts';
import { onScale, ticketOf } from './weighed.ts';
import { gearOn, made, plateOf, weightless, type Made } from './matrixRigs.ts';

export const tagRig = (tagAxleMax: number | undefined): RigView =>
  caseView({
    vehicle: { rearGroup: { x_drive: 3.6, x_tag: 4.4, driveShare: 0.5 }, bare: { R_front: 1700, R_rear: 2000 } },
    limits: tagAxleMax === undefined ? {} : { tagAxleMax },
  });

/** Rear 1,050: tyres of index 85 carry 515 each. The load is moved instead of the index, which comes in steps. */
export const onGear = (side: 'vehicle' | 'trailer', rest: Parameters<typeof gearOn>[1], mass = 1000): RigView =>
  side === 'vehicle'
    ? made({ vehicle: gearOn('rear', rest) })
    : made({ trailerMass: mass, trailer: gearOn('trailer', rest) });

/** A car of 1.9 m before a trailer of a width. */
export const wide = (of: Pick<Vehicle, 'mirrors'>, width: number | undefined = 2.3): RigView => {
  const view = made({ vehicle: of });
  const behind = { ...view.trailer?.geometry, axles: 1, width };
  return {
    ...view,
    vehicle: { ...vehicleOf(view), geometry: { ...vehicleOf(view).geometry, width: 1.9 } },
    trailer: view.trailer && { ...view.trailer, geometry: behind },
  };
};
export const longOutfit = (bodyLength: number | undefined): RigView => {
  const view = made({});
  const behind = { ...view.trailer?.geometry, axles: 1, drawbarLength: 1.4, bodyLength };
  return {
    ...view,
    vehicle: { ...vehicleOf(view), geometry: { ...vehicleOf(view).geometry, frontOverhang: 0.9 } },
    trailer: view.trailer && { ...view.trailer, geometry: behind },
  };
};

/** Two axles of 900 together, each stamped, the second read at so much. */
export const axlesApart = (second: number, equalises: 'no' | undefined): RigView => {
  const stamps = [1, 2].map((at) => ({ ...plateOf('axle', 'axleGroupMax', 500), id: `axle-${at}` }));
  const view = made({ trailer: { plates: stamps } });
  const towed = view.trailer && { ...view.trailer, geometry: { ...view.trailer.geometry, axles: 2, equalises } };
  const rig = { ...view, trailer: towed };
  const readings = [900 - second, second].map((value, at) => ({
    state: 'coupled' as const,
    on: [at === 0 ? ('axle1' as const) : ('axle2' as const)],
    value,
  }));
  return onScale(rig, [ticketOf(rig, readings, 1, { loadout: rig.loadout })]);
};

export const rated = (mass: number, rating: number | undefined): RigView => {
  const view = caseView({
    vehicle: { W: 3, bare: { R_front: 900, R_rear: 900 }, masses: [{ id: 'roof', m: mass, x: 1 }] },
  });
  const places = vehicleOf(view).places.map((place) =>
    rating === undefined ? place : { ...place, rating: { value: rating } },
  );
  return { ...view, vehicle: { ...vehicleOf(view), places } };
};

export const camper = (most: number | undefined, known = true): RigView => {
  const view = caseView({
    vehicle: { W: 3, bare: { R_front: 1000, R_rear: 900 }, camper: { x: 2, bare: { m: 600, x: 1 } } },
  });
  const plates = most === undefined ? [] : [plateOf('camperPlate', 'camperMax', most)];
  const emptyMass = known ? view.camper?.emptyMass : undefined;
  return { ...view, camper: view.camper && { ...view.camper, plates, emptyMass } };
};

export const coupling = (dValueKn: number, masses = true): RigView =>
  made({
    limits: masses ? { vehicleMax: 2000, trailerMax: 2000 } : {},
    vehicle: masses
      ? { plates: [plateOf('other', 'vehicleMax', 2000), plateOf('towBar', 'dValueKn', dValueKn)] }
      : { plates: [plateOf('towBar', 'dValueKn', dValueKn)] },
  });

export const unbraked = (of: Made): RigView => made({ ...of, trailer: { braked: false, ...of.trailer } });
export const plated = (trailerAxlesMax: number, of: Made = {}): RigView => made({ ...of, limits: { trailerAxlesMax } });
export const crew = (people: number, seats: number): RigView => {
  const view = made({ alone: true });
  const list = Array.from({ length: people }, (_, index) => ({ id: `p${index}`, name: 'p', mass: 75 }));
  const chairs = Array.from({ length: seats }, (_, index) => ({ id: `s${index}`, name: 's', x: 1 }));
  return {
    ...view,
    vehicle: { ...vehicleOf(view), seats: chairs },
    loadout: { ...view.loadout, crew: list },
  };
};
export const driven = (vehicleMax: number | undefined, of: Made = {}): RigView =>
  made({
    ...of,
    alone: true,
    country: 'DE',
    limits: vehicleMax === undefined ? {} : { vehicleMax },
    situation: { licence: { issuer: 'DE', classes: ['B'] } },
  });
export const novice = (empty: number | undefined): RigView => {
  const view = made({
    state: 'NSW',
    trailerMass: empty ?? 200,
    situation: { licence: { issuer: 'AU', classes: ['auC'], novice: 'p1' } },
  });
  return empty === undefined ? weightless(view) : view;
};
export const hundred = (trailerMax: number, of: Partial<Made> = {}): RigView =>
  made({
    country: 'DE',
    situation: { date: '2026-06-01' },
    vehicle: {
      abs: 'present',
      plates: [
        plateOf('registration', 'emptyStated', 1500),
        plateOf('vehiclePlate', 'vehicleMax', 2200),
        plateOf('handbook', 'towBraked', 2000),
      ],
    },
    trailer: {
      dampers: 'present',
      stabiliser: 'present',
      hundredPlate: 'present',
      plates: [plateOf('caravanPlate', 'trailerMax', trailerMax)],
      ...gearOn('trailer', { loadIndex: '100', speedSymbol: 'N', ageCode: '0124' }),
    },
    ...of,
  });
export const aged = (date: string | undefined): RigView =>
  made({ trailer: gearOn('trailer', { ageCode: '0219' }), situation: date === undefined ? {} : { date } });
const german: Made = { country: 'DE', trailer: {} };
export const sum = (trailerMax: number | undefined): RigView =>
  made({ ...german, limits: { vehicleMax: 2000, ballMax: 100, ...(trailerMax === undefined ? {} : { trailerMax }) } });
export const resting = (ballLoad: number): RigView => made({ country: 'DE', trailerMass: 1500, ballLoad });
export const shareOf = (trailerMass: number, of: Made): RigView => made({ trailerMass, ...of });

export const sticker = (most: number): RigView =>
  made({ vehicle: { plates: [plateOf('doorSticker', 'payloadStated', most)] } });

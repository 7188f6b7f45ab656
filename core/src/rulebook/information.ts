import type { Loads } from '../loads/loads.ts';
import { isMotorCaravan } from '../rig/body.ts';
import { journeyOf, type Jurisdiction } from '../situation/situation.ts';
import { platedAxles } from './brakeKindChecks.ts';
import { plated } from './context.ts';
import { information, type Bears, type InformationFacts } from './information.data.ts';

/** A piece of information of a place on the way or at home, and whether it bears on this rig. */
export interface Information {
  readonly facts: InformationFacts;
  readonly place: Jurisdiction;
  readonly bears: 'yes' | 'no' | 'unknown';
}

/** What is said of the places this rig travels through or is registered in; what does not bear on it is there too. */
export function informationFor(loads: Loads): readonly Information[] {
  const { situation } = loads.view;
  return information.flatMap((facts): readonly Information[] => {
    const places = facts.by === 'travel' ? journeyOf(situation) : [situation.vehicle];
    const place = places.find((one) => isOf(facts, one));
    return place ? [{ facts, place, bears: bearing(loads, facts.bears) }] : [];
  });
}

const isOf = ({ countries, states }: InformationFacts, { country, state }: Jurisdiction): boolean =>
  countries.includes(country) && (!states || (state !== undefined && states.includes(state)));

const carMass = 3500;
const heavyLawMass = 4500;
const fullBrakes = 2000;
const licenceToCome = 4250;

const when = (condition: boolean): Information['bears'] => (condition ? 'yes' : 'no');
const whenKnown = (value: number | null, test: (value: number) => boolean): Information['bears'] =>
  value === null ? 'unknown' : when(test(value));

function bearing(loads: Loads, bears: Bears): Information['bears'] {
  const { vehicle, trailer } = loads.view;
  const car = vehicle ? plated(loads, 'vehicleMax', ['vehicle']).value : 0;
  switch (bears) {
    case 'always':
      return 'yes';
    case 'towing':
      return when(trailer !== undefined);
    case 'motorhome':
      return when(vehicle !== undefined && isMotorCaravan(vehicle));
    case 'heavyVehicle':
      return whenKnown(car, (mass) => mass > carMass);
    case 'lightTowing':
      return trailer ? whenKnown(car, (mass) => mass <= carMass) : 'no';
    case 'licenceGap':
      return whenKnown(car, (mass) => mass > carMass && mass <= licenceToCome);
    case 'heavyLaw': {
      const towed = trailer ? plated(loads, 'trailerMax', ['trailer']).value : 0;
      return whenKnown(car === null || towed === null ? null : Math.max(car, towed), (mass) => mass > heavyLawMass);
    }
    case 'brakedFully':
      return trailer ? whenKnown(platedAxles(loads).value, (mass) => mass > fullBrakes) : 'no';
  }
}

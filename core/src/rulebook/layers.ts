import type { Country } from '../situation/countries.ts';
import type { Jurisdiction } from '../situation/situation.ts';
import { australianFacts } from './au.facts.ts';
import { commonFacts } from './common.facts.ts';
import { europeanFacts, germanFacts } from './eu.facts.ts';
import { austrianFacts, dutchFacts, frenchFacts, italianFacts, spanishFacts, swissFacts } from './neighbours.facts.ts';
import { layered, type FactLayer } from './facts.ts';
import { britishFacts } from './uk.facts.ts';

const byCountry: Readonly<Record<Country, FactLayer>> = {
  AU: layered(commonFacts, australianFacts),
  GB: layered(commonFacts, britishFacts),
  DE: layered(commonFacts, europeanFacts, germanFacts),
  FR: layered(commonFacts, europeanFacts, frenchFacts),
  IT: layered(commonFacts, europeanFacts, italianFacts),
  ES: layered(commonFacts, europeanFacts, spanishFacts),
  NL: layered(commonFacts, europeanFacts, dutchFacts),
  AT: layered(commonFacts, europeanFacts, austrianFacts),
  CH: layered(commonFacts, europeanFacts, swissFacts),
};

/** The rules in force for something registered in, or travelling through, a place. */
export const factsIn = (place: Jurisdiction): FactLayer => byCountry[place.country];

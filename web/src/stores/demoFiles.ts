import type { Workspace } from '@wagonomos/core';
import ute from '../../../examples/australian-ute-camper-and-boat.wagonomos.json';
import wagon from '../../../examples/australian-wagon-and-tandem.wagonomos.json';
import van from '../../../examples/british-van-with-scooter.wagonomos.json';
import estate from '../../../examples/german-estate-and-caravan.wagonomos.json';
import motorhome from '../../../examples/german-motorhome.wagonomos.json';
import pickUp from '../../../examples/pick-up-with-fifth-wheel.wagonomos.json';
import caravan from '../../../examples/second-hand-caravan-alone.wagonomos.json';

/**
 * The invented rigs of the examples folder, in the order of the yard. They come with the app and a test reads them as any file is
 * read, so that no start of the app has to.
 */
export const demoFiles = [wagon, van, estate, ute, pickUp, caravan, motorhome] as unknown as readonly Workspace[];

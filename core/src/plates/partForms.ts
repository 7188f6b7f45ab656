import { plateForm } from './plateForm.ts';

const vehicle = { region: 'any', body: 'vehicle', unit: 'kg' } as const;
const trailer = { region: 'any', body: 'trailer', unit: 'kg' } as const;

/** Plates and stamps on the parts between vehicle and trailer, much alike everywhere. */
export const partForms = [
  plateForm(
    'tow-bar',
    { ...vehicle, source: 'towBar', look: 'plate' },
    ['kg', 'towBraked'],
    ['S', 'ballMax'],
    ['D', 'dValueKn'],
  ),
  plateForm(
    'receiver',
    { ...vehicle, source: 'receiver', look: 'sticker' },
    ['WC', 'towBraked', 'withoutDistribution'],
    ['WC', 'ballMax', 'withoutDistribution'],
    ['WD', 'towBraked', 'withDistribution'],
    ['WD', 'ballMax', 'withDistribution'],
  ),
  plateForm(
    'ball',
    { ...vehicle, source: 'ball', look: 'stamp' },
    ['kg', 'towBraked'],
    ['S', 'ballMax'],
    ['D', 'dValueKn'],
  ),
  plateForm(
    'hitch-extension',
    { ...vehicle, source: 'extension', look: 'sticker' },
    ['WC', 'towBraked', 'withoutDistribution'],
    ['WC', 'ballMax', 'withoutDistribution'],
    ['WD', 'towBraked', 'withDistribution'],
    ['WD', 'ballMax', 'withDistribution'],
  ),
  plateForm(
    'fifth-wheel',
    { ...vehicle, source: 'fifthWheel', look: 'plate' },
    ['kg', 'towBraked'],
    ['U', 'ballMax'],
    ['D', 'dValueKn'],
  ),
  plateForm(
    'coupling-head',
    { ...trailer, source: 'couplingHead', look: 'stamp' },
    ['kg', 'trailerPartMax'],
    ['S', 'ballMax'],
    ['D', 'dValueKn'],
  ),
  plateForm(
    'drawbar',
    { ...trailer, source: 'drawbar', look: 'plate' },
    ['kg', 'trailerPartMax'],
    ['S', 'ballMax'],
    ['D', 'dValueKn'],
    ['V', 'vValueKn'],
  ),
  plateForm('axle-beam', { ...trailer, source: 'axle', look: 'plate' }, ['kg', 'axleGroupMax']),
  plateForm('overrun-brake', { ...trailer, source: 'brakes', look: 'plate' }, ['max kg', 'trailerPartMax']),
  plateForm('chassis', { ...trailer, source: 'chassis', look: 'plate' }, ['kg', 'trailerPartMax']),
  plateForm('safety-chains', { ...trailer, source: 'chains', look: 'stamp' }, ['kg', 'trailerPartMax']),
  plateForm(
    'camper-label',
    { region: 'any', body: 'camper', unit: 'kg', source: 'camperPlate', look: 'sticker', emptyBasis: 'dry' },
    ['max', 'camperMax'],
    ['dry', 'emptyStated'],
  ),
];

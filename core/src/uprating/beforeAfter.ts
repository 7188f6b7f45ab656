import type { Loads } from '../loads/loads.ts';
import { message, verbatim } from '../messages/message.ts';
import { comparesLoad, type Check } from '../checks/check.ts';
import { platedLimit } from '../rig/plated.ts';
import { informationFor } from '../rulebook/information.ts';
import { thresholdsOf, type NearThreshold } from '../rulebook/thresholds.ts';
import type { Country } from '../situation/countries.ts';
import { journeyOf } from '../situation/situation.ts';
import type { Assessment } from '../verdict/assess.ts';
import { consequence, type Consequence, type ConsequenceTopic } from './consequence.ts';
import { figuresThen } from './figuresThen.ts';
import { licencesThen } from './licencesThen.ts';
import { speedsThen } from './speedsThen.ts';
import { lawOf } from '../jurisdictions/laws.ts';
import type { SaidWhen } from '../jurisdictions/uprateLaw.ts';

/** In the order in which people ask. */
const topics: readonly ConsequenceTopic[] = [
  'licence',
  'limits',
  'speed',
  'brakes',
  'chains',
  'equipment',
  'rules',
  'tests',
  'tax',
  'tolls',
  'zones',
  'fines',
  'towing',
  'mass',
  'insurance',
  'resale',
  'reversal',
  'abroad',
];

/**
 * Everything that is otherwise after a change of plates or of the rig: licences of every driver, every figure that changes,
 * speeds on the way, marks
 * passed up and down, each by its own figure, checks that turn over, and what goes with any new plate. Nothing here is a
 * verdict; each entry says its source and how sure it is.
 */
export function beforeAfter(before: Assessment, after: Assessment): readonly Consequence[] {
  const found = [
    ...licencesThen(before.loads.view, after.loads.view),
    ...figuresThen(before.loads.view, after.loads.view),
    ...turned(before, after),
    ...speedsThen(before.loads, after.loads),
    ...marks(before.loads, after.loads),
    ...goesWithIt(before.loads, after.loads),
    ...coming(before.loads, after.loads),
  ];
  return found.sort((a, b) => topics.indexOf(a.topic) - topics.indexOf(b.topic));
}

/** Marks that lie between the figure of before and the one of after. */
function marks(before: Loads, after: Loads): readonly Consequence[] {
  const then = new Map(thresholdsOf(after).map((one) => [one.facts.id, one]));
  const now = thresholdsOf(before);
  const passed = now.flatMap((one): readonly Consequence[] => {
    const other = then.get(one.facts.id);
    return other && other.passed !== one.passed ? [markPassed(one, other)] : [];
  });
  return [...passed, ...technicalMass(before, after)];
}

function markPassed({ facts, place, value }: NearThreshold, other: NearThreshold): Consequence {
  return consequence({
    id: `mark.${facts.id}`,
    topic: facts.topic,
    change: other.passed ? 'begins' : 'ends',
    mark: { of: facts.of, from: value, to: other.value, at: facts.at },
    says: message(`threshold.${facts.id}`),
    source: facts.source,
    confidence: facts.confidence,
    ask: place.country,
  });
}

/** What goes by the technical mass, which a new plate may leave: where that stands nowhere, it is said, not guessed. */
function technicalMass(before: Loads, after: Loads): readonly Consequence[] {
  const { situation, vehicle } = before.view;
  const from = platedLimit(before.view, 'vehicleMax', [vehicle]).value;
  const to = platedLimit(after.view, 'vehicleMax', [after.view.vehicle]).value;
  const stated = platedLimit(before.view, 'vehicleTechnicalMax', [vehicle]).value !== null;
  if (stated || from === null || to === null) return [];
  return journeyOf(situation).flatMap(({ country }) =>
    lawOf(country)
      .thresholds.filter(({ of, by, at }) => of === 'vehicleTechnicalMax' && by === 'travel' && from > at !== to > at)
      .map(({ id, topic, source }) =>
        consequence({
          id: `mark.${id}Unknown`,
          topic,
          change: 'open',
          place: { country },
          says: message('uprate.technicalMass'),
          source,
          confidence: 'medium',
          ask: country,
        }),
      ),
  );
}

/** Checks that were kept and are not, or the other way round: brakes, chains, sums and ratios that go by the plates, and loads. */
function turned(before: Assessment, after: Assessment): readonly Consequence[] {
  const then = new Map(after.checks.map((check) => [check.id, check]));
  return before.checks.flatMap((check): readonly Consequence[] => {
    const other = then.get(check.id);
    if (!other || check.role === 'driver' || check.kind === 'guidance') return [];
    const [was, is] = [state(check), state(other)];
    if (was === is) return [];
    return [
      consequence({
        id: `check.${check.id}`,
        topic: topicOf(check),
        change: is === 'over' ? 'begins' : was === 'over' ? 'ends' : 'open',
        says: other.name,
        before: message(`uprate.check.${was}`),
        after: message(`uprate.check.${is}`),
        source: check.source.source,
        confidence: check.source.confidence,
        ask: check.source.ask,
      }),
    ];
  });
}

const state = ({ status }: Check): 'kept' | 'over' | 'unknown' =>
  status === 'over' || status === 'unknown' ? status : 'kept';

function topicOf(check: Check): ConsequenceTopic {
  if (comparesLoad(check)) return 'limits';
  const { role } = check;
  return role === 'brakes' || role === 'chains' || role === 'speed' ? role : 'rules';
}

/** Law that is expected and would bear on the plate that is planned: said to whoever plans years ahead, and judged by nowhere. */
function coming(before: Loads, after: Loads): readonly Consequence[] {
  const plate = ({ view }: Loads) => platedLimit(view, 'vehicleMax', [view.vehicle]).value;
  if (plate(before) === plate(after)) return [];
  return informationFor(after)
    .filter((one) => one.coming && one.bears === 'yes')
    .map(({ facts, place }) =>
      consequence({
        id: `coming.${facts.id}`,
        topic: 'licence',
        change: 'note',
        place,
        says: message('uprate.coming', { text: message(`info.${facts.id}`) }),
        source: facts.source,
        confidence: facts.confidence,
        ask: place.country,
      }),
    );
}

const carMass = 3500;

function goesWithIt(before: Loads, after: Loads): readonly Consequence[] {
  return (['vehicle', 'trailer'] as const).flatMap((of): readonly Consequence[] => {
    const body = before.view[of];
    if (!body) return [];
    const limit = of === 'vehicle' ? 'vehicleMax' : 'trailerMax';
    const from = platedLimit(before.view, limit, [body]).value;
    const to = platedLimit(after.view, limit, [after.view[of]]).value;
    if (from === null || to === null || from === to) return [];
    const country: Country = before.view.situation[of].country;
    const holds: Readonly<Record<SaidWhen, boolean>> = {
      always: true,
      raised: to > from,
      lowered: to < from,
      aboveCar: of === 'vehicle' && from <= carMass && to > carMass,
      belowCar: of === 'vehicle' && from > carMass && to <= carMass,
      towing: of === 'vehicle' && to > from && before.view.trailer !== undefined,
    };
    return (lawOf(country).uprating?.facts ?? [])
      .filter((facts) => holds[facts.when])
      .map((facts) =>
        consequence({
          id: `fact.${of}.${facts.id}`,
          topic: facts.topic,
          change: 'note',
          about: verbatim(body.name),
          says: message(`uprate.fact.${facts.id}`),
          source: facts.source,
          confidence: facts.confidence,
          ask: facts.topic === 'insurance' ? 'insurer' : facts.topic === 'resale' ? 'adviser' : country,
        }),
      );
  });
}

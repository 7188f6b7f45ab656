import {
  isAged,
  leavesOpen,
  informationFor,
  worstFirst,
  isState,
  journeyStops,
  missingMessage,
  nearThresholds,
  plainText,
  remedies,
  rulesAge,
  sanctions,
  typicalMessage,
  type Assessment,
  type Check,
  type Jurisdiction,
  type QuantityName,
  type Region,
  type Speech,
} from '@wagonomos/core';

const reported = [
  ['vehicle', 'vehicleTotal'],
  ['frontAxle', 'frontAxle'],
  ['rearAxle', 'rearAxle'],
  ['driveAxle', 'driveAxle'],
  ['tagAxle', 'tagAxle'],
  ['trailer', 'trailerTotal'],
  ['trailerAxles', 'trailerAxles'],
  ['ballLoad', 'ballLoad'],
  ['ballLoadTowed', 'ballLoadTowed'],
  ['combination', 'combination'],
] as const satisfies readonly (readonly [string, QuantityName])[];
type ReportedName = (typeof reported)[number][0];

/** By what each load is known: a scale, a list under a weighed total, or papers, list and what was said; null: it is not. */
function howKnown({ loads }: Assessment, names: typeof reported): Record<ReportedName, string | null> {
  const by = (quantity: QuantityName): string | null => {
    if (loads.values[quantity].kind !== 'known') return null;
    if (loads.from === 'slip') return 'weighed';
    return (isState(loads) && loads.known[quantity]?.by) || 'planned';
  };
  return Object.fromEntries(names.map(([name, quantity]) => [name, by(quantity)])) as Record<
    ReportedName,
    string | null
  >;
}

/**
 * The verdict as plain data, for scripts and tests. kg unless a check says another unit; null where unknown.
 * @param ticket the weighing the loads are from; left out: all that is known, or the list where nothing was weighed
 */
export function report(assessment: Assessment, region: Region, words: Speech, ticket?: string) {
  const { values, view } = assessment.loads;
  const kg = (quantity: QuantityName): number | null => {
    const value = values[quantity];
    return value.kind === 'known' ? value.value : null;
  };
  return {
    region,
    from: ticket ?? (isState(assessment.loads) ? 'known' : 'plan'),
    date: view.situation.date,
    sentence: plainText(assessment.sentence, words),
    legal: assessment.legal,
    loads: Object.fromEntries(reported.map(([name, quantity]) => [name, kg(quantity)])) as Record<
      ReportedName,
      number | null
    >,
    by: howKnown(assessment, reported),
    rules: rulesAge(assessment.checks),
    checks: assessment.checks.map((check) => checkReport(assessment, check, words)),
    ...surroundings(assessment, words),
  };
}

/** One check; `ask` says who knows for certain where the rule itself is not known well. */
function checkReport(assessment: Assessment, check: Check, words: Speech) {
  const { id, kind, group, status, demand, limit, margin, sigma, unit = 'kg', source, missing } = check;
  const usual = typicalMessage(check);
  return {
    id,
    kind,
    group,
    status,
    demand,
    ...(sigma ? { plusMinus: 2 * sigma } : {}),
    limit,
    margin,
    unit,
    confidence: source.confidence,
    source: words.translate(`source.${source.source}`, {}),
    compiled: source.compiled,
    checkAgainBy: source.checkAgainBy,
    ...(source.confidence === 'low' ? { ask: words.translate(`ask.${source.ask}`, {}) } : {}),
    ...(usual ? { usual: plainText(usual, words) } : {}),
    ...(check.notes.length > 0 ? { notes: check.notes.map((one) => plainText(one, words)) } : {}),
    ...(missing.length > 0 ? { missing: missing.map((one) => plainText(missingMessage(one), words)) } : {}),
    ...(status === 'over' ? { help: remedies(assessment, check).map(({ says }) => plainText(says, words)) } : {}),
  };
}

/** What stands beside the verdict and moves none of it: the places of the journey, marks near by, fines, things to know. */
function surroundings({ loads, checks }: Assessment, words: Speech) {
  const name = ({ country, state }: Jurisdiction): string => (state === undefined ? country : `${country}-${state}`);
  return {
    journey: journeyStops(loads).map(({ place, home, speed, leastBall }) => ({
      place: name(place),
      home,
      leastBall,
      speed: speed && {
        as: speed.as,
        unit: speed.unit,
        rural: speed.rural,
        dual: speed.dual,
        motorway: speed.motorway,
        confidence: speed.confidence,
      },
    })),
    thresholds: nearThresholds(loads).map(({ facts, value, passed }) => ({
      id: facts.id,
      of: facts.of,
      at: facts.at,
      value,
      passed,
      says: words.translate(`threshold.${facts.id}`, {}),
      ...howSure(facts),
    })),
    sanctions: sanctions(loads, checks).map(({ check, place, facts, excess, band, times, beyond }) => ({
      check: check.id,
      place: name(place),
      excess,
      currency: facts.currency ?? null,
      about: band === null ? null : band.amount * times,
      ...(beyond ? { beyond: words.translate(`sanction.${beyond}`, {}) } : {}),
      ...howSure(facts),
    })),
    information: worstFirst(informationFor(loads)).map(({ facts, place, bears, coming }) => ({
      id: facts.id,
      place: name(place),
      bears,
      ...(coming ? { coming, from: facts.from } : {}),
      says: words.translate(`info.${facts.id}`, {}),
      ...howSure(facts),
    })),
  };
}

type HowSure = Pick<Check['source'], 'confidence' | 'overdueSince' | 'notKnownBefore'>;

/** How sure a fact of a place is on the day asked for, and why it is less so than it was. */
const howSure = ({ confidence, overdueSince, notKnownBefore }: HowSure) => ({
  confidence,
  ...(overdueSince ? { overdueSince } : {}),
  ...(notKnownBefore ? { notKnownBefore } : {}),
});

/** Decimals that are printed: a gram. What follows is what reckoning in binary leaves. */
const printed = 1000;

/** A report as text. */
export const reportText = (data: unknown): string =>
  JSON.stringify(
    data,
    (_key, value: unknown) => (typeof value === 'number' ? Math.round(value * printed) / printed : value),
    2,
  );

/**
 * 1 a legal or a maker's limit is exceeded, else 3 while a load that must be known or a question of law is open, else 0: also where the
 * plates alone are judged and nothing is called legal.
 */
export function exitCode({ mark, checks }: Pick<Assessment, 'mark' | 'checks'>): 0 | 1 | 3 {
  if (mark === 'over' || mark === 'maker') return 1;
  return mark === 'undecided' || checks.some((check) => leavesOpen(check) || isAged(check)) ? 3 : 0;
}

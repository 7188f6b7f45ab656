import { plainText, type Assessment, type QuantityName, type Region, type Speech } from '@wagonomos/core';

/** The verdict as plain data, for scripts and tests. kg; null where unknown. */
export function report(assessment: Assessment, region: Region, words: Speech) {
  const { values } = assessment.compiled;
  const kg = (quantity: QuantityName): number | null => {
    const value = values[quantity];
    return value.kind === 'known' ? value.value : null;
  };
  return {
    region,
    sentence: plainText(assessment.sentence, words),
    legal: assessment.legal,
    loads: {
      vehicle: kg('vehicleTotal'),
      frontAxle: kg('frontAxle'),
      rearAxle: kg('rearAxle'),
      trailer: kg('trailerTotal'),
      trailerAxles: kg('trailerAxles'),
      ballLoad: kg('ballLoad'),
      combination: kg('combination'),
    },
    checks: assessment.checks.map(({ id, kind, status, demand, limit, margin }) => ({
      id,
      kind,
      status,
      demand,
      limit,
      margin,
    })),
  };
}

/** 1 a legal or a maker's limit is exceeded, else 3 undecided, else 0. */
export function exitCode(assessment: Assessment): 0 | 1 | 3 {
  const over = assessment.checks.some((check) => check.kind !== 'guidance' && check.status === 'over');
  if (over) return 1;
  return assessment.legal === null ? 3 : 0;
}

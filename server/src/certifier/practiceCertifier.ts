import type { Certifier, CertifierAnswer, CertifierOffer, CertifierQuestion } from '@wagonomos/core/uprating';

type Asked = CertifierQuestion['sets'][number];
type Figures = CertifierQuestion['plated'];

/** No set may go further above the plate than this share of it. */
const furthest = 0.2;
/** Figures are certified in steps of so many kg, downwards. */
const step = 5;
const baseFee = 180;
const feePerLimit = 60;
const feeForParts = 140;
/** Kinds that change no part. */
const papers: readonly string[] = ['paper', 'downrate'];

/**
 * Stands in for a certifier in demo, training and tests: answers by simple rules of its own after a while. A simulation, and it
 * says so; its fees and limits are invented, and no answer of it is worth anything on a road.
 * @param afterMs how long it takes over an answer
 */
export const practiceCertifier = (afterMs: number): Certifier => ({
  simulation: true,
  answer: (question) =>
    new Promise<CertifierAnswer>((resolve) => {
      setTimeout(
        () => resolve({ simulation: true, offers: question.sets.map((asked) => offerFor(question, asked)) }),
        afterMs,
      );
    }),
});

const valueOf = (figures: Figures, limit: string): number | undefined =>
  figures.find((one) => one.limit === limit)?.value;

/** Refused for the first reason that holds, otherwise certified as asked, rounded down. */
export function offerFor({ plated, parts }: CertifierQuestion, asked: Asked): CertifierOffer {
  const { name, kinds, wanted } = asked;
  const changes = wanted.filter(({ limit, value }) => value !== valueOf(plated, limit));
  if (changes.length === 0) return { kind: 'refused', name, reason: 'nothingToChange' };
  const onlyPapers = kinds.every((kind) => papers.includes(kind));
  for (const { limit, value } of changes) {
    const now = valueOf(plated, limit);
    const part = valueOf(parts, limit);
    const refused = (
      reason: Extract<CertifierOffer, { kind: 'refused' }>['reason'],
      most?: number,
    ): CertifierOffer => ({
      kind: 'refused',
      name,
      reason,
      limit,
      ...(most === undefined ? {} : { most }),
    });
    if (part !== undefined && value > part) return refused('aboveParts', part);
    if (now !== undefined && value > now * (1 + furthest)) return refused('tooFar', Math.floor(now * (1 + furthest)));
    if (onlyPapers && now !== undefined && value > now && limit.endsWith('AxleMax')) return refused('notWithoutParts');
  }
  const then = (limit: string) => valueOf(wanted, limit) ?? valueOf(plated, limit);
  const [total, front, rear, tag = 0] = ['vehicleMax', 'frontAxleMax', 'rearAxleMax', 'tagAxleMax'].map(then);
  if (total !== undefined && front !== undefined && rear !== undefined && total > front + rear + tag) {
    return { kind: 'refused', name, reason: 'axlesBelowTotal', limit: 'vehicleMax', most: front + rear + tag };
  }
  return {
    kind: 'would',
    name,
    limits: changes.map(({ limit, value }) => ({ limit, value: Math.floor(value / step) * step })),
    conditions: [
      'inspection',
      ...(onlyPapers ? (['makerLetter'] as const) : (['partsList'] as const)),
      ...(changes.some(({ limit }) => limit === 'combinationMax') ? (['brakeTest'] as const) : []),
      'weighbridge',
    ],
    fee: baseFee + feePerLimit * changes.length + (onlyPapers ? 0 : feeForParts),
  };
}

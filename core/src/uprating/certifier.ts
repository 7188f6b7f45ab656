import { z } from 'zod';
import { massField, nameField } from '../rig/fields.ts';
import { limitNames } from '../rig/limitNames.ts';
import type { RigView } from '../loading/rigView.ts';
import { heldFigures } from '../rig/plated.ts';
import { bodyPlates } from './applyPackage.ts';
import { packageKinds, type UpratePackage } from './upratePackage.ts';

const figures = z.array(z.strictObject({ limit: z.enum(limitNames), value: massField })).max(60);

/** What a certifier is told of a vehicle: its figures as plated, the parts on it, and what is to be done to it. */
export const certifierQuestionSchema = z.strictObject({
  of: z.enum(['vehicle', 'trailer']),
  plated: figures,
  /** What the known parts bear: axles, tyres, coupling and so on; the least of each limit. */
  parts: figures,
  sets: z
    .array(
      z.strictObject({
        name: nameField,
        kinds: z.array(z.enum(packageKinds)).min(1).max(20),
        wanted: figures,
      }),
    )
    .min(1)
    .max(12),
});
export type CertifierQuestion = z.infer<typeof certifierQuestionSchema>;

/** For one set of modifications: what would be certified, on which conditions, for what fee; or why not. */
const certifierOfferSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('would'),
    name: nameField,
    limits: figures,
    conditions: z.array(z.enum(['inspection', 'partsList', 'brakeTest', 'weighbridge', 'makerLetter'])).max(10),
    fee: z.number().min(0).max(1_000_000),
  }),
  z.strictObject({
    kind: z.literal('refused'),
    name: nameField,
    reason: z.enum(['aboveParts', 'nothingToChange', 'axlesBelowTotal', 'tooFar', 'notWithoutParts']),
    limit: z.enum(limitNames).optional(),
    /** The most it would go to, kg, where a part stops it. */
    most: massField.optional(),
  }),
]);
export type CertifierOffer = z.infer<typeof certifierOfferSchema>;

/**
 * What comes back. A simulation says so here; nothing in a document has a field for such an answer, so that it can be read and
 * thought about, and never kept, carried over or made a plate.
 */
export const certifierAnswerSchema = z.strictObject({
  simulation: z.boolean(),
  offers: z.array(certifierOfferSchema).max(12),
});
export type CertifierAnswer = z.infer<typeof certifierAnswerSchema>;

/** Whoever answers such a question: the stand-in of the practice server, or one day somebody real. */
export interface Certifier {
  readonly simulation: boolean;
  readonly answer: (question: CertifierQuestion) => Promise<CertifierAnswer>;
}

/** The figures of one body of a rig, and the packages as sets to be asked about: each by itself, and all together. */
export function certifierQuestion(
  view: RigView,
  of: 'vehicle' | 'trailer',
  packages: readonly UpratePackage[],
  together: string,
): CertifierQuestion {
  const body = view[of];
  const asked = packages.filter((one) => one.of === of);
  /** The least of each limit on the plates of the body itself, or on those of its parts. */
  const least = (onBody: boolean) =>
    limitNames.flatMap((limit) => {
      const first = heldFigures(view, body, limit).find(({ source }) => bodyPlates.includes(source) === onBody);
      return first ? [{ limit, value: first.value }] : [];
    });
  const wanted = (list: readonly UpratePackage[]) => {
    const sums = new Map<(typeof limitNames)[number], number>();
    for (const { limits } of list) {
      for (const { limit, to, by } of limits) {
        const now = sums.get(limit) ?? heldFigures(view, body, limit)[0]?.value;
        if (to !== undefined) sums.set(limit, to);
        else if (now !== undefined) sums.set(limit, now + (by ?? 0));
      }
    }
    return [...sums].map(([limit, value]) => ({ limit, value: Math.max(0, value) }));
  };
  const set = (name: string, list: readonly UpratePackage[]) => ({
    name,
    kinds: [...new Set(list.map(({ kind }) => kind))],
    wanted: wanted(list),
  });
  return {
    of,
    plated: least(true),
    parts: least(false),
    sets: [
      ...asked.slice(0, 11).map((one) => set(one.name, [one])),
      ...(asked.length > 1 ? [set(together, asked)] : []),
    ],
  };
}

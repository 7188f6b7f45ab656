import type { Workspace } from './workspace.ts';

/** Hashes of the pictures a document refers to, each once: plates old and new, slips, papers of cases. */
export const photosIn = ({ bodies, tickets, cases }: Workspace): readonly string[] => [
  ...new Set([
    ...bodies.flatMap(({ plates, formerPlates = [] }) =>
      [plates, ...formerPlates.map((one) => one.plates)].flat().flatMap((plate) => plate.photo ?? []),
    ),
    ...cases.flatMap(({ steps }) => steps.flatMap(({ files = [] }) => files.map(({ hash }) => hash))),
    ...tickets.flatMap((ticket) => ticket.photos ?? []),
  ]),
];

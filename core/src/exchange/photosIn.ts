import type { Workspace } from './workspace.ts';

/** Hashes of the pictures a document refers to, each once: plates, slips. */
export const photosIn = ({ bodies, tickets }: Workspace): readonly string[] => [
  ...new Set([
    ...bodies.flatMap((body) => body.plates.flatMap((plate) => plate.photo ?? [])),
    ...tickets.flatMap((ticket) => ticket.photos ?? []),
  ]),
];

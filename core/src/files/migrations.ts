import { fileVersion } from '../document/fileVersion.ts';

type Step = (raw: object) => object;

/**
 * Step n turns the raw data of version n into version n + 1.
 * 1 to 2: campers, fifth wheels, running gear, hitches and conditions came in, all of them optional.
 * 2 to 3: a licence says in which period the car test was passed, no longer only whether before 1997; weighings came in.
 * 3 to 4: sides, moving fittings and what a thing is like came in, all optional; and trips.
 * 4 to 5: sides, axles, scale and pictures of a weighing, and by which slip a part was found; all optional.
 * 5 to 6: quotes and cases of uprating came in; former plates and further drivers, both optional.
 * 6 to 7: ± of lengths, positions and empty figures came in, groups that equalise, how far springs settle, the pressure on a
 * tyre's wall, and things of a slip that are owned no more; all optional.
 * 7 to 8: what is said of a body as it is loaded came in; optional.
 * 8 to 9: what is usual for a body taken where nobody has said, which usual place a place is, and a guess kept on a slip came
 * in, all optional; and a place without a law of ours.
 * 9 to 10: days of birth, what a figure is (registered, technical …), a car's system for trailers and trailers that are no caravans came
 * in, all optional; and Germany's class 3 of old.
 * 10 to 11: a trip is planned, under way or over: its plan, rates and log came in, all optional, and what was carried is said only of one
 * that is over; and which things are food, optional.
 * 11 to 12: what a packing is to be like, heights of wheel arches and settings of a distribution hitch came in; all optional.
 * 12 to 13: bodies that are offered and stand in no rig, and what was seen, noted and photographed on a walk round any body; all optional.
 * 13 to 14: what falls due of a body, as its owner noted it; optional.
 * 14 to 15: what of a slip's list is known to have come or gone since, that nobody knows how it was loaded, who was not on the plate for a
 * reading, and what the list put on the coupling when its load was said; all optional.
 * 15 to 16: gas lockers and places behind a seat row came in as kinds of place, and people given by their mass together; optional.
 * 16 to 17: what an empty figure contains and is not on board came in, what papers call a van or pick-up, and the day an age was said; all
 * optional.
 * 17 to 18: what a vehicle's towing limit means came in; optional.
 */
const steps: Readonly<Record<number, Step>> = {
  1: (raw) => ({ ...raw, version: 2 }),
  2: (raw) => ({ ...raw, ...licencesOf(raw), tickets: [], version: 3 }),
  3: (raw) => ({ ...raw, trips: [], version: 4 }),
  4: (raw) => ({ ...raw, version: 5 }),
  5: (raw) => ({ ...raw, quotes: [], cases: [], version: 6 }),
  6: (raw) => ({ ...raw, version: 7 }),
  7: (raw) => ({ ...raw, version: 8 }),
  8: (raw) => ({ ...raw, version: 9 }),
  9: (raw) => ({ ...raw, version: 10 }),
  10: (raw) => ({ ...raw, version: 11 }),
  11: (raw) => ({ ...raw, version: 12 }),
  12: (raw) => ({ ...raw, version: 13 }),
  13: (raw) => ({ ...raw, version: 14 }),
  14: (raw) => ({ ...raw, version: 15 }),
  15: (raw) => ({ ...raw, version: 16 }),
  16: (raw) => ({ ...raw, version: 17 }),
  17: (raw) => ({ ...raw, version: 18 }),
};

/** Raw data may be anything: what does not look like a licence stays as it is, for the schema to refuse. */
function licencesOf(raw: object): object {
  const { situations } = raw as { situations?: unknown };
  return Array.isArray(situations) ? { situations: situations.map(withTestPeriod) } : {};
}

function withTestPeriod(situation: unknown): unknown {
  if (!isRecord(situation) || !isRecord(situation['licence'])) return situation;
  const { before1997, ...licence } = situation['licence'];
  return { ...situation, licence: before1997 === true ? { ...licence, tested: 'before1997' } : licence };
}

const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null;

/** Brings raw data of an older version up to date, step by step. */
export function migrate(raw: object, version: number): object {
  let current = raw;
  for (let at = version; at < fileVersion; at += 1) current = steps[at]?.(current) ?? current;
  return current;
}

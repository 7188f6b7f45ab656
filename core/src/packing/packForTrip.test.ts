import { describe, expect, it } from 'vitest';
import { binds, comparesLoad } from '../checks/check.ts';
import { drivenMoments } from '../road/onTheRoad.ts';
import { reckonTrip, type ReckonedTrip } from '../road/reckonTrip.ts';
import { exampleView, exampleWorkspace } from '../testing/examples.ts';
import { patient, testSolver } from '../testing/highs.ts';
import { pack } from './pack.ts';

const view = exampleView('australian-wagon-and-tandem');
const trip = exampleWorkspace('australian-wagon-and-tandem').trips.find(({ plan }) => (plan?.length ?? 0) > 0);

/** Limits and bands passed anywhere it is driven. */
const passedOn = (reckoned: ReckonedTrip): readonly string[] => [
  ...new Set(
    drivenMoments(reckoned).flatMap(({ checks }) =>
      checks
        .filter((check) => check.status === 'over' && comparesLoad(check) && (binds(check) || check.role === 'band'))
        .map(({ id }) => id),
    ),
  ),
];

describe('one packing for a whole trip', () => {
  it('holds wherever the rig is driven, when the trip is reckoned anew with it, and today’s does not', () => {
    if (!trip?.plan) throw new Error('the demo has a planned trip');
    // What helps on the way is a thing of the plan; what can be packed is asked of its drives up to the first shopping.
    const drives = trip.plan.filter(({ kind }) => kind === 'drive' || kind === 'nights' || kind === 'tank');
    const today = reckonTrip(view, trip, drives);
    expect(passedOn(today)).not.toEqual([]);
    const moments = [view, ...drivenMoments(today).map((moment) => moment.view)];
    const answer = pack(moments, {}, testSolver, patient);
    if (!('packing' in answer)) throw new Error(answer.kind);
    expect(answer.packing.proven).toBe(true);
    const then = reckonTrip({ ...view, loadout: answer.packing.loadout }, trip, drives);
    expect(passedOn(then)).toEqual([]);
  });
});

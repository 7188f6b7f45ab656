import { describe, expect, it } from 'vitest';
import { exampleView } from '../testing/examples.ts';
import { reckonTrip } from './reckonTrip.ts';
import { answerTrip } from './tripAnswer.ts';
import type { Section } from './trip.ts';
import { leastOnTheRoad, worstMessage } from './worstMoment.ts';

const start = exampleView('australian-wagon-and-tandem');
const sections: readonly Section[] = [
  { id: 'one', kind: 'drive', km: 300 },
  { id: 'night', kind: 'nights', nights: 2 },
  { id: 'two', kind: 'drive', km: 500 },
];

describe('a trip asked elsewhere than where it is shown', () => {
  it('comes through a structured clone whole, its worst moments being the very ones of the trip', () => {
    const answer = answerTrip({ start, trip: {}, sections, behind: [] });
    const sent = structuredClone(answer);
    expect(sent).toEqual(answer);
    expect(sent.least.length).toBeGreaterThan(3);
    for (const { moment } of sent.least) expect(sent.reckoned.moments).toContain(moment);
  });

  it('leaves out what is behind, and reckons the plan by itself with nothing behind', () => {
    const plan = sections.slice(0, 1);
    const { least, planned } = answerTrip({ start, trip: {}, sections, behind: ['one', 'night'], plan });
    const whole = reckonTrip(start, {}, sections);
    expect(least).toEqual(leastOnTheRoad(whole, new Set(['one', 'night'])));
    expect(least).not.toEqual(leastOnTheRoad(whole));
    const alone = reckonTrip(start, {}, plan);
    expect(planned).toEqual(worstMessage(alone, leastOnTheRoad(alone)[0]!));
  });

  it('has no plan of its own where nobody asked', () => {
    expect(answerTrip({ start, trip: {}, sections, behind: [] }).planned).toBeNull();
    expect(answerTrip({ start, trip: {}, sections, behind: [], plan: [] }).planned).toBeNull();
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { exampleView } from '../testing/examples.ts';
import { ticketOf, type Stood } from '../testing/weighed.ts';
import { adjustTicket, weighingLengths } from '../scale/slipEquations.ts';
import { compile } from '../loads/compile.ts';
import { isLopsided, weighedSides } from './weighedSides.ts';

const wagon = exampleView('australian-wagon-and-tandem');
const rearBoth: Stood = { state: 'coupled', on: ['rear'] };

describe('wheels of one side', () => {
  it('give left, right and the axle, and say when one side bears more', () => {
    const slip = ticketOf(wagon, [
      { ...rearBoth, side: 'left', value: 990 },
      { ...rearBoth, side: 'right', value: 890 },
    ]);
    const [rear] = weighedSides(wagon, slip);
    expect(rear?.left.value).toBeCloseTo(990, 6);
    expect(rear?.right.value).toBeCloseTo(890, 6);
    expect(rear?.difference.value).toBeCloseTo(100, 6);
    expect(rear && isLopsided(rear)).toBe(true);
  });

  it('are told from the axle and one of them, for any split', () => {
    fc.assert(
      fc.property(fc.integer({ min: 300, max: 900 }), fc.integer({ min: 300, max: 900 }), (left, right) => {
        const slip = ticketOf(wagon, [
          { ...rearBoth, value: left + right },
          { ...rearBoth, side: 'left', value: left },
        ]);
        const [rear] = weighedSides(wagon, slip);
        expect(rear?.right.value).toBeCloseTo(right, 5);
      }),
    );
  });

  it('alone settle neither the axle nor the other side', () => {
    const slip = ticketOf(wagon, [{ ...rearBoth, side: 'left', value: 990 }]);
    expect(weighedSides(wagon, slip)).toEqual([]);
  });

  it('are no matter of chance within the steps of the scale', () => {
    const slip = ticketOf(
      wagon,
      [
        { ...rearBoth, side: 'left', value: 940 },
        { ...rearBoth, side: 'right', value: 960 },
      ],
      20,
    );
    const [rear] = weighedSides(wagon, slip);
    expect(rear && isLopsided(rear)).toBe(false);
  });
});

describe('single axles of a group', () => {
  const lengths = weighingLengths(wagon, compile(wagon).lengths);
  const axle = (name: 'axle1' | 'axle2', value: number): Stood & { value: number } => ({
    state: 'coupled',
    on: [name],
    value,
  });

  it('share as they do: both together are the group', () => {
    const { adjustment } = adjustTicket(lengths, ticketOf(wagon, [axle('axle1', 1300), axle('axle2', 1020)]), wagon);
    expect(adjustment.estimate({ G: 1 })?.value).toBeCloseTo(2320, 6);
  });

  it('one alone settles nothing of the group', () => {
    const { adjustment } = adjustTicket(lengths, ticketOf(wagon, [axle('axle1', 1300)]), wagon);
    expect(adjustment.estimate({ G: 1 })).toBeNull();
  });
});

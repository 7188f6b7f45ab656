import { compile } from '../loads/compile.ts';
import type { RigView } from '../loading/rigView.ts';
import { effectiveOverhang, effectiveWheelbase } from '../statics/rigRows.ts';
import { adjustTicket, weighingLengths } from '../scale/slipEquations.ts';
import type { Ticket } from '../loading/ticket.ts';
import type { WeighingLengths } from '../scale/weighedLoads.ts';

/** What the coupling takes off the front axle for each kg on it: as weighed, and as the lengths say. */
export interface LeverCheck {
  /** kg the front axle loses, and kg on the coupling, by the scale alone. */
  readonly loss: number;
  readonly ballLoad: number;
  readonly weighed: number;
  /** One standard deviation of it. */
  readonly se: number;
  /** h/W of the lengths typed. */
  readonly measured: number;
  /** Beyond three standard deviations a length or a reading is wrong. */
  readonly agrees: boolean;
}

const beyond = 3;

/** Too light a coupling shows no lever: its ± is as large as the load. */
const leastLoads = 3;

/**
 * The geometry check: front axle alone less front axle coupled, over the ball load, should be overhang over wheelbase. The
 * ball load comes from the readings without leaning on either length. null: the slip does not settle it.
 */
export function leverCheck(view: RigView, ticket: Ticket): LeverCheck | null {
  const lengths = weighingLengths(view, compile(view).lengths);
  const wheelbase = effectiveWheelbase(lengths);
  const overhang = effectiveOverhang(lengths);
  if (!lengths.vehicle || !view.trailer || wheelbase === undefined || overhang === undefined) return null;
  const withoutLever: WeighingLengths = { ...lengths, vehicle: { ...lengths.vehicle, couplingOverhang: undefined } };
  const off = { ...ticket, readings: ticket.readings.filter((one) => !one.bars) };
  const { estimate } = adjustTicket(withoutLever, off, view).adjustment;
  const loss = estimate({ F: 1, front: -1 });
  const ball = estimate({ B: 1 });
  if (!loss || !ball || Math.abs(ball.value) < leastLoads * ball.se) return null;
  const weighed = loss.value / ball.value;
  const se = Math.hypot(loss.se / ball.value, (weighed * ball.se) / ball.value);
  const measured = overhang / wheelbase;
  return {
    loss: loss.value,
    ballLoad: ball.value,
    weighed,
    se,
    measured,
    agrees: Math.abs(weighed - measured) <= beyond * se,
  };
}

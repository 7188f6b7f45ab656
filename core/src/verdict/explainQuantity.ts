import type { Compiled } from '../loads/compile.ts';
import type { PlannedOrWeighed } from '../loads/plannedOrWeighed.ts';
import type { WeighedLoads } from '../loads/weighedOn.ts';
import { typicalKey } from '../loading/typicalFacts.ts';
import { message, term, verbatim } from '../messages/message.ts';
import { quantityTerm } from '../rules/couplingTerms.ts';
import type { Side } from '../statics/pointLoad.ts';
import { gravity } from '../statics/distribution.ts';
import { couplingPosition, effectiveOverhang, type QuantityName } from '../statics/rigRows.ts';
import { isState, type StateLoads } from '../state/stateLoads.ts';
import { work, type Operand, type Step } from './explanation.ts';

/** The steps that lead to a load, from the things on board on. Empty when the load is not known. */
export function explainQuantity(loads: PlannedOrWeighed, quantity: QuantityName): readonly Step[] {
  const value = loads.values[quantity];
  if (value.kind !== 'known') return [];
  if (loads.from === 'slip') return [weighedStep(loads, quantity)];
  if (isState(loads) && loads.known[quantity]) return [stateStep(loads, quantity)];
  const worker = new Working(loads);
  worker.find(quantity);
  return worker.steps;
}

/** A load of a slip: each reading times how much it says about it. */
function weighedStep({ view, weighed }: WeighedLoads, quantity: QuantityName): Step {
  const origin = message('origin.weighed');
  const operands = weighed[quantity].map(({ name, kg, times }): Operand => ({
    name,
    value: kg,
    unit: 'kg',
    x: times,
    origin,
  }));
  const named = message('step.quantity', { quantity: term(quantityTerm(view, quantity)) });
  return work('weighted', operands, named);
}

/** A load from all that is known: readings, what came and went since, and what is as listed. */
function stateStep(loads: StateLoads, quantity: QuantityName): Step {
  const origins = {
    reading: message('origin.weighed'),
    since: message('origin.since'),
    listed: message('origin.listed'),
  };
  const operands = loads
    .partsOf(quantity)
    .map(({ kind, name, kg, times }): Operand => ({ name, value: kg, unit: 'kg', x: times, origin: origins[kind] }));
  return work('weighted', operands, message('step.quantity', { quantity: term(quantityTerm(loads.view, quantity)) }));
}

/** Collects steps in the order in which a person would do them, each once. Lives for one explanation. */
class Working {
  readonly steps: Step[] = [];
  private readonly done = new Map<string, Operand>();

  constructor(private readonly plan: Compiled) {}

  find(quantity: QuantityName): Operand {
    switch (quantity) {
      case 'vehicleSolo':
        return this.bodyTotal('vehicle');
      case 'trailerTotal':
        return this.bodyTotal('trailer');
      case 'vehicleTotal':
        return this.vehicleTotal();
      case 'trailerAxles':
        return this.trailerAxles();
      case 'ballLoad':
        return this.said() ? this.saidBallLoad() : this.weighedOut();
      case 'ballLoadTowed':
        return this.ballLoadTowed();
      case 'combination':
        return this.step('combination', () =>
          work('sum', [this.bodyTotal('vehicle'), this.bodyTotal('trailer')], this.named('combination')),
        );
      case 'frontAxle':
        return this.frontAxle();
      case 'rearAxle':
        return this.rearAxle();
      case 'driveAxle':
        return this.shareOfRear('driveAxle', this.driveShare());
      case 'tagAxle':
        return this.shareOfRear('tagAxle', 1 - this.driveShare());
    }
  }

  private step(key: string, make: () => Step): Operand {
    const known = this.done.get(key);
    if (known) return known;
    const step = make();
    this.steps.push(step);
    this.done.set(key, step.result);
    return step.result;
  }

  private named(quantity: QuantityName) {
    return message('step.quantity', { quantity: term(quantityTerm(this.plan.view, quantity)) });
  }

  private loads(side: Side): readonly Operand[] {
    return this.plan.points
      .filter((load) => load.side === side && load.mass !== 0)
      .map((load) => ({
        name: load.name,
        value: load.mass,
        unit: 'kg',
        x: load.x ?? 0,
        origin: message(`origin.${load.typical || load.at?.typical ? 'usual' : load.origin}`),
      }));
  }

  /** A length of one of the bodies: measured, or as is usual. */
  private metres(key: string, value: number): Operand {
    const { vehicle, trailer, typical } = this.plan.view;
    const body = (key === 'axlePosition' ? trailer : vehicle)?.id ?? '';
    // Where the coupling is follows from two lengths: one that is usual makes it so.
    const leansOn = key === 'couplingPosition' ? ['wheelbase', 'couplingOverhang'] : [key];
    const usual = leansOn.some((one) => typical?.facts.has(typicalKey(body, one)));
    return {
      name: message(`length.${key}`),
      value,
      unit: 'm',
      origin: message(usual ? 'origin.usual' : 'origin.geometry'),
    };
  }

  private bodyTotal(side: Side): Operand {
    const name = message(side === 'vehicle' ? 'step.vehicleAlone' : 'step.trailerTotal', {
      body: verbatim(this.plan.view[side]?.name ?? ''),
    });
    return this.step(`total.${side}`, () => work('sum', this.loads(side), name));
  }

  private moments(side: Side): Operand {
    const name = message(side === 'vehicle' ? 'step.momentsFront' : 'step.momentsCoupling');
    return this.step(`moments.${side}`, () => work('moments', this.loads(side), name, 'kgm'));
  }

  private said = () => this.plan.lengths.trailer?.said;

  /** What rests on the coupling by what was said of it. */
  private saidBallLoad(): Operand {
    const { fixed, share } = this.said() ?? {};
    const origin = message('origin.said');
    if (fixed !== undefined) return { name: this.named('ballLoad'), value: fixed, unit: 'kg', origin };
    const part: Operand = { name: message('step.saidShare'), value: share ?? 0, unit: 'share', origin };
    return this.step('ballLoad', () => work('product', [this.bodyTotal('trailer'), part], this.named('ballLoad')));
  }

  private weighedOut(): Operand {
    return this.step('ballLoad', () =>
      work('difference', [this.bodyTotal('trailer'), this.axlesUndistributed()], this.named('ballLoad')),
    );
  }

  private axlePosition = (): Operand => this.metres('axlePosition', this.plan.lengths.trailer?.axlePosition ?? 0);

  /** What stands on the trailer's axles with the bars off. */
  private axlesUndistributed(): Operand {
    const name = this.distributed() ? message('step.axlesBarsOff') : this.named('trailerAxles');
    if (this.said()) {
      return this.step('axles.off', () => work('difference', [this.bodyTotal('trailer'), this.saidBallLoad()], name));
    }
    return this.step('axles.off', () => work('quotient', [this.moments('trailer'), this.axlePosition()], name));
  }

  private trailerAxles(): Operand {
    if (!this.distributed()) return this.axlesUndistributed();
    return this.step('trailerAxles', () =>
      work('sum', [this.axlesUndistributed(), this.shiftedToTrailer()], this.named('trailerAxles')),
    );
  }

  private ballLoadTowed(): Operand {
    const ball = this.find('ballLoad');
    if (!this.distributed()) return ball;
    return this.step('ballLoadTowed', () =>
      work('difference', [ball, this.shiftedToTrailer()], this.named('ballLoadTowed')),
    );
  }

  private distributed = (): boolean => this.plan.lengths.distribution !== undefined;

  private shiftedToTrailer = (): Operand =>
    this.step('couple.trailer', () =>
      work('quotient', [this.couple(), this.axlePosition()], message('step.coupleOnTrailer')),
    );

  private shiftedToFront = (): Operand =>
    this.step('couple.front', () => work('quotient', [this.couple(), this.wheelbase()], message('step.coupleOnFront')));

  /** The couple of the distribution hitch, kg·m. */
  private couple(): Operand {
    const { distribution } = this.plan.lengths;
    if (distribution?.kind === 'couple') {
      const couple: Operand = { name: message('step.coupleSet'), value: distribution.coupleNm, unit: 'Nm' };
      const g: Operand = { name: message('step.gravity'), value: gravity, unit: 'share' };
      return this.step('couple', () => work('quotient', [couple, g], message('step.couple'), 'kgm'));
    }
    const fraction: Operand = { name: message('step.restored'), value: distribution?.fraction ?? 0, unit: 'share' };
    return this.step('couple', () =>
      work('product', [this.find('ballLoad'), this.coupleArm(), fraction], message('step.couple'), 'kgm'),
    );
  }

  /** h·A/(A + h): the couple that restores the front axle, for each kg on the ball. */
  private coupleArm(): Operand {
    if (this.overhang().value <= 0) return { name: message('step.coupleArm'), value: 0, unit: 'm' };
    const both = this.step('couple.length', () =>
      work('sum', [this.axlePosition(), this.overhang()], message('step.coupleLength'), 'm'),
    );
    return this.step('couple.arm', () =>
      work('lever', [this.overhang(), this.axlePosition(), both], message('step.coupleArm'), 'm'),
    );
  }

  private vehicleTotal(): Operand {
    if (!this.plan.view.trailer) return this.bodyTotal('vehicle');
    return this.step('vehicleTotal', () =>
      work('sum', [this.bodyTotal('vehicle'), this.ballLoadTowed()], this.named('vehicleTotal')),
    );
  }

  private wheelbase(): Operand {
    const { wheelbase = 0, tagAxle } = this.plan.lengths.vehicle ?? {};
    if (!tagAxle) return this.metres('wheelbase', wheelbase);
    const shares: Operand[] = [
      { name: message('step.driveShare'), value: tagAxle.driveShare, unit: 'share', x: wheelbase },
      { name: message('step.tagShare'), value: 1 - tagAxle.driveShare, unit: 'share', x: wheelbase + tagAxle.offset },
    ];
    return this.step('wheelbase', () => work('moments', shares, message('step.groupCentre'), 'm'));
  }

  private rearAlone(): Operand {
    return this.step('rear.alone', () =>
      work('quotient', [this.moments('vehicle'), this.wheelbase()], message('step.rearAlone')),
    );
  }

  private frontAxle(): Operand {
    const towing = this.plan.view.trailer !== undefined;
    const alone = this.step('front.alone', () =>
      work(
        'difference',
        [this.bodyTotal('vehicle'), this.rearAlone()],
        towing ? message('step.frontAlone') : this.named('frontAxle'),
      ),
    );
    if (!towing) return alone;
    const lifted = this.step('front.lifted', () =>
      work('lever', [this.ballLoadTowed(), this.overhang(), this.wheelbase()], message('step.frontLifted')),
    );
    if (!this.distributed()) {
      return this.step('frontAxle', () => work('difference', [alone, lifted], this.named('frontAxle')));
    }
    const left = this.step('front.left', () => work('difference', [alone, lifted], message('step.frontBefore')));
    return this.step('frontAxle', () => work('sum', [left, this.shiftedToFront()], this.named('frontAxle')));
  }

  private rearAxle(): Operand {
    const alone = this.rearAlone();
    if (!this.plan.view.trailer) return alone;
    const arm = this.metres('couplingPosition', couplingPosition(this.plan.lengths) ?? 0);
    const pressed = this.step('rear.pressed', () =>
      work('lever', [this.ballLoadTowed(), arm, this.wheelbase()], message('step.rearPressed')),
    );
    if (!this.distributed()) {
      return this.step('rearAxle', () => work('sum', [alone, pressed], this.named('rearAxle')));
    }
    const laden = this.step('rear.laden', () => work('sum', [alone, pressed], message('step.rearBefore')));
    return this.step('rearAxle', () => work('difference', [laden, this.shiftedToFront()], this.named('rearAxle')));
  }

  private overhang(): Operand {
    return this.metres('couplingOverhang', effectiveOverhang(this.plan.lengths) ?? 0);
  }

  private driveShare = (): number => this.plan.lengths.vehicle?.tagAxle?.driveShare ?? 1;

  private shareOfRear(quantity: 'driveAxle' | 'tagAxle', share: number): Operand {
    const part: Operand = { name: message('step.share'), value: share, unit: 'share' };
    return this.step(quantity, () => work('product', [this.rearAxle(), part], this.named(quantity)));
  }
}

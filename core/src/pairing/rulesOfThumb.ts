import { referenceMass } from '../loads/referenceMass.ts';
import type { Loads, Value } from '../loads/loads.ts';
import type { RigView } from '../loading/rigView.ts';
import { platedLimit } from '../rig/plated.ts';
import { bandFor } from '../rules/ballBand.ts';
import { judge } from '../verdict/assess.ts';
import { envelope } from './envelope.ts';
import { withAnyTrailer } from './pairedView.ts';
import { pairingStart } from './pairingStart.ts';
import { heaviestWith } from './polygon.ts';

/** What people say: a loaded trailer weighs a thousand pounds more than dry; … */
export type ThumbName = 'thousandMore' | 'eightyFive' | 'tenPerCent' | 'limitLessThousand';

/** A rule of thumb beside the reckoning, kg. */
export interface Thumb {
  readonly name: ThumbName;
  /** What the rule would have said; null: what it starts from is not known. */
  readonly says: number | null;
  /** What it comes to: from, and to where it is a band; `atMost`: some limit is not known and may end it sooner; null: not known. */
  readonly reckoned: { readonly from: number; readonly to: number; readonly atMost?: boolean } | null;
  readonly outcome: 'right' | 'tooMuch' | 'tooLittle' | 'unknown';
  /** Wrong on the side where somebody is hurt or fined: what is heavier than said, or allowed less than said. */
  readonly dangerous: boolean;
}

/** kg in a thousand pounds. */
const thousandPounds = 453.59237;
/** Nearer than this share a rule of thumb is as good as right. */
const nearEnough = 0.02;

/**
 * Four rules of thumb for this pair: what each says and what the reckoning does. Rules for the heaviest trailer are held against
 * the limits of the car with what is in it; the rule for a loaded trailer against the one that is planned.
 */
export function rulesOfThumb(view: RigView): readonly Thumb[] {
  const { loads } = judge(view);
  const heaviest = heaviestBehind(view);
  const { trailerTotal } = loads.values;
  const dry = view.trailer ? loads.bodies[view.trailer.id] : undefined;
  const dryMass = dry && dry.missing.length === 0 && dry.bare > 0 ? dry.bare + dry.fitted : null;
  const kerb = referenceMass(loads, 'kerb').value;
  const towing = view.vehicle ? platedLimit(view, 'towBraked', [view.vehicle]).value : null;
  return [
    thumb('thousandMore', dryMass === null ? null : dryMass + thousandPounds, around(trailerTotal), 'tooLittle'),
    thumb('eightyFive', kerb === null ? null : 0.85 * kerb, heaviest, 'tooMuch'),
    tenPerCent(loads),
    thumb('limitLessThousand', towing === null ? null : Math.max(0, towing - thousandPounds), heaviest, 'tooMuch'),
  ];
}

/** With its ±, two standard deviations. */
const around = (value: Value): Thumb['reckoned'] =>
  value.kind === 'known' ? { from: value.value - 2 * value.sigma, to: value.value + 2 * value.sigma } : null;

/** The heaviest trailer that the car's own limits leave with what is in it now. */
function heaviestBehind(view: RigView): Thumb['reckoned'] {
  const { ballShare, spots } = pairingStart(view);
  const region = envelope(withAnyTrailer(view), { ballShare, plusMinus: 0, x: spots[0]?.x ?? null, leastLoad: -1 });
  const most = region ? heaviestWith(region.pieces, 0) : null;
  return typeof most === 'number' ? { from: most, to: most, atMost: (region?.open.length ?? 0) > 0 } : null;
}

/** A tenth of the trailer on the ball, against the usual band and the limits of the parts. */
function tenPerCent(loads: Loads): Thumb {
  const { trailerTotal } = loads.values;
  if (trailerTotal.kind !== 'known') return thumb('tenPerCent', null, null, 'tooMuch');
  const { low, high } = bandFor(loads);
  const limit = platedLimit(loads.view, 'ballMax', [loads.view.vehicle, loads.view.trailer]).value ?? Infinity;
  const band = { from: Math.min(low * trailerTotal.value, limit), to: Math.min(high * trailerTotal.value, limit) };
  return thumb('tenPerCent', 0.1 * trailerTotal.value, band, 'tooMuch');
}

function thumb(
  name: ThumbName,
  says: number | null,
  reckoned: Thumb['reckoned'],
  dangerousSide: 'tooMuch' | 'tooLittle',
): Thumb {
  if (says === null || reckoned === null) return { name, says, reckoned, outcome: 'unknown', dangerous: false };
  const near = nearEnough * Math.max(Math.abs(reckoned.from), Math.abs(reckoned.to));
  const outcome = says > reckoned.to + near ? 'tooMuch' : says < reckoned.from - near ? 'tooLittle' : 'right';
  if (reckoned.atMost && outcome !== 'tooMuch') return { name, says, reckoned, outcome: 'unknown', dangerous: false };
  return { name, says, reckoned, outcome, dangerous: outcome === dangerousSide };
}

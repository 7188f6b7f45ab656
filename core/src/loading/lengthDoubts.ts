import type { DoubtfulLength } from '../statics/pointLoad.ts';
import type { RigView } from './rigView.ts';
import type { Missing } from '../rig/missing.ts';
import { saidOf } from './saidOf.ts';
import { typicalKey } from './typicalFacts.ts';

/** A length that is not known exactly: whose it is, and one standard deviation of it in m; of a ball load that is said in kg, or of its share. */
export interface LengthDoubt {
  readonly length: DoubtfulLength;
  readonly body: string;
  readonly sigma: number;
  readonly typical?: Missing | undefined;
}

/** The lengths of a rig that its owner gave with a ± (two standard deviations), those that no load leans on left out. */
export function lengthDoubts(view: RigView): readonly LengthDoubt[] {
  const { vehicle, trailer } = view;
  const said = saidOf(view, trailer);
  const doubt = vehicle?.geometry.plusMinus;
  const overhang = trailer?.coupling === 'fifthWheel' ? doubt?.pinOverhang : doubt?.couplingOverhang;
  const given: readonly (readonly [DoubtfulLength, string | undefined, number | undefined])[] = [
    ['wheelbase', vehicle?.id, doubt?.wheelbase],
    ['couplingOverhang', vehicle?.id, trailer && overhang],
    ['tagOffset', vehicle?.id, vehicle?.geometry.tagAxle && doubt?.tagOffset],
    ['axlePosition', trailer?.id, trailer?.geometry.plusMinus?.axlePosition],
    ['saidBallLoad', trailer?.id, said?.ballLoad === undefined ? undefined : said.ballLoadPlusMinus],
    ['saidBallShare', trailer?.id, said?.ballLoad === undefined ? said?.ballSharePlusMinus : undefined],
  ];
  return given.flatMap(([length, body, plusMinus]) =>
    body !== undefined && plusMinus
      ? [{ length, body, sigma: plusMinus / 2, typical: view.typical?.facts.get(typicalKey(body, length)) }]
      : [],
  );
}

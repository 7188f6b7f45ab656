import type { RigView } from '../loading/rigView.ts';
import type { PointLoad } from '../statics/pointLoad.ts';
import { compile } from './compile.ts';

/** What comes and goes of a rig as it is listed: people, tanks and things, each with its mass and place. No load follows from it. */
export const onBoard = (view: RigView): readonly PointLoad[] =>
  compile(view).points.filter(({ origin }) => origin === 'crew' || origin === 'tank' || origin === 'thing');

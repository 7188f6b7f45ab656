import loadHighs from 'highs';
import { highsSolver } from '../packing/highsSolver.ts';

/** The solver as tests use it. */
export const testSolver = highsSolver(await loadHighs());

/** All the time that a test may take; the clock is the machine's. */
export const patient = { seconds: 60, now: () => performance.now() / 1000 };

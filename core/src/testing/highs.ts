import loadHighs from 'highs';
import { highsSolver } from '../packing/highsSolver.ts';

/** The machine's clock, in seconds. */
const now = () => performance.now() / 1000;

/** The solver as tests use it. */
export const testSolver = highsSolver(await loadHighs(), now);

/** All the time that a test may take. */
export const patient = { seconds: 60, now };

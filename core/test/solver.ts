import loadHighs from 'highs';
import { highsSolver } from '../src/session/search/highs-solver';

/** One loaded solver for all tests of a file. */
export const solver = loadHighs().then(highsSolver);

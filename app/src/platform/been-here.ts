import { KeptFlag } from './kept-flag';

/** Has anything ever been saved by this browser? A hint that is at hand at once; the database knows better, later. */
export const BEEN_HERE = new KeptFlag('been-here');
/** Has the walker chosen how to start, or put the choice away? It is never offered again by itself. */
export const HAS_STARTED = new KeptFlag('has-started');

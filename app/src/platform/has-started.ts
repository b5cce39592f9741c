import { KeptFlag } from './kept-flag';

/** Has the walker chosen how to start, or dismissed the choice? It is never offered again by itself. */
export const HAS_STARTED = new KeptFlag('has-started');

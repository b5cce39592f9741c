import * as z from 'zod';
import { KeptDraft } from './kept-draft';

/** Has anything ever been saved by this browser? A hint that is at hand at once; the database knows better, later. */
export const BEEN_HERE = new KeptDraft('been-here', z.literal(true));
/** Has the walker chosen how to start, or put the choice away? It is never offered again by itself. */
export const HAS_STARTED = new KeptDraft('has-started', z.literal(true));

import { kitLines as linesOf, type KitLine } from '@tinder/core/studies/study';
import type { StudySetting, Subject } from '../subject';

/** Carried weight of every kit of the rack on this trip, and by the length of a carry. */
export const kitLines = ({ rack, trip, plan }: Subject, _args: undefined, { cache }: StudySetting): KitLine[] =>
  linesOf(rack, trip, plan, cache);

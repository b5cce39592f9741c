import { kitLines as linesOf, type KitLine } from '@tinder/core/study';
import type { Subject } from '../subject';

/** Carried weight of every kit of the rack on this trip, and by the length of a carry. */
export const kitLines = ({ rack, trip, plan }: Subject, _args: undefined): KitLine[] => linesOf(rack, trip, plan);

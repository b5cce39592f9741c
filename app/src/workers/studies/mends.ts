import { mendPins, type PinMend } from '@tinder/core/study';
import type { Subject } from '../subject';

/** Ways out where what is pinned leaves too little. */
export const mends = ({ rack, trip, plan }: Subject, _args: undefined): PinMend[] => mendPins(rack, trip, plan);

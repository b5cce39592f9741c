import { mendPins, type PinMend } from '@tinder/core/studies/study';
import type { StudySetting, Subject } from '../subject';

/** Ways out where what is pinned leaves too little. */
export const mends = ({ rack, trip, plan }: Subject, _args: undefined, { cache }: StudySetting): PinMend[] =>
  mendPins(rack, trip, plan, cache);

import type { Mishaps } from '@tinder/core/risk';
import { whichTest as whichOf, type WhichTest } from '@tinder/core/study';
import type { Subject } from '../subject';

/** Which test is worth doing for the trip's own kit. */
export const whichTest = (
  { trip, plan }: Pick<Subject, 'trip' | 'plan'>,
  { kitName, mishaps }: { kitName: string; mishaps: Mishaps },
): WhichTest | undefined => whichOf(trip, plan, kitName, mishaps);

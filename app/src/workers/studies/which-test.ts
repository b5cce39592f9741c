import type { Mishaps } from '@tinder/core/planning/risk';
import { whichTest as whichOf, type WhichTest } from '@tinder/core/studies/study';
import type { StudySetting, Subject } from '../subject';

/** Which test is worth doing for the trip's own kit. */
export const whichTest = (
  { trip, plan }: Pick<Subject, 'trip' | 'plan'>,
  { kitName, mishaps }: { kitName: string; mishaps: Mishaps },
  { cache }: StudySetting,
): WhichTest | undefined => whichOf(trip, plan, kitName, mishaps, cache);

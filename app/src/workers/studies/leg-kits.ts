import { legKitChoices, type LegKitChoice } from '@tinder/core/studies/study';
import type { StudySetting, Subject } from '../subject';

/** What another kit on one leg would change. */
export const legKits = ({ rack, trip, plan }: Subject, { leg }: { leg: number }, { cache }: StudySetting): LegKitChoice[] =>
  legKitChoices(rack, trip, plan, leg, cache);

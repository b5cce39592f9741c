import { legKitChoices, type LegKitChoice } from '@tinder/core/study';
import type { Subject } from '../subject';

/** What another kit on one leg would change. */
export const legKits = ({ rack, trip, plan }: Subject, { leg }: { leg: number }): LegKitChoice[] => legKitChoices(rack, trip, plan, leg);

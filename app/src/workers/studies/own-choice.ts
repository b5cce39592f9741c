import { ownChoice as choiceOf, type OwnChoice } from '@tinder/core/studies/study';
import type { StudySetting, Subject } from '../subject';

/** What the shelf is worth to this trip. */
export const ownChoice = ({ trip, rack }: Pick<Subject, 'trip' | 'rack'>, _args: undefined, { cache }: StudySetting): OwnChoice =>
  choiceOf(trip, rack.shelf, cache);

import { habitLedger, type HabitLedger } from '@tinder/core/studies/study';
import type { StudySetting, Subject } from '../subject';

/** What every habit costs or saves on this trip. */
export const habits = ({ trip, plan }: Pick<Subject, 'trip' | 'plan'>, _args: undefined, { cache }: StudySetting): HabitLedger =>
  habitLedger(trip, plan, cache);

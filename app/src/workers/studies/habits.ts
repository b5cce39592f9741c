import { habitLedger, type HabitLedger } from '@tinder/core/study';
import type { Subject } from '../subject';

/** What every habit costs or saves on this trip. */
export const habits = ({ trip, plan }: Pick<Subject, 'trip' | 'plan'>, _args: undefined): HabitLedger => habitLedger(trip, plan);

import { ownChoice as choiceOf, type OwnChoice } from '@tinder/core/study';
import type { Subject } from '../subject';

/** What the shelf is worth to this trip. */
export const ownChoice = ({ trip, rack }: Pick<Subject, 'trip' | 'rack'>, _args: undefined): OwnChoice => choiceOf(trip, rack.shelf);

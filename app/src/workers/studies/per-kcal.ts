import { perThousandKcal, type PerKcal } from '@tinder/core/studies/study';
import { placeOfDay, tripOnLeg } from '@tinder/core/domain/trail';
import type { Subject } from '../subject';

/** Fuel, time and weight of every dish by 1,000 kcal, in the conditions of one day. */
export const perKcal = ({ trip }: Pick<Subject, 'trip'>, { day }: { day: number }): PerKcal[] =>
  perThousandKcal(tripOnLeg(trip, placeOfDay(trip, day).leg), day);

import { planDayOf } from '@tinder/core/planning/planned';
import { coldView, type ColdView } from '@tinder/core/studies/study';
import { tripOnLeg } from '@tinder/core/domain/trail';
import type { Subject } from '../subject';

/** The cold map at the height of a day's camp, with the trip's meals; undefined for a kit without a can. */
export function cold({ trip, plan }: Pick<Subject, 'trip' | 'plan'>, { day }: { day: number }): ColdView | undefined {
  const { leg, altitudeM } = planDayOf(plan, day);
  return coldView(tripOnLeg(trip, leg), plan, altitudeM);
}

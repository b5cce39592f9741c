import type { MealName } from '../../domain/model';
import type { BurnFacts, PlanDay } from '../planned';
import type { CansNow } from './can-rack';

/** A day cooked, and the cans as it leaves them. */
export interface CookedDay {
  day: PlanDay;
  cans: CansNow;
}

/** A dish of a day, and what it is cooked from on a cold burner. */
export interface ToCook {
  name: MealName;
  facts: BurnFacts;
}

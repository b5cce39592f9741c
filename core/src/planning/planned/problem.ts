import type { MealName } from '../../domain/model';
import type { Edge } from './plan-day';

/** What stands in the way of a meal or needs saying: data, put into words at the edge. */
export type Problem =
  | { code: 'stalls'; meal: MealName; days: number[]; edge: Edge; atC: number; targetC: number }
  | { code: 'mayBlowOut'; meal: MealName; days: number[]; edge: Edge; flameWindMps: number; limitMps: number }
  | { code: 'wontRun'; meal: MealName; days: number[]; edge: Edge; airC: number }
  | { code: 'refill'; meal: MealName; onDays: number[]; holdsMl: number }
  | { code: 'boilsFirst'; meal: MealName; onDays: number[]; targetC: number; boilC: number }
  | { code: 'banned'; onDays: number[]; restriction: 'noOpenFlame' | 'noFlame' }
  | { code: 'unknownRestriction'; onDays: number[] }
  | { code: 'passesStops'; names: string[] }
  | { code: 'flameRaised'; setting: number };

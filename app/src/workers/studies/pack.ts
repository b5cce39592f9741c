import {
  brief,
  dryCamps,
  foodLabels,
  homeWork,
  packingLists,
  patternsFor,
  stopSheets,
  stoveCard,
  type BriefLine,
  type DryCamp,
  type FoodLabel,
  type HomeWork,
  type PackingList,
  type Pattern,
  type StopSheet,
  type StoveCard,
} from '@tinder/core/output/pack';
import type { Subject } from '../subject';

/** Everything that leaves the screen. */
export interface Packed {
  lists: PackingList[];
  cards: StoveCard[];
  sheets: StopSheet[];
  water: DryCamp[];
  work: HomeWork[];
  labels: FoodLabel[];
  patterns: Pattern[];
  brief: BriefLine[];
}

export const pack = ({ trip, plan, rack }: Subject): Packed => ({
  lists: packingLists(rack, trip, plan),
  cards: plan.carries.map((c) => stoveCard(trip, plan, c)),
  sheets: stopSheets(trip, plan),
  water: dryCamps(trip, plan),
  work: homeWork(rack, trip, plan),
  labels: foodLabels(trip, plan),
  patterns: patternsFor(trip),
  brief: brief(trip, plan),
});

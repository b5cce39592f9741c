import type { DayConditions } from '../../planned';
import type { Container, NoPlan, Stage } from '../../../domain/carry';
import type { Result } from '../../../foundation/errors';
import type { OwnContainer, Stop, Trip } from '../../../domain/model';
import type { Supply } from '../../../domain/trail';

import type { KitInUse } from '../kit-in-use';

/** What a stop offers: sale, bin, pins. */
export interface LoadOut {
  /** Leaving the stop, in the order of use; empties that found no bin come last. */
  containers: Container[];
  /** The same containers at the end of the carry-out, as expected. */
  after: Container[];
  bought: Container[];
  /** Of the walker's own, taken along here. */
  taken: Container[];
  /** Left at the stop: empties, and part-used ones that are not worth their weight. */
  left: Container[];
  /** Of what is bought. */
  price: number;
}

/** What one carry-out needs. */
export interface CarryNeed {
  stop: Stop;
  supply: Supply;
  days: readonly DayConditions[];
  burntG: readonly number[];
  /** Fuel need, g: what is burnt, or more if another load-out burnt more. */
  demandG: number;
}

/** On coming to a stop: what is held, and what of the walker's own may still be taken along. */
export interface OnHand {
  held: readonly Container[];
  home: readonly OwnContainer[];
}

/** Load-outs to be chosen: of which trip, for which carries, and whether the walker's pins are followed. */
export interface Choosing {
  trip: Trip;
  use: KitInUse;
  needs: readonly CarryNeed[];
  /** The carries as the optimiser sees them, one a need. */
  stages: readonly Stage[];
  /** What a unit of money is worth, in units of the walker's measure. */
  gramsPerPrice: number;
  /** On coming to the first stop. */
  onHand: OnHand;
  followPins: boolean;
  /** Cost of load-outs that would do: the search starts below it. */
  knownCost: { cost: number; price: number } | undefined;
  /** A narrow search is enough: the choice is repeated a few stops later. */
  isNarrow: boolean;
}

/** Load-outs, one a need, with their cost by the walker's measure, money included. */
export interface Chosen {
  loadOuts: LoadOut[];
  cost: number;
  price: number;
  /** The best is proven; false only on trips of dozens of stops. */
  exact: boolean;
}
export type Choice = Result<Chosen, NoPlan>;

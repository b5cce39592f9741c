import type { Container, NoPlan } from '../../../domain/carry';
import type { OwnContainer, Trip } from '../../../domain/model';
import type { Supply } from '../../../domain/trail';
import type { DayConditions, PlanDay } from '../../planned';
import type { KitInUse } from '../kit-in-use';
import type { LoadOut } from '../load-outs/choosing';
import type { TripLoadOuts } from '../load-outs/load-outs';

/** A stretch between two stops that can fill up. */
export interface Span {
  fromStop: number;
  toStop: number;
  supply: Supply;
}

/** How far a plan has come: days cooked in this round, the first of which is a guess; a further round follows where the canisters chosen burn otherwise. */
export interface PlanProgress {
  round: number;
  day: number;
  ofDays: number;
}

/** What is to be planned: carries of one kit, one after another. */
export interface CarryJob {
  trip: Trip;
  use: KitInUse;
  spans: readonly Span[];
  conditions: readonly DayConditions[];
  /** Held on coming to the first stop. */
  arrivedWith: readonly Container[];
  /** Own containers that can be packed on these carry-outs. */
  home: readonly OwnContainer[];
  report: (p: PlanProgress) => void;
}

/** A carry cooked with the very containers that leave its stop. */
export interface SettledCarry {
  days: PlanDay[];
  demandG: number;
  loadOut: LoadOut;
  arrivedWith: readonly Container[];
  /** What of the walker's own could have been taken along from here on. */
  home: readonly OwnContainer[];
}
export interface SettledCarries {
  carries: SettledCarry[];
  exact: boolean;
  pinCost?: TripLoadOuts['pinCost'];
  short?: NoPlan;
}

/** Fills closer than this are equal, g. */
export const EXACT_G = 1e-6;

/** Up to this many carry-outs are chosen for together. */
const WHOLE_TRIP = 16;
/** Are the load-outs of all carry-outs chosen together? On longer trips only some ahead are. */
export const isChosenWhole = ({ spans }: Pick<CarryJob, 'spans'>): boolean => spans.length <= WHOLE_TRIP;

/** The days of a carry. */
export const daysOfCarry = ({ spans, conditions }: CarryJob, i: number): DayConditions[] =>
  conditions.filter((d) => d.leg >= spans[i]!.fromStop && d.leg < spans[i]!.toStop);

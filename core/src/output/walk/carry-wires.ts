import type { PlanCache } from '../../planning/plan';
import type { Annoyance, Trip } from '../../domain/model';
import type { CarryPlan } from '../../planning/planned';
import { riskLimit } from '../../planning/risk';
import { tripOnLeg } from '../../domain/trail';
import { wholeStretch } from './ahead';
import { factorSdOf, residueOf } from './here';
import { asRead, type AsRead } from './readings';
import { stretchSets } from './stretch-sets';
import { onPaper, saveBelowG, tripwires, type Asked } from './tripwires';

/** What is written on a card for one camp: the readings below which a saving starts. */
export interface CardCamp {
  day: number;
  savings: { below: AsRead; annoyances: Annoyance[] }[];
  /** Below this none of it is enough; absent where something always is. */
  tooLittle?: AsRead;
  plannedLeft: AsRead;
}

const askedOf = (trip: Trip, carry: CarryPlan, cache?: PlanCache): Asked => ({
  factorSd: factorSdOf(trip, carry, cache),
  limit: riskLimit(trip),
  residueG: residueOf(trip, carry),
});

/** The reading of one camp below which a saving starts, as it stands highest on the card; undefined where none would help. */
export function saveBelow(trip: Trip, carry: CarryPlan, day: number, cache?: PlanCache): AsRead | undefined {
  if (carry.demandG <= 0) return undefined;
  const belowG = saveBelowG(stretchSets(trip, wholeStretch(carry), cache), carry.containers, askedOf(trip, carry, cache), day);
  return belowG === undefined ? undefined : asRead(belowG, carry.containers, tripOnLeg(trip, carry.fromStop).kit);
}

/** The tripwires of a carry as it leaves its stop, camp by camp, as they are read at dusk without a phone; none where nothing is carried. */
export function carryWires(trip: Trip, carry: CarryPlan, cache?: PlanCache): CardCamp[] {
  if (carry.demandG <= 0) return [];
  const { kit } = tripOnLeg(trip, carry.fromStop);
  const { containers } = carry;
  const camps = tripwires(stretchSets(trip, wholeStretch(carry), cache), containers, askedOf(trip, carry, cache));
  return camps.map(({ day, wires, tooLittleG, plannedLeftG }) => ({
    day,
    savings: onPaper(wires).map(({ belowG, annoyances }) => ({ below: asRead(belowG, containers, kit), annoyances })),
    ...(tooLittleG > 0 ? { tooLittle: asRead(tooLittleG, containers, kit) } : {}),
    plannedLeft: asRead(plannedLeftG, containers, kit),
  }));
}

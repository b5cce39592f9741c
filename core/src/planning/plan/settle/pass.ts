import type { CarryNeed } from '../load-outs/choosing';
import { homeAfter } from '../load-outs/own-containers';
import type { CarryJob, SettledCarries, SettledCarry } from './carry-job';
import type { Choice } from './choose';
import { burntByDayG, type CookedCarry } from './cook-carry';
import { leaveFuller } from './larger-sets';
import { leaveStop, type PassOptions } from './leave-stop';

/** All carries gone through once, each on what the one before really left: the whole state of the search for load-outs that hold what they burn. */
export interface Pass {
  settled: SettledCarries;
  /** As they were cooked, one a carry. */
  cooked: CookedCarry[];
  /** What to ask for at each stop, by what was burnt on the way. */
  asked: CarryNeed[];
  /** Larger sets of canisters were taken than the fuel asks for. */
  isEnlarged: boolean;
}

/**
 * Goes through the carries. Each comes to its stop with what the one before really left; where that is not what was reckoned with, or a
 * load-out burns more than was asked for, the rest of the trip is chosen anew from there.
 */
export function passThrough(
  job: CarryJob,
  reckonedNeeds: readonly CarryNeed[],
  pass: PassOptions,
  before: readonly CookedCarry[] = [],
): Pass {
  let needs = reckonedNeeds;
  let { home, arrivedWith: held } = job;
  let choice: Choice | undefined;
  let exact = true;
  let short: SettledCarries['short'];
  let pinCost: SettledCarries['pinCost'];
  let isEnlarged = false;
  const cooked: CookedCarry[] = [];
  const asked: CarryNeed[] = [];
  const carries = job.spans.map((_, i): SettledCarry => {
    const usual = leaveStop(job, { i, pass, before: before[i], needs, choice, held, home });
    const leaving = pass.triesLarger ? leaveFuller(job, usual) : usual;
    ({ needs } = leaving);
    choice = leaving.choice;
    exact &&= choice.exact;
    short ??= choice.short && { ...choice.short, stage: choice.short.stage + choice.from };
    pinCost ??= choice.pinCost; // the first choice looks at the whole trip
    const { days, demandG, left } = leaving.cooked;
    isEnlarged ||= leaving !== usual;
    cooked.push(leaving.cooked);
    // keep the higher demand, or the search would cycle
    const wasRaised = needs[i]!.demandG > reckonedNeeds[i]!.demandG;
    asked.push({ ...needs[i]!, burntG: burntByDayG(days), demandG: wasRaised ? Math.max(demandG, needs[i]!.demandG) : demandG });
    const carry = { days, demandG, loadOut: { ...leaving.loadOut, after: [...left] }, arrivedWith: held, home };
    held = left;
    home = homeAfter(home, carry.loadOut.taken);
    return carry;
  });
  return { settled: { carries, exact, pinCost, short }, cooked, asked, isEnlarged };
}

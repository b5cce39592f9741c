import { CANISTER_SIZES, fullCan, type CanSize } from '../../../domain/carry';
import { meanOf } from '../../../foundation/numeric';
import { cansIn, type CansNow } from '../can-rack';
import { burntOnDayG } from '../cook-days';
import type { CarryNeed } from '../load-outs/choosing';
import { daysOfCarry, isChosenWhole, type CarryJob } from './carry-job';
import { needOf } from './cook-carry';

/**
 * A guess at what each carry asks for, its days cooked by themselves. A weak canister is thrifty, so half of a small one guesses low: the
 * lightest load-out that may do is tried first, and what burns more is chosen for again. On long trips, which are gone through twice anyway,
 * the first and the last day of a carry stand for all, on a canister as it is on the way.
 */
export const guessNeeds = (job: CarryJob): CarryNeed[] => job.spans.map((_, i) => guessNeed(job, i));

function guessNeed(job: CarryJob, i: number): CarryNeed {
  const own = daysOfCarry(job, i);
  const isWhole = isChosenWhole(job);
  const days = isWhole ? own : [...new Set([own[0]!, own[own.length - 1]!])];
  const burntG = days.map((d) => burntOnDayG(job.trip, job.use, d, isWhole ? THRIFTY_CAN : CAN_ON_THE_WAY));
  job.report({ round: 1, day: own[own.length - 1]!.day, ofDays: job.conditions.length });
  return needOf(job, i, own, isWhole ? burntG : own.map(() => meanOf(burntG)));
}
const usedCan = (size: CanSize, share: number): CansNow => cansIn([{ ...fullCan(size), fuelG: share * size.netG }]);
const THRIFTY_CAN = usedCan(CANISTER_SIZES[0]!, 0.5);
const CAN_ON_THE_WAY = usedCan(CANISTER_SIZES[1]!, 0.75);

import { loadOutsOf } from '../load-outs/load-outs';
import { homeAfter } from '../load-outs/own-containers';
import { betterOf, confirmed } from './accept';
import { isChosenWhole, type CarryJob, type SettledCarries, type SettledCarry } from './carry-job';
import { burntByDayG, cookCarry, needOf } from './cook-carry';
import { guessNeeds } from './guess';
import { passThrough, type Pass } from './pass';

/**
 * The canister decides the flame and the flame decides the canisters: every carry is cooked with the containers chosen for it, and chosen for
 * again, until what is shown is what was cooked with and holds what it burns. What feeds a stove without pressure needs one round only.
 *
 * It ends, and cannot go round in a circle:
 * - at a stop a need only rises, `MOST_CHOICES` times at most, and after that the load-out is kept as it is (leave-stop);
 * - where a meal finds no pressure a fixed number of larger sets is tried, each once (larger-sets);
 * - a pass goes through the stops once, forwards, and never comes back to one that was left (pass);
 * - the guess is followed by three passes at most, in a fixed order, of which the best is taken: no pass is asked for by the one it led to.
 * So a plan takes four rounds at most, whatever the trip. What is shown may then not be the least for what it burns, where a set of canisters
 * that is cheaper on paper burns more than it saves; `exact` says whether a search for what was really burnt chose the same.
 */
export function settleCarries(job: CarryJob): SettledCarries {
  if (job.use.fuel.kind !== 'gas') return onAnyContainers(job);
  const guess = guessNeeds(job);
  return (isChosenWhole(job) ? onWholeTrip(job, guess) : onLongTrip(job, guess)).settled;
}

type Guess = ReturnType<typeof guessNeeds>;

function onWholeTrip(job: CarryJob, guess: Guess): Pass {
  const first = passThrough(job, guess, { round: 2, triesLarger: true });
  const again = (before: Pass, round: number, triesLarger: boolean): Pass =>
    betterOf(job, passThrough(job, before.asked, { round, triesLarger }, before.cooked), before);
  const kept = confirmed(job, first);
  const firm = kept ?? again(first, 3, true);
  // where a larger set cooks more, what is provided for after it may ask for less
  return firm.isEnlarged ? again(firm, kept ? 3 : 4, false) : firm;
}

/** On long trips the first pass only finds what is really burnt on the way. */
function onLongTrip(job: CarryJob, guess: Guess): Pass {
  const looked = passThrough(job, guess, { round: 2, isGuess: true });
  return passThrough(job, looked.asked, { round: 3, triesLarger: true }, looked.cooked);
}

/** What no canister feeds burns the same out of whatever it is carried in. */
function onAnyContainers(job: CarryJob): SettledCarries {
  const cooked = job.spans.map((_, i) => cookCarry(job, i, [], 1));
  const needs = cooked.map(({ days }, i) => needOf(job, i, days, burntByDayG(days)));
  const { loadOuts, exact, pinCost, short } = loadOutsOf(job.trip, job.use, needs, { held: job.arrivedWith, home: job.home });
  let { home, arrivedWith } = job;
  const carries = cooked.map(({ days, demandG }, i): SettledCarry => {
    const carry = { days, demandG, loadOut: loadOuts[i]!, arrivedWith, home };
    home = homeAfter(home, carry.loadOut.taken);
    arrivedWith = carry.loadOut.after;
    return carry;
  });
  return { carries, exact, pinCost, short };
}

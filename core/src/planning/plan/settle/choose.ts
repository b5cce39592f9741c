import type { Container } from '../../../domain/carry';
import type { CarryNeed, LoadOut, OnHand } from '../load-outs/choosing';
import { loadOutsOf, type TripLoadOuts } from '../load-outs/load-outs';
import { isChosenWhole, type CarryJob } from './carry-job';
import { isSameContainer } from './containers';

/** On long trips the choice looks this far ahead, and is repeated after half of it. */
export const CARRIES_AHEAD = 8;

/** Load-outs from carry-out `from` on, and what they expect to arrive with. */
export interface Choice extends TripLoadOuts {
  from: number;
  arrivedWith: readonly Container[];
}

/** Load-outs chosen for the rest of the trip, or as far ahead as it has a bearing on now. Needs that are a guess are searched narrowly. */
export function choose(
  job: CarryJob,
  needs: readonly CarryNeed[],
  from: number,
  onHand: OnHand,
  { isGuess, known }: { isGuess?: boolean; known?: readonly LoadOut[] } = {},
): Choice {
  const toTheEnd = isChosenWhole(job) || needs.some((n) => n.stop.pinned);
  const ahead = toTheEnd ? (isGuess ? needs.length : undefined) : CARRIES_AHEAD;
  return { ...loadOutsOf(job.trip, job.use, needs, onHand, from, ahead, known), from, arrivedWith: onHand.held };
}

/** What a choice expects to be held on arrival at a stop. */
export const reckonedAt = ({ from, arrivedWith, loadOuts }: Choice, i: number): readonly Container[] =>
  i === from ? arrivedWith : loadOuts[i - from - 1]!.after;

/** The load-out chosen for a stop, with the containers really held in place of those expected. */
export function chosenAt(choice: Choice, i: number, held: readonly Container[]): LoadOut {
  const chosen = choice.loadOuts[i - choice.from]!;
  const reckoned = reckonedAt(choice, i);
  const open = reckoned.map((_, j) => j);
  const really = (c: Container): Container => {
    const at = open.findIndex((j) => isSameContainer(reckoned[j]!, c));
    return at < 0 ? c : held[open.splice(at, 1)[0]!]!;
  };
  return { ...chosen, containers: chosen.containers.map(really), left: chosen.left.map(really) };
}

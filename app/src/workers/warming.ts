import { daysOf, type Trip } from '@tinder/core/model';
import { paintDays } from '@tinder/core/trail';

/** Nobody has asked for so long, ms: on a slow phone the page is still being built until then, and has few cores to share. */
export const QUIET_MS = 5000;
/** So many edits, or so long in all, ms: by then what plans is compiled, and as fast as it will be (a hundred leave an edit half as long again). */
const MOST_EDITS = 400;
const MOST_MS = 1500;

/**
 * Plans edits of the trip at hand while nobody asks: an engine compiles what has run a few hundred times, and the walker's first edits would be the
 * slow ones. Gives back what is to be told of every trip that was asked for; it leaves off until all is quiet again.
 */
export function warming(plan: (trip: Trip) => unknown): (trip: Trip) => void {
  let edits = 0;
  let spentMs = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const next = (trip: Trip): void => {
    if (edits >= MOST_EDITS || spentMs >= MOST_MS) return;
    const since = performance.now();
    plan(withADayEdited(trip, edits++));
    spentMs += performance.now() - since;
    timer = setTimeout(next, 0, trip); // what is asked meanwhile comes first
  };
  return (trip) => {
    clearTimeout(timer);
    timer = setTimeout(next, QUIET_MS, trip);
  };
}

/** A trip with the supper of one day a little colder, another one each time. */
function withADayEdited(trip: Trip, n: number): Trip {
  const days = daysOf(trip);
  const day = 1 + ((7 * n) % days.length);
  return paintDays(trip, day, day, { supperAirC: days[day - 1].supperAirC - (1 + n) / 64 });
}

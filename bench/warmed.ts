import { DEMO_TRIP } from '@tinder/core/demo';
import { planTrip } from '@tinder/core/plan';
import { setTimeout as sleep } from 'node:timers/promises';
import { QUIET_MS, warming } from '../app/src/workers/warming';

/** Longer than warming waits before it begins, ms. */
const SURELY_OVER_MS = QUIET_MS + 1500;

/** Warms what plans as the plan worker warms itself while nobody asks. */
export async function warmed(): Promise<void> {
  let lastMs = performance.now();
  warming((trip) => {
    planTrip(trip);
    lastMs = performance.now();
  })(DEMO_TRIP);
  while (performance.now() - lastMs < SURELY_OVER_MS) await sleep(100);
}

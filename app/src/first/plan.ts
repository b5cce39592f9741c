import { DEMO_TRIP } from '@tinder/core/demo';
import { BEEN_HERE } from '../platform/been-here';
import { startEarly } from '../platform/create-plan-worker';

/**
 * Starts the plan worker while the rest of the page is still being read. A first visit shows the demo: its plan need not wait until it is known that
 * nothing is saved.
 */
export function planEarly(): void {
  const planner = startEarly();
  if (!BEEN_HERE.read()) planner?.call((p) => p.plan(DEMO_TRIP)).catch(() => undefined);
}

import { TestBed } from '@angular/core/testing';
import { FollowingWorker } from '../planning/following-worker';
import { PlanService } from '../planning/plan-service';
import { StudyWorker } from '../planning/study-worker';

/** Far beyond what the slowest machine needs: only what never happens waits so long, ms. */
const NEVER_MS = 45_000;

/** Lets everything that is due happen: promises, timers, effects. */
export async function turn(): Promise<void> {
  TestBed.tick();
  await new Promise((r) => setTimeout(r));
  TestBed.tick();
}

/** Goes on until a condition holds, however busy the machine is; what never comes is named. */
export async function until(holds: () => boolean | Promise<boolean>, what: string): Promise<void> {
  const since = performance.now();
  while (!(await holds())) {
    if (performance.now() - since > NEVER_MS) throw new Error(`waited in vain for: ${what}`);
    await turn();
  }
}

/** Goes on until nothing is planned or studied any more, and nothing of it is about to be. */
export async function untilQuiet(): Promise<void> {
  const workers = [TestBed.inject(StudyWorker), TestBed.inject(FollowingWorker)];
  const plans = TestBed.inject(PlanService);
  let quiet = 0;
  await until(async () => {
    await turn();
    quiet = workers.some((w) => w.busy()) || plans.pending() ? 0 : quiet + 1;
    return quiet > 3; // a study that has just been answered may lead to the next
  }, 'the end of every plan and study');
}

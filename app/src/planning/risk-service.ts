import { computed, inject, Injectable, signal } from '@angular/core';
import type { CarryPlan } from '@tinder/core/planning/planned';
import { NO_MISHAPS, type Mishaps, riskLimit } from '@tinder/core/planning/risk';
import { type CarryAtRisk, type RiskOfCarry } from '@tinder/core/studies/study';
import { WorkspaceStore } from '../store/workspace-store';
import { PlanService } from './plan-service';
import { RESTING, study } from './study';
import { StudyWorker } from './study-worker';

/**
 * The risk that each carry of the plan runs out, drawn in the second worker as soon as the plan rests; and what else might happen on the
 * way, as the walker has switched it. Nothing here is ever about an older plan: it is undefined until it is drawn.
 */
@Injectable({ providedIn: 'root' })
export class RiskService {
  private readonly worker = inject(StudyWorker);
  private readonly plans = inject(PlanService);
  private readonly store = inject(WorkspaceStore);
  readonly mishaps = signal<Mishaps>(NO_MISHAPS);
  /** The walker's limit on one carry, 0–1. */
  readonly limit = computed(() => riskLimit(this.store.trip()));

  readonly drawn = study(
    RESTING,
    () => {
      const planned = this.plans.current();
      return planned && { planned, mishaps: this.mishaps() };
    },
    ({ planned, mishaps }, run) => this.worker.ask('risk', { trip: planned.trip, plan: planned.plan }, { mishaps }, run),
  );
  /** By carry; undefined within for a carry that cannot run out, altogether while it is drawn. */
  readonly risks = computed(() => (this.drawn.fresh() ? this.drawn.last()?.answer : undefined));
  /** The carry most likely to run out; undefined while it is drawn, or where none can. */
  readonly riskiest = computed((): CarryAtRisk | undefined => {
    const carries = this.plans.plan()?.carries;
    const all = this.risks()?.flatMap((risk, i) => (risk && carries?.[i] ? [{ carry: carries[i], risk }] : []));
    return all?.length ? all.reduce((a, b) => (tightness(b) > tightness(a) ? b : a)) : undefined;
  });
  /** Days by whose end the fuel is gone more often than the walker's limit allows. */
  readonly daysOverLimit = computed(() => {
    const carries = this.plans.plan()?.carries ?? [];
    const days = (this.risks() ?? []).flatMap((risk, i) =>
      (risk?.outByDay ?? []).flatMap((p, d) => (p > this.limit() ? [carries[i]?.days[d]?.day ?? 0] : [])),
    );
    return new Set(days);
  });

  of(carry: CarryPlan): RiskOfCarry | undefined {
    return this.risks()?.[this.plans.plan()?.carries.indexOf(carry) ?? -1];
  }
}

/** By chance of running out; among carries that never did, by how close they came: spare fuel in standard deviations. */
const tightness = ({ carry, risk }: CarryAtRisk): number =>
  risk.runOut > 0 ? risk.runOut : (risk.meanG - carry.fuelG) / Math.max(risk.sdG, 1e-9);

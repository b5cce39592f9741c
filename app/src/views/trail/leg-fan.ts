import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Plan } from '@tinder/core/planning/planned';
import { daysOfLeg } from '@tinder/core/domain/trail';
import { TrailAxis } from '../../charts/trail-axis';
import { PlanService } from '../../planning/plan-service';
import { WorkspaceStore } from '../../store/workspace-store';
import { Drawing } from '../../ui/drawing';
import { measuredWidth } from '../../ui/measured-width';

const HIGH = 20;

/** The leg at hand fans out of the ribbon into the table of its days below. */
@Component({
  selector: 'app-leg-fan',
  imports: [Drawing],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<svg [appDrawing]="high" aria-hidden="true"><path [attr.d]="path()" /></svg>`,
  styles: `
    :host {
      display: block;
    }
    svg {
      display: block;
      overflow: visible;
    }
    path {
      fill: none;
      stroke: var(--ink);
    }
  `,
})
export class LegFan {
  readonly plan = input.required<Plan>();
  /** Where the table begins, px from the axis; it ends where the axis does. */
  readonly from = input.required<number>();
  private readonly axis = inject(TrailAxis);
  private readonly store = inject(WorkspaceStore);
  private readonly leg = inject(PlanService).leg;
  private readonly width = measuredWidth(800);
  protected readonly high = HIGH;

  protected readonly path = computed(() => {
    const plan = this.plan();
    const { firstDay, lastDay } = daysOfLeg(this.store.trip(), this.leg());
    const { x } = this.axis.of(plan, this.width());
    const [left, right] = [x(firstDay - 1), x(Math.min(lastDay, plan.days.length))];
    return `M${left},0 L${this.from()},${HIGH} H${this.width()} L${right},0`;
  });
}

import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { WalkHere } from '@tinder/core/output/walk';
import { Units } from '../../words/units';

/** Beyond the larger of both ends, as a share of it, so that neither stands at the edge. */
const ROOM = 1.06;

/** What is left as a bar with how well that is known, and the mark that it has to reach to keep the limit. */
@Component({
  selector: 'app-fuel-bar',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let b = bar();
    <p>
      <b>Fuel left</b>
      <span
        ><b class="left">{{ b.leftWords }}</b
        >&ngsp;<span class="quiet">± {{ b.doubtWords }}</span></span
      >
    </p>
    <div class="bar" aria-hidden="true">
      <i class="sure" [style.width.%]="b.surePercent"></i>
      <i class="doubt" [style.width.%]="b.doubtPercent"></i>
      <i class="need" [style.left.%]="b.needPercent"></i>
    </div>
    <p class="under">
      <span class="quiet"><ng-content /></span>
      <b>{{ b.needWords }}</b>
    </p>
  `,
  styles: `
    :host {
      display: block;
    }
    p {
      display: flex;
      gap: 0.75rem;
      justify-content: space-between;
      align-items: baseline;
      margin: 0;
      line-height: 1.3;
    }
    .left {
      font-size: 1.375rem;
    }
    .bar {
      position: relative;
      display: flex;
      height: 1.75rem;
      margin: 0.375rem 0;
      border: 1px solid var(--ink);
      background: var(--field);
    }
    .sure {
      background: var(--ember);
    }
    .doubt {
      background: repeating-linear-gradient(-45deg, var(--ember) 0 2px, transparent 2px 0.375rem);
    }
    .need {
      position: absolute;
      top: -0.3125rem;
      bottom: -0.3125rem;
      width: 3px;
      background: var(--ink);
    }
    .under b {
      text-align: right;
    }
  `,
})
export class FuelBar {
  private readonly units = inject(Units);
  readonly here = input.required<WalkHere>();

  protected readonly bar = computed(() => {
    const { leftG, spareG } = this.here();
    const leftMeanG = Math.max(0, leftG.mean);
    const neededG = Math.max(0, leftMeanG - spareG);
    const fullG = Math.max(leftMeanG + leftG.sd, neededG, 1) * ROOM;
    const sureG = Math.max(0, leftMeanG - leftG.sd);
    const percent = (g: number): number => (100 * g) / fullG;
    return {
      leftWords: this.units.text(leftMeanG, 'mass'),
      doubtWords: this.units.text(leftG.sd, 'mass'),
      needWords: `${this.units.text(neededG, 'mass')} needed`,
      surePercent: percent(sureG),
      doubtPercent: percent(leftMeanG + leftG.sd - sureG),
      needPercent: percent(neededG),
    };
  });
}

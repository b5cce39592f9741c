import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { packedSoFar } from '@tinder/core/output/pack';
import { Drawing } from '../../ui/drawing';
import { Units } from '../../words/units';
import { PackStudy } from './pack-study';

/** Height of the column, and of what stands over and under it, px. */
const HIGH = 440;
const TOP = 22;
const WIDE = 56;
/** A part lower than this would not be seen, px. */
const LEAST = 1.5;

/** The whole starting weight as one column to scale, kit and fuel from the pot up: it fills as the list is ticked. */
@Component({
  selector: 'app-weight-column',
  imports: [Drawing],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg [appDrawing]="high" role="img" [attr.aria-label]="spoken()">
      <text class="all" x="0" [attr.y]="top - 7">{{ units.text(sums().allG, 'mass') }}</text>
      @for (p of parts(); track p.id) {
        <rect x="1" [attr.y]="p.y" [attr.width]="wide" [attr.height]="p.height" [class.packed]="p.ticked" [class.fuel]="p.fuel" />
      }
      <line [attr.x1]="0" [attr.x2]="wide + 10" [attr.y1]="levelY()" [attr.y2]="levelY()" />
      <text [attr.x]="wide + 12" [attr.y]="levelY() + 1">{{ units.text(sums().packedG, 'mass') }}</text>
      <text [attr.x]="wide + 12" [attr.y]="levelY() + 16">packed</text>
    </svg>
  `,
  styles: `
    :host {
      display: block;
    }
    rect {
      fill: none;
      stroke: var(--ink-quiet);
    }
    rect.packed {
      fill: var(--control-line);
    }
    rect.fuel {
      stroke: var(--ember);
    }
    rect.fuel.packed {
      fill: var(--ember);
    }
    line {
      stroke: var(--ink);
      stroke-width: 2;
    }
    text {
      fill: var(--ink);
      font-size: 13px;
      font-weight: 600;
    }
    .all {
      font-size: 14px;
    }
  `,
})
export class WeightColumn {
  protected readonly units = inject(Units);
  private readonly study = inject(PackStudy);
  protected readonly high = TOP + HIGH + 20;
  protected readonly top = TOP;
  protected readonly wide = WIDE;

  protected readonly sums = computed(() => packedSoFar(this.study.list()?.items ?? [], (id) => this.study.isTicked(id)));
  private readonly scale = computed(() => HIGH / Math.max(1, this.sums().allG));
  /** From the foot up: what is packed, then the rest. */
  protected readonly parts = computed(() => {
    let y = TOP + HIGH;
    return this.sums().parts.map((p) => {
      const height = Math.max(LEAST, p.massG * this.scale());
      y -= height;
      return { ...p, y, height };
    });
  });
  protected readonly levelY = computed(() => TOP + HIGH - this.sums().packedG * this.scale());
  protected readonly spoken = computed(
    () => `${this.units.text(this.sums().packedG, 'mass')} packed of ${this.units.text(this.sums().allG, 'mass')} of kit and fuel`,
  );
}

import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';

/** The drawing's own measures, px: a pot over a flame, heat rising from its foot. */
const BOX = { width: 156, height: 176 };
const POT = { left: 46, right: 110, rim: 52, foot: 128 };
/** Width of all the heat together. */
const WIDEST = 92;

/** Where the heat of a meal goes, in streams to scale: into the pot, and past it on both sides. */
@Component({
  selector: 'app-heat-streams',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let s = shape();
    <svg [attr.viewBox]="'0 0 ' + box.width + ' ' + box.height" aria-hidden="true">
      <path class="past" [attr.d]="s.left" />
      <path class="past" [attr.d]="s.right" />
      <rect
        class="water"
        [attr.x]="pot.left"
        [attr.y]="pot.rim + 18"
        [attr.width]="pot.right - pot.left"
        [attr.height]="pot.foot - pot.rim - 18"
      />
      <path class="into" [attr.d]="s.into" />
      <path class="pot" [attr.d]="s.pot" />
      <line class="pot" x1="26" [attr.x2]="box.width - 26" y1="166" y2="166" />
    </svg>
  `,
  styles: `
    svg {
      display: block;
      width: 9.75rem;
      height: 11rem;
    }
    .past {
      fill: var(--ember);
      opacity: 0.5;
    }
    .into {
      fill: var(--ember-text);
    }
    .water {
      fill: var(--glacier);
      opacity: 0.4;
    }
    .pot {
      fill: none;
      stroke: var(--ink);
      stroke-width: 2;
    }
  `,
})
export class HeatStreams {
  /** Fuel whose heat goes into water and food, past the pot, and of the whole meal, g. */
  readonly intoG = input.required<number>();
  readonly pastG = input.required<number>();
  readonly totalG = input.required<number>();

  protected readonly box = BOX;
  protected readonly pot = POT;
  protected readonly shape = computed(() => {
    const width = (grams: number): number => (WIDEST * grams) / Math.max(this.totalG(), 1e-9);
    const mid = BOX.width / 2;
    const into = width(this.intoG()) / 2;
    const side = width(this.pastG()) / 2;
    const arrow = (from: number, to: number, tipY: number, footY: number): string =>
      `M${from},${footY} V${tipY + 12} L${(from + to) / 2},${tipY} L${to},${tipY + 12} V${footY}Z`;
    return {
      into: arrow(mid - into, mid + into, POT.rim + 26, 164),
      left: past(mid - into, POT.left - 4, side, -1),
      right: past(mid + into, POT.right + 4, side, 1),
      pot: `M${POT.left},${POT.rim} V${POT.foot} H${POT.right} V${POT.rim} M${POT.left - 6},${POT.rim} H${POT.right + 6}`,
    };
  });
}

/** A stream from beside the one that goes in, round the foot of the pot and up its side; `way` is −1 to the left. */
function past(from: number, wall: number, wide: number, way: 1 | -1): string {
  const out = wall + way * wide;
  const bend = POT.foot + 8;
  const foot = from + way * wide;
  return `M${from},164 V${bend + 16} Q${from},${bend} ${wall},${bend - 14} V34 L${(wall + out) / 2},20 L${out},34 V${bend - 4} Q${out},${bend + 10} ${foot},${bend + 24} V164Z`;
}

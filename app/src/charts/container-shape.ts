import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Container } from '@tinder/core/domain/carry';
import { nearest } from '@tinder/core/foundation/numeric';
import { rem } from '../platform/page-scale';

/** Width and height of cans as they are drawn, px. */
const CAN_SHAPES: readonly { netG: number; size: [number, number] }[] = [
  { netG: 100, size: [36, 40] },
  { netG: 230, size: [48, 50] },
  { netG: 450, size: [48, 70] },
];

/** A container drawn as a shape filled to its level: dome-topped can, shouldered bottle, stack of tablets; what will be used up of it is pale. */
@Component({
  selector: 'app-container-shape',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let s = shape();
    <svg
      [style.width]="rem(s.width * scale())"
      [style.height]="rem(84 * scale())"
      [attr.viewBox]="'0 0 ' + s.width + ' 84'"
      aria-hidden="true"
    >
      @if (container().kind === 'tablets') {
        @for (y of s.stack; track y) {
          <rect class="fuel" [class.used]="$index >= s.kept" x="3" [attr.y]="y" width="38" height="6" rx="1" />
        }
      } @else {
        <clipPath [attr.id]="id"><path [attr.d]="s.outline" /></clipPath>
        @if (kept() < 1) {
          <rect class="fuel used" x="0" width="60" [attr.y]="s.level" height="84" [attr.clip-path]="'url(#' + id + ')'" />
        }
        <rect class="fuel" x="0" width="60" [attr.y]="s.keptLevel" height="84" [attr.clip-path]="'url(#' + id + ')'" />
        <path class="outline" [attr.d]="s.outline" />
      }
    </svg>
  `,
  styles: `
    :host {
      display: block;
    }
    .fuel {
      fill: var(--ember);
      opacity: 0.86;
    }
    .used {
      opacity: 0.26;
    }
    .outline {
      fill: none;
      stroke: var(--ink);
      stroke-width: 1.5;
    }
  `,
})
export class ContainerShape {
  private static count = 0;
  protected readonly id = `container-${ContainerShape.count++}`;
  protected readonly rem = rem;
  readonly container = input.required<Container>();
  /** Size of the drawing; 1 is 84 px high. */
  readonly scale = input(1);

  /** Share of the fuel in it that will be left, 0–1. */
  readonly kept = input(1);

  protected readonly shape = computed(() => {
    const drawn = drawnShape(this.container());
    const count = drawn.stack.length;
    // of what stands under the level, as much as is kept
    return { ...drawn, keptLevel: FOOT - (FOOT - drawn.level) * this.kept(), kept: Math.round(count * this.kept()) };
  });
}

/** Foot of every drawing, px. */
const FOOT = 82;

/** Outline and level of a container, or its tablets, px. */
function drawnShape(c: Container): { width: number; outline: string; level: number; stack: number[] } {
  if (c.kind === 'tablets')
    return { width: 44, outline: '', level: 0, stack: Array.from({ length: Math.min(10, c.count) }, (_, i) => 76 - i * 8) };
  if (c.kind === 'bottle' || c.kind === 'liquidBottle') {
    const h = c.sizeMl > 300 ? 58 : 42;
    const y = FOOT - h;
    const outline = `M8,${FOOT} V${y + 12} q0,-6 6,-8 l3,-2 v-6 h8 v6 l3,2 q6,2 6,8 V${FOOT}Z`;
    return { width: 42, outline, level: FOOT - h * 0.9 * (c.fillMl / c.sizeMl), stack: [] };
  }
  if (c.kind === 'gelTin') return { width: 44, outline: 'M2,50 h36 v32 h-36Z', level: FOOT - 30 * (c.fuelG / c.netG), stack: [] };
  const size = nearest(CAN_SHAPES, (s) => s.netG, c.netG).size;
  const [w, h] = size;
  const y = FOOT - h;
  const outline = `M2,78 V${y + 12} q1,-9 11,-10 h${(w - 26) / 2 - 1} v-4 h6 v4 h${(w - 26) / 2 - 1} q11,1 12,10 V78 q0,4 -4,4 H6 q-4,0 -4,-4Z`;
  return { width: w + 6, outline, level: FOOT - (h - 4) * (c.fuelG / c.netG), stack: [] };
}

import { ChangeDetectionStrategy, Component, input, viewChild, type ElementRef } from '@angular/core';
import type { cutaway, DrawnPiece } from '../../charts/cutaway-geometry';
import { rem } from '../../platform/page-scale';

/** Room of the drawing and about it for its measures, px. */
export const NEST_DRAWING = { width: 166, height: 210, left: 64, right: 82, top: 44, bottom: 30 };

/** The pot cut open, to scale, with what is packed so far in it. */
@Component({
  selector: 'app-nest-drawing',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg
      #figure
      [attr.viewBox]="'0 0 ' + boxWidth + ' ' + (D.top + drawn().root.height + D.bottom)"
      [style.width]="rem(boxWidth)"
      role="img"
      [attr.aria-label]="spoken()"
    >
      <g [attr.transform]="'translate(' + (D.left + D.width / 2) + ',' + (D.top + drawn().root.height) + ')'">
        @for (r of drawn().rolled; track r.id) {
          @if (r.step <= shown()) {
            <rect
              class="sheet"
              [attr.x]="-drawn().root.innerWidth / 2 + r.inset"
              [attr.y]="-drawn().root.floor - r.height"
              [attr.width]="r.wall"
              [attr.height]="r.height"
            />
            <rect
              class="sheet"
              [attr.x]="drawn().root.innerWidth / 2 - r.inset - r.wall"
              [attr.y]="-drawn().root.floor - r.height"
              [attr.width]="r.wall"
              [attr.height]="r.height"
            />
          }
        }
        @for (p of drawn().pieces; track p.id) {
          <g class="piece" [class.away]="p.step > shown()" [class]="p.role">
            @if (p.wall) {
              <path class="vessel" [attr.d]="cup(p.x, p.y, p.width, p.height)" />
            } @else {
              <path class="body" [attr.d]="body(p)" />
            }
            <text class="step" [attr.x]="p.x + p.width / 2" [attr.y]="p.wall ? p.y + 14 : p.y + p.height / 2 + 5" text-anchor="middle">
              {{ p.step }}
            </text>
          </g>
        }
        <path
          class="pot"
          [attr.d]="cup(-drawn().root.width / 2, -drawn().root.height, drawn().root.width, drawn().root.height)"
          [attr.stroke-width]="drawn().root.side + 1"
        />
        @if (lid()) {
          <path class="pot lid" [class.away]="shown() < steps()" [attr.d]="lidPath(drawn().root.width, drawn().root.height)" />
        }
        <g class="dims">
          <line [attr.x1]="-drawn().root.innerWidth / 2" [attr.x2]="drawn().root.innerWidth / 2" y1="14" y2="14" />
          <text x="0" y="27" text-anchor="middle">{{ dims().across }}</text>
          <line
            [attr.x1]="-drawn().root.width / 2 - 12"
            [attr.x2]="-drawn().root.width / 2 - 12"
            [attr.y1]="-drawn().root.floor"
            [attr.y2]="-drawn().root.floor - drawn().root.innerHeight"
          />
          <text [attr.x]="-drawn().root.width / 2 - 18" [attr.y]="-drawn().root.height / 2" text-anchor="end">{{ dims().high }}</text>
          <line
            class="full"
            [attr.x1]="drawn().root.width / 2 + 4"
            [attr.x2]="drawn().root.width / 2 + 16"
            [attr.y1]="-drawn().root.floor - drawn().full"
            [attr.y2]="-drawn().root.floor - drawn().full"
          />
          <text [attr.x]="drawn().root.width / 2 + 18" [attr.y]="-drawn().root.floor - drawn().full + 4">{{ dims().free }}</text>
        </g>
      </g>
    </svg>
  `,
  styles: `
    svg {
      display: block;
      max-width: 100%;
      height: auto;
    }
    .pot {
      fill: none;
      stroke: var(--ink);
      stroke-linejoin: round;
    }
    .lid {
      stroke-width: 3;
      transition: opacity 300ms;
    }
    .vessel {
      fill: none;
      stroke: var(--ink-quiet);
      stroke-width: 2;
    }
    .body {
      fill: var(--hill-foot);
      stroke: var(--hill-line);
      stroke-width: 1.5;
    }
    .container .body {
      fill: var(--ember-pale);
      stroke: var(--ember);
    }
    .burner .body {
      fill: var(--hill-top);
    }
    .sheet {
      fill: var(--hill-line);
    }
    .piece {
      transition:
        opacity 300ms,
        transform 500ms ease-in;
    }
    .away {
      opacity: 0;
    }
    .piece.away {
      transform: translateY(-7.5rem);
    }
    .step {
      font: 700 15px var(--signs);
      paint-order: stroke;
      stroke: var(--ground);
      stroke-width: 3px;
    }
    .dims line {
      stroke: var(--ink-quiet);
      stroke-width: 1;
    }
    .dims .full {
      stroke-dasharray: 3 2;
    }
  `,
})
export class NestDrawing {
  readonly drawn = input.required<NonNullable<ReturnType<typeof cutaway>>>();
  /** Steps of the packing that are drawn, of all there are. */
  readonly shown = input.required<number>();
  readonly steps = input.required<number>();
  readonly lid = input.required<boolean>();
  readonly dims = input.required<{ across: string; high: string; free: string }>();
  readonly spoken = input.required<string>();
  /** The drawing, for those who export it. */
  readonly figure = viewChild.required<ElementRef<SVGSVGElement>>('figure');

  protected readonly rem = rem;
  protected readonly D = NEST_DRAWING;
  protected readonly boxWidth = NEST_DRAWING.left + NEST_DRAWING.width + NEST_DRAWING.right;

  /** The outline of an open vessel. */
  protected cup(x: number, y: number, width: number, height: number): string {
    return `M${x},${y} V${y + height - 6} q0,6 6,6 H${x + width - 6} q6,0 6,-6 V${y}`;
  }

  /** A can has a domed shoulder and a collar, everything else is drawn as its box. */
  protected body({ x, y, width, height, role }: DrawnPiece): string {
    if (role !== 'container') return `M${x + 1},${y + 1} h${width - 2} v${height - 2} h${2 - width}Z`;
    const shoulder = Math.min(14, height / 3);
    const half = width / 2;
    return `M${x + 1},${y + height - 1} V${y + shoulder} Q${x + 1},${y + 5} ${x + half - 9},${y + 4} v-3 h18 v3 Q${x + width - 1},${y + 5} ${x + width - 1},${y + shoulder} V${y + height - 1}Z`;
  }

  protected lidPath(width: number, height: number): string {
    return `M${-width / 2 - 3},${-height - 5} H${width / 2 + 3} M-9,${-height - 5} v-7 h18 v7`;
  }
}

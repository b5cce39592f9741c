import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { spreadUp } from './label-spread';
import { Drawing } from '../ui/drawing';
import { measuredWidth } from '../ui/measured-width';

/** A line of a small chart: points in order; where a point has no height the line is interrupted. */
export interface ChartLine {
  name: string;
  dashed?: boolean;
  points: readonly { x: number; y: number | undefined }[];
}
/** A rule across a chart, with its words. */
export interface ChartRule {
  at: number;
  words: string;
}
export interface ChartSpec {
  /** What it shows, for those who do not see it. */
  spoken: string;
  lines: readonly ChartLine[];
  xWords: string;
  tickX: (x: number) => string;
  tickY: (y: number) => string;
  /** Heights that are always inside. */
  y: { min: number; max: number };
  across?: ChartRule;
  /** Rules from top to foot. */
  upright?: readonly ChartRule[];
}

const LABELS = 110;
/** Of a label, px. */
const LINE = 14;

/** A few lines on two axes with direct labels: for what needs no chart of its own. */
@Component({
  selector: 'app-axis-chart',
  imports: [Drawing],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let g = shape();
    <svg [appDrawing]="height() + 40" role="img" [attr.aria-label]="of().spoken">
      @for (t of g.ticksY; track t) {
        <line class="grid" x1="0" [attr.x2]="g.width" [attr.y1]="g.y(t)" [attr.y2]="g.y(t)" />
        <text class="quiet" x="-8" [attr.y]="g.y(t) + 4" text-anchor="end">{{ of().tickY(t) }}</text>
      }
      @if (of().across; as r) {
        <line class="across" x1="0" [attr.x2]="g.width" [attr.y1]="g.y(r.at)" [attr.y2]="g.y(r.at)" />
      }
      @for (r of of().upright ?? []; track r.at) {
        <line class="upright" [attr.x1]="g.x(r.at)" [attr.x2]="g.x(r.at)" y1="0" [attr.y2]="height()" />
        <text
          [attr.x]="g.x(r.at) + (g.x(r.at) > g.width / 2 ? -4 : 4)"
          y="10"
          [attr.text-anchor]="g.x(r.at) > g.width / 2 ? 'end' : 'start'"
        >
          {{ r.words }}
        </text>
      }
      @for (l of g.lines; track l.name) {
        <path [class.dashed]="l.dashed" [attr.d]="l.path" />
      }
      @for (l of g.labels; track l.name) {
        <text [attr.x]="g.width + 8" [attr.y]="l.labelY + 4">{{ l.name }}</text>
      }
      @for (t of g.ticksX; track t) {
        <text class="quiet" [attr.x]="g.x(t)" [attr.y]="height() + 18" text-anchor="middle">{{ of().tickX(t) }}</text>
      }
      <text class="quiet" [attr.x]="g.width / 2" [attr.y]="height() + 36" text-anchor="middle">{{ of().xWords }}</text>
    </svg>
  `,
  styleUrl: '../ui/figure.less',
  styles: `
    :host {
      display: block;
    }
    path {
      fill: none;
      stroke: var(--ink);
      stroke-width: 2;
    }
    path.dashed {
      stroke-dasharray: 6 4;
    }
    .across {
      stroke: var(--ember);
    }
    .upright {
      stroke: var(--control-line);
      stroke-dasharray: 2 3;
    }
  `,
})
export class AxisChart {
  readonly of = input.required<ChartSpec>();
  readonly height = input(120);
  private readonly measured = measuredWidth(560);

  protected readonly shape = computed(() => {
    const { lines, across, y: always } = this.of();
    const width = Math.max(140, this.measured() - LABELS - 60);
    const points = lines.flatMap((l) => l.points);
    const xs = points.map((p) => p.x);
    const ys = points.flatMap((p) => p.y ?? []);
    const x = scaleLinear()
      .domain([Math.min(...xs), Math.max(...xs)])
      .range([0, width]);
    const y = scaleLinear()
      .domain([Math.min(always.min, ...ys), Math.max(always.max, ...ys)])
      .nice(4)
      .range([this.height(), 4]);
    const path = line<{ x: number; y: number | undefined }>()
      .defined((p) => p.y !== undefined)
      .x((p) => x(p.x))
      .y((p) => y(p.y ?? 0));
    return {
      width,
      x,
      y,
      ticksX: x.ticks(width > 300 ? 6 : 4),
      ticksY: y.ticks(4),
      lines: lines.map((l) => ({
        name: l.name,
        dashed: l.dashed === true,
        path: path([...l.points]) ?? '',
      })),
      labels: spreadUp(
        [
          ...lines.map((l) => ({ name: l.name, labelY: y(l.points.findLast((p) => p.y !== undefined)?.y ?? always.min) })),
          ...(across ? [{ name: across.words, labelY: y(across.at) }] : []),
        ],
        LINE,
      ),
    };
  });
}

import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { WalkHere } from '@tinder/core/output/walk';
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { Z90 } from '../../charts/ribbon-left';
import { Drawing } from '../../ui/drawing';
import { measuredWidth } from '../../ui/measured-width';
import { Units } from '../../words/units';
import { taperOf, type TaperPoint } from './taper-geometry';

const HEIGHT = 180;

/** The taper of what is left: planned against what happened, and on from here with its band. */
@Component({
  selector: 'app-taper-chart',
  imports: [Drawing],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let g = shape();
    <svg [appDrawing]="height + 34" role="img" [attr.aria-label]="spoken()">
      @for (t of g.ticks; track t) {
        <line class="grid" x1="0" [attr.x2]="g.width" [attr.y1]="g.y(t)" [attr.y2]="g.y(t)" />
        <text class="quiet" x="-8" [attr.y]="g.y(t) + 4" text-anchor="end">{{ mass(t) }}</text>
      }
      <path class="band" [attr.d]="g.band" />
      <path class="planned" [attr.d]="g.planned" />
      <path class="went" [attr.d]="g.went" />
      <path class="goes" [attr.d]="g.goes" />
      @for (p of g.readings; track p.x) {
        <circle r="4" [attr.cx]="g.x(p.x)" [attr.cy]="g.y(p.leftG)" />
      }
      <line class="now" [attr.x1]="g.x(g.now)" [attr.x2]="g.x(g.now)" y1="0" [attr.y2]="height" />
      <text [attr.x]="g.x(g.now) + 4" y="12">here</text>
      @for (d of g.days; track d.day) {
        <text class="quiet" [attr.x]="g.x(d.x)" [attr.y]="height + 16" text-anchor="middle">{{ d.day }}</text>
      }
      <text class="quiet" [attr.x]="g.width / 2" [attr.y]="height + 32" text-anchor="middle">day</text>
    </svg>
    <p class="quiet">
      Full line: as it went, dots where it was read. Thin line: as planned. Broken line: from here on, nine of ten within the band.
    </p>
  `,
  styleUrl: '../../ui/figure.less',
  styles: `
    :host {
      display: block;
      margin: 0.5rem 0;
    }
    p {
      margin: 0;
      font-size: 0.875rem;
    }
    path {
      fill: none;
      stroke: var(--ember);
      stroke-width: 2;
    }
    path.band {
      fill: var(--ember);
      fill-opacity: 0.18;
      stroke: none;
    }
    path.planned {
      stroke: var(--ink-quiet);
      stroke-width: 1;
    }
    path.goes {
      stroke-dasharray: 6 4;
    }
    circle {
      fill: var(--ink);
    }
    .now {
      stroke: var(--control-line);
      stroke-dasharray: 2 3;
    }
  `,
})
export class TaperChart {
  private readonly units = inject(Units);
  readonly here = input.required<WalkHere>();
  private readonly width = measuredWidth(700);
  protected readonly height = HEIGHT;
  protected readonly mass = (g: number): string => this.units.text(g, 'mass');

  protected readonly shape = computed(() => {
    const taper = taperOf(this.here());
    const width = Math.max(120, this.width() - 64);
    const x = scaleLinear([0, taper.steps], [0, width]);
    const y = scaleLinear([0, taper.mostG], [HEIGHT, 0]).clamp(true);
    const path = line<{ x: number; leftG: number }>(
      (p) => x(p.x),
      (p) => y(p.leftG),
    );
    const band = area<TaperPoint>(
      (p) => x(p.x),
      (p) => y(p.leftG - Z90 * p.sdG),
      (p) => y(p.leftG + Z90 * p.sdG),
    );
    const all = [...taper.past, ...taper.ahead.slice(1)];
    return {
      width,
      x,
      y,
      ticks: y.ticks(4),
      planned: path(taper.planned) ?? '',
      went: path(taper.past) ?? '',
      goes: path(taper.ahead) ?? '',
      band: band(all) ?? '',
      readings: taper.past.filter((p) => p.reading),
      now: Math.max(0, taper.past.length - 1),
      days: all.filter((p, i) => i === 0 || p.day !== all[i - 1].day),
    };
  });
  protected readonly spoken = computed(() => {
    const { past, forecast, carry } = this.here();
    const [first, last] = [past[0], past.at(-1)];
    const end = forecast.steps.at(-1);
    const went =
      first && last
        ? `From ${this.mass(first.leftG)} to ${this.mass(last.leftG)} so far, where the plan has ${this.mass(last.plannedG)}. `
        : '';
    return `${went}${end ? `At ${carry.to} ${this.mass(Math.max(0, end.leftG))} are reckoned with, give or take ${this.mass(Z90 * end.sdG)}.` : ''}`;
  });
}

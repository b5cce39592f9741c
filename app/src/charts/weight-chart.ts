import { ChangeDetectionStrategy, Component, computed, inject, input, viewChild, type ElementRef } from '@angular/core';
import type { Plan } from '@tinder/core/planned';
import type { KitLine } from '@tinder/core/study';
import { plainNumber } from '@tinder/core/units';
import { DayMarker } from '../planning/day-marker';
import { TrailAxis } from './trail-axis';
import { Drag } from '../ui/drag';
import { measuredWidth } from '../ui/measured-width';
import { Units } from '../words/units';
import { carriedWords } from '../words/weight-words';
import { kitDash } from './kit-dashes';
import { weightGeometry, type Layer } from './weight-geometry';

/** Carried weight day by day, stacked: pieces, empty containers, fuel. Every morning in figures stands with the legs. */
@Component({
  selector: 'app-weight-chart',
  imports: [Drag],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg
      #figure
      width="100%"
      [attr.height]="height() + 4"
      role="img"
      [attr.aria-label]="spoken()"
      appDrag="point"
      (pointed)="marker.goTo(axis().dayAt($event.x))"
    >
      <defs>
        <pattern id="containers" width="6" height="6" patternUnits="userSpaceOnUse">
          <circle cx="3" cy="3" r="1" class="dot" />
        </pattern>
      </defs>
      <rect class="catch" width="100%" [attr.height]="height()" />
      @for (layer of shape().layers; track layer.name) {
        <path [attr.d]="layer.path" [class]="layer.name" />
        @if (layer.name === 'containers') {
          <path [attr.d]="layer.path" fill="url(#containers)" />
        }
      }
      @for (w of shape().water; track w.x) {
        <rect class="water" [attr.x]="w.x" [attr.width]="w.width" [attr.y]="w.y" [attr.height]="w.height" />
        <text class="water" [attr.x]="w.x + w.width / 2" [attr.y]="w.y + 12" text-anchor="middle">
          {{ units.text(w.massG, 'mass') }} water
        </text>
      }
      @for (g of shape().ticksG; track g) {
        <line class="grid" x1="0" [attr.x2]="axis().width" [attr.y1]="y(g)" [attr.y2]="y(g)" />
        <text class="quiet" x="-8" [attr.y]="y(g) + 4" text-anchor="end">{{ tick(g, $last) }}</text>
      }
      @for (o of shape().others; track o.id) {
        <path class="other" [attr.d]="o.path" [attr.stroke-dasharray]="dash($index)">
          <title>{{ o.name }}{{ o.isMean ? ', on the mean between stops' : '' }}</title>
        </path>
      }
      <path class="total" [attr.d]="shape().total" />
      @for (layer of shape().layers; track layer.name) {
        @if (layer.height > 13) {
          <text [class]="'label ' + layer.name" x="8" [attr.y]="layer.labelY + 4">{{ label(layer) }}</text>
        }
      }
      @for (s of shape().starts; track s.x) {
        @if ($index > 0) {
          <line class="rule" [attr.x1]="s.x" [attr.x2]="s.x" y1="0" [attr.y2]="height()" />
        }
      }
      @for (s of shape().starts; track s.x) {
        @if (s.room) {
          <text class="sum" [attr.x]="s.x + 8" [attr.y]="y(s.g) - 5">{{ units.text(s.g, 'mass') }}</text>
        }
      }
      <text class="sum" [attr.x]="axis().width - 8" [attr.y]="y(shape().endG) - 5" text-anchor="end">
        {{ units.text(shape().endG, 'mass') }}
      </text>
    </svg>
  `,
  styles: `
    :host {
      display: block;
      position: relative;
    }
    svg {
      display: block;
      overflow: visible;
    }
    .catch {
      fill: transparent;
    }
    .hardware {
      fill: var(--hill-top);
      opacity: 0.55;
    }
    .containers {
      fill: var(--hairline);
      opacity: 0.6;
    }
    .fuel {
      fill: var(--ember);
      opacity: 0.86;
    }
    .reserve {
      fill: var(--ember-pale);
      opacity: 0.8;
    }
    rect.water {
      fill: var(--glacier);
      opacity: 0.35;
    }
    text.water {
      fill: var(--glacier);
      font-weight: 600;
    }
    // words and figures interrupt the lines that run under them
    svg text {
      paint-order: stroke;
      stroke: var(--ground);
      stroke-width: 5px;
      stroke-linejoin: round;
    }
    path.other {
      fill: none;
      stroke: var(--ink-quiet);
      stroke-width: 1.2;
    }
    .dot {
      fill: var(--control-line);
    }
    .grid {
      stroke: var(--hairline);
    }
    .rule {
      stroke: var(--ink);
      stroke-width: 1.4;
    }
    .total {
      fill: none;
      stroke: var(--ink);
      stroke-width: 2.2;
    }
    text.label {
      fill: var(--ink);
      opacity: 1;
      font-weight: 600;
    }
    text.sum {
      font: 700 14px var(--signs);
    }
  `,
})
export class WeightChart {
  protected readonly units = inject(Units);
  protected readonly marker = inject(DayMarker);
  private readonly trail = inject(TrailAxis);
  readonly plan = input.required<Plan>();
  /** Other kits on the same trip. */
  readonly others = input<readonly KitLine[]>([]);
  readonly height = input(138);
  /** The drawing, for those who export it. */
  readonly figure = viewChild.required<ElementRef<SVGSVGElement>>('figure');

  protected readonly dash = kitDash;
  private readonly width = measuredWidth(1080);
  private readonly unitG = computed(() => this.units.unit('mass').factor);
  protected readonly axis = computed(() => this.trail.of(this.plan(), this.width()));
  protected readonly spoken = computed(() => carriedWords(this.plan(), this.units));
  protected readonly shape = computed(() => weightGeometry(this.plan(), this.axis(), this.height(), this.unitG(), this.others()));

  protected y(massG: number): number {
    return this.shape().y(massG / this.unitG());
  }

  /** Tick numbers; the topmost carries the unit. */
  protected tick(massG: number, last: boolean): string {
    const value = Math.round((massG / this.unitG()) * 100) / 100;
    return `${plainNumber(value)}${last ? ' ' + this.units.unit('mass').symbol : ''}`;
  }

  protected label(layer: Layer): string {
    const start = this.units.text(layer.startG, 'mass');
    const names = { hardware: 'burner, pot and the rest', containers: 'empty containers', reserve: 'reserve', fuel: 'fuel to burn' };
    return layer.name === 'fuel' ? names.fuel : `${names[layer.name]} ${start}`;
  }
}

import { ChangeDetectionStrategy, Component, computed, inject, input, viewChild, type ElementRef } from '@angular/core';
import { carryIndexOfDay, carryOfDay, type Plan } from '@tinder/core/planning/planned';
import type { KitLine } from '@tinder/core/studies/study';
import { stopDays } from '@tinder/core/domain/trail';
import { plainNumber } from '@tinder/core/foundation/units';
import { DayMarker } from '../planning/day-marker';
import { TrailAxis } from './trail-axis';
import { Drag } from '../ui/drag';
import { Drawing } from '../ui/drawing';
import { measuredWidth } from '../ui/measured-width';
import { WorkspaceStore } from '../store/workspace-store';
import { Units } from '../words/units';
import { carriedWords } from '../words/weight-words';
import { weightGeometry } from './weight-geometry';

/** What a label takes, px. */
const LINE_PX = 15;
const LETTER_PX = 6.4;

/** Carried weight day by day, stacked: pieces, empty containers, fuel. Every morning in figures stands with the legs. */
@Component({
  selector: 'app-weight-chart',
  imports: [Drag, Drawing],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg
      #figure
      [appDrawing]="height() + 4"
      role="img"
      [attr.aria-label]="spoken()"
      appDrag="point"
      (pointed)="marker.goTo(axis().dayAt($event.x))"
    >
      <rect class="catch" width="100%" [attr.height]="height()" />
      @let here = leg();
      <clipPath id="leg-here"><rect [attr.x]="here.x" [attr.width]="here.width" [attr.height]="height()" /></clipPath>
      <rect class="leg" [attr.x]="here.x" [attr.width]="here.width" [attr.height]="height()" />
      @for (g of shape().ticksG; track g) {
        <line class="grid" x1="0" [attr.x2]="axis().width" [attr.y1]="y(g)" [attr.y2]="y(g)" />
        @if (y(g) > 20) {
          <text class="quiet" x="-8" [attr.y]="y(g) + 4" text-anchor="end">{{ tick(g) }}</text>
        }
      }
      <text class="title" x="-8" y="8" text-anchor="end">Weight, {{ units.unit('mass').symbol }}</text>
      @for (layer of shape().layers; track layer.name) {
        <path [attr.d]="layer.path" [class]="layer.name + ' pale'" />
        <path [attr.d]="layer.path" [class]="layer.name" clip-path="url(#leg-here)" />
      }
      @for (w of shape().water; track w.x) {
        <rect class="water" [attr.x]="w.x" [attr.width]="w.width" [attr.y]="w.y" [attr.height]="w.height" />
        <text class="water" [attr.x]="w.x + w.width / 2" [attr.y]="w.y + 12" text-anchor="middle">
          {{ units.text(w.massG, 'mass') }} water
        </text>
      }
      @for (o of shape().others; track o.id) {
        <path class="other" [attr.d]="o.path">
          <title>{{ o.name }}{{ o.isMean ? ', on the mean between stops' : '' }}</title>
        </path>
      }
      <path class="total" [attr.d]="shape().total" />
      <path class="total here" [attr.d]="shape().total" clip-path="url(#leg-here)" />
      @for (x of stopsX(); track $index) {
        <line
          class="rule"
          [class.here]="x === here.x || x === here.x + here.width"
          [attr.x1]="x"
          [attr.x2]="x"
          y1="0"
          [attr.y2]="height()"
        />
      }
      <line class="now" [attr.x1]="axis().middle(marker.day())" [attr.x2]="axis().middle(marker.day())" y1="0" [attr.y2]="height()" />
      @for (l of labels(); track l.words) {
        <text class="label" [attr.x]="here.x + 8" [attr.y]="l.y + 4">{{ l.words }}</text>
      }
      @for (l of shape().legs; track l.x) {
        @if (l.room) {
          <text class="sum" [class.here]="l.x === here.x" [attr.x]="l.x + 8" [attr.y]="y(l.g) - 6">{{ units.text(l.g, 'mass') }}</text>
        }
      }
      <text class="sum" [attr.x]="axis().width + 6" [attr.y]="y(shape().endG) + 4">{{ units.text(shape().endG, 'mass') }}</text>
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
    .leg {
      fill: var(--field);
    }
    .hardware {
      fill: var(--hill-top);
      opacity: 0.7;
    }
    .containers {
      fill: var(--hill-top);
      opacity: 0.4;
    }
    .fuel {
      fill: var(--ember);
    }
    .reserve {
      fill: var(--ember-pale);
    }
    // the leg at hand in full colour, the others pale
    .hardware.pale,
    .containers.pale {
      opacity: 0.3;
    }
    .fuel.pale,
    .reserve.pale {
      opacity: 0.42;
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
    svg text.sum,
    svg text.water {
      paint-order: stroke;
      stroke: var(--ground);
      stroke-width: 4px;
      stroke-linejoin: round;
    }
    svg text.sum.here {
      stroke: var(--field);
      font-size: 18px;
      font-weight: 700;
    }
    path.other {
      fill: none;
      stroke: var(--ink);
      stroke-width: 1.4;
      stroke-dasharray: 5 4;
    }
    .grid {
      stroke: var(--hairline);
    }
    .rule {
      stroke: var(--control-line);
      stroke-width: 1;
    }
    .rule.here {
      stroke: var(--ink);
      stroke-width: 1.8;
    }
    .now {
      stroke: var(--ink);
      stroke-dasharray: 2 3;
    }
    .total {
      fill: none;
      stroke: var(--ink);
      stroke-width: 1.8;
    }
    .total.here {
      stroke-width: 3.2;
    }
    text.label {
      font-weight: 500;
    }
    text.title,
    text.sum {
      font-weight: 600;
    }
  `,
})
export class WeightChart {
  protected readonly units = inject(Units);
  protected readonly marker = inject(DayMarker);
  private readonly trail = inject(TrailAxis);
  private readonly store = inject(WorkspaceStore);
  readonly plan = input.required<Plan>();
  /** Other kits on the same trip, each a dashed line. */
  readonly others = input<readonly KitLine[]>([]);
  readonly height = input(138);
  /** The drawing, for those who export it. */
  readonly figure = viewChild.required<ElementRef<SVGSVGElement>>('figure');

  private readonly width = measuredWidth(1080);
  private readonly unitG = computed(() => this.units.unit('mass').factor);
  protected readonly axis = computed(() => this.trail.of(this.plan(), this.width()));
  protected readonly spoken = computed(() => carriedWords(this.plan(), this.units));
  protected readonly shape = computed(() => weightGeometry(this.plan(), this.axis(), this.height(), this.unitG(), this.others()));

  protected readonly stopsX = computed(() => stopDays(this.store.trip()).map((day) => this.axis().x(day)));
  /** The leg that the marked day lies in. */
  protected readonly leg = computed(() => this.shape().legs[carryIndexOfDay(this.plan(), this.marker.day())]);
  /** What the layers below the fuel are, where they have room to say it. */
  protected readonly labels = computed(() => {
    const carry = carryOfDay(this.plan(), this.marker.day());
    const kit = { words: `Cook kit ${this.units.text(carry.hardwareG, 'mass')}`, fromG: 0, toG: carry.hardwareG };
    const cans = {
      words: `Containers ${this.units.text(carry.tareG, 'mass')}`,
      fromG: carry.hardwareG,
      toG: carry.hardwareG + carry.tareG,
    };
    return [kit, cans].flatMap(({ words, fromG, toG }) => {
      const hasRoom = this.y(fromG) - this.y(toG) > LINE_PX && this.leg().width > words.length * LETTER_PX + 12;
      return hasRoom ? [{ words, y: this.y((fromG + toG) / 2) }] : [];
    });
  });

  protected y(massG: number): number {
    return this.shape().y(massG / this.unitG());
  }

  protected tick(massG: number): string {
    return plainNumber(Math.round((massG / this.unitG()) * 100) / 100);
  }
}

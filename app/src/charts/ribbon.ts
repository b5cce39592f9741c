import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Plan, Trip } from '@tinder/core';
import { DayMarker } from '../state/day-marker';
import { measuredWidth } from '../ui/measured-width';
import { Units } from '../ui/units';
import { RIBBON, ribbonGeometry } from './ribbon-geometry';
import { timeAxis } from './time-axis';

/** The shared time axis: height of the land, cold of the nights, wind, camps; under it the taper of fuel on hand. */
@Component({
  selector: 'app-ribbon',
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './ribbon.html',
  styleUrl: './ribbon.less',
})
export class Ribbon {
  protected readonly units = inject(Units);
  protected readonly marker = inject(DayMarker);
  protected readonly R = RIBBON;

  readonly plan = input.required<Plan>();
  readonly trip = input.required<Trip>();

  private readonly width = measuredWidth(1080);
  protected readonly axis = computed(() => timeAxis(this.plan().days.length, this.width()));
  protected readonly shape = computed(() => ribbonGeometry(this.plan(), this.axis()));
  /** Day numbers that have room to be written. */
  protected readonly numbered = computed(() => {
    const every = Math.ceil(26 / (this.width() / this.axis().dayCount));
    return this.shape().days.filter((d) => d.day % every === 0 || d.day === 1);
  });
  protected readonly narrow = computed(() => this.width() < 500);

  protected readonly spoken = computed(() => {
    const d = this.plan().days[this.marker.day() - 1];
    const slice = this.shape().taper[this.marker.day() - 1];
    return (
      `day ${d.day}: camp at ${this.units.text(d.altitudeM, 'altitude')}, supper ${this.units.text(d.supperAirC, 'temperature')}, ` +
      `breakfast ${this.units.text(d.breakfastAirC, 'temperature')}, fuel ${this.units.text(slice.startG, 'mass')} to ${this.units.text(slice.endG, 'mass')}`
    );
  });

  protected hover(event: PointerEvent): void {
    const box = (event.currentTarget as Element).getBoundingClientRect();
    this.marker.goTo(this.axis().dayAt(event.clientX - box.left));
  }

  protected key(event: KeyboardEvent): void {
    const day = this.marker.day();
    const to = { ArrowRight: day + 1, ArrowLeft: day - 1, ArrowUp: day + 1, ArrowDown: day - 1, Home: 1, End: this.marker.dayCount() }[
      event.key
    ];
    if (to === undefined) return;
    event.preventDefault();
    this.marker.goTo(to);
  }

  protected strokes(n: number): number[] {
    return Array.from({ length: n }, (_, i) => i);
  }
}

import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { dayCount, moveStop, planDayOf, stopDays, stretchLeg, type Plan, type Trip } from '@tinder/core';
import { DayMarker } from '../state/day-marker';
import { TrailAxis } from '../state/trail-axis';
import { RiskService } from '../state/risk-service';
import { WorkspaceStore } from '../state/workspace-store';
import { measuredWidth } from '../ui/measured-width';
import { Units } from '../ui/units';
import { RIBBON, ribbonGeometry } from './ribbon-geometry';

const BAN_WORDS = { noOpenFlame: 'no open flame', noFlame: 'no flame', unknown: 'flame rules unknown' };

/**
 * The shared time axis: height of the land, cold of the nights, wind, camps, stops; under it the taper of fuel on hand.
 * Where it is `editable`, days are brushed over the land and stops are dragged, by pointer or by keys.
 */
@Component({
  selector: 'app-ribbon',
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './ribbon.html',
  styleUrl: './ribbon.less',
})
export class Ribbon {
  protected readonly units = inject(Units);
  protected readonly marker = inject(DayMarker);
  protected readonly risk = inject(RiskService);
  private readonly trail = inject(TrailAxis);
  private readonly store = inject(WorkspaceStore);
  protected readonly R = RIBBON;
  protected readonly banWords = BAN_WORDS;

  readonly plan = input.required<Plan>();
  readonly editable = input(false);

  private readonly width = measuredWidth(1080);
  /** The trip as it is now; while a plan is on its way its length may differ, then the planned days stand. */
  private readonly trip = this.store.trip;
  protected readonly axis = computed(() => this.trail.of(this.plan(), this.width()));
  protected readonly shape = computed(() => ribbonGeometry(this.trip(), this.plan(), this.axis()));
  /** Day numbers that have room to be written. */
  protected readonly numbered = computed(() => {
    const every = Math.ceil(26 / (this.width() / this.axis().dayCount));
    return this.shape().days.filter((d) => d.day % every === 0 || d.day === 1);
  });
  /** Strokes and camps are drawn where a day is wide enough for them. */
  protected readonly roomy = computed(() => this.width() / this.axis().dayCount > 18);
  protected readonly brush = computed(() => {
    if (!this.marker.brushed()) return undefined;
    const { from, to } = this.marker.brush();
    return { x: this.axis().x(from - 1), width: this.axis().x(to) - this.axis().x(from - 1) };
  });

  protected readonly spoken = computed(() => {
    const d = planDayOf(this.plan(), this.marker.day());
    const slice = this.shape().taper[d.day - 1];
    const { from, to } = this.marker.brush();
    return (
      `day ${d.day}: camp at ${this.units.text(d.altitudeM, 'altitude')}, supper ${this.units.text(d.supperAirC, 'temperature')}, ` +
      `breakfast ${this.units.text(d.breakfastAirC, 'temperature')}, fuel ${this.units.text(slice.startG, 'mass')} to ${this.units.text(slice.endG, 'mass')}` +
      (this.risk.daysOverLimit().has(d.day) ? ', may have run out by then more often than the limit allows' : '') +
      (this.marker.brushed() ? `; days ${from} to ${to} brushed` : '')
    );
  });

  private dragging: { stop: number; stretch: boolean; gesture: string } | 'brush' | undefined;

  protected press(event: PointerEvent): void {
    const day = this.dayAt(event);
    this.marker.release();
    this.marker.goTo(day);
    if (!this.editable() || event.button !== 0) return;
    this.dragging = 'brush';
    (event.currentTarget as Element).setPointerCapture?.(event.pointerId);
  }

  /** Takes hold of a stop: it moves between its legs; with Shift the leg before it grows or shrinks. */
  protected pressStop(event: PointerEvent, stop: number): void {
    if (!this.isInner(stop)) return;
    event.stopPropagation();
    (event.currentTarget as Element).closest('svg')?.setPointerCapture?.(event.pointerId);
    this.dragging = { stop, stretch: event.shiftKey, gesture: `stop-${stop}-${event.timeStamp}` };
    this.marker.release();
    this.marker.goTo(stopDays(this.trip())[stop]);
  }

  protected move(event: PointerEvent): void {
    if (this.dragging === undefined) {
      if (!this.marker.brushed()) this.marker.goTo(this.dayAt(event));
      return;
    }
    if (this.dragging === 'brush') {
      const day = this.dayAt(event);
      if (day !== this.marker.day()) this.marker.hold();
      this.marker.goTo(day);
      return;
    }
    const box = (event.currentTarget as Element).getBoundingClientRect();
    const boundary = this.axis().boundaryAt(event.clientX - box.left);
    this.putStop(this.dragging.stop, boundary, this.dragging.stretch, this.dragging.gesture);
  }

  protected drop(): void {
    if (typeof this.dragging === 'object') this.store.endGesture();
    this.dragging = undefined;
  }

  protected key(event: KeyboardEvent): void {
    const day = this.marker.day();
    const to = { ArrowRight: day + 1, ArrowLeft: day - 1, ArrowUp: day + 1, ArrowDown: day - 1, Home: 1, End: this.marker.dayCount() }[
      event.key
    ];
    if (event.key === 'Escape' && this.marker.brushed()) this.marker.release();
    if (to === undefined) return;
    event.preventDefault();
    if (event.shiftKey && this.editable()) this.marker.hold();
    else this.marker.release();
    this.marker.goTo(to);
  }

  protected keyStop(event: KeyboardEvent, stop: number): void {
    const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
    if (by === undefined || !this.isInner(stop)) return;
    event.preventDefault();
    event.stopPropagation();
    this.putStop(stop, stopDays(this.trip())[stop] + by, event.shiftKey);
    this.marker.goTo(stopDays(this.trip())[stop]);
  }

  protected isInner(stop: number): boolean {
    return this.editable() && stop > 0 && stop < this.trip().stops.length - 1;
  }

  protected stopName(stop: number): string {
    return this.trip().stops[stop].name;
  }

  protected stopDay(stop: number): number {
    return stopDays(this.trip())[stop];
  }

  protected strokes(n: number): number[] {
    return Array.from({ length: n }, (_, i) => i);
  }

  /** Puts a stop at the end of `day`: between its legs, or by stretching the leg before it. */
  private putStop(stop: number, day: number, stretch: boolean, gesture?: string): void {
    const { name } = this.trip().stops[stop];
    const by = (t: Trip): number => day - stopDays(t)[stop];
    if (stretch) this.store.editTrail(`days to ${name}`, (t) => stretchLeg(t, stop - 1, t.legs[stop - 1].days.length + by(t)), gesture);
    else this.store.editTrip(`move ${name}`, (t) => moveStop(t, stop, by(t)), gesture);
  }

  private dayAt(event: PointerEvent): number {
    const box = (event.currentTarget as Element).getBoundingClientRect();
    return Math.min(dayCount(this.trip()), this.axis().dayAt(event.clientX - box.left));
  }
}

import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Trip } from '@tinder/core/domain/model';
import { carryIndexOfDay, planDayOf, type Plan } from '@tinder/core/planning/planned';
import { dayCount, moveStop, stopDays, stretchLeg } from '@tinder/core/domain/trail';
import { DayMarker } from '../planning/day-marker';
import { TrailAxis } from './trail-axis';
import { RiskService } from '../planning/risk-service';
import { WorkspaceStore } from '../store/workspace-store';
import { Drag, stepTo, type DraggedTo, type KeyStep } from '../ui/drag';
import { Drawing } from '../ui/drawing';
import { measuredWidth } from '../ui/measured-width';
import { BAN_WORDS, dayOnRibbonWords } from '../words/ribbon-words';
import { oddsWords } from '../words/risk-words';
import { Units } from '../words/units';
import { RibbonFold } from './ribbon-fold';
import { FOLDED_RIBBON, RIBBON, ribbonBans, ribbonLand, ribbonStops, ribbonTaper } from './ribbon-geometry';
import { leftShapes, type LeftPoint } from './ribbon-left';

/** Width of a digit in a chance, px. */
const DIGIT_PX = 4.6;

/**
 * The shared time axis: height of the land, cold of the nights, wind, camps, stops; under it the taper of fuel on hand.
 * Folded it keeps to what the answer hangs on. Where it is `editable`, days are brushed over the land and stops are dragged, by pointer or by keys.
 */
@Component({
  selector: 'app-ribbon',
  imports: [Drag, Drawing],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './ribbon.html',
  styleUrl: './ribbon.less',
})
export class Ribbon {
  protected readonly units = inject(Units);
  protected readonly marker = inject(DayMarker);
  protected readonly risk = inject(RiskService);
  private readonly trail = inject(TrailAxis);
  private readonly fold = inject(RibbonFold);
  private readonly store = inject(WorkspaceStore);
  protected readonly banWords = BAN_WORDS;

  readonly plan = input.required<Plan>();
  readonly editable = input(false);
  /** What is really left on a walk, over the planned taper; none before it is walked. */
  readonly left = input<readonly LeftPoint[]>([]);
  /** Room at its right, px: the last stop and what is left there are written into it. */
  readonly roomBeyond = input(0);
  /** Drawn low, until the walker unfolds it: where it is looked at, not worked on. */
  readonly low = input(false);

  private readonly width = measuredWidth(1080);
  /** The trip as it is now; while a plan is on its way its length may differ, then the planned days stand. */
  private readonly trip = this.store.trip;
  protected readonly axis = computed(() => this.trail.of(this.plan(), this.width()));
  protected readonly folded = computed(() => this.low() && !this.fold.unfolded());
  protected readonly rows = computed(() => (this.folded() ? FOLDED_RIBBON : RIBBON));
  private readonly profile = computed(() => this.trip().profile);
  protected readonly land = computed(() => ribbonLand({ profile: this.profile() }, this.plan(), this.axis(), this.rows()));
  protected readonly taper = computed(() => ribbonTaper(this.plan(), this.axis(), this.rows()));
  protected readonly stops = computed(() => ribbonStops(this.trip(), this.axis(), this.roomBeyond()));
  protected readonly bans = computed(() => ribbonBans(this.trip(), this.axis()));
  /** Days by whose end the fuel is gone too often. */
  protected readonly glowing = computed(() => {
    const [{ slices, outline }, { x }, over] = [this.taper(), this.axis(), this.risk.daysOverLimit()];
    return slices
      .filter((s) => over.has(s.day))
      .map((s) => ({ day: s.day, outline: outline(s), x: x(s.day - 1), width: x(s.day) - x(s.day - 1) }));
  });
  /** Where the marked day lies. */
  protected readonly nowX = computed(() => this.axis().middle(this.marker.day()));
  /** The leg that the marked day lies in, between the stops that fill up. */
  protected readonly leg = computed(() => {
    const leg = this.taper().legs[carryIndexOfDay(this.plan(), this.marker.day())];
    const { x } = this.axis();
    return { ...leg, x: x(leg.firstDay - 1), width: x(leg.lastDay) - x(leg.firstDay - 1) };
  });
  /** Legs that run out more often than the walker accepts, each with its chance. */
  protected readonly risky = computed(() =>
    this.plan().carries.flatMap((carry) => {
      const risk = this.risk.of(carry);
      if (!risk || risk.runOut <= this.risk.limit()) return [];
      const words = oddsWords(risk.runOut);
      const x = this.axis().x(carry.days[carry.days.length - 1].day) - 6;
      return [{ words, x, triangleX: x - words.length * DIGIT_PX - 12 }];
    }),
  );
  protected readonly leftShape = computed(() =>
    this.left().length > 1 ? leftShapes(this.left(), this.plan(), this.axis(), this.rows()) : undefined,
  );
  /** Day numbers that have room to be written. */
  protected readonly numbered = computed(() => {
    const every = Math.ceil(26 / (this.width() / this.axis().dayCount));
    const marked = this.marker.day();
    // the marked day is always named; where days are narrow its neighbours make room
    return this.land().days.filter(
      (d) => d.day === marked || ((d.day % every === 0 || d.day === 1) && (every === 1 || Math.abs(d.day - marked) >= every)),
    );
  });
  /** Strokes and camps are drawn where a day is wide enough for them. */
  protected readonly roomy = computed(() => !this.folded() && this.width() / this.axis().dayCount > 18);
  protected readonly brush = computed(() => {
    if (!this.marker.brushed()) return undefined;
    const { from, to } = this.marker.brush();
    return { x: this.axis().x(from - 1), width: this.axis().x(to) - this.axis().x(from - 1) };
  });

  protected readonly spoken = computed(() => {
    const d = planDayOf(this.plan(), this.marker.day());
    const slice = this.taper().slices[d.day - 1];
    const { from, to } = this.marker.brush();
    return dayOnRibbonWords(d, slice, this.units, {
      overLimit: this.risk.daysOverLimit().has(d.day),
      brush: this.marker.brushed() ? { from, to } : undefined,
    });
  });

  /** The stop that is dragged: whether it moves between its legs, or stretches the one before it. */
  private held: { gesture: string; stretch: boolean } | undefined;

  /** The marker follows the pointer, unless it would take a brush along. */
  protected look(x: number): void {
    if (!this.editable() || !this.marker.brushed()) this.marker.goTo(this.dayAt(x));
  }

  protected brushTo({ x, begins }: DraggedTo): void {
    const day = this.dayAt(x);
    if (begins) this.marker.release();
    else if (day !== this.marker.day()) this.marker.hold();
    this.marker.goTo(day);
  }

  protected step(step: KeyStep): void {
    const to = stepTo(step, this.marker.day(), { min: 1, max: this.marker.dayCount() });
    if (step.shift && this.editable()) this.marker.hold();
    else this.marker.release();
    this.marker.goTo(to);
  }

  /** A stop moves between its legs; with Shift the leg before it grows or shrinks. */
  protected dragStop(stop: number, { x, shift, begins, gesture }: DraggedTo): void {
    if (begins) {
      this.held = { gesture, stretch: shift };
      this.marker.release();
      this.marker.goTo(stopDays(this.trip())[stop]);
    } else if (this.held) this.putStop(stop, this.axis().boundaryAt(x), this.held.stretch, this.held.gesture);
  }

  protected stepStop(stop: number, step: KeyStep): void {
    if ('to' in step) return;
    this.putStop(stop, stopDays(this.trip())[stop] + step.by, step.shift);
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

  private dayAt(x: number): number {
    return Math.min(dayCount(this.trip()), this.axis().dayAt(x));
  }
}
